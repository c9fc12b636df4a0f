import type { MarinadeText } from '../recipeJsonLd/recipe';

const escape = (text: string) => text.replace(/([\\`*_{}[\]<>#|])/g, '\\$1');

/** A marinade to paste into notes: a heading, the lines with grams and measures, what to hold back. */
export function writeMarinade(
  { name, note, forMassG, minutes, holdBackShare, heated, oilFirst, lines }: MarinadeText,
  spoken: readonly string[],
): string {
  const total = lines.reduce((sum, { massG }) => sum + massG, 0);
  const tidy = (massG: number) => (massG < 20 ? Math.round(massG * 10) / 10 : Math.round(massG));
  return [
    `# ${escape(name)}`,
    '',
    ...(note ? [escape(note), ''] : []),
    `For ${tidy(forMassG)} g of trimmed meat; ${minutes.from} to ${minutes.to} min in the fridge.`,
    '',
    ...lines.map(
      (line, index) =>
        `- ${tidy(line.massG)} g ${escape(line.name)}${line.note ? `, ${escape(line.note)}` : ''} (${spoken[index] ?? ''})`,
    ),
    '',
    ...(heated ? ['Simmer it first; let it cool before it meets raw meat.', ''] : []),
    ...(oilFirst ? ['Oil goes in first, starch last.', ''] : []),
    ...(holdBackShare > 0
      ? [
          `Hold back ${tidy(total * holdBackShare)} g before mixing: what touched raw meat is boiled or thrown away.`,
          '',
        ]
      : []),
  ].join('\n');
}
