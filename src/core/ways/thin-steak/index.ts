import { SHAPE_ROWS } from '../shape';
import { defineWay, USUAL_STAGES, USUAL_WORK } from '../way';

/** Heated whole and thin; where it is cut at all, that is across the fibres after the heat. */
export const thinSteak = defineWay({
  id: 'thin-steak',
  work: USUAL_WORK,
  stages: USUAL_STAGES,
  slicedAfterHeat: ['sliced-after'],
  shapes: {
    'sliced-after': SHAPE_ROWS['sliced-after'].band,
    steaks: SHAPE_ROWS.steaks.band,
    pounded: SHAPE_ROWS.pounded.band,
    butterflied: SHAPE_ROWS.butterflied.band,
  },
  marinadeMin: { from: 60, to: 480 },
  bevelDeg: 30,
  softened: false,
  staysHotMin: 10,
  heat: {
    method: 'pan',
    setting: 'very-hot',
    perSide: [{ uptoMm: 8, from: 1, to: 2 }],
    handlingMin: 2,
    finishMin: 0,
    holds: 'pan',
    back: false,
    sauceInPan: false,
    sear: true,
  },
  says: { heat: 'sear', fat: 'edge' },
});
