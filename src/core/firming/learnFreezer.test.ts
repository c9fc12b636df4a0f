import fc from 'fast-check';
import { learnFreezer, normal } from './learnFreezer';
import {
  firmingIn,
  FIRMNESS_REPORTS,
  frozenAfter,
  SURFACE_COEFFICIENTS,
  strengthened,
  UNKNOWN_FREEZER,
  type FirmingInput,
  type FirmnessReport,
} from '.';

const piece: FirmingInput = {
  meat: { water: 0.7, protein: 0.19, fat: 0.1, ash: 0.01, freezingPointC: -1.1 },
  lengthMm: 140,
  widthMm: 100,
  heightMm: 50,
  startC: 4,
  freezerC: -18,
  surface: SURFACE_COEFFICIENTS.fan,
};
const after = (minutes: number) => ({ ...piece, minutes });

test.each([
  [0, 0.5],
  [1, 0.8413447],
  [-1.96, 0.0249979],
  [2.5758, 0.995],
])('the normal distribution at %f (Abramowitz and Stegun, table 26.1)', (z, p) => expect(normal(z)).toBeCloseTo(p, 5));

describe('a freezer is learned from how the meat cut', () => {
  test('too soft after the planned minutes means a weaker freezer, too hard a stronger one', () => {
    expect(learnFreezer(UNKNOWN_FREEZER, 'too-soft', after(75)).lnStrength).toBeLessThan(-0.05);
    expect(learnFreezer(UNKNOWN_FREEZER, 'too-hard', after(120)).lnStrength).toBeGreaterThan(0.05);
  });
  test('about right in the middle of the ideal moves it little and narrows it', () => {
    const known = learnFreezer(UNKNOWN_FREEZER, 'right', after(100));
    expect(Math.abs(known.lnStrength)).toBeLessThan(0.12);
    expect(known.lnError).toBeLessThan(UNKNOWN_FREEZER.lnError);
  });
  test('a report that nothing explains teaches nothing', () =>
    expect(learnFreezer(UNKNOWN_FREEZER, 'too-hard', after(1))).toEqual(UNKNOWN_FREEZER));
  test('never becomes less sure, whatever is reported', () =>
    fc.assert(
      fc.property(fc.integer({ min: 30, max: 180 }), fc.constantFrom(...FIRMNESS_REPORTS), (minutes, report) => {
        expect(learnFreezer(UNKNOWN_FREEZER, report, after(minutes)).lnError).toBeLessThanOrEqual(
          UNKNOWN_FREEZER.lnError * 1.02,
        );
      }),
      { numRuns: 12 },
    ));
  test.each([0.7, 1.4])('reports from a freezer %f times as strong lead there', (strength) => {
    // What that freezer would really do, judged without wavering.
    const truth = (minutes: number): FirmnessReport => {
      const { iceFraction, coreC } = frozenAfter({
        ...piece,
        minutes,
        surface: strengthened(piece.surface, { lnStrength: Math.log(strength) }),
      });
      return iceFraction < 0.13 || coreC > -0.2 ? 'too-soft' : iceFraction > 0.5 ? 'too-hard' : 'right';
    };
    let known = UNKNOWN_FREEZER;
    for (const minutes of [40, 55, 70, 90, 130, 160, 190, 60, 145])
      known = learnFreezer(known, truth(minutes), after(minutes));
    expect(Math.exp(known.lnStrength) / strength).toBeGreaterThan(0.8);
    expect(Math.exp(known.lnStrength) / strength).toBeLessThan(1.25);
  });
  test('the next plan uses it: a weaker freezer takes longer, and it is pressed before it is likely firm', () => {
    const [usual, weak] = [firmingIn(UNKNOWN_FREEZER, piece), firmingIn({ lnStrength: -0.4, lnError: 0.1 }, piece)];
    expect(weak.idealFromMin!).toBeGreaterThan(usual.idealFromMin!);
    expect(usual.checkFromMin!).toBeLessThan(usual.firmFromMin!);
  });
});
