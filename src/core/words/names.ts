import type { SodaReason, SodaChoice } from '../tenderizing';
import type { Allergen } from '../marinades';
import type { Animal } from '../pieces';
import type { Stage } from '../scheduling';
import type { Way } from '../cooking';

export const WAY_NAMES: Record<Way, string> = { 'stir-fry': 'Stir-fry', 'flat-skewers': 'Skewers, flat', 'cube-skewers': 'Skewers, cubes', 'table-grill': 'Table grill', 'thin-steak': 'Thin steak' };
export const ANIMAL_NAMES: Record<Animal, string> = {
  beef: 'Beef', veal: 'Veal', pork: 'Pork', lamb: 'Lamb', goat: 'Goat', venison: 'Venison', boar: 'Wild boar', bear: 'Bear', bison: 'Bison', rabbit: 'Rabbit', chicken: 'Chicken', turkey: 'Turkey', duck: 'Duck', goose: 'Goose',
};
export const STAGE_NAMES: Record<Stage, string> = { piece: 'Piece', firm: 'Firm', slice: 'Slice', tenderize: 'Tenderize', marinate: 'Marinate', cook: 'Cook', taste: 'Taste' };
export const WORK_NAMES = { tender: 'tender cut', some: 'some work in it', hard: 'hard-working muscle' } as const;
export const SODA_NAMES: Record<SodaChoice, string> = { 'leave-in': 'Leave it in', 'rinse-off': 'Rinse it off', skip: 'Skip soda' };

export const ALLERGEN_NAMES: Record<Allergen, string> = {
  gluten: 'wheat (gluten)', crustaceans: 'crustaceans', egg: 'egg', fish: 'fish', peanut: 'peanut', soy: 'soy', milk: 'milk', 'tree-nuts': 'tree nuts',
  celery: 'celery', mustard: 'mustard', sesame: 'sesame', sulphites: 'sulphites', lupin: 'lupin', molluscs: 'molluscs',
};

export const SODA_REASONS: Record<SodaReason, string> = {
  'tender-cut': 'This cut is tender as it is.',
  'tough-or-thick': 'Tough cut or thicker slices: a stronger dose, rinsed off, does more.',
  'thin-strips': 'Thin strips in a savoury marinade: a little soda can stay in.',
  'acid-marinade': 'The marinade is sour and would cancel soda left in, so rinse it off first.',
  'thick-piece': 'Soda works from the surface: cubes and whole steaks are pounded or scored instead.',
  'strong-fruit': 'The fruit in the marinade already tenderizes; do not stack soda on it.',
};

/** The line that stands within reach of every safety figure. */
export const GUIDANCE_LINE = 'Usual guidance for home kitchens. Local food-safety rules come first; for selling food, ask your licensing authority.';

/** "soy, wheat (gluten) and sesame" */
export function listOf(words: readonly string[]): string {
  if (words.length < 2) return words[0] ?? '';
  return `${words.slice(0, -1).join(', ')} and ${words[words.length - 1]}`;
}
