import { z } from 'zod';
import { LIMITS, type Pins } from '@/core/batches';
import { WAYS } from '@/core/cooking';
import { ALLERGENS, HOLD_BACK_PURPOSES, INGREDIENT_KINDS, type Ingredient } from '@/core/marinades';
import { CUTS } from '@/core/pieces';
import { EVENT_KINDS } from '@/core/progress';
import { JOB_KEYS, STAGES } from '@/core/scheduling';
import { USUAL_MEASURES } from '@/core/units';
import { id, instant, name, stored, within, zone } from './shared';

const limited = ({ min, max }: { min: number; max: number }) => within(min, max);
const note = z.string().trim().max(2000);

const measureIds = USUAL_MEASURES.map((measure) => measure.id) as [string, ...string[]];
const measures = z.array(z.enum(measureIds)).min(1).describe('Spoons and cups this kitchen owns');

export const household = z.object({ id, name, zone, measures, version: z.int() });
export const householdWrite = z.strictObject({ name, zone, measures: measures.optional().describe('Left out: as they are') });

export const meal = z.object({ ...stored, name, tableAt: instant, zone, people: z.int() });
export const mealWrite = z.strictObject({ name, tableAt: instant, people: z.int().min(1).max(1000) });

export const pins = z.strictObject({
  trimmedG: limited(LIMITS.massG),
  lengthMm: limited(LIMITS.sideMm),
  widthMm: limited(LIMITS.sideMm),
  grainDeg: within(0, 90),
  grainPitchDeg: within(-60, 60),
  yawDeg: within(0, 90),
  bevelDeg: within(0, 60),
  stripWidthMm: within(2, 50),
  firmMin: within(0, 1440),
  soda: z.enum(['leave-in', 'rinse-off', 'skip']),
  sodaPercent: limited(LIMITS.percent),
  sodaMin: within(1, 240),
  sodaRinses: z.int().min(0).max(6),
  marinadeMin: limited(LIMITS.minutes),
  marinadePlace: z.enum(['fridge', 'counter']),
  holdBackShare: within(0, 0.8),
  splitAfterMixing: z.boolean(),
  pierced: z.boolean(),
  doneness: z.enum(['guidance', 'pink']),
  soakMin: within(0, 480),
  lots: z.int().min(LIMITS.lots.min).max(LIMITS.lots.max),
  roomTempC: within(-10, 50),
  fridgeTempC: within(-1, 12),
}).partial() satisfies z.ZodType<Pins>;

/** The part of a batch that is stored as JSON, version 1. */
export const storedPlan = z.object({ thicknessMm: limited(LIMITS.thicknessMm), notBeforeMs: z.number().optional(), pins });

const cutIds = CUTS.map((cut) => cut.id) as [string, ...string[]];

export const batchWrite = z.strictObject({
  name: name.optional().describe('Left out: from cut and way'),
  mealId: id.optional().describe('Left out: the meal at that hour, or a new one'),
  way: z.enum(WAYS),
  cutId: z.enum(cutIds),
  massG: limited(LIMITS.massG),
  heightMm: limited(LIMITS.heightMm),
  thicknessMm: limited(LIMITS.thicknessMm),
  marinadeId: id,
  people: z.int().min(LIMITS.people.min).max(LIMITS.people.max),
  tableAt: instant,
  notBefore: instant.optional().describe('Nothing is planned before it; left out on create: now'),
  pins: pins.default({}),
});

const job = z.object({ key: z.enum(JOB_KEYS), stage: z.enum(STAGES), minutes: z.number(), hands: z.boolean(), place: z.string(), startAt: instant, endAt: instant });

export const batch = z.object({
  ...stored,
  ...batchWrite.shape,
  name,
  mealId: id,
  zone,
  pins,
  schedule: z.discriminatedUnion('ok', [
    z.object({ ok: z.literal(true), startAt: instant, warmMin: z.number(), warmLimitMin: z.number(), lateByMin: z.number(), lots: z.int(), jobs: z.array(job) }),
    z.object({ ok: z.literal(false), reason: z.string() }),
  ]),
});

export const ingredient = z.object({
  id: z.string(),
  name: z.string(),
  otherNames: z.array(z.string()),
  kind: z.enum(INGREDIENT_KINDS),
  densityGPerMl: z.number(),
  waterFraction: z.number(),
  saltFraction: z.number(),
  sugarFraction: z.number(),
  allergens: z.array(z.enum(ALLERGENS)),
  strongEnzyme: z.boolean().optional(),
  alcohol: z.boolean().optional(),
  glutamate: z.boolean().optional(),
  piece: z.object({ name: z.string(), massG: z.number() }).optional(),
}) satisfies z.ZodType<Omit<Ingredient, 'otherNames' | 'allergens'>>;

const minutes = z.object({ from: within(0, 4320), to: within(0, 4320) }).refine(({ from, to }) => from <= to, 'from must not be after to');

export const marinadeWrite = z.strictObject({
  name,
  note: note.default(''),
  ways: z.array(z.enum(WAYS)).max(WAYS.length).default([...WAYS]),
  forMassG: limited(LIMITS.massG),
  minutes,
  holdBackShare: within(0, 0.8).default(0),
  holdBackFor: z.enum(HOLD_BACK_PURPOSES).optional(),
  lines: z.array(z.strictObject({ ingredientId: z.string().min(1).max(60), massG: within(0.01, 30_000), note: z.string().trim().max(200).default('') })).min(1).max(60),
});
export const marinade = z.object({ ...stored, ...marinadeWrite.shape });

export const eventWrite = z.strictObject({
  id: id.describe('Made by the client: the same id again writes nothing'),
  kind: z.enum(EVENT_KINDS),
  jobKey: z.enum(JOB_KEYS).optional(),
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
