import fc from 'fast-check';
import { CUTS, findCut } from '../pieces';
import { SHAPES, WAYS } from '../ways';
import {
  applyForce,
  biteOf,
  conflictsOf,
  fibreClass,
  FORCES,
  judgeTenderizing,
  meansOf,
  pierces,
  rinsedSodaMin,
  type MixCharacter,
  type TenderizingSituation,
} from '.';

const plainMix: MixCharacter = { acid: false, fruitExposure: 0, saltPercent: 1.1, starchPercent: 0, sodaPercent: 0 };
const situation: TenderizingSituation = {
  cut: { work: 'hard' },
  way: 'stir-fry',
  shape: 'ribbons',
  thicknessMm: 4,
  smallerMm: 4,
  fibreLengthMm: 4,
  mix: plainMix,
  hurried: false,
};
const judge = (change: Partial<TenderizingSituation> = {}) => judgeTenderizing({ ...situation, ...change });

describe('one judgement (common practice)', () => {
  test('a tender cut is left alone', () =>
    expect(judge({ cut: { work: 'tender' } })).toMatchObject({
      answer: 'no',
      soda: 'skip',
      force: 'none',
      sodaReason: 'tender-cut',
    }));
  test('hard-working slices get soda that is rinsed off, and thinner ones want it less', () => {
    expect(judge()).toMatchObject({ answer: 'yes', soda: 'rinse-off', force: 'none' });
    expect(judge({ fibreLengthMm: 5, thicknessMm: 5 }).changes).toContainEqual({ code: 'thinner', belowMm: 2.5 });
    expect(judge({ fibreLengthMm: 2, thicknessMm: 2 }).answer).toBe('optional');
  });
  test('thin strips of a muscle with some work keep a little soda in the pan, and need none on the table grill', () => {
    const some = { cut: { work: 'some' }, shape: 'strips' } as const;
    expect(judge(some)).toMatchObject({ answer: 'optional', soda: 'leave-in', sodaReason: 'thin-strips' });
    expect(judge({ ...some, way: 'table-grill' })).toMatchObject({ answer: 'no', soda: 'skip', force: 'none' });
  });
  test('soda stays in up to 7 mm of the smaller side; above it is rinsed', () => {
    const some = { cut: { work: 'some' }, fibreLengthMm: 6 } as const;
    expect([5, 6, 7, 7.1].map((smallerMm) => judge({ ...some, smallerMm }).soda)).toEqual([
      'leave-in',
      'leave-in',
      'leave-in',
      'rinse-off',
    ]);
  });
  test('acid does not call for rinsed soda by itself', () =>
    expect(judge({ cut: { work: 'some' }, mix: { ...plainMix, acid: true } })).toMatchObject({
      soda: 'skip',
      sodaReason: 'acid-marinade',
    }));
  test('a blade along the fibres is told to turn', () =>
    expect(judge({ cut: { work: 'some' }, fibreLengthMm: 20 }).changes).toContainEqual({ code: 'across' }));
  test('cubes of a hard-working muscle are pounded before they are cut, never sodaed', () =>
    expect(judge({ shape: 'cubes', way: 'cube-skewers', thicknessMm: 25, fibreLengthMm: 25 })).toMatchObject({
      answer: 'yes',
      reason: 'whole',
      soda: 'skip',
      force: 'mallet',
      when: 'before',
    }));
  test('a whole steak is beaten, unless its marinade is sour', () => {
    const steak = { way: 'thin-steak', shape: 'sliced-after', thicknessMm: 20 } as const;
    expect(judge(steak)).toMatchObject({ soda: 'skip', force: 'rolling-pin' });
    expect(judge({ ...steak, mix: { ...plainMix, acid: true } })).toMatchObject({ force: 'none' });
  });
  test('fruit stands alone where its clock gets there within the plan, and does not count where it does not', () => {
    const fruit = (fruitExposure: number) => judge({ mix: { ...plainMix, fruitExposure } });
    expect(fruit(0.5)).toMatchObject({ soda: 'skip', sodaReason: 'fruit-works' });
    expect(fruit(0.49).soda).toBe('rinse-off');
  });
  test('soda in the mix is soda: nothing is added to it', () =>
    expect(judge({ mix: { ...plainMix, sodaPercent: 0.3 } })).toMatchObject({
      soda: 'leave-in',
      sodaReason: 'in-the-mix',
    }));
  test('in a hurry soda stays in thin slices, and thick or sour ones meet the rolling pin', () => {
    expect(judge({ hurried: true })).toMatchObject({ soda: 'leave-in', sodaReason: 'in-a-hurry', force: 'none' });
    for (const change of [{ smallerMm: 7 }, { mix: { ...plainMix, acid: true } }])
      expect(judge({ hurried: true, ...change })).toMatchObject({
        soda: 'skip',
        force: 'rolling-pin',
        forceReason: 'in-a-hurry',
      });
  });
  test('where the answer is no, nothing is proposed, whatever the cut, way, shape and thickness', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...CUTS),
        fc.constantFrom(...WAYS),
        fc.constantFrom(...SHAPES),
        fc.double({ min: 1, max: 40, noNaN: true }),
        fc.boolean(),
        fc.boolean(),
        (cut, way, shape, thicknessMm, acid, hurried) => {
          const judged = judge({
            cut,
            way,
            shape,
            thicknessMm,
            smallerMm: thicknessMm,
            fibreLengthMm: thicknessMm,
            mix: { ...plainMix, acid },
            hurried,
          });
          if (judged.answer === 'no') expect([judged.soda, judged.force]).toEqual(['skip', 'none']);
        },
      ),
    ));
});

describe('what works on the meat', () => {
  test('what is in the mix is named: coat from a starch of half a per cent, salt where it lands', () => {
    expect(meansOf({ soda: 'skip', force: 'needle' }, { ...plainMix, saltPercent: 0.3, starchPercent: 1 })).toEqual([
      'needling',
      'coat',
    ]);
    expect(meansOf({ soda: 'skip', force: 'none' }, { ...plainMix, saltPercent: 0 })).toEqual(['nothing']);
  });
  test('a scored and pounded steak is pounded and scored, a sheet only where it was scored', () => {
    const none = { soda: 'skip', force: 'none' } as const;
    expect(meansOf(none, plainMix, { shape: 'pounded', scored: true })).toEqual(['pounding', 'scoring', 'salt']);
    expect(meansOf(none, plainMix, { shape: 'unrolled', scored: false })).toEqual(['salt']);
  });
  test('soda that is rinsed takes most of an hour and more for more meat', () => {
    expect(rinsedSodaMin(500, 4)).toBeGreaterThan(45);
    expect(rinsedSodaMin(3000, 4)).toBeGreaterThan(rinsedSodaMin(500, 4));
  });
  test('fibres have one scale in millimetres', () =>
    expect([6, 6.1, 12, 12.1].map(fibreClass)).toEqual(['short', 'middling', 'middling', 'long']));
  test('cubes of chicken are no leather, and stay chewier than strips of it', () => {
    const of = (cutId: string, fibreLengthMm: number) =>
      biteOf({ cut: findCut(cutId)!, fibreLengthMm, means: ['nothing'], fruitExposure: 0 }).likely;
    expect(of('chicken-thigh', 25)).toBeLessThan(6);
    expect(of('chicken-thigh', 25)).toBeGreaterThan(of('chicken-thigh', 4));
    expect(of('beef-clod', 25)).toBeGreaterThan(of('chicken-thigh', 25));
    // A bite breaks what is longer.
    expect(of('beef-clod', 25)).toBe(of('beef-clod', 12));
  });
});

describe('means that fight (common practice)', () => {
  const together = {
    soda: 'skip',
    pierced: false,
    acid: false,
    sour: false,
    fruitExposure: 0,
    marinadeMin: 60,
  } as const;
  test.each([
    [{ soda: 'rinse-off', fruitExposure: 0.5 }, ['soda-and-fruit']],
    [{ soda: 'rinse-off', fruitExposure: 0.4 }, []],
    [{ soda: 'leave-in', acid: true }, ['soda-and-acid']],
    [{ soda: 'rinse-off', acid: true }, []],
    [{ pierced: true, fruitExposure: 1 }, ['pierced-and-long-fruit']],
    [{ pierced: true, fruitExposure: 0.1 }, []],
    [{ acid: true, sour: true, marinadeMin: 500 }, ['acid-too-long']],
    [{ acid: true, sour: true, marinadeMin: 480 }, []],
  ] as const)('%j: %j', (change, expected) => expect(conflictsOf({ ...together, ...change })).toEqual(expected));
});

describe('force', () => {
  const pieceMm = { lengthMm: 120, widthMm: 80, thicknessMm: 12 };
  test('9600 mm2 from 12 to 4 mm grows threefold, each side by the root of three', () => {
    const beaten = applyForce({ force: 'mallet', when: 'after', pieceMm, massG: 500, toMm: 4 });
    expect(beaten.areaFactor).toBeCloseTo(3, 9);
    expect(beaten.pieceMm.lengthMm / 120).toBeCloseTo(1.732051, 6);
    expect(beaten.pieceMm.lengthMm * beaten.pieceMm.widthMm).toBeCloseTo(28_800, 6);
  });
  test('the volume of a slice stays, and it never gets thicker', () => {
    for (const toMm of [undefined, 1, 6, 40]) {
      const { pieceMm: now } = applyForce({ force: 'rolling-pin', when: 'after', pieceMm, massG: 500, toMm });
      expect(now.lengthMm * now.widthMm * now.thicknessMm).toBeCloseTo(120 * 80 * 12, 6);
      expect(now.thicknessMm).toBeLessThanOrEqual(12);
    }
  });
  test('lightly beaten thin slices stop at 2 mm, below which they fall apart', () =>
    expect(
      applyForce({ force: 'mallet', when: 'after', pieceMm: { ...pieceMm, thicknessMm: 2.4 }, massG: 500 }).pieceMm
        .thicknessMm,
    ).toBe(2));
  test('needles, scores and work on the whole piece leave the slices as they are', () => {
    for (const force of FORCES) expect(applyForce({ force, when: 'before', pieceMm, massG: 500 }).areaFactor).toBe(1);
    expect(applyForce({ force: 'needle', when: 'after', pieceMm, massG: 500 })).toMatchObject({
      areaFactor: 1,
      pierces: true,
    });
  });
  test('needles and scores pierce, mallet and pin do not', () =>
    expect(FORCES.filter(pierces)).toEqual(['needle', 'score']));
  test.each([{ massG: 0 }, { pieceMm: { ...pieceMm, thicknessMm: 0 } }])('%j is a bad call', (bad) =>
    expect(() => applyForce({ force: 'mallet', when: 'after', pieceMm, massG: 500, ...bad })).toThrow(RangeError),
  );
});
