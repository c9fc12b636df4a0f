import type { Animal } from '@/core/pieces';

/** Tints of raw flesh: fill and line. */
export const FLESH: Record<Animal, { fill: string; line: string }> = {
  beef: { fill: '#c9716d', line: '#9d4646' },
  veal: { fill: '#e3a8a0', line: '#b9736b' },
  lamb: { fill: '#d58c88', line: '#b05c5c' },
  goat: { fill: '#cf8a80', line: '#a65c52' },
  pork: { fill: '#e6aaa0', line: '#bf7469' },
  venison: { fill: '#a9565a', line: '#7f3439' },
  boar: { fill: '#b56763', line: '#8a413f' },
  bear: { fill: '#a65a50', line: '#7c392f' },
  bison: { fill: '#b25c5c', line: '#87393b' },
  rabbit: { fill: '#ebbfae', line: '#bd8570' },
  chicken: { fill: '#efccb8', line: '#c39379' },
  turkey: { fill: '#ecc4b4', line: '#bd8872' },
  duck: { fill: '#b9646b', line: '#8c3d45' },
  goose: { fill: '#ab5f60', line: '#803b3d' },
};
