export interface Part {
  lengthMm: number;
  heightMm: number;
}

export interface DividedPart extends Part {
  massG: number;
  /** Share of the whole. */
  share: number;
}

/**
 * Weights of the parts of a long piece of even width that is thicker at one end: by volume. Their weights add up to the whole.
 * @throws RangeError for fewer than two parts or a size that is not positive
 */
export function divide(massG: number, parts: readonly Part[]): DividedPart[] {
  if (parts.length < 2 || !(massG > 0) || parts.some(({ lengthMm, heightMm }) => !(lengthMm > 0) || !(heightMm > 0)))
    throw new RangeError('two parts or more, with positive sizes');
  const whole = parts.reduce((sum, { lengthMm, heightMm }) => sum + lengthMm * heightMm, 0);
  return parts.map((part) => {
    const share = (part.lengthMm * part.heightMm) / whole;
    return { ...part, share, massG: massG * share };
  });
}

/** What a kilogram costs once it is trimmed. @throws RangeError when nothing is left or more than there was */
export function pricePerTrimmedKg(pricePerKg: number, massG: number, trimmedG: number): number {
  if (!(trimmedG > 0) || trimmedG > massG || !(pricePerKg >= 0))
    throw new RangeError('the trimmed weight is between nothing and the weight as bought');
  return (pricePerKg * massG) / trimmedG;
}
