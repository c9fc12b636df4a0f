import type { Cut } from './cut';

const plain = (text: string) =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();

/**
 * Cuts that any of their names finds, best first: a whole name, the beginning of a name, the beginning of its words, letters anywhere.
 * Accents, case and order of words do not matter; every word asked for must be found. An empty text finds all, in the order given.
 */
export function searchCuts(text: string, cuts: readonly Cut[]): Cut[] {
  const asked = plain(text.slice(0, 200));
  if (!asked) return [...cuts];
  const words = asked.split(' ');
  const score = (cut: Cut): number => {
    const names = [cut.name, ...cut.otherNames].map(plain);
    const animal = plain(cut.animal);
    const best = Math.max(...names.map((name) => rank(`${name}`, asked, words, animal)));
    // The name in the catalogue goes before a by-name of the same rank.
    return best > 0 && rank(names[0]!, asked, words, animal) === best ? best + 0.5 : best;
  };
  return cuts
    .map((cut, index) => ({ cut, index, score: score(cut) }))
    .filter((one) => one.score > 0)
    .sort((a, b) => b.score - a.score || a.index - b.index)
    .map(({ cut }) => cut);
}

function rank(name: string, asked: string, words: readonly string[], animal: string): number {
  if (name === asked) return 5;
  if (name.startsWith(asked)) return 4;
  const parts = [...name.split(' '), animal];
  if (words.every((word) => parts.some((part) => part === word))) return 3;
  if (words.every((word) => parts.some((part) => part.startsWith(word)))) return 2;
  return words.every((word) => word.length > 2 && name.includes(word)) ? 1 : 0;
}
