export { EVENT_KINDS, jobProgress, ringsAtMs, type BatchEvent, type EventKind, type JobProgress } from './jobProgress';
export { minutesOut, warmForecast, type MinutesOut, type WarmForecast } from './minutesOut';
