import type { Block } from './solveBlock';

/** Ice in a cut through the middle of the piece along its length, at one time. */
export interface Frame {
  minutes: number;
  /** Share of the water, row by row from the bottom; cell borders are in the film. */
  frozen: number[];
}

export interface Film {
  /** Cell borders in mm from the middle toward the end. */
  lengthMm: number[];
  /** Cell borders in mm: from the middle to the top where top and bottom are alike, else from the bottom. */
  heightMm: number[];
  mirrored: boolean;
  frames: Frame[];
}

/** Cuts through a block while it is solved: from the beginning on, about so many, evenly in time. Every second one is dropped whenever there are too many. */
export function filming(block: Block, { wanted, mirrored }: { wanted: number; mirrored: boolean }) {
  const { lengthMm, heightMm } = block.section();
  const frame = (minutes: number): Frame => ({
    minutes,
    frozen: block.section().frozen.map((share) => Math.round(share * 1000) / 1000),
  });
  const film: Film = { lengthMm, heightMm, mirrored, frames: [frame(0)] };
  let every = 1;
  return {
    film,
    take(step: number, minutes: number) {
      if (step % every) return;
      film.frames.push(frame(minutes));
      if (film.frames.length < 2 * wanted) return;
      film.frames = film.frames.filter((_, index) => index % 2 === 0);
      every *= 2;
    },
  };
}
