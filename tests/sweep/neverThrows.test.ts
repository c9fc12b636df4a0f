import fc from 'fast-check';
import { planBatch, remediesFor, type BatchInputs } from '@/core/batches';
import { findIngredient } from '@/core/marinades';
import { COUNTER_MARINADE_MAX_MIN } from '@/core/safety';
import { findCut } from '@/core/pieces';
import { cautionWords, jobWords, remedyWords, scheduleWords } from '@/core/words';
import { anyBatch, BOOK } from '../fixtures/anyInputs';
import { RULES } from './rules';

const sodaIngredient = findIngredient('soda')!;
const STYLE = { system: 'metric', locale: 'en' } as const;
const RUNS = 600;
/** The same batches every time; others with MINCE_SEED, or many of them with npm run bench -- --plans. */
const SEED = Number(process.env.MINCE_SEED ?? 1);
/** What is true of what nobody changed, and may be otherwise by the cook's own wish. */
const OF_DEFAULTS: readonly string[] = [
  'a plan nobody pinned is never refused',
  'defaults are not too salty',
  'the marinade keeps its own window',
  'what is cut is the meat there is',
  'a strip is a strip, where the piece allows',
  'no freezer, no caution of half-frozen meat',
  'Piece and Tenderize agree',
];
const ALWAYS = Object.entries(RULES).filter(([name]) => !OF_DEFAULTS.includes(name));
/** A refused plan is not cooked: of it only the words are asked. */
const OF_WORDS = ALWAYS.filter(([name]) => /words/.test(name));

test(
  'no input within its limits throws, and whatever the cook pins, every rule that is not of the defaults holds',
  () =>
    fc.assert(
      fc.property(anyBatch, ({ cut, marinade, inputs: given }) => {
        const inputs: BatchInputs = { ...given, cutId: cut.id, marinadeId: marinade.id };
        const around = { cut, marinade, zone: 'Europe/London', sodaIngredient };
        const plan = planBatch(inputs, around);
        const words = [
          ...(plan.schedule.ok
            ? plan.schedule.jobs.map((job) => jobWords(job, { plan, inputs, around }, STYLE).text)
            : [scheduleWords(plan.schedule.problem, STYLE)]),
          ...plan.cautions.map((caution) => cautionWords(caution, STYLE).text),
        ].join(' ');
        expect(words).not.toMatch(/undefined|NaN|Infinity/);
        for (const [name, rule] of plan.schedule.ok ? ALWAYS : OF_WORDS)
          expect([name, rule({ name: 'any', inputs, around, plan })]).toEqual([name, undefined]);
        if (plan.schedule.ok && plan.marinate.place === 'counter')
          expect(plan.marinate.minutes).toBeLessThanOrEqual(COUNTER_MARINADE_MAX_MIN);
      }),
      { numRuns: RUNS, seed: SEED },
    ),
  240_000,
);

test(
  'what is offered to mend a plan can be planned',
  () =>
    fc.assert(
      fc.property(anyBatch, ({ cut, marinade, inputs: given }) => {
        const inputs: BatchInputs = { ...given, cutId: cut.id, marinadeId: marinade.id };
        const around = { cut, marinade, zone: 'Europe/London', sodaIngredient };
        const plan = planBatch(inputs, around);
        for (const remedy of remediesFor(plan, inputs, around)) {
          const { pins, tableAtMs = inputs.tableAtMs } = remedy.change;
          const mended = planBatch({ ...inputs, tableAtMs, pins: { ...inputs.pins, ...pins } }, around);
          expect(remedyWords(remedy, { zone: 'Europe/London', style: STYLE })).not.toMatch(/undefined|NaN/);
          if (!plan.schedule.ok && !['land-salt', 'halve-sugar'].includes(remedy.code))
            expect(mended.schedule.ok).toBe(true);
          if (plan.schedule.ok && remedy.code === 'serve-at' && mended.schedule.ok)
            expect(mended.schedule.lateByMin).toBeLessThanOrEqual(plan.schedule.lateByMin);
        }
      }),
      { numRuns: 150, seed: SEED },
    ),
  240_000,
);

test('salt aimed at 0.3 to 0.6 % in “Pepper and soy, for drying”, and no sugar in any mix, are planned', () => {
  const around = (marinade: (typeof BOOK)[number]) => ({
    cut: findCut('beef-top-round')!,
    marinade,
    zone: 'Europe/London',
    sodaIngredient,
  });
  const inputs: BatchInputs = {
    way: 'stir-fry',
    cutId: 'beef-top-round',
    massG: 900,
    heightMm: 60,
    thicknessMm: 4,
    marinadeId: 'x',
    people: 4,
    tableAtMs: Date.UTC(2026, 5, 6, 18),
    pins: {},
  };
  const drying = BOOK.find(({ name }) => name === 'Pepper and soy, for drying')!;
  for (const saltPercent of [0.3, 0.4, 0.5, 0.6])
    expect(
      planBatch({ ...inputs, pins: { saltPercent } }, around(drying)).marinate.lines.every(({ massG }) => massG > 0),
    ).toBe(true);
  for (const marinade of BOOK) {
    const { marinate } = planBatch({ ...inputs, pins: { sugarPercent: 0 } }, around(marinade));
    expect(marinate.lines.map(({ ingredient }) => ingredient.kind)).not.toContain('sugar');
  }
});
