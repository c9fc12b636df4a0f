export { dailyInstants, fromFieldValue, instantOf, isZone, toFieldValue, wallTimeOf, type WallTime } from './wallClock';
export { formatClock, formatDate, formatDay, formatDayClock, formatWeekday } from './format';
export { isPlannable, PLAN_YEARS } from './plannable';
export { intervalsOf, QUIET_HOURS, quietIntervals, type Interval } from './quietHours';
