import { SHAPE_ROWS, SHAPES, USES, wayRecipe, WAYS, type Shape, type Way } from '.';

/** Customary thickness of each shape, mm: common practice. */
const BANDS: Readonly<Record<Shape, readonly [from: number, usual: number, to: number]>> = {
  strips: [3, 4, 6],
  ribbons: [3, 4, 5],
  shaved: [2, 3, 4],
  cubes: [25, 25, 30],
  unrolled: [5, 6, 7],
  butterflied: [6, 10, 15],
  pounded: [4, 6, 8],
  steaks: [10, 15, 20],
  'sliced-after': [4, 6, 10],
};

test.each(SHAPES)('%s: as thick as cooks cut them', (shape) => {
  const { from, usual, to } = SHAPE_ROWS[shape].band;
  expect([from, usual, to]).toEqual(BANDS[shape]);
});

/** Customary minutes in the fridge, and how far the blade leans: common practice. */
const CUSTOMS: Readonly<Record<Way, readonly [fromMin: number, toMin: number, leanDeg: number]>> = {
  'stir-fry': [10, 960, 0],
  'flat-skewers': [30, 960, 20],
  'cube-skewers': [60, 120, 0],
  'table-grill': [60, 960, 0],
  'thin-steak': [60, 480, 30],
};

test.each(WAYS)('%s: marinated as long and cut as flat as cooks do', (way) => {
  const { marinadeMin, bevelDeg } = wayRecipe(way);
  expect([marinadeMin.from, marinadeMin.to, bevelDeg]).toEqual(CUSTOMS[way]);
});

test('what is cut thin by hand is cut firm; what is cut level, beaten or carved is not', () => {
  expect(SHAPES.filter((shape) => SHAPE_ROWS[shape].cutFirm)).toEqual(['strips', 'ribbons', 'shaved', 'butterflied']);
  expect(SHAPES.filter((shape) => SHAPE_ROWS[shape].carved)).toEqual(['steaks', 'sliced-after']);
  expect(SHAPES.filter((shape) => SHAPE_ROWS[shape].forced)).toEqual(['unrolled', 'pounded']);
});

test('paper-thin slices tear under any tool, and needles pull strips apart', () => {
  expect(SHAPES.filter((shape) => !SHAPE_ROWS[shape].takes.beating)).toEqual(['shaved', 'unrolled', 'pounded']);
  expect(SHAPES.filter((shape) => !SHAPE_ROWS[shape].takes.piercing)).toEqual([
    'strips',
    'shaved',
    'unrolled',
    'pounded',
  ]);
});

test('every way is a use, drying is one more', () => expect(USES).toEqual([...WAYS, 'jerky']));
