import type { MarinadeText } from './recipe';

/** Our own terms beside schema.org's, for what a recipe there has no word for. */
export const OWN_TERMS = 'urn:x-marinade:';

/** Weights are written in full, so that reading them back gives the same. */
export function writeRecipe({
  name,
  note,
  ways,
  forMassG,
  minutes,
  holdBackShare,
  holdBackFor,
  heated,
  oilFirst,
  lines,
}: MarinadeText): Record<string, unknown> {
  return {
    '@context': ['https://schema.org', { marinade: OWN_TERMS }],
    '@type': 'Recipe',
    name,
    description: note,
    recipeCategory: 'Marinade',
    recipeYield: `for ${forMassG} g of trimmed meat`,
    recipeIngredient: lines.map((line) => `${line.massG} g ${line.name}${line.note ? ` | ${line.note}` : ''}`),
    'marinade:forMassG': forMassG,
    'marinade:minutes': minutes,
    'marinade:ways': ways,
    'marinade:holdBackShare': holdBackShare,
    ...(heated ? { 'marinade:heated': true } : {}),
    ...(oilFirst ? { 'marinade:oilFirst': true } : {}),
    ...(holdBackFor ? { 'marinade:holdBackFor': holdBackFor } : {}),
  };
}
