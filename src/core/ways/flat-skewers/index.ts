import { SHAPE_ROWS } from '../shape';
import { defineWay, OVERNIGHT_MIN, USUAL_STAGES, USUAL_WORK } from '../way';

/** Ribbons threaded flat, over direct heat. */
export const flatSkewers = defineWay({
  id: 'flat-skewers',
  work: USUAL_WORK,
  stages: USUAL_STAGES,
  shapes: { ribbons: SHAPE_ROWS.ribbons.band },
  marinadeMin: { from: 30, to: OVERNIGHT_MIN },
  bevelDeg: 20,
  softened: true,
  staysHotMin: 10,
  heat: {
    method: 'grill',
    setting: 'hot',
    perSide: [
      { uptoMm: 4, from: 1, to: 1.5 },
      { uptoMm: 8, from: 1.5, to: 3 },
    ],
    handlingMin: 3,
    finishMin: 0,
    holds: 'grill-sticks',
    back: false,
    sauceInPan: false,
    sear: false,
  },
  says: { heat: 'grill-sticks', fat: 'bastes' },
});
