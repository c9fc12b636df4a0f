import * as contract from '@/contract/calculations';
import { findIngredient, measureIngredient, readIngredient, uptake, type MeasuredIngredient } from '@/core/marinades';
import { firming, SURFACE_COEFFICIENTS, thawing, type Meat } from '@/core/firming';
import { findCut, freezingPointC } from '@/core/pieces';
import { sliceGeometry } from '@/core/slicing';
import { soda } from '@/core/tenderizing';
import { USUAL_MEASURES } from '@/core/units';
import { quantityWords } from '@/core/words';
import { breaksRule } from './failures';
import { operation, type Operation } from './operation';

const tag = 'calculations';

/** The same functions that the screens run, one to a path. */
export const calculations: Operation[] = [
  operation({
    method: 'POST', path: '/calc/slices', tag, summary: 'Slices of a block: fibre length, size, count, surface', body: contract.slicesRequest, response: contract.slicesResponse,
    run: ({ body }) => ({ body: sliceGeometry(body) }),
  }),
  operation({
    method: 'POST', path: '/calc/soda', tag, summary: 'Baking soda: dose, minutes, rinses, sodium, taste', body: contract.sodaRequest, response: contract.sodaResponse,
    run: ({ body }) => ({ body: soda(body) }),
  }),
  operation({
    method: 'POST', path: '/calc/uptake', tag, summary: 'Salt from a marinade: equilibrium and how far it gets by when', body: contract.uptakeRequest, response: contract.uptakeResponse,
    run: ({ body }) => ({ body: uptake(body) }),
  }),
  operation({
    method: 'POST', path: '/calc/measures', tag, summary: 'Grams to spoons and cups, and back', body: contract.measuresRequest, response: contract.measuresResponse,
    run: ({ body }) => ({ body: measures(body) }),
  }),
  operation({
    method: 'POST', path: '/calc/firming', tag, summary: 'A block in the freezer: firm from, ideal between, too hard from. An estimate', body: contract.firmingRequest, response: contract.firmingResponse,
    run: ({ body }) => {
      const { course: _course, ...result } = firming({ ...body, meat: meatOf(body), surface: body.surfaceCoefficients ?? SURFACE_COEFFICIENTS[body.preset!] });
      return { body: result };
    },
  }),
  operation({
    method: 'POST', path: '/calc/thaw', tag, summary: 'A block frozen solid, until it slices. An estimate', body: contract.thawRequest, response: contract.thawResponse,
    run: ({ body }) => {
      const { course: _course, ...result } = thawing({ ...body, meat: meatOf(body) });
      return { body: result };
    },
  }),
];

function meatOf({ composition, cut }: { composition?: Meat; cut?: string }): Meat {
  if (composition) return composition;
  const known = findCut(cut!)!;
  return { ...known.composition, freezingPointC: freezingPointC(known.animal) };
}

function measures(body: { ingredient: string; owned?: string[] } & ({ massG: number } | { text: string })): MeasuredIngredient {
  const ingredient = findIngredient(body.ingredient);
  if (!ingredient) throw breaksRule(`There is no ingredient “${body.ingredient}”.`, '/ingredient');
  const owned = body.owned && USUAL_MEASURES.filter(({ id }) => body.owned!.includes(id));
  if ('massG' in body) return measureIngredient(ingredient, body.massG, owned);
  const read = readIngredient(ingredient, body.text, owned);
  if (!read.ok) throw breaksRule(quantityWords(read.problem, { what: 'a measure', examples: '1 1/2 tsp or ¼ cup', show: (ml) => `${ml} ml` }), '/text');
  return read.value;
}
