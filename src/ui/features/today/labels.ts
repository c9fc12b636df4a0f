import type { PlannedJob } from '@/contract/views';

/** Labels are sized for a row about this wide; a wider one has room to spare. */
const ROW_PX = 900;
const LETTER_PX = 6.4;
export const shareOf = (text: string) => (100 * (text.length * LETTER_PX + 12)) / ROW_PX;
/** Whether its name fits into its bar. */
export const fits = (job: PlannedJob, at: (ms: number) => number) =>
  at(job.endMs) - at(job.startMs) >= shareOf(job.short);
