import { SHAPE_ROWS } from '../shape';
import { defineWay, OVERNIGHT_MIN, USUAL_STAGES, USUAL_WORK } from '../way';

/** Thin slices that everyone grills at the table. */
export const tableGrill = defineWay({
  id: 'table-grill',
  work: USUAL_WORK,
  stages: USUAL_STAGES,
  shapes: {
    shaved: SHAPE_ROWS.shaved.band,
    unrolled: SHAPE_ROWS.unrolled.band,
    ribbons: SHAPE_ROWS.ribbons.band,
  },
  marinadeMin: { from: 60, to: OVERNIGHT_MIN },
  bevelDeg: 0,
  softened: false,
  staysHotMin: 5,
  heat: {
    method: 'table',
    setting: 'very-hot',
    perSide: [{ uptoMm: 8, from: 2, to: 3 }],
    handlingMin: 1,
    finishMin: 0,
    holds: 'pan',
    back: false,
    sauceInPan: false,
    sear: false,
  },
  says: { heat: 'at-table', fat: 'bastes' },
});
