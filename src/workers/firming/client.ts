import { wrap, type Remote } from 'comlink';
import type { FirmingJobs } from './protocol';

export interface FirmingClient {
  jobs: Remote<FirmingJobs>;
  /** Ends the worker, and with it whatever it is at. */
  end: () => void;
}

/** Starts the freezing model beside the page, so that dragging stays smooth while it solves. */
export function startFirming(): FirmingClient {
  const worker = new Worker(new URL('./firming.worker.ts', import.meta.url), { type: 'module' });
  return { jobs: wrap<FirmingJobs>(worker), end: () => worker.terminate() };
}
