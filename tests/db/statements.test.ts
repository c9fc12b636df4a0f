import { randomUUID } from 'node:crypto';
import { database } from '@/data/connection';
import { forget } from '@/data/memory';
import { batchBody, call, setClock } from './api-client';

/** Statements that reach the database during some work; beginning and ending a transaction apart. */
async function statementsOf(work: () => Promise<unknown>): Promise<string[]> {
  const sent: string[] = [];
  const note = ({ sql }: { sql: string }) => void (/^(begin|commit|rollback)/i.test(sql) || sent.push(sql));
  const pool = database();
  pool.on('query', note);
  await work();
  pool.off('query', note);
  return sent;
}

describe('what a request costs the database', () => {
  const hour = '2026-06-20T12:00:00.000Z';
  let body: Record<string, unknown>;
  let id: string;
  beforeAll(async () => {
    body = await batchBody({ tableAt: hour });
    id = (await call('POST', '/batches', { body })).body.id as string;
  });
  /** The book and the kitchen were read a moment ago; the batch is not known any more. */
  const warm = () => call('GET', `/batches/${id}`);

  test('making a batch for the hour of a meal, at most four statements and one transaction', async () => {
    await warm();
    const sent = await statementsOf(async () =>
      expect((await call('POST', '/batches', { body: { ...body, id: randomUUID() } })).status).toBe(201),
    );
    expect(sent.length).toBeLessThanOrEqual(4);
  });

  test('saving a batch, at most four', async () => {
    const { etag } = await warm();
    const put = { ...body, massG: 950 };
    const sent = await statementsOf(async () =>
      expect((await call('PUT', `/batches/${id}`, { ifMatch: etag!, body: put })).status).toBe(200),
    );
    expect(sent.length).toBeLessThanOrEqual(4);
  });

  test('a batch and a meal that were read are not read again until something is written', async () => {
    const mealId = (await call('GET', `/batches/${id}`)).body.mealId as string;
    await call('GET', `/meals/${mealId}/schedule`);
    expect(await statementsOf(() => call('GET', `/batches/${id}`))).toEqual([]);
    await call('PATCH', `/batches/${id}`, { ifMatch: '*', body: { massG: 800 } });
    expect((await call('GET', `/batches/${id}`)).body.massG).toBe(800);
    await call('POST', `/batches/${id}/events`, {
      body: { id: randomUUID(), kind: 'measured', at: hour, payload: { measure: 'trimmedG', value: 640 } },
    });
    expect((await call('GET', `/batches/${id}`)).body.figures).toMatchObject({ trimmedG: { value: 640 } });
  });

  test('what somebody else writes is seen after a second', async () => {
    await call('GET', `/batches/${id}`);
    // As another process would: not through this pool.
    const other = (await import('knex')).default({ client: 'pg', connection: process.env.DATABASE_URL });
    await other('batch').where({ id }).update({ name: 'Renamed from outside' });
    await other.destroy();
    await new Promise((resolve) => setTimeout(resolve, 1100));
    expect((await call('GET', `/batches/${id}`)).body.name).toBe('Renamed from outside');
  });

  test('what is told by the clock is told anew each minute', async () => {
    const mealId = (await call('GET', `/batches/${id}`)).body.mealId as string;
    const first = async () =>
      ((await call('GET', `/meals/${mealId}/schedule`)).body.jobs as { startAt: string }[])[0]!.startAt;
    const planned = await first();
    setClock(new Date(Date.parse(planned) + 30 * 60_000).toISOString());
    expect(Date.parse(await first())).toBeGreaterThanOrEqual(Date.parse(planned) + 30 * 60_000);
    setClock();
    expect(await first()).toBe(planned);
    forget();
  });
});
