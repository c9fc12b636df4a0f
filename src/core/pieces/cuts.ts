import type { Composition, Cut } from './cut';

const of = (water: number, protein: number, fat: number, ash = 0.01): Composition => ({ water, protein, fat, ash });

/** Typical pieces as a shop sells them. Composition and shapes: see docs/sources.md, "Cuts". */
export const CUTS: readonly Cut[] = [
  {
    id: 'beef-flank', animal: 'beef', name: 'Beef flank', otherNames: ['bavette', 'flank steak', 'London broil', 'goose skirt'], work: 'hard',
    composition: of(0.715, 0.212, 0.063), lengthToWidth: 2, usualHeightMm: 25, grainDeg: 0, trimLoss: { from: 0.03, to: 0.08 },
    trim: 'Pull off the silver skin; it never softens.',
  },
  {
    id: 'beef-skirt', animal: 'beef', name: 'Beef skirt', otherNames: ['outside skirt', 'inside skirt', 'skirt steak', 'fajita meat', 'thin skirt'], work: 'hard',
    composition: of(0.69, 0.195, 0.105), lengthToWidth: 1.2, usualHeightMm: 18, grainDeg: 90, trimLoss: { from: 0.08, to: 0.2 },
    trim: 'Peel the membrane off both faces and divide the long strip into short lengths where it changes thickness.',
  },
  {
    id: 'beef-top-round', animal: 'beef', name: 'Beef top round', otherNames: ['topside', 'inside round', 'round steak'], work: 'hard',
    composition: of(0.725, 0.225, 0.04), lengthToWidth: 1.5, usualHeightMm: 60, grainDeg: 0, trimLoss: { from: 0.04, to: 0.1 },
    trim: 'Take off the fat cap and the skin under it.',
  },
  {
    id: 'beef-sirloin', animal: 'beef', name: 'Beef sirloin', otherNames: ['top sirloin', 'rump steak', 'rump', 'sirloin butt'], work: 'some',
    composition: of(0.71, 0.215, 0.065), lengthToWidth: 1.5, usualHeightMm: 30, grainDeg: 0, trimLoss: { from: 0.05, to: 0.12 },
    trim: 'Take off hard edge fat and the seam of gristle.',
  },
  {
    id: 'beef-tenderloin', animal: 'beef', name: 'Beef tenderloin', otherNames: ['fillet', 'eye fillet', 'filet'], work: 'tender',
    composition: of(0.715, 0.215, 0.06), lengthToWidth: 4, usualHeightMm: 60, grainDeg: 0, trimLoss: { from: 0.05, to: 0.2 },
    trim: 'Slide the knife under the silver skin and take it off whole.',
  },
  {
    id: 'lamb-leg', animal: 'lamb', name: 'Lamb leg, boned', otherNames: ['boneless leg of lamb', 'gigot', 'easy carve leg'], work: 'some',
    composition: of(0.735, 0.203, 0.052), lengthToWidth: 1.75, usualHeightMm: 45, grainDeg: 0, trimLoss: { from: 0.04, to: 0.1 },
    trim: 'Take off the skin, hard fat and the gland in its fat pocket.',
  },
  {
    id: 'lamb-shoulder', animal: 'lamb', name: 'Lamb shoulder, boned', otherNames: ['boneless shoulder of lamb', 'square cut shoulder'], work: 'hard',
    composition: of(0.67, 0.185, 0.135), lengthToWidth: 1.5, usualHeightMm: 45, grainDeg: 0, trimLoss: { from: 0.08, to: 0.18 },
    trim: 'Follow the seams, take out hard fat and silver skin; keep the marbling.',
  },
  {
    id: 'pork-shoulder', animal: 'pork', name: 'Pork shoulder, boned', otherNames: ['Boston butt', 'pork butt', 'collar', 'neck', 'scotch fillet of pork'], work: 'hard',
    composition: of(0.7, 0.19, 0.1), lengthToWidth: 1.4, usualHeightMm: 60, grainDeg: 0, trimLoss: { from: 0.05, to: 0.12 },
    trim: 'Take off rind, hard fat and silver skin; the marbling stays.',
  },
  {
    id: 'pork-loin', animal: 'pork', name: 'Pork loin, boned', otherNames: ['loin fillet', 'boneless loin', 'short cut loin'], work: 'some',
    composition: of(0.725, 0.215, 0.05), lengthToWidth: 2.2, usualHeightMm: 60, grainDeg: 0, trimLoss: { from: 0.03, to: 0.1 },
    trim: 'Take off the fat strip and the skin under it.',
  },
  {
    id: 'chicken-breast', animal: 'chicken', name: 'Chicken breast', otherNames: ['chicken fillet', 'boneless skinless breast'], work: 'tender',
    composition: of(0.745, 0.225, 0.02), lengthToWidth: 1.6, usualHeightMm: 30, grainDeg: 0, trimLoss: { from: 0.01, to: 0.04 },
    trim: 'Pull out the tendon of the inner fillet.',
  },
  {
    id: 'chicken-thigh', animal: 'chicken', name: 'Chicken thigh, boned', otherNames: ['boneless thigh', 'thigh fillet', 'chicken leg meat'], work: 'some',
    composition: of(0.75, 0.195, 0.045), lengthToWidth: 1.5, usualHeightMm: 20, grainDeg: 0, trimLoss: { from: 0.04, to: 0.1 },
    trim: 'Take off loose fat, cartilage and any splinter of bone.',
  },
  {
    id: 'turkey-breast', animal: 'turkey', name: 'Turkey breast', otherNames: ['turkey fillet', 'boneless turkey breast', 'turkey crown meat'], work: 'tender',
    composition: of(0.74, 0.235, 0.015), lengthToWidth: 1.8, usualHeightMm: 50, grainDeg: 0, trimLoss: { from: 0.01, to: 0.05 },
    trim: 'Pull the skin and the thick tendon.',
  },
];

/** The cut of that id, or undefined. */
export function findCut(cutId: string): Cut | undefined {
  return CUTS.find((cut) => cut.id === cutId);
}
