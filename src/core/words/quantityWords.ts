import type { QuantityProblem, ReadAs } from '../units';

export interface QuantityKind {
  /** "a weight" */
  what: string;
  /** "700 g or 1 1/2 lb" */
  examples: string;
  /** Writes a limit in the cook's units. */
  show: (limit: number) => string;
}

/** How a text was read that left something open. */
export const readAsWords = (readAs: ReadAs, value: number, show: (value: number) => string): string =>
  readAs.as === 'middle' ? `read as ${show(value)}, the middle` : `read as ${show(value)}`;

/** Why a typed quantity was not taken, and what would be. */
export function quantityWords(problem: QuantityProblem, { what, examples, show }: QuantityKind): string {
  switch (problem.code) {
    case 'empty':
      return `Give ${what}, for example ${examples}.`;
    case 'not-a-number':
      return `That is not ${what}. Try ${examples}.`;
    case 'unknown-unit':
      return problem.unit
        ? `Mince does not know “${problem.unit}” as a unit here. Try ${examples}.`
        : `Add a unit, for example ${examples}.`;
    case 'too-small':
      return `Too little: ${show(problem.min)} or more.`;
    case 'too-large':
      return `Too much: ${show(problem.max)} at most.`;
  }
}
