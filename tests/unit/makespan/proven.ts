import highs from 'highs';
import type { Project } from '@/core/makespan';

const solver = highs();

/**
 * The proven shortest makespan by a mixed-integer program (time-indexed, after Pritsker, Watters and Wolfe), solved with the reference solver HiGHS.
 * A task has one variable for every slot that it may begin in.
 *
 * @param known.stepMin every length is a multiple of it, known.atMostMin a makespan that is known to be possible
 */
export async function provenMakespan(
  { cooks = 1, capacities = {}, tasks }: Project,
  { stepMin: slotMin, atMostMin }: { stepMin: number; atMostMin: number },
): Promise<number> {
  const slots = Math.round(atMostMin / slotMin);
  const lasts = new Map(tasks.map(({ id, minutes }) => [id, minutes / slotMin]));
  const index = new Map(tasks.map(({ id }, at) => [id, at]));
  const x = (id: string, slot: number) => `x${index.get(id)}_${slot}`;
  const begins = (id: string) => Array.from({ length: slots - lasts.get(id)! + 1 }, (_, slot) => slot);
  /** Begun by this slot. */
  const begun = (id: string, by: number, sign = '+') =>
    begins(id)
      .filter((slot) => slot <= by)
      .map((slot) => `${sign} ${x(id, slot)}`)
      .join(' ');
  const rows: string[] = [];
  const row = (left: string, rest: string) => left.trim() && rows.push(` r${rows.length}: ${left} ${rest}`);
  for (const { id, after = [] } of tasks) {
    row(
      begins(id)
        .map((slot) => `+ ${x(id, slot)}`)
        .join(' '),
      '= 1',
    );
    row(
      `span ${begins(id)
        .map((slot) => `- ${slot + lasts.get(id)!} ${x(id, slot)}`)
        .join(' ')}`,
      '>= 0',
    );
    for (const { id: earlier, minLagMin = 0, maxLagMin } of after)
      for (let slot = 0; slot <= slots; slot++) {
        const from = slot - lasts.get(earlier)! - minLagMin / slotMin;
        row(`${begun(id, slot)} ${begun(earlier, from, '-')}`, '<= 0');
        if (maxLagMin === undefined) continue;
        const to = slot + lasts.get(earlier)! + maxLagMin / slotMin;
        if (to < slots) row(`${begun(earlier, slot)} ${begun(id, to, '-')}`, '<= 0');
      }
  }
  const names = [...new Set(tasks.flatMap(({ uses = [] }) => uses))];
  const resources = [
    { of: cooks, users: tasks.filter(({ hands }) => hands) },
    ...names.map((name) => ({ of: capacities[name] ?? 1, users: tasks.filter(({ uses }) => uses?.includes(name)) })),
  ];
  for (const { of, users } of resources)
    for (let slot = 0; slot < slots; slot++)
      row(
        users
          .flatMap(({ id }) =>
            begins(id)
              .filter((begin) => begin <= slot && begin > slot - lasts.get(id)!)
              .map((begin) => `+ ${x(id, begin)}`),
          )
          .join(' '),
        `<= ${of}`,
      );
  const variables = tasks.flatMap(({ id }) => begins(id).map((slot) => x(id, slot)));
  const program = `Minimize\n obj: span\nSubject To\n${rows.join('\n')}\nBounds\n span >= 0\nBinary\n ${variables.join(' ')}\nEnd\n`;
  const { Status, ObjectiveValue } = (await solver).solve(program, { time_limit: 20 });
  if (Status !== 'Optimal') throw new Error(`The reference came to ${Status}`);
  return Math.round(ObjectiveValue) * slotMin;
}
