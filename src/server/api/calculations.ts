import { z } from 'zod';
import * as contract from '@/contract/calculations';
import { scheduleRequest, scheduleResponse } from '@/contract/schedules';
import { findIngredient, measureIngredient, readIngredient, uptake, type MeasuredIngredient } from '@/core/marinades';
import { SURFACE_COEFFICIENTS, type Meat } from '@/core/firming';
import { findCut } from '@/core/pieces';
import { MEAT_COLD_MAX_C, tooMuchUnrinsed, UNRINSED_SODA_MAX_PERCENT } from '@/core/safety';
import {
  dialFor,
  evennessOf,
  evennessOfStacks,
  fitDial,
  flattestLeanDeg,
  shapeCuts,
  thicknessByWeightMm,
} from '@/core/slicing';
import { enzyme, findFruit, FRUITS, soda } from '@/core/tenderizing';
import { USUAL_MEASURES } from '@/core/units';
import { cautionWords, dialProblemWords, projectWords, quantityWords, scheduleWords } from '@/core/words';
import { tenderizingPlan } from '../batches/tenderizingPlan';
import { readCut } from '../cuts/cuts';
import { heavy } from '../heavy/pool';
import { readPasted, workOutMarinade } from '../marinades/workOut';
import { breaksRule } from './failures';
import { operation, type Operation } from './operation';
import { API_STYLE } from './style';

const tag = 'calculations';

/** The same functions that the screens run, one to a path. */
export const calculations: Operation[] = [
  operation({
    method: 'POST',
    path: '/calc/slices',
    tag,
    summary: 'A block under the knife: fibre length, size, count, surface, steps, in any shape',
    body: contract.slicesRequest,
    response: contract.slicesResponse,
    run: ({ body }) => ({ body: slices(body) }),
  }),
  operation({
    method: 'POST',
    path: '/calc/soda',
    tag,
    summary: 'Baking soda: dose, minutes, rinses, sodium, taste',
    body: contract.sodaRequest,
    response: contract.sodaResponse,
    run: ({ body }) => {
      const advice = soda(body);
      if (tooMuchUnrinsed(advice)) {
        const problem = {
          code: 'soda-unrinsed',
          percent: advice.percent,
          maxPercent: UNRINSED_SODA_MAX_PERCENT,
        } as const;
        throw breaksRule(scheduleWords(problem, API_STYLE), body.rinses === 0 ? '/rinses' : '/percent');
      }
      return { body: advice };
    },
  }),
  operation({
    method: 'POST',
    path: '/calc/enzyme',
    tag,
    summary: 'Fresh fruit on meat: how far it goes and when to stop. An estimate',
    body: contract.enzymeRequest,
    response: contract.enzymeResponse,
    run: ({ body: { fruit: name, ...input } }) => {
      const fruit = findFruit(name);
      if (!fruit) throw breaksRule(`There is no fruit “${name}” here.`, '/fruit');
      return { body: enzyme({ ...input, fruit }) };
    },
  }),
  operation({
    method: 'POST',
    path: '/calc/tenderizing-plan',
    tag,
    summary:
      'One proposed plan to tenderize, why, what fights in the choice given, and every means beside it. Rules of thumb',
    body: contract.tenderizingPlanRequest,
    response: contract.tenderizingPlanResponse,
    run: async ({ body }) => ({ body: await tenderizingPlan(body) }),
  }),
  operation({
    method: 'GET',
    path: '/fruits',
    tag,
    summary: 'Fruits and roots that tenderize, and some that only flavour',
    response: z.object({ items: z.array(contract.fruit) }),
    run: () => ({ body: { items: FRUITS } }),
  }),
  operation({
    method: 'POST',
    path: '/calc/marinade',
    tag,
    summary: 'A mix for so much meat: salt and sugar where they should land, without what is not wanted',
    body: contract.marinadeRequest,
    response: contract.marinadeResponse,
    run: async ({ body }) => ({ body: await workOutMarinade(body) }),
  }),
  operation({
    method: 'POST',
    path: '/marinades/parse',
    tag: 'marinades',
    summary: 'An ingredient list in plain lines, or a recipe as JSON-LD, to ingredients and grams',
    body: contract.parseRequest,
    response: contract.parseResponse,
    run: async ({ body }) => ({ body: await readPasted(body) }),
  }),
  operation({
    method: 'POST',
    path: '/calc/uptake',
    tag,
    summary: 'Salt from a marinade: equilibrium and how far it gets by when',
    body: contract.uptakeRequest,
    response: contract.uptakeResponse,
    run: ({ body }) => ({ body: uptake(body) }),
  }),
  operation({
    method: 'POST',
    path: '/calc/measures',
    tag,
    summary: 'Grams to spoons and cups, and back',
    body: contract.measuresRequest,
    response: contract.measuresResponse,
    run: ({ body }) => ({ body: measures(body) }),
  }),
  operation({
    method: 'POST',
    path: '/calc/firming',
    tag,
    summary: 'A block in the freezer: firm from, ideal between, too hard from. An estimate',
    body: contract.firmingRequest,
    response: contract.firmingResponse,
    run: async ({ body }) => {
      const result = await heavy('firming', {
        ...body,
        meat: await meatOf(body),
        surface: body.surfaceCoefficients ?? SURFACE_COEFFICIENTS[body.preset!],
      });
      const warm = body.startC > MEAT_COLD_MAX_C;
      const caution = {
        stage: 'firm',
        guards: 'illness',
        code: 'meat-warm',
        tempC: body.startC,
        maxC: MEAT_COLD_MAX_C,
      } as const;
      return { body: { ...result, cautions: warm ? [cautionWords(caution, API_STYLE)] : [] } };
    },
  }),
  operation({
    method: 'POST',
    path: '/calc/thaw',
    tag,
    summary: 'A block frozen solid, until it slices. An estimate',
    body: contract.thawRequest,
    response: contract.thawResponse,
    run: async ({ body }) => {
      return { body: await heavy('thawing', { ...body, meat: await meatOf(body) }) };
    },
  }),
  operation({
    method: 'POST',
    path: '/calc/dial',
    tag,
    summary: 'Millimetres per mark of a slicing machine, from stacks of slices',
    body: contract.dialRequest,
    response: contract.dialResponse,
    run: ({ body }) => {
      const result = fitDial(body.stacks);
      if (!result.ok) throw breaksRule(dialProblemWords(result.problem, API_STYLE), '/stacks');
      const { mmPerMark, mmPerMarkError, zeroMm } = result.fit;
      return {
        body: {
          mmPerMark,
          mmPerMarkError,
          zeroMm,
          setting: (body.thicknessMm !== undefined && dialFor(result.fit, body.thicknessMm)) || null,
        },
      };
    },
  }),
  operation({
    method: 'POST',
    path: '/calc/evenness',
    tag,
    summary: 'How even slices are, by thickness, by stacks or by weight',
    body: contract.evennessRequest,
    response: contract.evennessResponse,
    run: ({ body }) => ({
      body:
        'stacks' in body
          ? evennessOfStacks(body.stacks)
          : evennessOf(
              'slices' in body
                ? body.slices.map(({ massG, faceMm2 }) => thicknessByWeightMm(massG, faceMm2))
                : body.thicknessesMm,
            ),
    }),
  }),
  operation({
    method: 'POST',
    path: '/calc/schedule',
    tag,
    summary: 'The shortest schedule of tasks with gaps, hands and places, with a lower bound',
    body: scheduleRequest,
    response: scheduleResponse,
    run: async ({ body }) => {
      const schedule = await heavy('solveProject', body);
      if (schedule.ok) return { body: schedule };
      const { code, tasks } = schedule.problem;
      return { body: { ok: false as const, code, tasks, detail: projectWords(schedule.problem) } };
    },
  }),
];

function slices(body: z.output<typeof contract.slicesRequest>) {
  const { bevelDeg = 0, yawDeg = 0 } = body;
  if (Math.abs(yawDeg) < 90 && Math.abs(bevelDeg) > flattestLeanDeg(body))
    throw breaksRule(
      `A lean of ${bevelDeg}° is past what the height allows; at most ${Math.floor(flattestLeanDeg(body))}°.`,
      '/bevelDeg',
    );
  return shapeCuts({ ...body, shape: body.shape ?? 'ribbons' });
}

/** From the composition given, the catalogue, or a cut of the household's own. */
async function meatOf({ composition, cut }: { composition?: Meat; cut?: string }): Promise<Meat> {
  if (composition) return composition;
  const known = findCut(cut!) ?? (await readCut(cut!).catch(() => undefined));
  if (!known) throw breaksRule('There is no such cut.', '/cut');
  return { ...known.composition, freezingPointC: known.freezingPointC };
}

function measures(
  body: { ingredient: string; owned?: string[] } & ({ massG: number } | { text: string }),
): MeasuredIngredient {
  const ingredient = findIngredient(body.ingredient);
  if (!ingredient) throw breaksRule(`There is no ingredient “${body.ingredient}”.`, '/ingredient');
  const owned = body.owned && USUAL_MEASURES.filter(({ id }) => body.owned!.includes(id));
  if ('massG' in body) return measureIngredient(ingredient, body.massG, owned);
  const read = readIngredient(ingredient, body.text, owned);
  if (!read.ok)
    throw breaksRule(
      quantityWords(read.problem, { what: 'a measure', examples: '1 1/2 tsp or ¼ cup', show: (ml) => `${ml} ml` }),
      '/text',
    );
  return read.value;
}
