import { EventEmitter } from 'node:events';
import type { HeavyRequest } from './jobs';
import { LONGEST_MS, Pool, QUEUE_MOST, type Threadlike } from './pool';

/** A thread that does nothing until it is told to answer. */
class FakeThread extends EventEmitter {
  asked: HeavyRequest[] = [];
  ended = false;
  postMessage = (request: HeavyRequest) => void this.asked.push(request);
  ref = () => {};
  unref = () => {};
  terminate = async () => ((this.ended = true), 0);
  answer = (value: unknown) => this.emit('message', { id: this.asked.at(-1)!.id, ok: true, value });
}

function makePool(most: number) {
  const threads: FakeThread[] = [];
  const pool = new Pool(most, () => {
    threads.push(new FakeThread());
    return threads.at(-1) as unknown as Threadlike;
  });
  return { pool, threads, ask: (n: number) => pool.run('parseLines', [n]) };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('so many run at once, the others wait their turn in order, and a thread is used again', async () => {
  const { threads, ask } = makePool(2);
  const answers = [1, 2, 3].map(ask);
  expect(threads.map(({ asked }) => asked.map(({ args }) => args[0]))).toEqual([[1], [2]]);
  threads[1]!.answer('second');
  expect(threads[1]!.asked.map(({ args }) => args[0])).toEqual([2, 3]);
  threads[0]!.answer('first');
  threads[1]!.answer('third');
  expect(await Promise.all(answers)).toEqual(['first', 'second', 'third']);
  expect(threads).toHaveLength(2);
});

test('what is wrong with the question comes back as that, and the thread goes on', async () => {
  const { threads, ask } = makePool(1);
  const refused = ask(1);
  threads[0]!.emit('message', { id: threads[0]!.asked[0]!.id, ok: false, name: 'RangeError', message: 'too thick' });
  await expect(refused).rejects.toThrow(RangeError);
  await expect(refused).rejects.toThrow('too thick');
  const next = ask(2);
  threads[0]!.answer('well');
  expect(await next).toBe('well');
});

test('past the limit of the queue it is busy at once, with a time to come again', async () => {
  const { ask } = makePool(1);
  for (let n = 0; n <= QUEUE_MOST; n++) void ask(n).catch(() => undefined);
  await expect(ask(-1)).rejects.toMatchObject({ problem: { status: 503 }, headers: { 'Retry-After': '1' } });
});

test('a sum that is stuck is let go with its thread, and those behind it are done by another', async () => {
  const { threads, ask } = makePool(1);
  const stuck = ask(1);
  const behind = ask(2);
  const said = expect(stuck).rejects.toMatchObject({ problem: { status: 503 } });
  jest.advanceTimersByTime(LONGEST_MS + 1);
  await said;
  expect([threads.length, threads[0]!.ended]).toEqual([2, true]);
  threads[1]!.answer('done');
  expect(await behind).toBe('done');
});

test('a thread that dies fails its own sum alone', async () => {
  const { threads, ask } = makePool(1);
  const lost = ask(1);
  const behind = ask(2);
  threads[0]!.emit('error', new Error('out of memory'));
  await expect(lost).rejects.toThrow('out of memory');
  threads[1]!.answer('done');
  expect(await behind).toBe('done');
});
