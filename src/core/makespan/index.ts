export { type Project, type ProjectProblem, type ProjectTask } from './project';
export { SECOND_OF_WORK, solveProject, type ProjectSchedule, type ScheduledTask } from './solveProject';
