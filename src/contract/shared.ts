import { z } from 'zod';
import { isZone } from '@/core/times';

export const id = z.uuid();
/** Nothing of a kitchen is older or further than this. */
const YEARS = { from: 2000, to: 2199 };
const isOfThisAge = (text: string) => {
  const year = new Date(text).getUTCFullYear();
  return year >= YEARS.from && year <= YEARS.to;
};
export const instant = z.iso
  .datetime({ offset: true })
  .refine(isOfThisAge, `must be of the years ${YEARS.from} to ${YEARS.to}`)
  .describe('An instant, ISO 8601 with offset');
export const zone = z.string().max(60).refine(isZone, 'not a time zone this server knows').describe('IANA time zone');
export const name = z.string().trim().min(1).max(120);
export const range = z.object({ from: z.number(), to: z.number() });
export const within = (min: number, max: number) => z.number().min(min).max(max);

/** What every stored resource carries beside its own fields. */
export const stored = { id, version: z.int(), createdAt: instant, updatedAt: instant };

export const pageQuery = z.object({
  limit: z.coerce.number().int().min(1).max(200).default(50),
  offset: z.coerce.number().int().min(0).max(1_000_000).default(0),
});
export const pageOf = <T extends z.ZodType>(item: T) =>
  z.object({ items: z.array(item), total: z.int(), limit: z.int(), offset: z.int(), next: z.string().nullable() });

export const problem = z.object({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  detail: z.string().optional(),
  instance: z.string().optional().describe('On 500: what to look for in the log'),
  errors: z.array(z.object({ pointer: z.string(), detail: z.string() })).optional(),
  current: z.unknown().optional().describe("The other side's version, on 412"),
});
export type Problem = z.infer<typeof problem>;
