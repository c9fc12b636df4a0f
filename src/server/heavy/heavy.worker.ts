import { parentPort } from 'node:worker_threads';
import { HEAVY, type HeavyReply, type HeavyRequest } from './jobs';

parentPort!.on('message', ({ id, name, args }: HeavyRequest) => {
  let reply: HeavyReply;
  try {
    reply = { id, ok: true, value: (HEAVY[name] as (...given: unknown[]) => unknown)(...args) };
  } catch (error) {
    const { name: kind, message, stack } = error as Error;
    reply = { id, ok: false, name: kind, message, stack };
  }
  parentPort!.postMessage(reply);
});
