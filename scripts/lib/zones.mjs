import { Stop } from './say.mjs';

const isZone = (zone) => {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return /^[A-Za-z]/.test(zone);
  } catch {
    return false;
  }
};

/** How many letters would have to change, be added or go. */
function distance(a, b) {
  let row = Array.from({ length: b.length + 1 }, (_, index) => index);
  for (let i = 1; i <= a.length; i++) {
    const next = [i];
    for (let j = 1; j <= b.length; j++)
      next[j] = Math.min(row[j] + 1, next[j - 1] + 1, row[j - 1] + (a[i - 1] === b[j - 1] ? 0 : 1));
    row = next;
  }
  return row[b.length];
}

/** Names of zones nearest to what was typed: by the whole name, or by its city. */
export function zonesNear(typed, count = 3) {
  const small = typed.toLowerCase().replaceAll(' ', '_');
  const city = (zone) => zone.split('/').at(-1);
  const off = (zone) =>
    Math.min(distance(small, zone.toLowerCase()), distance(city(small), city(zone.toLowerCase())) + 0.5);
  return Intl.supportedValuesOf('timeZone')
    .map((zone) => ({ zone, off: off(zone) }))
    .sort((a, b) => a.off - b.off)
    .slice(0, count)
    .map(({ zone }) => zone);
}

/** @throws Stop with near names when that is no time zone */
export function checkZone(zone) {
  if (zone === undefined || isZone(zone)) return;
  throw new Stop(
    `MINCE_ZONE is “${zone}”, which is no time zone. Near it: ${zonesNear(zone).join(', ')}. Nothing was started.`,
  );
}
