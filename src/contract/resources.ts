import { z } from 'zod';
import {
  FIGURES,
  HANDWORK,
  JOB_ENDS,
  LIMITS,
  SOURCES,
  WRAPS,
  type Freezer,
  type Handwork,
  type Pins,
} from '@/core/batches';
import { WAYS_OUT } from '@/core/day';
import { SHAPES, USES, WAYS } from '@/core/ways';
import { FIRMNESS_REPORTS, FREEZER_PRESETS, SOLVED_SHAPES, THAW_PLACES } from '@/core/firming';
import {
  ALLERGENS,
  COOLING_PLACES,
  FRUIT_INGREDIENTS,
  HOLD_BACK_PURPOSES,
  INGREDIENT_KINDS,
  type Ingredient,
} from '@/core/marinades';
import { ANIMALS, FATS, FORMS, SUITS, WORKS, type Cut } from '@/core/pieces';
import { EVENT_KINDS, MEASURES, type EventKind, type Measure } from '@/core/progress';
import { COOKS, HEATS, isJobKey, JOB_KINDS, type JobKey } from '@/core/scheduling';
import { HEAT_METHODS, STAGES } from '@/core/ways';
import { ENZYME_CLASSES, FORCE_TIMES, FORCES } from '@/core/tenderizing';
import { USUAL_MEASURES } from '@/core/units';
import { dialStack } from './calculations';
import { id, instant, name, stored, within, zone } from './shared';

const limited = ({ min, max }: { min: number; max: number }) => within(min, max);
const note = z.string().trim().max(2000);

const measureIds = USUAL_MEASURES.map((measure) => measure.id) as [string, ...string[]];
const measures = z.array(z.enum(measureIds)).min(1).describe('Spoons and cups this kitchen owns');

const known = z
  .strictObject({ lnStrength: within(-3, 3), lnError: within(0.01, 2) })
  .describe('How strong the freezer is beside its preset, natural logarithm, and its standard deviation');
export const freezer = z.strictObject({
  tempC: limited(LIMITS.freezerC),
  lies: z.enum(FREEZER_PRESETS),
  known,
}) satisfies z.ZodType<Freezer>;
const slicerStacks = z.array(dialStack).max(40).describe('Stacks cut at settings of the slicing machine');
const currency = z
  .string()
  .regex(/^[A-Z]{3}$/, 'a currency code of three letters')
  .describe('ISO 4217');

const cooks = z.int().min(COOKS.min).max(COOKS.max).describe('Pairs of hands at work at once');
const heats = z
  .partialRecord(z.enum(HEAT_METHODS), z.int().min(HEATS.min).max(HEATS.max))
  .describe('How many batches go on each heat at once; one where it is not said');
export const household = z.object({
  id,
  name,
  zone,
  measures,
  freezer,
  slicerStacks,
  currency,
  cooks,
  heats,
  paces: z
    .partialRecord(
      z.enum(HANDWORK as [Handwork, ...Handwork[]]),
      z.object({ ln: z.number(), lnError: z.number(), times: z.int() }),
    )
    .describe('How long these hands take against the rule, ln of the ratio, learned from what was done'),
  version: z.int(),
});
export const householdWrite = z.strictObject({
  name,
  zone,
  measures: measures.optional().describe('Left out: as they are'),
  freezer: freezer
    .partial({ known: true })
    .optional()
    .describe('Left out: as it is; what was learned stays unless it is given'),
  slicerStacks: slicerStacks.optional().describe('Left out: as they are'),
  currency: currency.optional(),
  cooks: cooks.optional().describe('Left out: as they are'),
  heats: heats.optional().describe('Left out: as they are'),
  paces: z.unknown().optional().describe('Taken as it was read, and left alone: it is learned'),
  forgetPaces: z.literal(true).optional().describe('Forget how quick these hands are; they are learned anew'),
});

const away = z
  .array(
    z.strictObject({ from: instant, to: instant }).refine(({ from, to }) => Date.parse(to) > Date.parse(from), {
      message: 'It ends before it begins.',
      path: ['to'],
    }),
  )
  .max(20);
export const meal = z.object({
  ...stored,
  name,
  tableAt: instant,
  zone,
  people: z.int(),
  away: away.describe('When nobody is in the kitchen'),
});
export const mealWrite = z.strictObject({
  name,
  tableAt: instant,
  people: z.int().min(1).max(1000),
  away: away.optional().describe('When nobody is in the kitchen; left out: as it is'),
});

const jobKey = z
  .string()
  .regex(new RegExp(`^(${JOB_KINDS.join('|')})(-([2-9]|[1-9]\\d))?$`), 'There is no such job.')
  .describe(
    `One of ${JOB_KINDS.join(', ')}; what is done again has a number: turn, turn-2`,
  ) as unknown as z.ZodType<JobKey>;

export const pins = z
  .strictObject({
    trimmedG: limited(LIMITS.massG),
    readyToCut: z.boolean(),
    boneG: limited(LIMITS.boneG),
    pieces: z.int().min(LIMITS.pieces.min).max(LIMITS.pieces.max),
    pricePerKg: limited(LIMITS.pricePerKg),
    lengthMm: limited(LIMITS.sideMm),
    widthMm: limited(LIMITS.sideMm),
    grainDeg: within(-90, 90),
    grainPitchDeg: within(-60, 60),
    yawDeg: within(-90, 90),
    bevelDeg: within(0, 60),
    stripWidthMm: limited(LIMITS.stripWidthMm),
    shape: z.enum(SHAPES),
    comesSliced: z.boolean(),
    scored: z.boolean(),
    stripLengthMm: limited(LIMITS.stripLengthMm),
    firmMin: within(0, 2880),
    frozen: z.boolean(),
    thawPlace: z.enum(THAW_PLACES),
    startC: limited(LIMITS.startC),
    freezerC: limited(LIMITS.freezerC),
    lies: z.enum(FREEZER_PRESETS),
    wrap: z.enum(WRAPS),
    solid: z.enum(SOLVED_SHAPES),
    soda: z.enum(['leave-in', 'rinse-off', 'skip']),
    sodaPercent: limited(LIMITS.percent),
    sodaMin: within(1, 240),
    sodaRinses: z.int().min(0).max(6),
    force: z.enum(['none', ...FORCES]),
    forceWhen: z.enum(FORCE_TIMES),
    beatToMm: limited(LIMITS.beatToMm),
    fruitId: z.enum(['none', ...FRUIT_INGREDIENTS.map((one) => one.id)]),
    fruitPercent: limited(LIMITS.fruitPercent),
    starchPercent: limited(LIMITS.starchPercent),
    oilPercent: limited(LIMITS.oilPercent),
    oilFirst: z.boolean(),
    coolIn: z.enum(COOLING_PLACES),
    marinadeMin: limited(LIMITS.minutes),
    marinadePlace: z.enum(['fridge', 'counter']),
    holdBackShare: within(0, 0.8),
    saltPercent: limited(LIMITS.saltPercent),
    sugarPercent: limited(LIMITS.sugarPercent),
    splitAfterMixing: z.boolean(),
    pierced: z.boolean(),
    doneness: z.enum(['guidance', 'pink']),
    soakMin: within(0, 480),
    lots: z.int().min(LIMITS.lots.min).max(LIMITS.lots.max),
    finish: z.enum(['through', 'dishes']),
    roomTempC: within(-10, 50),
    fridgeTempC: within(-1, 12),
    jobAtMs: z
      .record(z.string(), z.int().min(0).max(LIMITS.instantMs.max))
      .refine((hours) => Object.keys(hours).every(isJobKey), 'There is no such job.')
      .describe('Jobs that begin at an hour of their own: milliseconds since 1970, UTC') as unknown as z.ZodType<
      NonNullable<Pins['jobAtMs']>
    >,
  })
  .partial() satisfies z.ZodType<Pins>;

/** The part of a batch that is stored as JSON. */
export const storedPlan = z.object({
  thicknessMm: limited(LIMITS.thicknessMm),
  notBeforeMs: z.number().optional(),
  pins,
});
export type StoredPlan = z.infer<typeof storedPlan>;

const share = within(0, 1);
const composition = z
  .strictObject({ water: within(0.3, 0.95), protein: share, fat: share, ash: share })
  .refine(
    ({ water, protein, fat, ash }) => Math.abs(water + protein + fat + ash - 1) <= 0.05,
    'the parts must add up to 1, give or take 0.05',
  );
const trimLoss = z
  .strictObject({ from: within(0, 0.8), to: within(0, 0.8) })
  .refine(({ from, to }) => from <= to, 'from must not be more than to');

const cutFields = {
  work: z.enum(WORKS),
  fat: z.enum(FATS),
  form: z.enum(FORMS),
  composition,
  freezingPointC: within(-4, -0.3),
  lengthToWidth: within(0.5, 10),
  usualHeightMm: within(1, 200),
  usualMassG: within(5, 30_000),
  grainDeg: within(-90, 90),
  seams: z.boolean(),
  trimLoss,
  trim: z.string().trim().max(300),
  boneShare: trimLoss.optional().describe('Bone that stays on, as a share of the trimmed weight'),
  otherNames: z.array(name).max(20),
  suits: z.partialRecord(z.enum(USES), z.enum(SUITS)),
};
/** The part of an own cut that is stored as JSON, version 1. */
export const storedCut = z.object(cutFields) satisfies z.ZodType<Omit<Cut, 'id' | 'name' | 'animal' | 'own'>>;
export const cutWrite = z.strictObject({ name, animal: z.enum(ANIMALS), ...cutFields });
export const cut = z.object({
  ...cutWrite.shape,
  id: z.string(),
  own: z.boolean(),
  version: z.int().describe('0: of the catalogue, which does not change'),
});

export const batchWrite = z.strictObject({
  name: name.optional().describe('Left out: from cut and way'),
  mealId: id.optional().describe('Left out: the meal at that hour, or a new one'),
  way: z.enum(WAYS),
  cutId: z.string().min(1).max(60).describe('A cut of the catalogue or of your own'),
  massG: limited(LIMITS.massG),
  heightMm: limited(LIMITS.heightMm),
  thicknessMm: limited(LIMITS.thicknessMm),
  marinadeId: id,
  people: z.int().min(LIMITS.people.min).max(LIMITS.people.max),
  tableAt: instant,
  notBefore: instant.optional().describe('Nothing is planned before it; left out on create: now'),
  pins: pins.default({}),
});

const job = z.object({
  key: jobKey,
  stage: z.enum(STAGES),
  minutes: z.number(),
  hands: z.boolean(),
  place: z.string(),
  startAt: instant,
  endAt: instant,
  thenColdMin: z
    .number()
    .optional()
    .describe('After it the meat waits in the fridge so long, hands being wanted elsewhere'),
  washFirst: z
    .literal(true)
    .optional()
    .describe(
      'Raw poultry of another batch was on the board, and no wash of its own found a place between: wash first',
    ),
  staysOn: z
    .literal(true)
    .optional()
    .describe('The heat is left on for another batch, which has no heating of its own'),
  thenHotMin: z.number().optional().describe('After it the meat is kept hot so long, until it is on the table'),
});

export const batch = z.object({
  ...stored,
  ...batchWrite.shape,
  name,
  mealId: id,
  cutName: z.string(),
  zone,
  pins,
  unreadable: z.array(z.string()).optional().describe('Parts of the stored plan that no longer fit and were left out'),
  schedule: z.discriminatedUnion('ok', [
    z.object({
      ok: z.literal(true),
      startAt: instant,
      warmMin: z.number(),
      warmLimitMin: z.number(),
      lateByMin: z.number(),
      lots: z.int(),
      jobs: z.array(job),
    }),
    z.object({ ok: z.literal(false), reason: z.string() }),
  ]),
  figures: z
    .partialRecord(z.enum(FIGURES), z.object({ value: z.number(), from: z.enum(SOURCES) }))
    .optional()
    .describe('What the plan rests on, and where each figure comes from'),
});

/** All batches of a meal by one clock. */
export const mealSchedule = z.object({
  mealId: id,
  tableAt: instant,
  ok: z.boolean().describe('Every batch has a schedule, and none wants hands or heat that another has'),
  startAt: instant.optional(),
  lateByMin: z.number(),
  jobs: z
    .array(
      job.extend({
        batchId: id,
        title: z.string(),
        lines: z
          .array(
            z.object({
              name: z.string(),
              massG: z.number(),
              spoken: z.string().optional(),
              heldBack: z.literal(true).optional(),
            }),
          )
          .describe('What goes into what it makes, in the order of adding'),
        asks: z.array(z.enum(MEASURES)).describe('What it asks back: record it as an event “measured”'),
        ends: z.enum(JOB_ENDS),
        lasts: z.object({ fromMin: z.number(), toMin: z.number(), from: z.enum(SOURCES) }),
      }),
    )
    .describe('Of all batches, by the clock: what was done at the hours it had, what is left from now on'),
  batches: z.array(
    batch.pick({ id: true, name: true, schedule: true }).extend({
      standing: z
        .object({
          open: z.boolean().describe('Something is left to do'),
          byMin: z.number().describe('On the table so much later'),
          tableAt: instant,
          marinade: z.object({ minutes: z.number(), insteadOfMin: z.number() }).optional(),
          ways: z.array(z.object({ code: z.enum(WAYS_OUT), soonerMin: z.number() })),
        })
        .optional(),
    }),
  ),
  gives: z
    .array(
      z.object({
        batchId: id,
        code: z.enum(['kept-hot', 'clash', 'crowded']),
        minutes: z.number(),
        detail: z.string(),
      }),
    )
    .describe('What could not be had: batches that wait hot for long, jobs that want the same hands or heat at once'),
});
export type MealSchedule = z.infer<typeof mealSchedule>;

/** Parts of a long piece, from one end to the other. */
export const divideRequest = z.strictObject({
  parts: z
    .array(z.strictObject({ lengthMm: limited(LIMITS.sideMm), heightMm: limited(LIMITS.heightMm) }))
    .min(2)
    .max(6),
  ids: z
    .array(id)
    .min(1)
    .max(5)
    .optional()
    .describe('Ids for all parts but the first, made by the client, so that a retry divides once'),
});
export const divideResponse = z.object({ items: z.array(batch) });
export type DivideRequest = z.infer<typeof divideRequest>;

export const ingredientWrite = z.strictObject({
  name,
  otherNames: z.array(name).max(20).default([]),
  kind: z.enum(INGREDIENT_KINDS),
  densityGPerMl: within(0.05, 3),
  waterFraction: share,
  saltFraction: share,
  sugarFraction: share,
  acidFraction: share.default(0),
  fatFraction: share.default(0),
  starchFraction: share.default(0),
  allergens: z.array(z.enum(ALLERGENS)).max(ALLERGENS.length).default([]),
  strongEnzyme: z.boolean().default(false),
  enzymeClass: z
    .enum(ENZYME_CLASSES)
    .optional()
    .describe('As strong as pear, kiwi or pineapple; left out with strongEnzyme, the strongest'),
  alcohol: z.boolean().default(false),
  glutamate: z.boolean().default(false),
  piece: z
    .strictObject({ name: z.string().trim().min(1).max(40), massG: within(0.05, 5000) })
    .nullable()
    .default(null)
    .describe('What it is counted in at home'),
});
export const ingredient = z.object({
  ...ingredientWrite.shape,
  id: z.string(),
  own: z.boolean(),
  version: z.int().describe('0: comes with Mince and does not change'),
}) satisfies z.ZodType<Omit<Ingredient, 'otherNames' | 'allergens' | 'piece'>>;

const minutes = z
  .object({ from: within(0, 4320), to: within(0, 4320) })
  .refine(({ from, to }) => from <= to, 'from must not be after to');

export const marinadeWrite = z.strictObject({
  name,
  note: note.default(''),
  ways: z
    .array(z.enum(USES))
    .max(USES.length)
    .default([...WAYS]),
  forMassG: limited(LIMITS.massG),
  minutes,
  holdBackShare: within(0, 0.8).default(0),
  holdBackFor: z.enum(HOLD_BACK_PURPOSES).optional(),
  heated: z.boolean().default(false).describe('Warmed on the stove: it cools before it meets raw meat'),
  oilFirst: z.boolean().default(false).describe('Oil from the start; else last'),
  unread: z
    .array(z.string().trim().min(1).max(300))
    .max(60)
    .default([])
    .describe('Lines that were never read: allergens stay open for them'),
  lines: z
    .array(
      z.strictObject({
        ingredientId: z.string().min(1).max(60),
        massG: within(0.01, 30_000),
        note: z.string().trim().max(200).default(''),
        said: z
          .string()
          .trim()
          .max(60)
          .default('')
          .describe('The amount as it was written, "1/2 cup"; it is said again while it fits'),
      }),
    )
    .min(1)
    .max(60),
});
export const marinade = z.object({ ...stored, ...marinadeWrite.shape });

export const eventWrite = z.strictObject({
  id: id.describe('Made by the client: the same id again writes nothing'),
  kind: z.enum(EVENT_KINDS),
  jobKey: jobKey.optional(),
  at: instant,
  payload: z.record(z.string().max(60), z.union([z.string().max(500), z.number(), z.boolean()])).default({}),
});
export const event = z.object({ ...eventWrite.shape, batchId: id, zone, recordedAt: instant });

export const tastingWrite = z.strictObject({
  batchId: id,
  tenderness: z.int().min(1).max(5),
  juiciness: z.int().min(1).max(5),
  salt: z.int().min(-2).max(2).describe('-2 far too little, 0 right, 2 far too much'),
  sweetness: z.int().min(-2).max(2),
  mush: z.int().min(0).max(3).describe('0 none, 3 ruined'),
  soapiness: z.int().min(0).max(3),
  note: note.default(''),
  changeNext: z.string().trim().max(500).default(''),
  tastedAt: instant,
});
export const tasting = z.object({ ...stored, ...tastingWrite.shape });

/** Something that was put away and can be brought back. */
export const putAway = z.object({
  kind: z.enum(['batch', 'meal', 'marinade', 'cut', 'ingredient']),
  id,
  name,
  putAwayAt: instant,
  restore: z.string().describe('Path below /api/v1 to post to'),
});
export type PutAway = z.infer<typeof putAway>;

const press = z.string().min(1).max(60).describe('Events of one press are taken back together');

/** What a report on the freezer carries. */
export const firmnessPayload = z.strictObject({
  report: z.enum(FIRMNESS_REPORTS),
  minutes: within(1, 2880).optional(),
  press: press.optional(),
});

const MEASURED_LIMITS = {
  trimmedG: LIMITS.massG,
  boneG: LIMITS.boneG,
  thicknessMm: LIMITS.thicknessMm,
  centreC: LIMITS.centreC,
} as const satisfies Record<Measure, { min: number; max: number }>;

const [firstMeasure, ...moreMeasures] = MEASURES.map((measure) =>
  z.strictObject({
    measure: z.literal(measure),
    value: within(MEASURED_LIMITS[measure].min, MEASURED_LIMITS[measure].max),
    press: press.optional(),
  }),
);

/** What an event of its kind has to carry, and how that is said. */
export const eventPayloads: Partial<Record<EventKind, { shape: z.ZodType; says: string }>> = {
  'firmness-reported': {
    shape: firmnessPayload,
    says: 'A report says too-soft, right or too-hard, and may say after how many minutes.',
  },
  measured: {
    shape: z.union([firstMeasure!, ...moreMeasures]),
    says: `What was measured says which of ${MEASURES.join(', ')} and its value, within what can be.`,
  },
  'press-undone': { shape: z.strictObject({ press }), says: 'Say which press is taken back.' },
};

export type IngredientResource = z.infer<typeof ingredient>;
export type IngredientWrite = z.infer<typeof ingredientWrite>;
export type CutResource = z.infer<typeof cut>;
export type CutWrite = z.infer<typeof cutWrite>;
export type HouseholdWrite = z.infer<typeof householdWrite>;
export type Household = z.infer<typeof household>;
export type Meal = z.infer<typeof meal>;
export type MealWrite = z.infer<typeof mealWrite>;
export type Batch = z.infer<typeof batch>;
export type BatchWrite = z.infer<typeof batchWrite>;
export type MarinadeResource = z.infer<typeof marinade>;
export type MarinadeWrite = z.infer<typeof marinadeWrite>;
export type EventResource = z.infer<typeof event>;
export type EventWrite = z.infer<typeof eventWrite>;
export type Tasting = z.infer<typeof tasting>;
export type TastingWrite = z.infer<typeof tastingWrite>;
