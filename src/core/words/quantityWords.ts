import type { QuantityProblem } from '../units';

export interface QuantityKind {
  /** "a weight" */
  what: string;
  /** "700 g or 1 1/2 lb" */
  examples: string;
  /** Writes a limit in the cook's units. */
  show: (limit: number) => string;
}

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
