import type { Project, ProjectTask } from '@/core/makespan';

/**
 * Batches as a kitchen works them, invented: knife work at one board, freezer, a soak that must follow within minutes, a pan that all want.
 *
 * @param stepMin every length is a multiple of it, so that the reference can count in slots
 */
export function kitchen(
  random: () => number,
  { batches, cooks, stepMin }: { batches: number; cooks: number; stepMin: number },
): Project {
  const steps = (from: number, to: number) => stepMin * Math.round((from + random() * (to - from)) / stepMin);
  const short = Math.max(5, stepMin);
  const tasks = Array.from({ length: batches }, (_, batch): ProjectTask[] => {
    const id = (name: string) => `${name} ${batch}`;
    const soaked = random() < 0.6;
    const firm = random() < 0.7;
    return [
      { id: id('trim'), minutes: steps(short, 15), hands: true, uses: ['board'] },
      ...(firm ? [{ id: id('firm'), minutes: steps(20, 60), after: [{ id: id('trim'), maxLagMin: 10 }] }] : []),
      {
        id: id('slice'),
        minutes: steps(10, 30),
        hands: true,
        uses: ['board'],
        after: [firm ? { id: id('firm'), maxLagMin: 20 } : { id: id('trim') }],
      },
      ...(soaked
        ? [
            { id: id('soda'), minutes: short, hands: true, after: [{ id: id('slice'), maxLagMin: 20 }] },
            {
              id: id('rinse'),
              minutes: steps(short, 10),
              hands: true,
              uses: ['sink'],
              after: [{ id: id('soda'), minLagMin: 20, maxLagMin: 30 }],
            },
          ]
        : []),
      { id: id('mix'), minutes: steps(short, 10), hands: true },
      {
        id: id('coat'),
        minutes: short,
        hands: true,
        after: [{ id: id('mix') }, { id: id(soaked ? 'rinse' : 'slice'), maxLagMin: 60 }],
      },
      {
        id: id('cook'),
        minutes: steps(10, 25),
        hands: true,
        uses: ['pan'],
        after: [{ id: id('coat'), minLagMin: steps(10, 40), maxLagMin: 120 }],
      },
    ];
  }).flat();
  return { cooks, tasks };
}
