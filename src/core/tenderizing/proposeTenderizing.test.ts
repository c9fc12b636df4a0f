import {
  applyForce,
  conflictsOf,
  FORCES,
  meansOf,
  pierces,
  proposeTenderizing,
  rinsedSodaMin,
  type MixCharacter,
  type TenderizingSituation,
} from '.';

const plainMix: MixCharacter = {
  acid: false,
  strongFruit: false,
  fruitExposure: 0,
  saltPercent: 1.1,
  starchPercent: 0,
};
const situation: TenderizingSituation = {
  cut: { work: 'hard' },
  shape: 'ribbons',
  thicknessMm: 4,
  mix: plainMix,
  hurried: false,
};
const propose = (change: Partial<TenderizingSituation> = {}) => proposeTenderizing({ ...situation, ...change });

describe('one proposed plan (common practice)', () => {
  test('a tender cut is left alone', () =>
    expect(propose({ cut: { work: 'tender' } })).toMatchObject({
      soda: 'skip',
      force: 'none',
      sodaReason: 'tender-cut',
    }));
  test('hard-working slices get soda that is rinsed off', () =>
    expect(propose()).toMatchObject({ soda: 'rinse-off', force: 'none', means: ['soda-rinsed', 'salt'] }));
  test('thin strips of a muscle with some work keep a little soda', () =>
    expect(propose({ cut: { work: 'some' }, shape: 'strips' })).toMatchObject({ soda: 'leave-in' }));
  test('cubes of a hard-working muscle are pounded before they are cut, never sodaed', () =>
    expect(propose({ shape: 'cubes', thicknessMm: 25 })).toMatchObject({
      soda: 'skip',
      force: 'mallet',
      when: 'before',
    }));
  test('a whole steak is beaten, unless its marinade is sour', () => {
    expect(propose({ shape: 'sliced-after', thicknessMm: 20 })).toMatchObject({ soda: 'skip', force: 'rolling-pin' });
    expect(propose({ shape: 'sliced-after', thicknessMm: 20, mix: { ...plainMix, acid: true } })).toMatchObject({
      force: 'none',
      means: ['acid', 'salt'],
    });
  });
  test('strong fruit stands alone: no soda on it', () =>
    expect(propose({ mix: { ...plainMix, strongFruit: true, fruitExposure: 1 } })).toMatchObject({
      soda: 'skip',
      means: ['fruit', 'salt'],
    }));
  test('in a hurry soda stays in thin slices, and thick or sour ones meet the rolling pin', () => {
    expect(propose({ hurried: true })).toMatchObject({ soda: 'leave-in', sodaReason: 'in-a-hurry', force: 'none' });
    expect(propose({ hurried: true, thicknessMm: 7 })).toMatchObject({
      soda: 'skip',
      force: 'rolling-pin',
      forceReason: 'in-a-hurry',
    });
    expect(propose({ hurried: true, mix: { ...plainMix, acid: true } })).toMatchObject({
      soda: 'skip',
      force: 'rolling-pin',
    });
  });
  test('what is in the mix is named: coat from a starch of half a per cent, salt where it lands', () => {
    expect(meansOf({ soda: 'skip', force: 'needle' }, { ...plainMix, saltPercent: 0.3, starchPercent: 1 })).toEqual([
      'needling',
      'coat',
    ]);
    expect(meansOf({ soda: 'skip', force: 'none' }, { ...plainMix, saltPercent: 0 })).toEqual(['nothing']);
  });
  test('soda that is rinsed takes most of an hour and more for more meat', () => {
    expect(rinsedSodaMin(500, 4)).toBeGreaterThan(45);
    expect(rinsedSodaMin(3000, 4)).toBeGreaterThan(rinsedSodaMin(500, 4));
  });
});

describe('means that fight (common practice)', () => {
  const together = {
    soda: 'skip',
    pierced: false,
    acid: false,
    sour: false,
    strongFruit: false,
    fruitExposure: 0,
    marinadeMin: 60,
  } as const;
  test.each([
    [{ soda: 'rinse-off', strongFruit: true }, ['soda-and-strong-fruit']],
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
