import { usualFreezingPointC, type Animal, type Cut } from '../cut';

const USUAL_ASH = 0.01;

export interface Row {
  names?: string;
  work: Cut['work'];
  fat: Cut['fat'];
  form?: Cut['form'];
  /** Water, protein, fat in per cent of the trimmed raw meat. */
  is: readonly [water: number, protein: number, fat: number];
  /** Length to width, height in mm, grams of one piece. */
  size: readonly [lengthToWidth: number, heightMm: number, massG: number];
  grainDeg?: number;
  seams?: boolean;
  /** Per cent of the raw weight. */
  loss: readonly [from: number, to: number];
  /** Per cent of the trimmed weight that is bone and stays on. */
  bone?: readonly [from: number, to: number];
  trim: string;
  suits: Cut['suits'];
}

/** A cut from one row of the catalogue. */
export function row(
  animal: Animal,
  id: string,
  name: string,
  { names = '', work, fat, form = 'block', is, size, grainDeg = 0, seams = false, loss, bone, trim, suits }: Row,
): Cut {
  return {
    id,
    animal,
    name,
    otherNames: names ? names.split(', ') : [],
    work,
    fat,
    form,
    seams,
    grainDeg,
    trim,
    suits,
    composition: { water: is[0] / 100, protein: is[1] / 100, fat: is[2] / 100, ash: USUAL_ASH },
    freezingPointC: usualFreezingPointC(animal),
    lengthToWidth: size[0],
    usualHeightMm: size[1],
    usualMassG: size[2],
    trimLoss: { from: loss[0] / 100, to: loss[1] / 100 },
    ...(bone ? { boneShare: { from: bone[0] / 100, to: bone[1] / 100 } } : {}),
  };
}
