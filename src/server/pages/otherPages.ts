import 'server-only';
import { marinadeWrite } from '@/contract/resources';
import type {
  BatchPage,
  KitchenAround,
  LogEntry,
  MarinadeBook,
  MarinadeFormPage,
  MarinadeWork,
  NewBatchPage,
} from '@/contract/views';
import { STARTER_BOOK, type Ingredient, type Marinade } from '@/core/marinades';
import { wholeBatchesById } from '@/data/batches';
import { database } from '@/data/connection';
import { remembered } from '@/data/memory';
import type { HouseholdRow } from '@/data/tables';
import type { Page } from '@/data/versioned';
import { CUTS, findCut, type Cut } from '@/core/pieces';
import { listEvents, loadBatch } from '../batches/batches';
import { loadBatches } from '../batches/loadBatches';
import { neighboursIn } from '../batches/schedules';
import { ownCuts } from '../cuts/cuts';
import { currentHousehold, ingredientsOf, kitchenOf, ownedMeasures } from '../kitchen/kitchen';
import { listMarinades, namesInBook, readMarinade, toCore, wholeBook } from '../marinades/marinades';
import { listMeals, readMeal } from '../meals/meals';
import { listTastings } from '../tastings/tastings';

const ALL = { limit: 200, offset: 0 };
const USUAL_CUT = 'chicken-thigh';

/** What of the kitchen a plan in the browser needs; `cut` is among the own ones even when it was put away. */
async function aroundOf(
  household: HouseholdRow,
  ingredients: readonly Ingredient[],
  cut?: Cut,
): Promise<KitchenAround> {
  return {
    kitchen: await kitchenOf(household, ingredients),
    zone: household.zone,
    currency: household.currency,
    ownCuts: await ownCuts(household.id, cut),
  };
}

/** Marinades as the core takes them; `keep` is in the list even when it was put away. */
async function book(ingredients: readonly Ingredient[], keep?: Marinade): Promise<Marinade[]> {
  const marinades = (await wholeBook()).map((one) => toCore(one, ingredients));
  return keep && !marinades.some(({ id }) => id === keep.id) ? [...marinades, keep] : marinades;
}

export const loadBatchPage = (id: string): Promise<BatchPage> =>
  remembered(`batch page ${id}`, () => readBatchPage(id));

async function readBatchPage(id: string): Promise<BatchPage> {
  const household = await currentHousehold();
  const [loaded, ingredients] = await Promise.all([loadBatch(id), ingredientsOf(database(), household.id)]);
  const [neighbours, marinades, events, { items: tastings }, around] = await Promise.all([
    neighboursIn([loaded.resource.mealId], id),
    book(ingredients, loaded.around.marinade),
    listEvents([id]),
    listTastings({ ...ALL, batchId: id }),
    aroundOf(household, ingredients, loaded.around.cut),
  ]);
  return {
    batch: loaded.resource,
    cut: loaded.around.cut,
    neighbours: neighbours[loaded.resource.mealId] ?? [],
    away: loaded.around.away,
    marinades,
    events,
    tastings,
    ...around,
  };
}

/** @param asked the cut and the meal that the address asks for; unknown ones are as good as none */
export async function loadNewBatchPage(
  { cutId, mealId }: { cutId?: string; mealId?: string },
  nowMs: number,
): Promise<NewBatchPage & { cutAsked: boolean }> {
  const household = await currentHousehold();
  const ingredients = await ingredientsOf(database(), household.id);
  const [marinades, { items: listed }, joined, around] = await Promise.all([
    book(ingredients),
    listMeals({ limit: 30, offset: 0 }),
    mealId === undefined ? undefined : readMeal(mealId).catch(() => undefined),
    aroundOf(household, ingredients),
  ]);
  // The meal that it is for, however many there are.
  const meals = joined ? [joined, ...listed.filter(({ id }) => id !== joined.id)] : listed;
  const toCome = meals.filter(({ tableAt }) => Date.parse(tableAt) > nowMs).map(({ id }) => id);
  const neighbours = await neighboursIn(toCome);
  const asked = cutId === undefined ? undefined : findCut(cutId, [...around.ownCuts, ...CUTS]);
  return { marinades, meals, neighbours, cut: asked ?? findCut(USUAL_CUT)!, cutAsked: asked !== undefined, ...around };
}

/** What a form for a marinade begins with. */
export async function loadMarinadeForm({ from, edit }: { from?: string; edit?: string }): Promise<MarinadeFormPage> {
  const household = await currentHousehold();
  const id = edit ?? from;
  return {
    ingredients: await ingredientsOf(database(), household.id),
    ...(id ? { from: await readMarinade(id) } : {}),
    edit: edit !== undefined,
  };
}

export async function loadMarinadePage(id: string): Promise<MarinadeWork> {
  const household = await currentHousehold();
  const [resource, ingredients] = await Promise.all([readMarinade(id), ingredientsOf(database(), household.id)]);
  return { resource, marinade: toCore(resource, ingredients), measures: ownedMeasures(household), ingredients };
}

export async function loadMarinadesPage(find: string, page: Page): Promise<MarinadeBook> {
  const household = await currentHousehold();
  const ingredients = await ingredientsOf(database(), household.id);
  const [{ items, total }, names] = await Promise.all([listMarinades({ ...page, q: find }), namesInBook()]);
  return {
    total,
    marinades: items.map((resource) => ({
      resource,
      marinade: toCore(resource, ingredients),
      measures: ownedMeasures(household),
    })),
    missing: STARTER_BOOK.filter(({ name }) => !names.has(name)).map((entry) => marinadeWrite.parse(entry)),
  };
}

export async function loadLogPage(
  offset: number,
  limit = 50,
): Promise<{ zone: string; entries: LogEntry[]; total: number }> {
  const household = await currentHousehold();
  const { items, total } = await listTastings({ offset, limit });
  const rows = await wholeBatchesById(
    database(),
    { householdId: household.id },
    items.map(({ batchId }) => batchId),
  );
  const removed = new Set(rows.filter(({ deleted_at }) => deleted_at).map(({ id }) => id));
  const loaded = await loadBatches(household, rows);
  const entries = items.map((tasting) => {
    const found = loaded.find(({ resource }) => resource.id === tasting.batchId);
    if (!found) return { tasting };
    const { resource, inputs, around } = found;
    return {
      tasting,
      batch: {
        id: resource.id,
        name: resource.name,
        cutName: around.cut.name,
        marinadeName: around.marinade.name,
        thicknessMm: inputs.thicknessMm,
        removed: removed.has(resource.id),
      },
    };
  });
  return { zone: household.zone, entries, total };
}
