import { planBatch, usualShape, type BatchInputs, type BatchPlan, type Surroundings } from '@/core/batches';
import { findIngredient } from '@/core/marinades';
import { CUTS } from '@/core/pieces';
import { bandOf, WAYS } from '@/core/ways';
import { BOOK } from '../fixtures/anyInputs';

export interface Swept {
  /** Cut, way, marinade, thickness: names the plan in a failure. */
  name: string;
  inputs: BatchInputs;
  around: Surroundings;
  plan: BatchPlan;
}

const TABLE_MS = Date.UTC(2026, 5, 6, 18);
const MADE_MS = TABLE_MS - 60 * 3_600_000;
const MASS_G = { from: 600, to: 1500 };

/** Every cut in every way it suits, with every marinade made for that way, thin, usual and thick: all as a cook gets them unasked. */
export function* questions(): Generator<Omit<Swept, 'plan'>> {
  for (const cut of CUTS)
    for (const way of WAYS.filter((one) => cut.suits[one])) {
      const band = bandOf(way, usualShape(way, cut, { heightMm: cut.usualHeightMm }));
      for (const marinade of BOOK.filter(({ uses }) => uses!.includes(way)))
        for (const thicknessMm of [band.from, band.usual, band.to]) {
          const inputs: BatchInputs = {
            way,
            cutId: cut.id,
            massG: Math.max(MASS_G.from, Math.min(MASS_G.to, cut.usualMassG)),
            heightMm: cut.usualHeightMm,
            thicknessMm,
            marinadeId: marinade.id,
            people: 5,
            tableAtMs: TABLE_MS,
            notBeforeMs: MADE_MS,
            pins: {},
          };
          const around: Surroundings = {
            cut,
            marinade,
            zone: 'Europe/London',
            sodaIngredient: findIngredient('soda')!,
          };
          const name = [cut.id, way, marinade.name, `${thicknessMm} mm`].join(' / ');
          yield { name, inputs, around };
        }
    }
}

/** Plans all of them. */
export function sweep(visit: (swept: Swept) => void): number {
  let plans = 0;
  for (const { name, inputs, around } of questions()) {
    plans++;
    visit({ name, inputs, around, plan: planBatch(inputs, around) });
  }
  return plans;
}
