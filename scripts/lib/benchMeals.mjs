import path from 'node:path';
import { ROOT } from './run.mjs';

/**
 * Meals of 1, 3 and 10 batches: how long one takes to plan, and how near shortest schedules of kitchens as large come to the bound and to the plainest greedy.
 * @param {(calls: number, work: () => unknown) => number} medianOf
 * @returns {[name: string, ms: number][]}
 */
export function benchMeals(require, medianOf) {
  const from = (file) => require(path.join(ROOT, file));
  const { planMeal } = from('src/core/batches');
  const { decode, inOrder, randomFrom, solveProject, SECOND_OF_WORK } = from('src/core/makespan');
  const { networkOf } = from('src/core/makespan/project.ts');
  const { distancesOf } = from('src/core/makespan/distances.ts');
  const { kitchen } = from('tests/unit/makespan/kitchens.ts');
  const { answers, around } = from('tests/fixtures/batch.ts');
  const cuts = ['chicken-thigh', 'beef-flank', 'lamb-leg'];
  const mealOf = (count, turn) =>
    Array.from({ length: count }, (_, at) => {
      const cutId = cuts[at % cuts.length];
      const way = at % 2 ? 'flat-skewers' : 'stir-fry';
      return { id: String(at), inputs: answers({ cutId, way, massG: 800 + 10 * at + turn }), around: around(cutId) };
    });
  const rows = [];
  for (const count of [1, 3, 10]) {
    let turn = 0;
    const plan = () => planMeal(mealOf(count, turn++));
    for (let warm = 0; warm < 6; warm++) plan();
    rows.push([`a meal of ${count} by one clock`, medianOf(15, plan)]);
    const project = kitchen(randomFrom(count), { batches: count, cooks: 1, stepMin: 5 });
    const network = networkOf(project);
    // Task after task as they were given, each as early as it can be.
    const greedy = decode(
      network,
      inOrder(
        network,
        project.tasks.map((_, at) => at),
      ),
      { distances: distancesOf(network), effort: { left: 1e7 } },
    );
    const ends = project.tasks.map(({ minutes }, at) => (greedy ? greedy[at] + minutes : NaN));
    for (const [budget, work] of [
      ['20 ms', SECOND_OF_WORK / 50],
      ['1 s', SECOND_OF_WORK],
    ]) {
      const began = performance.now();
      const found = solveProject(project, work);
      const percent = (100 * found.makespanMin) / found.lowerBoundMin - 100;
      rows.push([
        `shortest for ${count} of a kitchen, ${budget} of work: ${found.makespanMin} min, ${percent.toFixed(1)} % over the bound, ${(found.makespanMin / Math.max(...ends)).toFixed(2)} of greedy`,
        performance.now() - began,
      ]);
    }
  }
  return rows;
}
