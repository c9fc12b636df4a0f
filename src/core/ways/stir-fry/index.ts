import { SHAPE_ROWS } from '../shape';
import { defineWay, OVERNIGHT_MIN, USUAL_STAGES, USUAL_WORK } from '../way';

/** Slices seared in rounds in a very hot pan, back together at the end. */
export const stirFry = defineWay({
  id: 'stir-fry',
  work: USUAL_WORK,
  stages: USUAL_STAGES,
  shapes: { strips: SHAPE_ROWS.strips.band, ribbons: SHAPE_ROWS.ribbons.band, shaved: SHAPE_ROWS.shaved.band },
  marinadeMin: { from: 10, to: OVERNIGHT_MIN },
  bevelDeg: 0,
  stripWidthMm: 6,
  softened: true,
  staysHotMin: 10,
  heat: {
    method: 'pan',
    setting: 'very-hot',
    perSide: [{ uptoMm: 8, from: 1, to: 1.5 }],
    handlingMin: 1,
    finishMin: 5,
    holds: 'pan',
    back: true,
    sauceInPan: true,
    sear: true,
  },
  says: { heat: 'stir-fry', fat: 'melts-not' },
});
