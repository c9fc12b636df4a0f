import { z } from 'zod';
import type { Project } from '@/core/makespan';
import { within } from './shared';

/** A week and more of minutes. */
const minutes = within(0, 20_000);
const name = z.string().min(1).max(100);
const several = z.int().min(1).max(100);

export const scheduleRequest = z
  .strictObject({
    cooks: several.optional().describe('Pairs of hands; 1 when left out'),
    capacities: z
      .record(name, z.int().min(0).max(500))
      .optional()
      .describe('How many there are of what tasks use; 1 of each when left out'),
    tasks: z
      .array(
        z.strictObject({
          id: name,
          minutes,
          hands: z.boolean().optional().describe('Takes one of the cooks'),
          uses: z
            .array(name)
            .max(10)
            .refine((names) => new Set(names).size === names.length, 'Name each once.')
            .optional()
            .describe('Takes one of each of these'),
          after: z
            .array(
              z.strictObject({
                id: name,
                minLagMin: minutes.optional().describe('From the end of the earlier task to the start of this one'),
                maxLagMin: minutes.optional(),
              }),
            )
            .max(500)
            .optional(),
          startMin: minutes.optional().describe('Pinned: starts exactly then, counted from the beginning'),
        }),
      )
      .max(500),
  })
  .superRefine(({ tasks }, context) => {
    const known = new Set<string>();
    for (const [index, { id }] of tasks.entries()) {
      if (known.has(id))
        context.addIssue({ code: 'custom', path: ['tasks', index, 'id'], message: `There is another task “${id}”.` });
      known.add(id);
    }
    for (const [index, { after = [] }] of tasks.entries())
      for (const [at, { id }] of after.entries())
        if (!known.has(id))
          context.addIssue({
            code: 'custom',
            path: ['tasks', index, 'after', at, 'id'],
            message: `There is no task “${id}”.`,
          });
  }) satisfies z.ZodType<Project>;

export const scheduleResponse = z.discriminatedUnion('ok', [
  z.object({
    ok: z.literal(true),
    makespanMin: z.number(),
    lowerBoundMin: z.number().describe('No schedule can be shorter than this'),
    jobs: z.array(z.object({ id: z.string(), startMin: z.number(), endMin: z.number() })),
  }),
  z.object({
    ok: z.literal(false),
    code: z.string(),
    tasks: z.array(z.string()).describe('Those that stand in each other’s way'),
    detail: z.string(),
  }),
]);
