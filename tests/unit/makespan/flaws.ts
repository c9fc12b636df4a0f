import type { Project, ScheduledTask } from '@/core/makespan';

const NEAR = 1e-3;

/** What is wrong with a schedule, found from the project's words alone; nothing of the solver is used. */
export function flaws({ cooks = 1, capacities = {}, tasks }: Project, jobs: readonly ScheduledTask[]): string[] {
  const found: string[] = [];
  const at = new Map(jobs.map((job) => [job.id, job]));
  if (jobs.length !== tasks.length || at.size !== tasks.length) found.push('not every task once');
  for (const { id, minutes, startMin, after = [] } of tasks) {
    const job = at.get(id);
    if (!job) continue;
    if (job.startMin < -NEAR) found.push(`${id} before the beginning`);
    if (Math.abs(job.endMin - job.startMin - minutes) > NEAR) found.push(`${id} does not last ${minutes} min`);
    if (startMin !== undefined && Math.abs(job.startMin - startMin) > NEAR) found.push(`${id} not at its hour`);
    for (const { id: earlier, minLagMin = 0, maxLagMin = Infinity } of after) {
      const lag = job.startMin - at.get(earlier)!.endMin;
      if (lag < minLagMin - NEAR) found.push(`${id} ${lag} min after ${earlier}, at least ${minLagMin}`);
      if (lag > maxLagMin + NEAR) found.push(`${id} ${lag} min after ${earlier}, at most ${maxLagMin}`);
    }
  }
  const wants = new Map<string, ScheduledTask[]>();
  for (const { id, hands, uses = [] } of tasks)
    for (const name of [...(hands ? ['\u0000hands'] : []), ...uses])
      wants.set(name, [...(wants.get(name) ?? []), at.get(id)!]);
  for (const [name, users] of wants) {
    const capacity = name === '\u0000hands' ? cooks : (capacities[name] ?? 1);
    for (const { startMin, id } of users) {
      const there = users.filter((one) => one.startMin <= startMin + NEAR && one.endMin > startMin + 2 * NEAR).length;
      if (there > capacity) found.push(`${there} at ${name} when ${id} begins, room for ${capacity}`);
    }
  }
  return found;
}
