export {
  isTurn,
  isJobKey,
  JOB_KINDS,
  kindOf,
  mayHaveHour,
  nthKey,
  partOf,
  type FlexibleTask,
  type Job,
  type JobKey,
  type JobKind,
  type Place,
  type SideTask,
  type Task,
} from './job';
export { countBack, type CountBackInput, type Schedule, type ScheduleProblem } from './countBack';
export { clashesOf, MOST_TOGETHER, scheduleMeal, type Clash, type MealSchedule } from './scheduleMeal';
export { whatGives, type Gives } from './whatGives';
export { COOKS, HEATS, TO_THE_FRIDGE_MIN, waitsAfter, type Shared, type Work } from './work';
export { warmMinutes } from './warmMinutes';
