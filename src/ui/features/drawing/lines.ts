export interface Point {
  x: number;
  y: number;
}

const MOST_LINES = 220;
const rad = (deg: number) => (deg * Math.PI) / 180;
export const tidy = (value: number) => Math.round(value * 100) / 100;

/** Parallel lines across a box, as one path: through points every `gap` along the normal. */
export function hatch(normalDeg: number, gapMm: number, reachMm: number, centre: Point): string {
  const count = Math.min(MOST_LINES, Math.ceil((2 * reachMm) / gapMm));
  const [nx, ny] = [Math.cos(rad(normalDeg)), Math.sin(rad(normalDeg))];
  let path = '';
  for (let index = 0; index <= count; index++) {
    const along = (index - count / 2) * gapMm;
    const [x, y] = [centre.x + nx * along, centre.y + ny * along];
    path += `M${tidy(x - ny * reachMm)} ${tidy(y + nx * reachMm)}L${tidy(x + ny * reachMm)} ${tidy(y - nx * reachMm)}`;
  }
  return path;
}

/** Lines both ways, from the corner. */
export function grid(width: number, height: number, gapMm: number): string {
  let path = '';
  for (let x = gapMm; x < width - gapMm * 0.2; x += gapMm) path += `M${tidy(x)} 0V${tidy(height)}`;
  for (let y = gapMm; y < height - gapMm * 0.2; y += gapMm) path += `M0 ${tidy(y)}H${tidy(width)}`;
  return path;
}

/** A knife that goes round and round: the sheet it leaves is `gapMm` thick. */
export function spiral(width: number, height: number, gapMm: number): string {
  let [left, top, right, bottom] = [0, 0, width, height - gapMm];
  let path = `M0 ${tidy(bottom)}`;
  for (let turn = 0; turn < 40 && right - left > gapMm * 0.6 && bottom - top > gapMm * 0.6; turn++) {
    right -= gapMm;
    path += `H${tidy(right)}`;
    top += gapMm;
    path += `V${tidy(top)}`;
    left += gapMm;
    path += `H${tidy(left)}`;
    bottom -= gapMm;
    path += `V${tidy(bottom)}`;
  }
  return path;
}

/** Short streaks of fat along the fibres, at fixed places. */
const STREAKS = [
  [0.08, 0.42, 0.9],
  [0.19, 0.18, 1.2],
  [0.27, 0.71, 0.8],
  [0.36, 0.35, 1.1],
  [0.44, 0.86, 0.7],
  [0.53, 0.14, 1],
  [0.6, 0.6, 1.3],
  [0.71, 0.33, 0.8],
  [0.78, 0.8, 1.1],
  [0.87, 0.52, 0.9],
] as const;

export function marbling(width: number, height: number, grainDeg: number): string {
  const [dx, dy] = [Math.cos(rad(grainDeg)), Math.sin(rad(grainDeg))];
  const run = Math.min(width, height) * 0.07;
  return STREAKS.map(
    ([x, y, long]) =>
      `M${tidy(width * x)} ${tidy(height * y)}q${tidy(run * long * dx - run * 0.06 * dy)} ${tidy(run * long * dy + run * 0.06 * dx)} ${tidy(2 * run * long * dx)} ${tidy(2 * run * long * dy)}`,
  ).join('');
}

/** A piece has rounded ends; the calculation takes the block around it. */
export function outline(width: number, height: number): string {
  const [rx, ry] = [Math.min(width * 0.16, height * 0.6), Math.min(height * 0.34, width * 0.4)].map(tidy) as [
    number,
    number,
  ];
  return `M${rx} 0H${tidy(width - rx * 0.7)}Q${tidy(width)} 0 ${tidy(width)} ${ry}V${tidy(height - ry * 0.7)}Q${tidy(width)} ${tidy(height)} ${tidy(width - rx)} ${tidy(height)}H${tidy(rx * 0.6)}Q0 ${tidy(height)} 0 ${tidy(height - ry)}V${tidy(ry * 0.8)}Q0 0 ${rx} 0Z`;
}
