import { SHAPE_ROWS } from '../shape';
import { defineWay, USUAL_STAGES, USUAL_WORK } from '../way';

/** Cubes on sticks, roasted on a tray. */
export const cubeSkewers = defineWay({
  id: 'cube-skewers',
  work: USUAL_WORK,
  stages: USUAL_STAGES,
  shapes: { cubes: SHAPE_ROWS.cubes.band },
  marinadeMin: { from: 60, to: 120 },
  bevelDeg: 0,
  softened: false,
  staysHotMin: 15,
  heat: {
    method: 'oven',
    setting: 'oven-180',
    // 25 to 30 min at 180 °C, turned at half time.
    perSide: [{ uptoMm: 30, from: 12.5, to: 15 }],
    handlingMin: 5,
    finishMin: 0,
    holds: 'tray-sticks',
    back: false,
    sauceInPan: false,
    sear: false,
  },
  says: { heat: 'roast-sticks', fat: 'bastes' },
});
