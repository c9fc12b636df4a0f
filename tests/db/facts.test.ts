import { randomUUID } from 'node:crypto';
import { batchBody, call, setClock, TABLE_AT } from './api-client';

interface Figure {
  value: number;
  from: string;
}
interface Job {
  batchId: string;
  key: string;
  minutes: number;
  startAt: string;
  endAt: string;
  lines: { name: string; massG: number }[];
  asks: string[];
  ends: string;
  lasts: { fromMin: number; toMin: number; from: string };
}

const newBatch = async (change: Record<string, unknown> = {}) =>
  (await call('POST', '/batches', { body: await batchBody(change) })).body as {
    id: string;
    mealId: string;
    version: number;
  };
const record = (id: string, kind: string, payload: object = {}, more: object = {}) =>
  call('POST', `/batches/${id}/events`, {
    body: { id: randomUUID(), kind, at: '2026-06-06T09:00:00Z', payload, ...more },
  });
const read = async (id: string) =>
  (await call('GET', `/batches/${id}`)).body as { figures: Record<string, Figure>; schedule: { jobs: Job[] } };
const mealOf = async (mealId: string) =>
  (await call('GET', `/meals/${mealId}/schedule`)).body as {
    jobs: Job[];
    batches: {
      id: string;
      standing: { byMin: number; tableAt: string; marinade?: object; ways: { code: string; soonerMin: number }[] };
    }[];
  };
const elsewhere = async (hour: string) =>
  (await call('POST', '/meals', { body: { name: 'Its own', tableAt: hour, people: 5 } })).body.id as string;

afterEach(() => setClock());

describe('what was measured', () => {
  test('stands before what was pinned and what was expected, says so, and is taken back with its press', async () => {
    const { id } = await newBatch({ pins: { trimmedG: 800 } });
    expect((await read(id)).figures).toMatchObject({
      trimmedG: { value: 800, from: 'pinned' },
      thicknessMm: { value: 4, from: 'answered' },
    });
    const press = randomUUID();
    expect((await record(id, 'measured', { measure: 'trimmedG', value: 720, press })).status).toBe(201);
    await record(id, 'measured', { measure: 'thicknessMm', value: 6, press: randomUUID() });
    const measured = await read(id);
    expect(measured.figures).toMatchObject({
      trimmedG: { value: 720, from: 'measured' },
      thicknessMm: { value: 6, from: 'measured' },
    });
    await record(id, 'press-undone', { press });
    expect((await read(id)).figures).toMatchObject({
      trimmedG: { value: 800, from: 'pinned' },
      thicknessMm: { value: 6, from: 'measured' },
    });
    // The answers of the cook are as they were.
    expect((await call('GET', `/batches/${id}`)).body).toMatchObject({ thicknessMm: 4, pins: { trimmedG: 800 } });
  });

  test('scales the lines of the mix in the schedule of the meal', async () => {
    const { id, mealId } = await newBatch({
      mealId: await elsewhere('2026-06-06T13:00:00.000Z'),
      tableAt: '2026-06-06T13:00:00.000Z',
    });
    const mix = async () => (await mealOf(mealId)).jobs.find(({ key }) => key === 'mix')!;
    const expected = (await read(id)).figures.trimmedG!.value;
    const before = await mix();
    expect(before.lines.length).toBeGreaterThan(4);
    await record(id, 'measured', { measure: 'trimmedG', value: expected / 2 });
    const after = await mix();
    for (const [at, { name, massG }] of after.lines.entries()) {
      expect(name).toBe(before.lines[at]!.name);
      expect(massG).toBeCloseTo(before.lines[at]!.massG / 2, 6);
    }
  });

  test.each([
    ['no such measure', 'measured', { measure: 'colour', value: 3 }],
    ['no value', 'measured', { measure: 'trimmedG' }],
    ['slices of half a metre', 'measured', { measure: 'thicknessMm', value: 500 }],
    ['a value as text', 'measured', { measure: 'boneG', value: '30' }],
    ['something beside', 'measured', { measure: 'boneG', value: 30, note: 'x' }],
    ['a press that is not named', 'press-undone', {}],
    ['a report of no kind', 'firmness-reported', { report: 'odd' }],
  ])('%s is refused, and nothing is kept', async (_, kind, payload) => {
    const { id } = await newBatch();
    expect(await record(id, kind, payload)).toMatchObject({ status: 422, body: { errors: [{ pointer: '/payload' }] } });
    expect((await call('GET', `/batches/${id}/events`)).body.items).toEqual([]);
  });
});

describe('the schedule of a meal follows what was done', () => {
  const tableAt = '2026-06-07T12:00:00.000Z';

  test('late, what is left begins from now, and the ways out say what they save', async () => {
    const mealId = await elsewhere(tableAt);
    const { id } = await newBatch({ mealId, tableAt, pins: { soda: 'rinse-off', marinadeMin: 60 } });
    const planned = (await mealOf(mealId)).jobs;
    setClock(new Date(Date.parse(planned[0]!.startAt) + 40 * 60_000).toISOString());
    const minutesOf = (...keys: string[]) =>
      planned.filter(({ key }) => keys.includes(key)).reduce((sum, { minutes }) => sum + minutes, 0);
    const { jobs, batches } = await mealOf(mealId);
    expect(batches.find((one) => one.id === id)!.standing).toEqual({
      open: true,
      byMin: 40,
      tableAt: '2026-06-07T12:40:00.000Z',
      ways: [
        { code: 'skip-soda', soonerMin: Math.min(40, minutesOf('soda', 'soda-wait', 'rinse', 'drain')) },
        { code: 'no-freezer', soonerMin: minutesOf('firm') },
      ],
    });
    expect(jobs.map(({ key }) => key)).toEqual(planned.map(({ key }) => key));
    for (const [at, job] of jobs.entries())
      expect(Date.parse(job.startAt) - Date.parse(planned[at]!.startAt)).toBe(40 * 60_000);
    // The plan itself stays what it was.
    expect((await read(id)).schedule.jobs[0]!.startAt).toBe(planned[0]!.startAt);
  });

  test('what was done has the hours it had; done in time it moves nothing', async () => {
    const mealId = await elsewhere('2026-06-08T12:00:00.000Z');
    const { id } = await newBatch({ mealId, tableAt: '2026-06-08T12:00:00.000Z' });
    const planned = (await mealOf(mealId)).jobs;
    const trim = planned.find(({ key }) => key === 'trim')!;
    await record(id, 'job-started', {}, { jobKey: 'trim', at: trim.startAt });
    await record(id, 'job-done', {}, { jobKey: 'trim', at: trim.endAt });
    setClock(trim.endAt);
    expect((await mealOf(mealId)).jobs).toEqual(planned);
  });

  test('every job says what it asks, what ends it and how long it may take', async () => {
    const mealId = await elsewhere('2026-06-09T12:00:00.000Z');
    await newBatch({ mealId, tableAt: '2026-06-09T12:00:00.000Z' });
    const job = (key: string, jobs: Job[]) => jobs.find((one) => one.key === key)!;
    const { jobs } = await mealOf(mealId);
    expect(job('trim', jobs)).toMatchObject({ asks: ['trimmedG'], ends: 'press' });
    expect(job('firm', jobs)).toMatchObject({ asks: [], ends: 'firmness', lasts: { from: 'rule' } });
    expect(job('cook', jobs)).toMatchObject({ asks: ['centreC'], ends: 'temperature' });
    const { fromMin, toMin } = job('marinate', jobs).lasts;
    expect([fromMin, toMin]).toEqual([20, 720]);
  });
});

describe('hours of jobs, and hours away', () => {
  test('a job keeps the hour it was given; one that cannot be kept is refused in words, and let go at a press', async () => {
    const { id, version } = await newBatch();
    const keep = (jobAtMs: object) => call('PATCH', `/batches/${id}`, { ifMatch: '*', body: { pins: { jobAtMs } } });
    const sliceMs = Date.parse(TABLE_AT) - 240 * 60_000;
    const kept = await keep({ slice: sliceMs });
    expect(kept.status).toBe(200);
    const jobs = (kept.body.schedule as { jobs: Job[] }).jobs;
    expect(Date.parse(jobs.find(({ key }) => key === 'slice')!.startAt)).toBe(sliceMs);
    expect((await keep({ slice: Date.parse(TABLE_AT) - 10 * 60_000 })).body.schedule).toMatchObject({
      ok: false,
      reason: expect.stringContaining('too late for what has to follow'),
    });
    expect((await keep({ nothing: 5 })).status).toBe(400);
    expect((await keep({ slice: 1.5 })).status).toBe(400);
    expect(version).toBe(1);
  });

  test('nothing is planned for hands while away; each change of it re-plans the batches', async () => {
    const tableAt = '2026-06-10T18:00:00.000Z';
    const { body: meal } = await call('POST', '/meals', { body: { name: 'After work', tableAt, people: 5 } });
    const { id } = await newBatch({ mealId: meal.id, tableAt });
    const hands = async () => {
      const { body } = await call('GET', `/batches/${id}`);
      return (body.schedule as { jobs: (Job & { hands: boolean })[] }).jobs.filter((job) => job.hands);
    };
    expect(meal.away).toEqual([]);
    const before = await hands();
    const away = [{ from: before[0]!.startAt, to: '2026-06-10T17:15:00.000Z' }];
    const put = (more: object) =>
      call('PUT', `/meals/${meal.id as string}`, {
        ifMatch: '*',
        body: { name: 'After work', tableAt, people: 5, ...more },
      });
    expect((await put({ away })).body.away).toEqual(away);
    const after = await hands();
    for (const { key, startAt, endAt } of after)
      if (key !== 'cook' && key !== 'dry' && key !== 'slurry')
        expect([key, endAt <= away[0]!.from || startAt >= away[0]!.to]).toEqual([key, true]);
    // Left out, it stays; emptied, it is gone.
    expect((await put({})).body.away).toEqual(away);
    expect((await put({ away: [] })).body.away).toEqual([]);
    expect(await hands()).toEqual(before);
    expect((await put({ away: [{ from: tableAt, to: tableAt }] })).status).toBe(400);
  });
});

describe('the pace of these hands', () => {
  test('is learned from finished jobs, taken by the next plan, unlearned with a press taken back, and forgotten at a press', async () => {
    const { id } = await newBatch({ pins: { soda: 'skip' } });
    const other = await newBatch({ pins: { soda: 'skip' } });
    const sliceMin = async () => (await read(other.id)).schedule.jobs.find(({ key }) => key === 'slice')!.minutes;
    const paces = async () =>
      (await call('GET', '/household')).body.paces as Record<string, { times: number; ln: number }>;
    const usual = await sliceMin();
    expect(await paces()).toEqual({});
    const press = randomUUID();
    await record(id, 'job-started', {}, { jobKey: 'slice', at: '2026-06-06T08:00:00Z' });
    await record(
      id,
      'job-done',
      { press, handwork: 'slice', ruleMin: usual },
      { jobKey: 'slice', at: new Date(Date.parse('2026-06-06T08:00:00Z') + 2 * usual * 60_000).toISOString() },
    );
    expect((await paces()).slice).toMatchObject({ times: 1 });
    expect(await sliceMin()).toBeGreaterThan(usual);
    await record(id, 'press-undone', { press }, { at: '2026-06-06T11:00:00Z' });
    expect(await paces()).toEqual({});
    expect(await sliceMin()).toBe(usual);
    await record(
      id,
      'job-done',
      { press: randomUUID(), handwork: 'slice', ruleMin: usual },
      { jobKey: 'slice', at: new Date(Date.parse('2026-06-06T08:00:00Z') + 2 * usual * 60_000).toISOString() },
    );
    expect(await sliceMin()).toBeGreaterThan(usual);
    // Forgotten, what was done until now teaches nothing any more.
    setClock('2026-06-07T00:00:00Z');
    const { name, zone } = (await call('GET', '/household')).body;
    expect(
      (await call('PUT', '/household', { ifMatch: '*', body: { name, zone, forgetPaces: true } })).body.paces,
    ).toEqual({});
    expect(await sliceMin()).toBe(usual);
  });
});

test('pans of the kitchen: two cooks at two pans are both done at the table', async () => {
  const tableAt = '2026-06-12T18:00:00.000Z';
  const mealId = await elsewhere(tableAt);
  const ids = [await newBatch({ mealId, tableAt }), await newBatch({ mealId, tableAt })].map(({ id }) => id);
  const { name, zone, cooks, heats } = (await call('GET', '/household')).body;
  const kitchen = (more: object) => call('PUT', '/household', { ifMatch: '*', body: { name, zone, ...more } });
  const ends = async () => (await mealOf(mealId)).jobs.filter(({ key }) => key === 'cook').map(({ endAt }) => endAt);
  expect([cooks, heats]).toEqual([1, {}]);
  expect((await kitchen({ cooks: 2 })).body.heats).toEqual({});
  expect(new Set(await ends()).size).toBe(2);
  expect((await kitchen({ cooks: 2, heats: { pan: 2 } })).body.heats).toEqual({ pan: 2 });
  expect(await ends()).toEqual(ids.map(() => tableAt));
  expect((await kitchen({ heats: { pan: 9 } })).status).toBe(400);
  expect((await kitchen({ heats: { stove: 1 } })).status).toBe(400);
  await kitchen({ cooks: 1, heats: {} });
});
