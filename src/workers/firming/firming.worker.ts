import { expose } from 'comlink';
import { firming, thawing } from '@/core/firming';
import type { FirmingJobs } from './protocol';

const jobs: FirmingJobs = { firming: (input) => firming(input), thawing: (input) => thawing(input) };
expose(jobs);
