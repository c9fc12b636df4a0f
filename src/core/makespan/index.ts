export { type Project, type ProjectProblem, type ProjectTask } from './project';
export { SECOND_OF_WORK, solveProject, type ProjectSchedule, type ScheduledTask } from './solveProject';
// The parts that a meal is scheduled with, backwards from its table.
export { decode, type Busy, type Effort } from './decode';
export { distancesOf, type Distances } from './distances';
export { inOrder } from './inOrder';
export { type Arc, type Network } from './project';
export { randomFrom } from './random';
