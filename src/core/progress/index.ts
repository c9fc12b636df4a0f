export { facts, MEASURES, type Facts, type Measure, type Measured } from './facts';
export { EVENT_KINDS, type BatchEvent, type EventKind } from './event';
export { jobProgress, ringsAtMs, type JobProgress } from './jobProgress';
export { minutesOut, warmForecast, type MinutesOut, type WarmForecast } from './minutesOut';
export { lastPress, pressOf, standing } from './standing';
