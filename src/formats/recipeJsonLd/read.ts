import { USES } from '@/core/ways';
import { HOLD_BACK_PURPOSES, type HoldBackPurpose, type MarinadeFacts } from '@/core/marinades';

/** What a recipe from anywhere says: its ingredient lines as text, and ours where it carries them. */
export interface ReadRecipe extends Partial<MarinadeFacts> {
  name: string;
  note: string;
  lines: string[];
}

const MOST_LINES = 200;
const LONGEST = 2000;

/**
 * The first Recipe in a JSON-LD text, alone, in a list or in a graph. It is untrusted: only text and numbers within bounds are taken.
 * @returns undefined when there is none, or the text is not JSON
 */
export function readRecipe(text: string): ReadRecipe | undefined {
  let parsed: unknown;
  try {
    parsed = JSON.parse(text);
  } catch {
    return undefined;
  }
  const recipe = findRecipe(parsed, 0);
  if (!recipe) return undefined;
  const number = (key: string, min: number, max: number) => {
    const value = recipe[key];
    return typeof value === 'number' && value >= min && value <= max ? value : undefined;
  };
  const minutes = recipe['marinade:minutes'] as { from?: unknown; to?: unknown } | undefined;
  const { from, to } = minutes && typeof minutes === 'object' ? minutes : {};
  const ways = Array.isArray(recipe['marinade:ways'])
    ? USES.filter((way) => (recipe['marinade:ways'] as unknown[]).includes(way))
    : undefined;
  const ingredients = recipe.recipeIngredient ?? recipe.ingredients;
  return {
    name: plainText(recipe.name).slice(0, 120),
    note: plainText(recipe.description).slice(0, LONGEST),
    lines: (Array.isArray(ingredients) ? ingredients : typeof ingredients === 'string' ? ingredients.split('\n') : [])
      .map(plainText)
      .filter(Boolean)
      .slice(0, MOST_LINES),
    forMassG: number('marinade:forMassG', 50, 30_000),
    holdBackShare: number('marinade:holdBackShare', 0, 0.8),
    ...(typeof from === 'number' && typeof to === 'number' && from >= 0 && to >= from && to <= 4320
      ? { minutes: { from, to } }
      : {}),
    ...(ways?.length ? { ways } : {}),
    ...(recipe['marinade:heated'] === true ? { heated: true } : {}),
    ...(recipe['marinade:oilFirst'] === true ? { oilFirst: true } : {}),
    ...(HOLD_BACK_PURPOSES.some((one) => one === recipe['marinade:holdBackFor'])
      ? { holdBackFor: recipe['marinade:holdBackFor'] as HoldBackPurpose }
      : {}),
  };
}

type Thing = Record<string, unknown>;

function findRecipe(value: unknown, depth: number): Thing | undefined {
  if (depth > 6 || value === null || typeof value !== 'object') return undefined;
  if (Array.isArray(value))
    return value
      .slice(0, 200)
      .map((one) => findRecipe(one, depth + 1))
      .find(Boolean);
  const thing = value as Thing;
  const types = Array.isArray(thing['@type']) ? thing['@type'] : [thing['@type']];
  if (types.some((type) => typeof type === 'string' && /(^|[/:#])Recipe$/.test(type))) return thing;
  return findRecipe(thing['@graph'], depth + 1) ?? findRecipe(thing.mainEntity, depth + 1);
}

/** Tags and entities of a page are not part of the text. */
const plainText = (value: unknown): string =>
  typeof value === 'string'
    ? value
        .slice(0, LONGEST)
        .replace(/<[^>]{0,300}>/g, ' ')
        .replace(/&nbsp;/g, ' ')
        .replace(/&amp;/g, '&')
        .replace(/&#?\w{1,8};/g, ' ')
        .replace(/\s+/g, ' ')
        .trim()
    : '';
