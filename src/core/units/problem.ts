/** Why a typed quantity was not taken. The words for it live with the screens. */
export type QuantityProblem =
  | { code: 'empty' }
  | { code: 'not-a-number' }
  | { code: 'unknown-unit'; unit: string }
  | { code: 'too-small'; min: number }
  | { code: 'too-large'; max: number };

export type Parsed<T> = { ok: true; value: T } | { ok: false; problem: QuantityProblem };
