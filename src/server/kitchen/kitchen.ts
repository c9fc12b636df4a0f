import 'server-only';
import { initialZone } from '@/config/environment';
import type { Household, HouseholdWrite } from '@/contract/resources';
import { USUAL_FREEZER, type Freezer } from '@/core/batches';
import { INGREDIENTS, STARTER_BOOK, type Ingredient } from '@/core/marinades';
import { fitDial, type DialFit } from '@/core/slicing';
import { isZone } from '@/core/times';
import { dialProblemWords } from '@/core/words';
import { USUAL_MEASURES, type OwnedMeasure } from '@/core/units';
import { database, type Db } from '@/data/connection';
import { ensureHousehold, firstHousehold, insertIngredients, listIngredients, updateHousehold } from '@/data/households';
import { replaceLines } from '@/data/marinades';
import type { HouseholdRow, IngredientRow, MarinadeRow } from '@/data/tables';
import { insertRow } from '@/data/versioned';
import { breaksRule } from '../api/failures';

/** The one household there is for now; made, with ingredients and a starter book, when first asked for. */
export async function currentHousehold(): Promise<HouseholdRow> {
  const zone = initialZone();
  return (await firstHousehold()) ?? ensureHousehold({ name: 'Our kitchen', zone: isZone(zone) ? zone : 'UTC' }, furnish);
}

export async function readHousehold(): Promise<Household> {
  return toHousehold(await currentHousehold());
}

export async function changeHousehold({ freezer, slicerStacks, ...values }: HouseholdWrite): Promise<Household> {
  const dial = slicerStacks && slicerStacks.length > 1 ? fitDial(slicerStacks) : undefined;
  if (dial && !dial.ok) throw breaksRule(dialProblemWords(dial.problem, { system: 'metric', locale: 'en' }), '/slicerStacks');
  const household = await currentHousehold();
  const learned = freezer && { ...freezer, known: freezer.known ?? freezerOf(household).known };
  return toHousehold(await updateHousehold(household.id, { ...values, ...(learned ? { freezer: learned } : {}), ...(slicerStacks ? { slicer_stacks: slicerStacks } : {}) }));
}

function toHousehold(row: HouseholdRow): Household {
  const { id, name, zone, version, currency } = row;
  return { id, name, zone, version, currency, measures: ownedMeasures(row).map((measure) => measure.id), freezer: freezerOf(row), slicerStacks: row.slicer_stacks ?? [] };
}

/** The freezer as it was set and learned, or a usual one. */
export const freezerOf = ({ freezer }: HouseholdRow): Freezer => freezer ?? USUAL_FREEZER;

/** The dial of the slicing machine, once its stacks agree on a line. */
export function slicerOf({ slicer_stacks }: HouseholdRow): DialFit | undefined {
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
  await insertIngredients(db, INGREDIENTS.map((one) => toRow(one, household.id)));
  for (const { minutes, forMassG, holdBackShare, holdBackFor, lines, name, note, ways } of STARTER_BOOK) {
    const row = await insertRow<MarinadeRow>(db, 'marinade', scope, {
      name, note, ways, for_mass_g: forMassG, minutes_from: minutes.from, minutes_to: minutes.to, hold_back_share: holdBackShare, hold_back_for: holdBackFor ?? null,
    });
    await replaceLines(db, scope, row.id, lines.map((line) => ({ ingredient_id: line.ingredientId, mass_g: line.massG, note: line.note ?? '' })));
  }
}

function toRow(one: Ingredient, householdId: string): IngredientRow {
  return {
    household_id: householdId, id: one.id, name: one.name, other_names: [...one.otherNames], kind: one.kind, density_g_per_ml: one.densityGPerMl, water_fraction: one.waterFraction,
    salt_fraction: one.saltFraction, sugar_fraction: one.sugarFraction, allergens: [...one.allergens], strong_enzyme: one.strongEnzyme ?? false, alcohol: one.alcohol ?? false,
    glutamate: one.glutamate ?? false, piece_name: one.piece?.name ?? null, piece_mass_g: one.piece?.massG ?? null,
  };
}

/**
 * The household's ingredients as the core knows them: those that come with Mince by their present figures, then its own. A kitchen that was
 * furnished before an ingredient came gets its row here, for marinade lines to point at.
 */
export async function ingredientsOf(householdId: string, db: Db = database()): Promise<Ingredient[]> {
  const rows = await listIngredients(householdId, db);
  const known = new Set(rows.map(({ id }) => id));
  const missing = INGREDIENTS.filter(({ id }) => !known.has(id));
  if (missing.length > 0) await insertIngredients(db, missing.map((one) => toRow(one, householdId)));
  const builtIn = new Set(INGREDIENTS.map(({ id }) => id));
  return [...INGREDIENTS, ...rows.filter(({ id }) => !builtIn.has(id)).map(toCore)];
}

function toCore(row: IngredientRow): Ingredient {
  return {
    id: row.id, name: row.name, otherNames: row.other_names, kind: row.kind, densityGPerMl: row.density_g_per_ml, waterFraction: row.water_fraction, saltFraction: row.salt_fraction,
    sugarFraction: row.sugar_fraction, allergens: row.allergens, strongEnzyme: row.strong_enzyme, alcohol: row.alcohol, glutamate: row.glutamate,
    ...(row.piece_name && row.piece_mass_g ? { piece: { name: row.piece_name, massG: row.piece_mass_g } } : {}),
  };
}
