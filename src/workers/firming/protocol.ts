import type { FirmingInput, FirmingResult, ThawInput, ThawResult } from '@/core/firming';

/** What the firming worker can be asked. */
export interface FirmingJobs {
  firming: (input: FirmingInput) => FirmingResult;
  thawing: (input: ThawInput) => ThawResult;
}
