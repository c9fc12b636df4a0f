export { asItStands, WAYS_OUT, type CatchUp, type DayPlan, type WayOut } from './asItStands';
export { met, planDay, type DayBatch, type Met, type Planned } from './planDay';
export { showDay, type PlannedBatch, type PlannedJob } from './showDay';
