import 'server-only';
import { initialZone } from '@/config/environment';
import type { Household, HouseholdWrite } from '@/contract/resources';
import { pacesOf, USUAL_FREEZER, type Freezer, type Kitchen, type Paces } from '@/core/batches';
import { findIngredient, INGREDIENTS, STARTER_BOOK, type Ingredient } from '@/core/marinades';
import { fitDial, type DialFit } from '@/core/slicing';
import { isZone } from '@/core/times';
import { dialProblemWords } from '@/core/words';
import { USUAL_MEASURES, type OwnedMeasure } from '@/core/units';
import { handworkEvents } from '@/data/batches';
import { database, transaction, type Db } from '@/data/connection';
import {
  ensureHousehold,
  firstHousehold,
  insertIngredients,
  listIngredients,
  lockHousehold,
  updateHousehold,
} from '@/data/households';
import { replaceLines } from '@/data/marinades';
import { remembered } from '@/data/memory';
import type { HouseholdRow, IngredientRow, MarinadeRow } from '@/data/tables';
import { insertRow } from '@/data/versioned';
import { breaksRule } from '../api/failures';
import { API_STYLE } from '../api/style';
import { nowMs } from '../clock';
import { ingredientRow, toIngredient } from '../ingredients/ingredientRow';

/** The one household there is for now; made, with ingredients and a starter book, when first asked for. */
export async function currentHousehold(): Promise<HouseholdRow> {
  const zone = initialZone();
  return (
    (await remembered('household', () => firstHousehold())) ??
    ensureHousehold({ name: 'Our kitchen', zone: isZone(zone) ? zone : 'UTC' }, furnish)
  );
}

export async function readHousehold(): Promise<Household> {
  const household = await currentHousehold();
  return toHousehold(household, await pacesIn(household));
}

export async function changeHousehold(
  version: number | undefined,
  { freezer, slicerStacks, forgetPaces, paces: _learned, ...values }: HouseholdWrite,
): Promise<Household> {
  const dial = slicerStacks && slicerStacks.length > 1 ? fitDial(slicerStacks) : undefined;
  if (dial && !dial.ok) throw breaksRule(dialProblemWords(dial.problem, API_STYLE), '/slicerStacks');
  const { id } = await currentHousehold();
  const changed = await transaction(async (trx) => {
    // What was learned is read under the lock: a report that comes at this moment is not written over.
    const household = await lockHousehold(trx, id);
    const learned = freezer && { ...freezer, known: freezer.known ?? freezerOf(household).known };
    return updateHousehold(
      trx,
      { id, version },
      {
        ...values,
        ...(learned ? { freezer: learned } : {}),
        ...(slicerStacks ? { slicer_stacks: slicerStacks } : {}),
        ...(forgetPaces ? { paces_since: new Date(nowMs()) } : {}),
      },
    );
  });
  return toHousehold(changed, await pacesIn(changed));
}

function toHousehold(row: HouseholdRow, paces: Paces): Household {
  const { id, name, zone, version, currency, cooks, heats } = row;
  return {
    id,
    name,
    zone,
    version,
    currency,
    cooks,
    heats,
    measures: ownedMeasures(row).map((measure) => measure.id),
    freezer: freezerOf(row),
    slicerStacks: row.slicer_stacks ?? [],
    paces,
  };
}

/** The freezer as it was set and learned, or a usual one. */
export const freezerOf = ({ freezer }: HouseholdRow): Freezer => freezer ?? USUAL_FREEZER;

const TAUGHT_BY_BATCHES = 30;
/** How quick these hands are, by what they did last. */
const pacesIn = ({ id, paces_since }: HouseholdRow): Promise<Paces> =>
  remembered('paces', async () =>
    pacesOf(await handworkEvents(database(), { householdId: id }, { since: paces_since, batches: TAUGHT_BY_BATCHES })),
  );

/** What plans take from the kitchen. */
export const kitchenOf = async (household: HouseholdRow, ingredients: readonly Ingredient[]): Promise<Kitchen> => ({
  zone: household.zone,
  sodaIngredient: findIngredient('soda', ingredients) ?? findIngredient('soda')!,
  measures: ownedMeasures(household),
  freezer: freezerOf(household),
  slicer: slicerOf(household),
  cooks: household.cooks,
  heats: household.heats,
  paces: await pacesIn(household),
});

/** The dial of the slicing machine, once its stacks agree on a line. */
function slicerOf({ slicer_stacks }: HouseholdRow): DialFit | undefined {
  const fit = slicer_stacks && slicer_stacks.length >= 2 ? fitDial(slicer_stacks) : undefined;
  return fit?.ok ? fit.fit : undefined;
}

/** The spoons and cups in this kitchen's drawer. */
export function ownedMeasures({ measures }: HouseholdRow): OwnedMeasure[] {
  const owned = USUAL_MEASURES.filter(({ id }) => !measures || measures.includes(id));
  return owned.length > 0 ? owned : [...USUAL_MEASURES];
}

async function furnish(db: Db, household: HouseholdRow): Promise<void> {
  const scope = { householdId: household.id };
  await insertIngredients(
    db,
    INGREDIENTS.map((one) => toRow(one, household.id)),
  );
  for (const {
    minutes,
    forMassG,
    holdBackShare,
    holdBackFor,
    heated = false,
    oilFirst = false,
    lines,
    name,
    note,
    ways,
  } of STARTER_BOOK) {
    const row = await insertRow<MarinadeRow>(db, 'marinade', scope, {
      name,
      note,
      ways,
      for_mass_g: forMassG,
      minutes_from: minutes.from,
      minutes_to: minutes.to,
      hold_back_share: holdBackShare,
      hold_back_for: holdBackFor ?? null,
      heated,
      oil_first: oilFirst,
    });
    await replaceLines(
      db,
      scope,
      row.id,
      lines.map((line) => ({ ingredient_id: line.ingredientId, mass_g: line.massG, note: line.note ?? '', said: '' })),
    );
  }
}

const toRow = (one: Ingredient, householdId: string): Partial<IngredientRow> => ({
  household_id: householdId,
  id: one.id,
  ...ingredientRow(one),
});

/**
 * The household's ingredients as the core knows them: its own first, then those that come with Mince by their present figures; last its own that were
 * put away, since marinades made with them still stand. A kitchen that was
 * furnished before an ingredient came gets its row here, for marinade lines to point at.
 */
export async function ingredientsOf(db: Db, householdId: string): Promise<Ingredient[]> {
  const rows = await listIngredients(householdId, db);
  const known = new Set(rows.map(({ id }) => id));
  const missing = INGREDIENTS.filter(({ id }) => !known.has(id));
  if (missing.length > 0)
    await insertIngredients(
      db,
      missing.map((one) => toRow(one, householdId)),
    );
  const builtIn = new Set(INGREDIENTS.map(({ id }) => id));
  const own = rows.filter(({ id }) => !builtIn.has(id)).map(toIngredient);
  return [...own.filter(({ removed }) => !removed), ...INGREDIENTS, ...own.filter(({ removed }) => removed)];
}
