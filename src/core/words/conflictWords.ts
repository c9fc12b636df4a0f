import type { Conflict } from '../tenderizing';

const CONFLICTS: Record<Conflict, { title: string; text: string }> = {
  'soda-and-fruit': {
    title: 'Fruit and soda together',
    text: 'Both soften the surface; on thin slices that turns to mush. Take the one or the other.',
  },
  'soda-and-acid': {
    title: 'Acid cancels soda that stays in',
    text: 'They fizz and leave salt behind, and neither does its work. Rinse the soda off first, or skip it.',
  },
  'pierced-and-long-fruit': {
    title: 'Needles let the fruit in',
    text: 'What stays in the outer millimetre otherwise works in every hole: soft right through. Shorten it, or take milder fruit.',
  },
  'acid-too-long': {
    title: 'Sour for longer than eight hours',
    text: 'Citrus and vinegar turn the outside chalky and dry; four to eight hours are customary.',
  },
};
export const conflictWords = (conflict: Conflict): { title: string; text: string } => CONFLICTS[conflict];
