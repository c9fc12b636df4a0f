export {
  isTurn,
  JOB_KEYS,
  STAGES,
  TURN_KEYS,
  type FlexibleTask,
  type Job,
  type JobKey,
  type Place,
  type Stage,
  type Task,
} from './job';
export { countBack, type CountBackInput, type Schedule, type ScheduleProblem, type SideTask } from './countBack';
export { warmMinutes } from './warmMinutes';
