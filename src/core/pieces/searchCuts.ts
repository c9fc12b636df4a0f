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
  const score = (cut: Cut): number => {
    const animal = plain(cut.animal);
    // "Beef bavette" is asked for as bavette, and "pork fillet" is the fillet of pork: the animal before it is no part of a name.
    const bare = (name: string) => name.replace(new RegExp(`^${animal} | of ${animal}$`), '');
    const names = [cut.name, ...cut.otherNames].map((name) => bare(plain(name)));
    const wanted = bare(asked);
    const words = wanted.split(' ');
    const best = Math.max(...names.map((name) => rank(name, wanted, words, animal)));
    // The name in the catalogue goes before a by-name of the same rank.
    return best > 0 && rank(names[0]!, wanted, words, animal) === best ? best + 0.5 : best;
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

const MOST_NEAR = 3;
/** Letters that may differ in a word of this length. */
const slips = (word: string) => (word.length < 4 ? 1 : word.length < 8 ? 2 : 3);

/** Where nothing is called that: the cuts whose words come nearest to it, three at most; none where nothing is near. */
export function nearCuts(text: string, cuts: readonly Cut[]): Cut[] {
  const words = plain(text.slice(0, 60))
    .split(' ')
    .filter((word) => word.length > 2);
  if (words.length === 0) return [];
  return cuts
    .map((cut) => {
      const known = [cut.name, ...cut.otherNames].flatMap((name) => plain(name).split(' '));
      const off = words.map((word) => {
        const least = Math.min(...known.map((one) => distance(word, one)));
        return least <= slips(word) ? least : Infinity;
      });
      return { cut, off: off.reduce((sum, one) => sum + one, 0) };
    })
    .filter(({ off }) => Number.isFinite(off))
    .sort((a, b) => a.off - b.off)
    .slice(0, MOST_NEAR)
    .map(({ cut }) => cut);
}

/** Levenshtein distance: letters put in, left out or exchanged. */
function distance(one: string, other: string): number {
  let row = Array.from({ length: other.length + 1 }, (_, index) => index);
  for (let i = 1; i <= one.length; i++) {
    const next = [i];
    for (let j = 1; j <= other.length; j++)
      next[j] = Math.min(row[j]! + 1, next[j - 1]! + 1, row[j - 1]! + (one[i - 1] === other[j - 1] ? 0 : 1));
    row = next;
  }
  return row[other.length]!;
}
