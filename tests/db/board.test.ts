import { randomUUID } from 'node:crypto';
import { findCut } from '@/core/pieces';
import { database } from '@/data/connection';
import { batchBody, call } from './api-client';

afterAll(() => database().destroy());

function ownCut(change: Record<string, unknown> = {}): Record<string, unknown> {
  const { id: _id, own: _own, ...cut } = findCut('lamb-rump')!;
  return { ...cut, name: 'Hill mutton chump', otherNames: ['wether rump'], ...change };
}

describe('cuts', () => {
  test('the catalogue is listed by pages and found by any name', async () => {
    const first = await call('GET', '/cuts?limit=10');
    expect(first.body).toMatchObject({ limit: 10, next: '/api/v1/cuts?limit=10&offset=10' });
    expect(first.body.total as number).toBeGreaterThan(60);
    expect((await call('GET', '/cuts?q=silverside')).body.items![0]).toMatchObject({
      id: 'beef-bottom-round',
      own: false,
      version: 0,
    });
    expect((await call('GET', '/cuts/beef-flank')).body).toMatchObject({ name: 'Beef flank', freezingPointC: -1.1 });
    expect((await call('GET', '/cuts/unicorn')).status).toBe(404);
    expect((await call('GET', `/cuts/${randomUUID()}`)).status).toBe(404);
  });

  test('the catalogue stays as it is', async () => {
    expect((await call('PUT', '/cuts/beef-flank', { ifMatch: '"0"', body: ownCut() })).status).toBe(422);
    expect((await call('DELETE', '/cuts/beef-flank')).status).toBe(422);
  });

  test('an own cut is made, found by its other name, changed, used, put away and still serves its batch', async () => {
    const made = await call('POST', '/cuts', { body: ownCut() });
    expect(made).toMatchObject({ status: 201, body: { own: true, version: 1 } });
    const id = made.body.id as string;
    expect((await call('GET', '/cuts?q=wether')).body.items![0]).toMatchObject({ id });
    expect((await call('PATCH', `/cuts/${id}`, { ifMatch: '"1"', body: { usualMassG: 300 } })).body).toMatchObject({
      usualMassG: 300,
      name: 'Hill mutton chump',
      version: 2,
    });
    expect((await call('PUT', `/cuts/${id}`, { ifMatch: '"1"', body: ownCut() })).status).toBe(412);
    const batch = await call('POST', '/batches', { body: await batchBody({ cutId: id, name: undefined }) });
    expect(batch.body).toMatchObject({ cutName: 'Hill mutton chump', name: 'Hill mutton chump, stir-fry' });
    expect(
      (
        await call('POST', '/calc/firming', {
          body: { lengthMm: 150, widthMm: 100, heightMm: 50, cut: id, startC: 4, freezerC: -18, preset: 'fan' },
        })
      ).status,
    ).toBe(200);
    expect((await call('DELETE', `/cuts/${id}`)).status).toBe(204);
    expect((await call('GET', `/cuts/${id}`)).status).toBe(404);
    expect((await call('GET', `/batches/${batch.body.id}`)).body).toMatchObject({ cutName: 'Hill mutton chump' });
    expect((await call('POST', `/cuts/${id}/restore`)).body).toMatchObject({ id });
  });

  test.each([
    [{ name: '' }, '/name'],
    [{ animal: 'dragon' }, '/animal'],
    [{ composition: { water: 0.5, protein: 0.2, fat: 0.05, ash: 0.01 } }, '/composition'],
    [{ trimLoss: { from: 0.5, to: 0.1 } }, '/trimLoss'],
    [{ usualMassG: -1 }, '/usualMassG'],
    [{ freezingPointC: 5 }, '/freezingPointC'],
    [{ surprise: 1 }, '/'],
    [{ suits: { boiled: 'tender' } }, '/suits'],
  ])('%j is refused', async (change, pointer) => {
    const refused = await call('POST', '/cuts', { body: ownCut(change) });
    expect([refused.status, (refused.body.errors as { pointer: string }[])[0]!.pointer]).toEqual([400, pointer]);
  });
});

describe('the kitchen', () => {
  const basics = { name: 'Galley', zone: 'Europe/London' };
  test('keeps its freezer, slicing machine and currency, and leaves what is not sent', async () => {
    const stacks = [
      { dial: 1, slices: 10, stackMm: 20 },
      { dial: 3, slices: 10, stackMm: 48 },
    ];
    await call('PUT', '/household', {
      ifMatch: '*',
      body: { ...basics, currency: 'GBP', freezer: { tempC: -21, lies: 'tray' }, slicerStacks: stacks },
    });
    expect((await call('PUT', '/household', { ifMatch: '*', body: basics })).body).toMatchObject({
      currency: 'GBP',
      freezer: { tempC: -21, lies: 'tray', known: { lnStrength: 0 } },
      slicerStacks: stacks,
    });
    for (const bad of [
      { currency: 'pounds' },
      { freezer: { tempC: 5, lies: 'tray' } },
      { freezer: { tempC: -18, lies: 'snow' } },
      { slicerStacks: [{ dial: 1, slices: 0, stackMm: 3 }] },
    ])
      expect(
        (
          await call('PUT', '/household', {
            ifMatch: '*',
            body: { ...basics, ...bad },
          })
        ).status,
      ).toBe(400);
    expect(
      (
        await call('PUT', '/household', {
          ifMatch: '*',
          body: {
            ...basics,
            slicerStacks: [
              { dial: 3, slices: 10, stackMm: 20 },
              { dial: 1, slices: 10, stackMm: 48 },
            ],
          },
        })
      ).status,
    ).toBe(422);
    expect((await call('GET', '/household')).body.slicerStacks).toEqual(stacks);
    await expect(database()('household').update({ currency: 'nonsense' })).rejects.toThrow();
    await call('PUT', '/household', {
      ifMatch: '*',
      body: { ...basics, currency: 'EUR', slicerStacks: [], freezer: { tempC: -18, lies: 'fan' } },
    });
  });

  test('learns its freezer from a report, once however often it is sent, and the next plan uses it', async () => {
    const body = await batchBody({ cutId: 'pork-loin', heightMm: 60, massG: 1200 });
    const { body: batch } = await call('POST', '/batches', { body });
    const firmMin = async () =>
      (
        (await call('GET', `/batches/${batch.id}`)).body.schedule as { jobs: { key: string; minutes: number }[] }
      ).jobs.find(({ key }) => key === 'firm')!.minutes;
    const before = await firmMin();
    const event = {
      id: randomUUID(),
      kind: 'firmness-reported',
      at: '2026-06-06T09:00:00Z',
      payload: { report: 'too-soft' },
    };
    const replies = await Promise.all(
      [1, 2, 3].map(() => call('POST', `/batches/${batch.id}/events`, { body: event })),
    );
    expect(replies.map(({ status }) => status).sort()).toEqual([200, 200, 201]);
    const learned = (await call('GET', '/household')).body.freezer as {
      known: { lnStrength: number; lnError: number };
    };
    expect(learned.known.lnStrength).toBeLessThan(0);
    expect(learned.known.lnError).toBeLessThan(0.3);
    expect(await firmMin()).toBeGreaterThan(before);
    const again = await call('POST', `/batches/${batch.id}/events`, { body: { ...event, id: randomUUID() } });
    expect(again.status).toBe(201);
    const further = (await call('GET', '/household')).body.freezer as typeof learned;
    expect(further.known.lnStrength).toBeLessThan(learned.known.lnStrength);
    for (const payload of [{}, { report: 'lovely' }, { report: 'right', minutes: -4 }, { report: 'right', extra: 1 }])
      expect(
        (await call('POST', `/batches/${batch.id}/events`, { body: { ...event, id: randomUUID(), payload } })).status,
      ).toBe(422);
    await call('PUT', '/household', {
      ifMatch: '*',
      body: { ...basics, freezer: { tempC: -18, lies: 'fan', known: { lnStrength: 0, lnError: 0.3 } } },
    });
    expect(await firmMin()).toBe(before);
  });
});

describe('dividing a piece', () => {
  test('makes batches that add up, in one go or not at all', async () => {
    const { body: batch } = await call('POST', '/batches', {
      body: await batchBody({ cutId: 'beef-skirt', massG: 600, heightMm: 20, people: 4, pins: { trimmedG: 500 } }),
    });
    const parts = [
      { lengthMm: 200, heightMm: 25 },
      { lengthMm: 150, heightMm: 12 },
    ];
    const { status, body } = await call('POST', `/batches/${batch.id}/divide`, { ifMatch: '"1"', body: { parts } });
    expect(status).toBe(200);
    const items = body.items as {
      id: string;
      name: string;
      massG: number;
      heightMm: number;
      mealId: string;
      pins: { trimmedG: number };
    }[];
    expect(items.map(({ name, heightMm }) => [name, heightMm])).toEqual([
      ['Fennel chicken, thick part', 25],
      ['Fennel chicken, thin part', 12],
    ]);
    expect(items[0]!.massG + items[1]!.massG).toBeCloseTo(600, 9);
    expect(items[0]!.pins.trimmedG + items[1]!.pins.trimmedG).toBeCloseTo(500, 9);
    expect(new Set(items.map(({ mealId }) => mealId)).size).toBe(1);
    expect((await call('POST', `/batches/${batch.id}/divide`, { ifMatch: '"1"', body: { parts } })).status).toBe(412);
  });
  test('a part too small is refused, and nothing has changed', async () => {
    const { body: batch } = await call('POST', '/batches', { body: await batchBody({ massG: 120 }) });
    const count = async () => (await call('GET', '/batches?limit=1')).body.total;
    const before = await count();
    expect(
      (
        await call('POST', `/batches/${batch.id}/divide`, {
          body: {
            parts: [
              { lengthMm: 200, heightMm: 25 },
              { lengthMm: 10, heightMm: 5 },
            ],
          },
        })
      ).status,
    ).toBe(422);
    expect(await count()).toBe(before);
    expect(
      (await call('POST', `/batches/${batch.id}/divide`, { body: { parts: [{ lengthMm: 200, heightMm: 25 }] } }))
        .status,
    ).toBe(400);
  });
});
