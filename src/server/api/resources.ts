import { z } from 'zod';
import * as contract from '@/contract/resources';
import { id, pageOf, pageQuery } from '@/contract/shared';
import type { Page } from '@/data/versioned';
import { asFailure, RuleBroken, VersionConflict } from '@/data/failures';
import * as batches from '../batches/batches';
import { scheduleOfMeal } from '../batches/schedules';
import { divideBatch } from '../batches/divideBatch';
import * as cuts from '../cuts/cuts';
import * as ingredients from '../ingredients/ingredients';
import { backupFile } from '../kitchen/backup';
import { changeHousehold, readHousehold } from '../kitchen/kitchen';
import * as marinades from '../marinades/marinades';
import { marinadeAsMarkdown, marinadeAsRecipe } from '../marinades/workOut';
import * as meals from '../meals/meals';
import { listPutAway } from '../putAway/putAway';
import * as tastings from '../tastings/tastings';
import { idIsTaken, Refusal } from './failures';
import { operation, type Operation } from './operation';

interface Stored {
  id: string;
  version: number;
}

interface Resource<Write extends z.ZodObject, Query extends z.ZodObject> {
  /** "batches" */
  plural: string;
  /** "batch" */
  singular: string;
  shape: z.ZodType<Stored>;
  write: Write;
  query: Query;
  list: (page: z.output<Query>) => Promise<{ items: Stored[]; total: number }>;
  read: (id: string) => Promise<Stored>;
  /** With the client's own id, or one that the store makes. */
  create: (write: z.output<Write>, id?: string) => Promise<Stored>;
  change: (id: string, version: number | undefined, write: z.output<Write>) => Promise<Stored>;
  remove: (id: string, version?: number) => Promise<void>;
  restore: (id: string) => Promise<Stored>;
}

const answer = (body: Stored) => ({ body, version: body.version });

/** The ordinary verbs of a stored resource: list, read, create, replace, change, delete, take back. */
function crud<Write extends z.ZodObject, Query extends z.ZodObject>(resource: Resource<Write, Query>): Operation[] {
  const { plural, singular, shape, write } = resource;
  const one = `/${plural}/{id}`;
  const shared = { tag: plural, response: shape };
  return [
    listing(resource),
    operation({
      ...shared,
      method: 'GET',
      path: one,
      summary: `Read a ${singular}`,
      run: async ({ params }) => answer(await resource.read(params.id!)),
    }),
    operation({
      ...shared,
      method: 'POST',
      path: `/${plural}`,
      summary: `Create a ${singular}; with the same id again nothing more is made`,
      body: write.extend({ id: id.optional().describe('Made by the client, so that a retry writes once') }),
      status: 201,
      run: async ({ body }) => {
        const { made, isNew } = await createOnce(resource, body as z.output<Write> & { id?: string });
        return { ...answer(made), status: isNew ? 201 : 200, location: `/api/v1/${plural}/${made.id}` };
      },
    }),
    operation({
      ...shared,
      method: 'PUT',
      path: one,
      summary: `Replace a ${singular}`,
      body: write,
      ifMatch: 'required',
      current: resource.read,
      run: async ({ params, body, version }) => answer(await resource.change(params.id!, version, body)),
    }),
    operation({
      ...shared,
      method: 'PATCH',
      path: one,
      summary: `Change some fields of a ${singular}`,
      body: changesOf(write),
      ifMatch: 'required',
      current: resource.read,
      run: async ({ params, body, version }) =>
        answer(await changeFields(resource, { id: params.id!, version, fields: body as object })),
    }),
    operation({
      tag: plural,
      method: 'DELETE',
      path: one,
      summary: `Put a ${singular} away`,
      status: 204,
      ifMatch: 'optional',
      current: resource.read,
      run: async ({ params, version }) => {
        await resource.remove(params.id!, version);
        return { status: 204 };
      },
    }),
    operation({
      ...shared,
      method: 'POST',
      path: `${one}/restore`,
      summary: `Take a ${singular} back that was put away`,
      run: async ({ params }) => answer(await resource.restore(params.id!)),
    }),
  ];
}

/** Makes it, or finds what a first try with that id has made. */
async function createOnce<Write extends z.ZodObject, Query extends z.ZodObject>(
  { create, read }: Resource<Write, Query>,
  { id: wanted, ...write }: z.output<Write> & { id?: string },
): Promise<{ made: Stored; isNew: boolean }> {
  const there = () =>
    read(wanted!).catch((error: unknown) => {
      if (error instanceof Refusal && error.problem.status === 404) return undefined;
      throw error;
    });
  try {
    return { made: await create(write as z.output<Write>, wanted), isNew: true };
  } catch (error) {
    // An earlier try has made it: that is what stands in the way.
    const first = wanted && (await there());
    if (first) return { made: first, isNew: false };
    const failure = asFailure(error);
    throw wanted && failure instanceof RuleBroken && failure.constraint.endsWith('_pkey') ? idIsTaken() : error;
  }
}

/** Some fields over those that are there; without a version it goes on until nobody changed them in between. */
async function changeFields<Write extends z.ZodObject, Query extends z.ZodObject>(
  { read, change, write }: Resource<Write, Query>,
  { id: which, version, fields }: { id: string; version: number | undefined; fields: object },
): Promise<Stored> {
  for (let tries = 1; ; tries++) {
    const known = await read(which);
    const whole = write.parse({ ...write.strip().parse(known), ...fields });
    try {
      return await change(which, version ?? known.version, whole);
    } catch (error) {
      if (version !== undefined || tries === 20 || !(error instanceof VersionConflict)) throw error;
    }
  }
}

function listing<Write extends z.ZodObject, Query extends z.ZodObject>({
  plural,
  shape,
  query: asked,
  list,
}: Resource<Write, Query>): Operation {
  return operation({
    method: 'GET',
    path: `/${plural}`,
    tag: plural,
    summary: `List ${plural}`,
    query: asked,
    response: pageOf(shape),
    run: async ({ query }) => {
      const { limit, offset, ...rest } = query as unknown as Page & Record<string, string>;
      const { items, total } = await list(query);
      const next =
        offset + items.length < total
          ? `/api/v1/${plural}?${new URLSearchParams({ ...rest, limit: String(limit), offset: String(offset + limit) })}`
          : null;
      return { body: { items, total, limit, offset, next } };
    },
  });
}

/** Every field optional and none filled in by default: what is left out stays. */
function changesOf(write: z.ZodObject): z.ZodObject {
  const fields = Object.entries(write.shape).map(([key, field]) => [
    key,
    (field instanceof z.ZodDefault ? field.unwrap() : field) as z.ZodType,
  ]);
  return z.strictObject(Object.fromEntries(fields)).partial();
}

export const resources: Operation[] = [
  ...crud({
    plural: 'batches',
    singular: 'batch',
    shape: contract.batch,
    write: contract.batchWrite,
    query: pageQuery.extend({ mealId: id.optional() }),
    list: batches.listBatches,
    read: batches.readBatch,
    create: batches.createBatch,
    change: batches.changeBatch,
    remove: batches.removeBatch,
    restore: batches.restoreBatch,
  }),
  operation({
    method: 'GET',
    path: '/batches/{id}/events',
    tag: 'batches',
    summary: 'What was done, in order',
    response: z.object({ items: z.array(contract.event) }),
    run: async ({ params }) => {
      await batches.readBatch(params.id!);
      return { body: { items: await batches.listEvents([params.id!]) } };
    },
  }),
  operation({
    method: 'POST',
    path: '/batches/{id}/events',
    tag: 'batches',
    summary: 'Record what was done; the same id again writes nothing',
    body: contract.eventWrite,
    response: contract.event,
    status: 201,
    run: async ({ params, body }) => {
      const { event, isNew } = await batches.recordEvent(params.id!, body);
      return { status: isNew ? 201 : 200, body: event };
    },
  }),
  operation({
    method: 'POST',
    path: '/batches/{id}/divide',
    tag: 'batches',
    summary: 'Divide a long piece into batches that go on separately',
    body: contract.divideRequest,
    response: contract.divideResponse,
    ifMatch: 'optional',
    current: batches.readBatch,
    run: async ({ params, body, version }) => ({ body: { items: await divideBatch(params.id!, version, body) } }),
  }),
  operation({
    method: 'GET',
    path: '/meals/{id}/schedule',
    tag: 'meals',
    summary: 'All batches of a meal by one clock: hands and heat shared among them',
    response: contract.mealSchedule,
    run: async ({ params }) => ({ body: await scheduleOfMeal(await meals.readMeal(params.id!)) }),
  }),
  ...crud({
    plural: 'meals',
    singular: 'meal',
    shape: contract.meal,
    write: contract.mealWrite,
    query: pageQuery,
    list: meals.listMeals,
    read: meals.readMeal,
    create: meals.createMeal,
    change: meals.changeMeal,
    remove: meals.removeMeal,
    restore: meals.restoreMeal,
  }),
  ...crud({
    plural: 'marinades',
    singular: 'marinade',
    shape: contract.marinade,
    write: contract.marinadeWrite,
    query: pageQuery.extend({ q: z.string().max(200).optional().describe('Name, note or any name of an ingredient') }),
    list: marinades.listMarinades,
    read: marinades.readMarinade,
    create: marinades.createMarinade,
    change: marinades.changeMarinade,
    remove: marinades.removeMarinade,
    restore: marinades.restoreMarinade,
  }),
  operation({
    method: 'GET',
    path: '/marinades/{id}/recipe',
    tag: 'marinades',
    summary: 'As a schema.org Recipe in JSON-LD',
    run: async ({ params }) => ({ text: { type: 'application/ld+json', body: await marinadeAsRecipe(params.id!) } }),
  }),
  operation({
    method: 'GET',
    path: '/marinades/{id}/markdown',
    tag: 'marinades',
    summary: 'As Markdown',
    run: async ({ params }) => ({
      text: { type: 'text/markdown; charset=utf-8', body: await marinadeAsMarkdown(params.id!) },
    }),
  }),
  ...crud({
    plural: 'tastings',
    singular: 'tasting',
    shape: contract.tasting,
    write: contract.tastingWrite,
    query: pageQuery.extend({ batchId: id.optional() }),
    list: tastings.listTastings,
    read: tastings.readTasting,
    create: tastings.createTasting,
    change: tastings.changeTasting,
    remove: tastings.removeTasting,
    restore: tastings.restoreTasting,
  }),
  ...crud({
    plural: 'cuts',
    singular: 'cut',
    shape: contract.cut,
    write: contract.cutWrite,
    query: pageQuery.extend({ q: z.string().max(200).optional().describe('Any name') }),
    list: cuts.listCuts,
    read: cuts.readCut,
    create: cuts.createCut,
    change: cuts.changeCut,
    remove: cuts.removeCut,
    restore: cuts.restoreCut,
  }),
  ...crud({
    plural: 'ingredients',
    singular: 'ingredient',
    shape: contract.ingredient,
    write: contract.ingredientWrite,
    query: pageQuery.extend({ q: z.string().max(200).optional().describe('Any name') }),
    list: ingredients.listIngredients,
    read: ingredients.readIngredient,
    create: ingredients.createIngredient,
    change: ingredients.changeIngredient,
    remove: ingredients.removeIngredient,
    restore: ingredients.restoreIngredient,
  }),
  operation({
    method: 'GET',
    path: '/put-away',
    tag: 'kitchen',
    summary: 'What was put away, the latest first',
    query: pageQuery.extend({ q: z.string().max(200).optional().describe('Part of the name, or a kind') }),
    response: z.object({ items: z.array(contract.putAway), total: z.int() }),
    run: async ({ query: { q, ...page } }) => {
      const { items, total } = await listPutAway({ ...page, find: q });
      return { body: { items, total } };
    },
  }),
  operation({
    method: 'GET',
    path: '/backup',
    tag: 'kitchen',
    summary: 'Everything that is kept, as lines of JSON with checksums: what npm run restore takes',
    run: async () => ({ file: await backupFile() }),
  }),
  operation({
    method: 'GET',
    path: '/household',
    tag: 'kitchen',
    summary: 'The kitchen',
    response: contract.household,
    run: async () => answer(await readHousehold()),
  }),
  operation({
    method: 'PUT',
    path: '/household',
    tag: 'kitchen',
    summary: 'Name, zone, measures, freezer, slicing machine and currency of the kitchen',
    body: contract.householdWrite,
    response: contract.household,
    ifMatch: 'required',
    current: readHousehold,
    run: async ({ body, version }) => answer(await changeHousehold(version, body)),
  }),
];
