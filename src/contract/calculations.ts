import { z } from 'zod';
import type { EquilibriumInput, Uptake, UptakeInput } from '@/core/marinades';
import type { SliceGeometry, SliceInput } from '@/core/slicing';
import { SODA_SCHOOLS, type SodaAdvice, type SodaInput } from '@/core/tenderizing';
import { USUAL_MEASURES } from '@/core/units';
import { range, within } from './shared';

const massG = within(1, 100_000);
const thicknessMm = within(0.5, 100);

export const slicesRequest = z.strictObject({
  lengthMm: within(1, 2000),
  widthMm: within(1, 2000),
  heightMm: within(1, 500),
  thicknessMm,
  yawDeg: within(0, 90).optional(),
  bevelDeg: within(-75, 75).optional(),
  grainDeg: within(-90, 90).optional(),
  grainPitchDeg: within(-90, 90).optional(),
  massG: massG.optional(),
}) satisfies z.ZodType<SliceInput>;

export const slicesResponse = z.object({
  fibreLengthMm: z.number(),
  sliceWidthMm: z.number(),
  sliceLengthMm: z.number(),
  stepMm: z.number(),
  sliceCount: z.int(),
  coatAreaM2: z.number(),
  wedgeMm: z.number(),
}) satisfies z.ZodType<SliceGeometry>;

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
  sodiumMg: z.number().describe('Of the whole dose, before rinsing'),
  strength: z.number().describe('Relative index, an estimate: below 0.4 weak'),
  taste: z.number().describe('Relative index, an estimate: to 1.3 clean, to 2 borderline, above soapy'),
  verdict: z.templateLiteral([z.enum(['weak', 'effective']), ', ', z.enum(['clean', 'borderline', 'soapy'])]),
}) satisfies z.ZodType<SodaAdvice>;

const bath = {
  meatG: massG,
  meatWaterFraction: within(0.3, 0.9),
  bathWaterG: within(0, 1_000_000),
  saltG: within(0, 100_000),
  ownSaltFraction: within(0, 0.1).optional(),
} satisfies Record<keyof EquilibriumInput, z.ZodType>;

export const uptakeRequest = z.strictObject({ ...bath, thicknessMm, tempC: within(-2, 60), minutes: within(0, 100_000).optional() }) satisfies z.ZodType<UptakeInput>;

const halfAndMost = z.object({ p50: z.number(), p90: z.number() });
export const uptakeResponse = z.object({
  alpha: z.number(),
  equilibriumSaltPercent: z.number(),
  averageFraction: z.number().nullable(),
  centreFraction: z.number().nullable(),
  minutesTo: z.object({ average: halfAndMost, centre: halfAndMost }),
}) satisfies z.ZodType<Uptake>;

const ingredient = z.string().trim().min(1).max(120).describe('Id or any name of an ingredient');
const owned = z.array(z.enum(USUAL_MEASURES.map(({ id }) => id) as [string, ...string[]])).min(1).optional().describe('Measures to say it in; left out: the usual set');
export const measuresRequest = z.union([z.strictObject({ ingredient, massG: within(0.01, 100_000), owned }), z.strictObject({ ingredient, text: z.string().trim().min(1).max(80), owned })]);
export const measuresResponse = z.object({
  massG: z.number(),
  volumeMl: z.number(),
  spoken: z.string(),
  parts: z.array(z.object({ measureId: z.string(), count: z.number(), half: z.boolean() })),
  errorPercent: z.number(),
});

