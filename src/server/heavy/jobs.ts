import { firming, thawing, type FirmingInput, type ThawInput } from '@/core/firming';
import { solveProject } from '@/core/makespan';
import { parseLines } from '@/core/marinades';
import { mealSchedule, plannedBatches, schedules } from './planned';

/** Sums that would keep everyone waiting: what goes in and out is plain data. */
export const HEAVY = {
  schedules,
  plannedBatches,
  mealSchedule,
  parseLines,
  solveProject,
  firming: (input: FirmingInput) => {
    const { course: _course, film: _film, ...result } = firming(input);
    return result;
  },
  thawing: (input: ThawInput) => {
    const { course: _course, film: _film, ...result } = thawing(input);
    return result;
  },
};

export type HeavyJobs = typeof HEAVY;

export interface HeavyRequest {
  id: number;
  name: keyof HeavyJobs;
  args: unknown[];
}
export type HeavyReply =
  { id: number; ok: true; value: unknown } | { id: number; ok: false; name: string; message: string; stack?: string };
