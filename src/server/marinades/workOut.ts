import 'server-only';
import { database } from '@/data/connection';
import type { MarinadeAnswer, MarinadeRequest, ParseAnswer } from '@/contract/calculations';
import {
  coatCheck,
  findIngredient,
  meatForBag,
  measureLine,
  parseLines,
  saltLanding,
  scaleMarinade,
  solveSalt,
  solveSugar,
  substitute,
  USUAL_WATER_FRACTION,
  type Ingredient,
  type Marinade,
  type MarinadeLine,
  type ParsedLine,
  type Solved,
} from '@/core/marinades';
import { SODIUM_IN_SALT } from '@/core/safety';
import { CURING_SALT_WORDS } from '@/core/words';
import type { OwnedMeasure } from '@/core/units';
import { writeMarinade } from '@/formats/markdown/writeMarinade';
import { readRecipe } from '@/formats/recipeJsonLd/read';
import type { MarinadeText } from '@/formats/recipeJsonLd/recipe';
import { writeRecipe } from '@/formats/recipeJsonLd/write';
import { breaksRule } from '../api/failures';
import { heavy } from '../heavy/pool';
import { currentHousehold, ingredientsOf, ownedMeasures } from '../kitchen/kitchen';
import { readMarinade, toCore } from './marinades';

/** A mix for so much meat: without what is not wanted, then sweetened, then salted as asked, in grams and in the kitchen's measures. */
export async function workOutMarinade(request: MarinadeRequest): Promise<MarinadeAnswer> {
  const household = await currentHousehold();
  const ingredients = await ingredientsOf(database(), household.id);
  const marinade = await mixOf(request, ingredients);
  const { people } = request;
  const meatG = meatOf(request, marinade);
  const holdBackShare = request.holdBackShare ?? marinade.holdBackShare;
  const meat = { meatG, meatWaterFraction: request.meatWaterFraction ?? USUAL_WATER_FRACTION, holdBackShare };
  const {
    lines: swapped,
    changes,
    left,
  } = substitute(scaleMarinade(marinade, meatG, holdBackShare).lines, request, ingredients);
  const lines = landed(swapped, meat, request, ingredients);

  const scaled = scaleMarinade({ ...marinade, forMassG: meatG, lines }, meatG, holdBackShare);
  const measured = scaled.lines.map((line) => measureLine(line, ownedMeasures(household)));
  const equilibriumSaltPercent = saltLanding(lines, meat);
  const { massG, saltG, sugarG, waterG, allergens, alcohol, glutamate } = scaled.whole;
  const mixMl = measured.reduce((sum, { volumeMl }) => sum + volumeMl, 0) * (1 - holdBackShare);
  return {
    meatG,
    lines: scaled.lines.map(({ ingredient, massG: lineG }, index) => ({
      ingredient: ingredient.id,
      name: ingredient.name,
      massG: lineG,
      volumeMl: measured[index]!.volumeMl,
      spoken: measured[index]!.spoken,
      errorPercent: measured[index]!.errorPercent,
    })),
    massG,
    saltG,
    sugarG,
    waterG,
    heldBackG: scaled.heldBackG,
    equilibriumSaltPercent,
    allergens,
    alcohol,
    glutamate,
    changes,
    left,
    coat:
      request.areaM2 === undefined
        ? null
        : coatCheck({
            mixMl,
            areaM2: request.areaM2,
            meatG,
            clinging: scaled.lines.some(
              ({ ingredient }) => ingredient.kind === 'fruit' || ingredient.kind === 'starch',
            ),
          }),
    perPerson:
      people === undefined
        ? null
        : {
            sodiumMg: {
              from: ((equilibriumSaltPercent / 100) * meatG * SODIUM_IN_SALT * 1000) / people,
              to: (saltG * SODIUM_IN_SALT * 1000) / people,
            },
            sugarG: sugarG / people,
          },
  };
}

/** Sweetened, then salted as asked. */
function landed(
  swapped: readonly MarinadeLine[],
  meat: Parameters<typeof solveSalt>[1],
  { sugarPercent, saltPercent }: MarinadeRequest,
  ingredients: readonly Ingredient[],
): readonly MarinadeLine[] {
  const sugar = findIngredient('sugar', ingredients)!;
  const salt = findIngredient('salt-fine', ingredients)!;
  const sweet =
    sugarPercent === undefined
      ? swapped
      : reached(solveSugar(swapped, meat, { targetPercent: sugarPercent, sugar }), '/sugarPercent');
  return saltPercent === undefined
    ? sweet
    : reached(solveSalt(sweet, meat, { targetPercent: saltPercent, salt }), '/saltPercent');
}

/** By weight, by people, or to the bag. */
function meatOf({ meatG, people, eachG, bagMl }: MarinadeRequest, marinade: Marinade): number {
  if (meatG !== undefined) return meatG;
  if (eachG !== undefined) return people! * eachG;
  const mixMl = marinade.lines.reduce((sum, { ingredient, massG }) => sum + massG / ingredient.densityGPerMl, 0);
  return meatForBag(bagMl!, mixMl / marinade.forMassG);
}

async function mixOf(
  { lines, marinadeId, forMassG, meatG = 1000 }: MarinadeRequest,
  ingredients: readonly Ingredient[],
): Promise<Marinade> {
  if (marinadeId) return toCore(await readMarinade(marinadeId), ingredients);
  const mix = lines!.map((line, index) => {
    if (typeof line === 'string') return readLine(line, index, ingredients);
    const ingredient = findIngredient(line.ingredient, ingredients);
    if (!ingredient) throw breaksRule(`There is no ingredient “${line.ingredient}”.`, `/lines/${index}/ingredient`);
    return { ingredient, massG: line.massG };
  });
  return { id: '', name: '', forMassG: forMassG ?? meatG, minutes: { from: 0, to: 0 }, holdBackShare: 0, lines: mix };
}

function readLine(text: string, index: number, ingredients: readonly Ingredient[]): MarinadeLine {
  const [{ ingredientId, suggestionId, flags, massG, said }] = parseLines(text.replace(/\s+/g, ' '), ingredients) as [
    ParsedLine,
  ];
  const suggested = suggestionId && findIngredient(suggestionId, ingredients);
  if (ingredientId === null || !massG)
    throw breaksRule(
      flags.includes('curing-salt')
        ? `“${text}”: ${CURING_SALT_WORDS}`
        : suggested
          ? `“${text}”: is that ${suggested.name.toLowerCase()}? Say so by its name.`
          : ingredientId === null
            ? `“${text}”: no ingredient that is known here.`
            : `“${text}”: how much of it?`,
      `/lines/${index}`,
    );
  return { ingredient: findIngredient(ingredientId, ingredients)!, massG, said };
}

function reached(solved: Solved, pointer: string) {
  if (solved.ok) return solved.lines;
  const say = (percent: number) => Math.round(percent * 100) / 100;
  throw breaksRule(
    `That cannot be reached with these ingredients; between ${say(solved.from)} and ${say(solved.to)} % can.`,
    pointer,
  );
}

/** Pasted text to lines; a recipe in JSON-LD says its name and more besides. */
export async function readPasted({
  text,
  decimalComma,
}: {
  text: string;
  decimalComma?: boolean;
}): Promise<ParseAnswer> {
  const ingredients = (await ingredientsOf(database(), (await currentHousehold()).id)).filter(
    ({ removed }) => !removed,
  );
  const recipe = /^\s*[[{]/.test(text) ? readRecipe(text) : undefined;
  const asked = recipe ? recipe.lines.map((line) => line.split(' | ')) : undefined;
  const parsed = await heavy(
    'parseLines',
    asked ? asked.map(([line]) => line).join('\n') : text,
    ingredients,
    decimalComma,
  );
  const lines = parsed.map(({ ingredientId, suggestionId, ...line }, index) => ({
    ...line,
    ingredient: ingredientId,
    suggestion: suggestionId,
    note: asked?.[index]?.[1] ?? line.note,
  }));
  const { lines: _lines, holdBackFor: _purpose, ...said } = recipe ?? { lines: [] };
  return { lines, ...said };
}

async function asText(id: string): Promise<{ text: MarinadeText; marinade: Marinade; measures: OwnedMeasure[] }> {
  const household = await currentHousehold();
  const resource = await readMarinade(id);
  const marinade = toCore(resource, await ingredientsOf(database(), household.id));
  const { name, note, ways, forMassG, minutes, holdBackShare, holdBackFor, heated, oilFirst } = resource;
  const lines = marinade.lines.map(({ ingredient, massG, note: lineNote = '' }) => ({
    name: ingredient.name,
    massG,
    note: lineNote,
  }));
  return {
    text: {
      name,
      note,
      ways,
      forMassG,
      minutes,
      holdBackShare,
      ...(holdBackFor ? { holdBackFor } : {}),
      heated,
      oilFirst,
      lines,
    },
    marinade,
    measures: ownedMeasures(household),
  };
}

export const marinadeAsRecipe = async (id: string): Promise<string> =>
  JSON.stringify(writeRecipe((await asText(id)).text), null, 2);

export async function marinadeAsMarkdown(id: string): Promise<string> {
  const { text, marinade, measures } = await asText(id);
  return writeMarinade(
    text,
    marinade.lines.map((line) => measureLine(line, measures).spoken),
  );
}
