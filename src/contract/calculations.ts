import { z } from 'zod';
import { ALLERGENS, LINE_FLAGS, type EquilibriumInput, type Uptake, type UptakeInput } from '@/core/marinades';
import { SHAPES, USES, WAYS } from '@/core/ways';
import { FREEZER_PRESETS, SOLVED_SHAPES, THAW_PLACES } from '@/core/firming';
import type { DialStack, Evenness, ShapeCuts, ShapeInput } from '@/core/slicing';
import {
  ADDITIONS,
  CONFLICTS,
  ENZYME_VERDICTS,
  FLAVOURS,
  FORCE_TIMES,
  FORCES,
  MEANS,
  RISKS,
  SODA_SCHOOLS,
  TENDERIZING_ANSWERS,
  type EnzymeAdvice,
  type Fruit,
  type MeansCompared,
  type SodaAdvice,
  type SodaInput,
} from '@/core/tenderizing';
import { USUAL_MEASURES } from '@/core/units';
import { range, within } from './shared';

const massG = within(1, 100_000);
const thicknessMm = within(0.5, 100);

export const slicesRequest = z.strictObject({
  lengthMm: within(1, 2000),
  widthMm: within(1, 2000),
  heightMm: within(1, 500),
  thicknessMm,
  yawDeg: within(-90, 90).optional(),
  bevelDeg: within(-75, 75).optional(),
  grainDeg: within(-90, 90).optional(),
  grainPitchDeg: within(-90, 90).optional(),
  massG: massG.optional(),
  shape: z.enum(SHAPES).optional().describe('Left out: plain slices, as ribbons'),
  stripWidthMm: within(1, 200).optional().describe('For strips'),
  round: z.boolean().optional().describe('A round piece'),
  againWidthMm: within(1, 200).optional().describe('Strips and ribbons cut again to this width'),
  againLengthMm: within(5, 2000).optional().describe('Strips and ribbons no longer than this'),
  scored: z.boolean().optional().describe('A sheet off a rib; left out: scored'),
  onBone: z.boolean().optional(),
  carveMm: within(1, 100).optional().describe('How thick it is carved after the heat'),
}) satisfies z.ZodType<Omit<ShapeInput, 'shape'>>;

export const slicesResponse = z.object({
  fibreLengthMm: z.number(),
  sliceWidthMm: z.number(),
  sliceLengthMm: z.number(),
  stepMm: z.number(),
  sliceCount: z.int().describe('By volume, the slanted ends included'),
  wholeSliceCount: z.int().describe('Of these, whole ones'),
  coatAreaM2: z.number(),
  wedgeMm: z.number(),
  shape: z.enum(SHAPES),
  knifeCuts: z.int().describe('Strokes of the knife through one piece'),
  pieceCount: z.int().describe('Slices, strips, cubes or sheets of one piece'),
  pieceMm: z.object({ lengthMm: z.number(), widthMm: z.number(), thicknessMm: z.number() }),
  steps: z.array(z.looseObject({ code: z.string() })),
  carving: z.array(z.looseObject({ code: z.string() })).describe('After the heat'),
  scored: z.boolean().describe('The surface is carried inside: treated like pierced meat'),
  strips: z
    .object({
      stripWidthMm: z.number(),
      stripLengthMm: z.number(),
      stripCount: z.int(),
      coatAreaM2: z.number(),
      perSlab: z.int(),
      lengths: z.int().describe('Parted with the grain into so many, before or in the slab'),
      along: z.boolean().describe('A strip lies along the length of its slice'),
      partedFirst: z.boolean(),
    })
    .optional(),
  unrolled: z.object({ sheetLengthMm: z.number(), turns: z.int(), scoreLines: z.int() }).optional(),
  pounded: z.object({ areaFactor: z.number(), lengthMm: z.number(), widthMm: z.number() }).optional(),
}) satisfies z.ZodType<Omit<ShapeCuts, 'steps' | 'carving'>>;

export const dialStack = z.strictObject({
  dial: within(0, 1000),
  slices: z.int().min(1).max(200),
  stackMm: within(0.5, 1000),
}) satisfies z.ZodType<DialStack>;
export const dialRequest = z.strictObject({
  stacks: z.array(dialStack).min(2).max(40),
  thicknessMm: thicknessMm.optional(),
});
export const dialResponse = z.object({
  mmPerMark: z.number(),
  mmPerMarkError: z.number().describe('One standard error'),
  zeroMm: z.number().describe('Thickness at zero'),
  setting: z
    .object({ dial: z.number(), error: z.number() })
    .nullable()
    .describe('For the thickness asked for; null when none was, or when it is thinner than the dial goes'),
});

const positive = within(0.1, 1000);
export const evennessRequest = z.union([
  z.strictObject({ thicknessesMm: z.array(positive).min(1).max(500) }),
  z.strictObject({
    stacks: z
      .array(z.strictObject({ slices: z.int().min(1).max(200), heightMm: positive }))
      .min(1)
      .max(100),
  }),
  z.strictObject({
    slices: z
      .array(z.strictObject({ massG: within(0.1, 10_000), faceMm2: within(10, 1_000_000) }))
      .min(1)
      .max(500),
  }),
]);
const lot = z.object({ count: z.int(), meanMm: z.number(), fromMm: z.number(), toMm: z.number() });
export const evennessResponse = z.object({
  meanMm: z.number(),
  spreadMm: z.number().nullable(),
  thinnestMm: z.number(),
  thickestMm: z.number(),
  timesLonger: z
    .object({ cook: range, dry: z.number() })
    .describe('How many times as long the thickest takes as the thinnest; estimates'),
  lots: z.tuple([lot, lot]).optional().describe('Thin and thick apart, where it matters'),
}) satisfies z.ZodType<Evenness>;

export const sodaRequest = z.strictObject({
  massG,
  thicknessMm,
  school: z.enum(SODA_SCHOOLS),
  minutes: within(0, 1440).optional(),
  percent: within(0.01, 10).optional(),
  rinses: z.int().min(0).max(10).optional(),
}) satisfies z.ZodType<SodaInput>;

export const sodaResponse = z.object({
  sodaG: z.number(),
  teaspoons: z.number(),
  percent: z.number(),
  minutes: range,
  soakMin: z.number(),
  rinses: z.int(),
  drainMin: z.number(),
  spreadingOilG: z.number().describe('To rub a rinsed dose in with'),
  sodiumMg: z.number().describe('Of the whole dose, before rinsing'),
  strength: z.number().describe('Relative index, an estimate: below 0.4 weak'),
  taste: z.number().describe('Relative index, an estimate: to 1.3 clean, to 2 borderline, above soapy'),
  verdict: z.templateLiteral([z.enum(['weak', 'effective']), ', ', z.enum(['clean', 'borderline', 'soapy'])]),
}) satisfies z.ZodType<SodaAdvice>;

const bite = z
  .object({ from: z.number(), likely: z.number(), to: z.number() })
  .describe('0 melting to 10 leather, a rule of thumb');
const handChoice = { soda: z.enum([...SODA_SCHOOLS, 'skip']), force: z.enum(['none', ...FORCES]) };
const means = z.array(z.enum(MEANS)).describe('Everything that works on the meat, the mix included');
export const tenderizingPlanRequest = z.strictObject({
  cut: z.string().min(1).max(60).describe('Id of a cut'),
  way: z.enum(WAYS),
  shape: z.enum(SHAPES).optional().describe('Left out: the usual one of the way'),
  thicknessMm,
  fibreLengthMm: within(0.5, 2000).optional().describe('Left out: straight across, as long as the slice is thick'),
  massG,
  marinadeId: z.uuid().optional(),
  marinadeMin: within(0, 4320).optional().describe('Left out: its shortest customary time'),
  minutesLeft: within(0, 100_000).optional().describe('Until the marinade has to be done'),
  tempC: within(-2, 50).optional(),
  choice: z
    .strictObject({ ...handChoice, pierced: z.boolean() })
    .partial()
    .optional()
    .describe('What the cook wants instead'),
});
export const tenderizingPlanResponse = z.object({
  proposed: z.object({
    ...handChoice,
    answer: z
      .enum(TENDERIZING_ANSWERS)
      .describe('Whether it wants tenderizing at all; nothing is proposed by hand for no'),
    when: z.enum(FORCE_TIMES),
    means,
    title: z.string(),
    why: z.string(),
    bite,
  }),
  chosen: z.object({
    ...handChoice,
    means,
    bite,
    conflicts: z.array(z.object({ code: z.enum(CONFLICTS), title: z.string(), text: z.string() })),
  }),
  worthAdding: z
    .array(
      z.object({ means: z.enum(ADDITIONS), insteadOfSoda: z.boolean(), title: z.string(), text: z.string(), bite }),
    )
    .describe('What the mix lacks'),
  alternatives: z.array(
    z.object({
      means: z.enum(MEANS),
      handsMin: z.number(),
      waitMin: z.number(),
      sodiumMgPer100G: range,
      bite,
      risk: z.enum(RISKS),
      flavour: z.enum(FLAVOURS),
      fits: z.boolean(),
      choice: z.object(handChoice).optional().describe('What to choose for it; absent where it is a matter of the mix'),
    }) satisfies z.ZodType<MeansCompared>,
  ),
});
export type TenderizingPlanRequest = z.infer<typeof tenderizingPlanRequest>;
export type TenderizingPlanAnswer = z.infer<typeof tenderizingPlanResponse>;

export const enzymeRequest = z.strictObject({
  fruit: z.string().trim().min(1).max(120).describe('Any of its names'),
  dosePercent: within(0.1, 200).describe('Purée in percent of the meat'),
  thicknessMm,
  tempC: within(-2, 50),
  hours: within(0, 240),
  ph: within(1, 9).optional().describe('Of the marinade; left out: not sour'),
});
export const enzymeResponse = z.object({
  exposure: z.number().describe('Relative index, an estimate; ripeness changes it several-fold'),
  verdict: z.enum(ENZYME_VERDICTS),
  stopAfterHours: range.nullable().describe('From tender enough to mush; null where the fruit only flavours'),
}) satisfies z.ZodType<EnzymeAdvice>;
export const fruit = z.object({
  id: z.string(),
  name: z.string(),
  otherNames: z.array(z.string()),
  activity: z.number(),
  strength: z.enum(['none', 'mild', 'strong']),
  flavour: z.string(),
  pureeG: z.number().optional(),
}) satisfies z.ZodType<Omit<Fruit, 'otherNames'>>;

const bath = {
  meatG: massG,
  meatWaterFraction: within(0.3, 0.9),
  bathWaterG: within(0, 1_000_000),
  saltG: within(0, 100_000),
  ownSaltFraction: within(0, 0.1).optional(),
} satisfies Record<keyof EquilibriumInput, z.ZodType>;

export const uptakeRequest = z.strictObject({
  ...bath,
  thicknessMm,
  tempC: within(-2, 60),
  minutes: within(0, 100_000).optional(),
}) satisfies z.ZodType<UptakeInput>;

const halfAndMost = z.object({ p50: z.number(), p90: z.number() });
export const uptakeResponse = z.object({
  alpha: z.number(),
  equilibriumSaltPercent: z.number(),
  averageFraction: z.number().nullable(),
  centreFraction: z.number().nullable(),
  minutesTo: z.object({ average: halfAndMost, centre: halfAndMost }),
}) satisfies z.ZodType<Uptake>;

const share = within(0, 1);
const composition = z
  .strictObject({ water: within(0.3, 0.95), protein: share, fat: share, ash: share, freezingPointC: within(-4, -0.3) })
  .refine(
    ({ water, protein, fat, ash }) => Math.abs(water + protein + fat + ash - 1) <= 0.05,
    'the parts must add up to 1, give or take 0.05',
  );
const cut = z.string().min(1).max(60).describe('Id of a cut');
const side = within(10, 300);
const block = {
  lengthMm: side,
  widthMm: side,
  heightMm: within(10, 200).describe('As it lies on the tray'),
  shape: z.enum(SOLVED_SHAPES).optional(),
  composition: composition.optional(),
  cut: cut.optional(),
};
const oneMeat = ({ composition: given, cut: named }: { composition?: unknown; cut?: unknown }) =>
  (given === undefined) !== (named === undefined);
const minutesOrNull = z.number().nullable();

export const firmingRequest = z
  .strictObject({
    ...block,
    startC: within(0, 15),
    freezerC: within(-40, -8),
    preset: z.enum(FREEZER_PRESETS).optional(),
    surfaceCoefficients: z.strictObject({ top: within(5, 60), bottom: within(5, 60) }).optional(),
    wrapGapMm: within(0, 10).optional(),
    minutes: within(1, 1440).optional(),
  })
  .refine(oneMeat, { message: 'give either composition or cut', path: ['composition'] })
  .refine(({ preset, surfaceCoefficients }) => (preset === undefined) !== (surfaceCoefficients === undefined), {
    message: 'give either preset or surfaceCoefficients',
    path: ['preset'],
  });

export const firmingResponse = z.object({
  firmFromMin: minutesOrNull,
  idealFromMin: minutesOrNull,
  idealToMin: minutesOrNull,
  tooHardFromMin: minutesOrNull,
  bench: z.object({ sliceWithinMin: z.number(), returnAfterMin: z.number() }).nullable(),
  at: z.object({ iceFraction: z.number(), coreC: z.number(), surfaceC: z.number() }).optional(),
  cautions: z.array(z.object({ title: z.string(), text: z.string() })),
});

export const thawRequest = z
  .strictObject({ ...block, startC: within(-30, -3), place: z.enum(THAW_PLACES), airC: within(1, 35).optional() })
  .refine(oneMeat, { message: 'give either composition or cut', path: ['composition'] });
export const thawResponse = z.object({
  sliceFromMin: minutesOrNull,
  idealFromMin: minutesOrNull,
  idealToMin: minutesOrNull,
  softFromMin: minutesOrNull,
});

export const parseRequest = z.strictObject({
  text: z.string().min(1).max(60_000).describe('An ingredient list in plain lines, or a schema.org Recipe as JSON-LD'),
  decimalComma: z.boolean().optional(),
});
export const parseResponse = z.object({
  lines: z
    .array(
      z.object({
        text: z.string(),
        ingredient: z.string().nullable(),
        suggestion: z.string().nullable().describe('What it could be: ask before it is taken'),
        massG: z.number().nullable(),
        volumeMl: z.number().nullable(),
        said: z.string().describe('The amount as it was written'),
        note: z.string(),
        flags: z.array(z.enum(LINE_FLAGS)),
      }),
    )
    .describe('One for every line that is not empty'),
  name: z.string().optional(),
  note: z.string().optional(),
  forMassG: z.number().optional(),
  minutes: range.optional(),
  ways: z.array(z.enum(USES)).optional(),
  holdBackShare: z.number().optional(),
  heated: z.boolean().optional(),
  oilFirst: z.boolean().optional(),
});

const mixLine = z.strictObject({
  ingredient: z.string().trim().min(1).max(120).describe('Id or any name'),
  massG: within(0.01, 100_000),
});
export const marinadeRequest = z
  .strictObject({
    lines: z
      .array(z.union([mixLine, z.string().trim().min(1).max(300).describe('As recipes have it: 2 tbsp soy sauce')]))
      .min(1)
      .max(60)
      .optional(),
    marinadeId: z.uuid().optional(),
    forMassG: within(50, 30_000)
      .optional()
      .describe('The meat that `lines` are written for; left out: meatG, or a kilogram'),
    meatG: within(50, 30_000).optional().describe('Trimmed meat; left out: by `people` and `eachG`, or by `bagMl`'),
    eachG: within(20, 1000).optional().describe('Trimmed meat for each of `people`'),
    bagMl: within(100, 100_000).optional().describe('Fill this bag'),
    meatWaterFraction: within(0.3, 0.9).optional(),
    holdBackShare: within(0, 0.8).optional(),
    saltPercent: within(0.1, 4).optional().describe('Make the meat land at this much salt'),
    sugarPercent: within(0, 20).optional().describe('Sugar of the mix in percent of the meat'),
    without: z.array(z.enum(ALLERGENS)).max(ALLERGENS.length).optional(),
    noAlcohol: z.boolean().optional(),
    lowSodium: z.boolean().optional(),
    lacking: z
      .array(z.string().min(1).max(60))
      .max(60)
      .optional()
      .describe('Ids of ingredients that are not in the house'),
    areaM2: within(0.001, 100).optional().describe('Surface to coat, for the coat check'),
    people: z.int().min(1).max(1000).optional(),
  })
  .refine(({ lines, marinadeId }) => (lines === undefined) !== (marinadeId === undefined), {
    message: 'give either lines or marinadeId',
    path: ['lines'],
  })
  .refine(
    ({ meatG, eachG, people, bagMl }) =>
      [meatG, bagMl, eachG].filter((one) => one !== undefined).length === 1 &&
      (eachG === undefined || people !== undefined),
    { message: 'give one of meatG, bagMl, or eachG with people', path: ['meatG'] },
  );
export const marinadeResponse = z.object({
  meatG: z.number(),
  lines: z.array(
    z.object({
      ingredient: z.string(),
      name: z.string(),
      massG: z.number(),
      volumeMl: z.number(),
      spoken: z.string(),
      errorPercent: z.number(),
    }),
  ),
  massG: z.number(),
  saltG: z.number(),
  sugarG: z.number(),
  waterG: z.number(),
  heldBackG: z.number(),
  equilibriumSaltPercent: z.number(),
  allergens: z.array(z.enum(ALLERGENS)),
  alcohol: z.boolean(),
  glutamate: z.boolean(),
  changes: z.array(z.object({ from: z.string(), to: z.array(z.string()), effect: z.string() })),
  left: z.array(z.string()).describe('In the way of the wish, without a stand-in: left as it is'),
  coat: z.object({ filmMm: z.number(), enough: z.enum(['short', 'enough', 'plenty']), bagMl: z.number() }).nullable(),
  perPerson: z.object({ sodiumMg: range, sugarG: z.number() }).nullable(),
});
export type MarinadeRequest = z.infer<typeof marinadeRequest>;
export type MarinadeAnswer = z.infer<typeof marinadeResponse>;
export type ParseAnswer = z.infer<typeof parseResponse>;

const ingredient = z.string().trim().min(1).max(120).describe('Id or any name of an ingredient');
const owned = z
  .array(z.enum(USUAL_MEASURES.map(({ id }) => id) as [string, ...string[]]))
  .min(1)
  .optional()
  .describe('Measures to say it in; left out: the usual set');
export const measuresRequest = z.union([
  z.strictObject({ ingredient, massG: within(0.01, 100_000), owned }),
  z.strictObject({ ingredient, text: z.string().trim().min(1).max(80), owned }),
]);
export const measuresResponse = z.object({
  massG: z.number(),
  volumeMl: z.number(),
  spoken: z.string(),
  parts: z.array(z.object({ measureId: z.string(), count: z.number(), half: z.boolean() })),
  errorPercent: z.number(),
});
