export { EVENT_KINDS, jobProgress, ringsAtMs, type BatchEvent, type EventKind, type JobProgress } from './jobProgress';
export { warmSoFarMin } from './warmSoFar';
