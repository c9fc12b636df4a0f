import type { Ingredient } from './ingredient';

/** Ingredients of which any name holds this text; all of them for none. Those whose name begins with it come first. */
export function searchIngredients<T extends Pick<Ingredient, 'name' | 'otherNames'>>(
  text: string,
  among: readonly T[],
): T[] {
  const wanted = text.trim().toLowerCase();
  const names = ({ name, otherNames }: T) => [name, ...otherNames].map((one) => one.toLowerCase());
  const found = among.filter((one) => names(one).some((name) => name.includes(wanted)));
  const begins = (one: T) => (names(one).some((name) => name.startsWith(wanted)) ? 0 : 1);
  return found.sort((a, b) => begins(a) - begins(b));
}
