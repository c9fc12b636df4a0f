/** Chance by a seed: the same run again. @param {number} seed */
export function chanceOf(seed) {
  let state = seed >>> 0 || 1;
  const next = () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
  const whole = (from, to) => from + Math.floor(next() * (to - from + 1));
  return { next, whole, one: (list) => list[whole(0, list.length - 1)] };
}
