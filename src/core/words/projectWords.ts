import type { ProjectProblem } from '../makespan';

/** Why a project has no schedule. */
export function projectWords(problem: ProjectProblem): string {
  const tasks = listed(problem.tasks);
  switch (problem.code) {
    case 'twice':
      return `There is more than one task ${tasks}.`;
    case 'unknown-task':
      return `${tasks} comes after “${problem.named}”, and there is no such task.`;
    case 'cycle':
      return problem.tasks.length === 1
        ? `${tasks} would have to come after itself.`
        : `Each of these would have to come before the next, and the last before the first: ${tasks}.`;
    case 'lag-reversed':
      return `Between ${tasks} the longest gap is shorter than the shortest.`;
    case 'lags-contradict':
      return `Gaps and fixed starts of these cannot be kept together: ${tasks}.`;
    case 'no-capacity':
      return `${tasks} needs ${resource(problem.uses)}, and there is none.`;
    case 'same-time':
      return `Pinned to the same time, these need more of ${resource(problem.uses)} than there is: ${tasks}.`;
    case 'none-found':
      return `No schedule was found that keeps the longest gaps and fixed starts of these with the hands and places there are: ${tasks}.`;
  }
}

const resource = (uses: string) => (uses === 'hands' ? 'hands' : `“${uses}”`);

/** As many as anyone reads. */
const MOST_NAMED = 8;
const listed = (tasks: readonly string[]) =>
  tasks
    .slice(0, MOST_NAMED)
    .map((id) => `“${id}”`)
    .join(', ') + (tasks.length > MOST_NAMED ? ` and ${tasks.length - MOST_NAMED} more` : '');
