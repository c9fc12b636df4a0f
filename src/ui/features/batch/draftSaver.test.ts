import { fakeBrowser, fakeFullStorage, fakeServer } from '../../../../tests/unit/browser';
import type { Batch } from '@/contract/resources';
import type { BatchFields } from './batchFields';
import { tabName } from '../../shell/tab';
import { DraftSaver, type SaveState } from './draftSaver';

const ID = 'b1';
const KEY = `mince.draft.${ID}`;

const fields: BatchFields = {
  name: 'Flank',
  mealId: 'm1',
  way: 'stir-fry',
  cutId: 'beef-flank',
  massG: 700,
  heightMm: 25,
  thicknessMm: 4,
  marinadeId: 'x1',
  people: 4,
  tableAt: '2026-06-06T12:00:00.000Z',
  pins: {},
};

const stored = (change: Partial<BatchFields>, version: number) =>
  ({ ...fields, ...change, id: ID, version }) as unknown as Batch;

function makeSaver(version = 1) {
  const states: SaveState[] = [];
  const shown: BatchFields[] = [];
  const saver = new DraftSaver(ID, version, fields, {
    tell: (state) => states.push(state),
    show: (joined) => shown.push(joined),
  });
  return { saver, states, shown, last: () => states.at(-1)!.kind };
}

const draft = () => JSON.parse(localStorage.getItem(`${KEY}.${tabName()}`) ?? 'null');

/** Lets timers of this length run, and what they started. */
async function pass(ms: number): Promise<void> {
  await jest.advanceTimersByTimeAsync(ms);
}

beforeEach(() => {
  jest.useFakeTimers();
  fakeBrowser();
});
afterEach(() => jest.useRealTimers());

test('a change is kept on the device at once and saved after a pause, with the version it was made on', async () => {
  const calls = fakeServer([{ status: 200, body: stored({ people: 5 }, 2) }]);
  const { saver, last } = makeSaver();
  saver.put({ ...fields, people: 5 });
  expect(draft()).toMatchObject({ version: 1, fields: { people: 5 } });
  expect(calls).toHaveLength(0);
  await pass(600);
  expect(calls).toEqual([
    { method: 'PUT', path: `/api/v1/batches/${ID}`, ifMatch: '"1"', body: expect.objectContaining({ people: 5 }) },
  ]);
  expect(last()).toBe('saved');
  expect(draft()).toBeNull();
});

test('ten quick changes are one save', async () => {
  const calls = fakeServer([{ status: 200, body: stored({ people: 10 }, 2) }]);
  const { saver } = makeSaver();
  for (let people = 1; people <= 10; people++) {
    saver.put({ ...fields, people });
    await pass(50);
  }
  await pass(600);
  expect(calls.map(({ body }) => (body as BatchFields).people)).toEqual([10]);
});

test('what is typed while a save is under way goes out after it, on the new version', async () => {
  const calls = fakeServer([
    { status: 200, body: stored({ people: 5 }, 2) },
    { status: 200, body: stored({ people: 6 }, 3) },
  ]);
  const { saver, last } = makeSaver();
  saver.put({ ...fields, people: 5 }, 0);
  jest.advanceTimersByTime(0);
  saver.put({ ...fields, people: 6 });
  await pass(1000);
  expect(calls.map(({ ifMatch }) => ifMatch)).toEqual(['"1"', '"2"']);
  expect(last()).toBe('saved');
});

test.each([
  ['a lost network', 'lost' as const],
  ['a database that is away', { status: 503, body: { type: '/problems/database-away', title: 'Away', status: 503 } }],
])('%s: it waits, tries again, and nothing is lost', async (_, away) => {
  const calls = fakeServer([away, away, { status: 200, body: stored({ massG: 900 }, 2) }]);
  const { saver, states, last } = makeSaver();
  saver.put({ ...fields, massG: 900 }, 0);
  await pass(100);
  expect(last()).toBe('waiting');
  expect(draft()).toMatchObject({ fields: { massG: 900 } });
  await pass(5000);
  expect(calls).toHaveLength(3);
  expect(last()).toBe('saved');
  expect(states.filter(({ kind }) => kind === 'waiting')).toHaveLength(2);
});

describe('changed elsewhere', () => {
  const conflict = {
    status: 412,
    body: { type: '/problems/changed-elsewhere', title: 'Changed', status: 412, current: stored({ people: 9 }, 5) },
  };

  test('what they changed and I did not is joined with mine, shown, said and sent on top of theirs', async () => {
    const theirs = stored({ people: 9, pins: { lots: 2 } }, 5);
    const calls = fakeServer([
      { status: 412, body: { ...conflict.body, current: theirs } },
      { status: 200, body: stored({ people: 9, massG: 900, pins: { lots: 2, soda: 'skip' } }, 6) },
    ]);
    const { saver, states, shown } = makeSaver();
    saver.put({ ...fields, massG: 900, pins: { soda: 'skip' } }, 0);
    await pass(100);
    expect(shown).toEqual([{ ...fields, people: 9, massG: 900, pins: { lots: 2, soda: 'skip' } }]);
    expect(calls[1]).toMatchObject({
      ifMatch: '"5"',
      body: { people: 9, massG: 900, pins: { lots: 2, soda: 'skip' } },
    });
    expect(states.at(-1)).toEqual({ kind: 'saved', joined: ['people', 'lots'] });
    expect(draft()).toBeNull();
  });

  test('where both changed the same it stops, shows their side and sends nothing more by itself', async () => {
    const calls = fakeServer([conflict]);
    const { saver, states } = makeSaver();
    saver.put({ ...fields, massG: 900, people: 5 }, 0);
    await pass(100);
    expect(states.at(-1)).toMatchObject({
      kind: 'changed-elsewhere',
      theirs: { people: 9, version: 5 },
      clash: { clashes: ['people'] },
    });
    saver.put({ ...fields, massG: 950, people: 5 });
    await pass(10_000);
    expect(calls).toHaveLength(1);
    expect(draft()).toMatchObject({ fields: { massG: 950 } });
  });

  test('mine goes out on top of their version, with what only they changed', async () => {
    const theirs = stored({ people: 9, name: 'Skirt' }, 5);
    const calls = fakeServer([
      { status: 412, body: { ...conflict.body, current: theirs } },
      { status: 200, body: stored({ people: 5, name: 'Skirt' }, 6) },
    ]);
    const { saver, last } = makeSaver();
    saver.put({ ...fields, people: 5 }, 0);
    await pass(100);
    saver.settle('mine', theirs);
    await pass(100);
    expect(calls[1]).toMatchObject({ ifMatch: '"5"', body: { people: 5, name: 'Skirt' } });
    expect(last()).toBe('saved');
  });

  test('theirs stands; what only I changed still goes out, and without any of it the draft is gone', async () => {
    const calls = fakeServer([conflict, { status: 200, body: stored({ people: 9, massG: 900 }, 6) }, conflict]);
    const first = makeSaver();
    first.saver.put({ ...fields, people: 5, massG: 900 }, 0);
    await pass(100);
    first.saver.settle('theirs', stored({ people: 9 }, 5));
    await pass(100);
    expect(calls[1]).toMatchObject({ ifMatch: '"5"', body: { people: 9, massG: 900 } });
    expect(first.shown.at(-1)).toMatchObject({ people: 9, massG: 900 });

    const second = makeSaver();
    second.saver.put({ ...fields, people: 5 }, 0);
    await pass(100);
    second.saver.settle('theirs', stored({ people: 9 }, 5));
    await pass(5000);
    expect(calls).toHaveLength(3);
    expect(second.last()).toBe('saved');
    expect(draft()).toBeNull();
  });

  test('my own change whose answer was lost is not a conflict', async () => {
    fakeServer([{ status: 412, body: { ...conflict.body, current: stored({ massG: 900 }, 2) } }]);
    const { saver, last } = makeSaver();
    saver.put({ ...fields, massG: 900 }, 0);
    await pass(100);
    expect(last()).toBe('saved');
    expect(draft()).toBeNull();
  });
});

test('from the first key on nothing says that it is saved until it is', async () => {
  fakeServer([{ status: 200, body: stored({ people: 5 }, 2) }]);
  const { saver, states, last } = makeSaver();
  saver.put({ ...fields, people: 5 });
  expect(last()).toBe('saving');
  await pass(600);
  expect(states.map(({ kind }) => kind)).toEqual(['saving', 'saving', 'saved']);
});

test('a correction typed while a save is being refused goes out', async () => {
  const calls = fakeServer([
    { status: 422, body: { type: '', title: 'no', status: 422 } },
    { status: 200, body: stored({ people: 6 }, 2) },
  ]);
  const { saver, last } = makeSaver();
  saver.put({ ...fields, people: 5 }, 0);
  jest.advanceTimersByTime(0);
  saver.put({ ...fields, people: 6 });
  await pass(2000);
  expect(calls.map(({ body }) => (body as BatchFields).people)).toEqual([5, 6]);
  expect(last()).toBe('saved');
});

test('where the browser keeps nothing, the change is still sent', async () => {
  fakeFullStorage();
  const calls = fakeServer([{ status: 200, body: stored({ people: 5 }, 2) }]);
  const { saver, last } = makeSaver();
  saver.put({ ...fields, people: 5 });
  await pass(600);
  expect(calls).toHaveLength(1);
  expect(last()).toBe('saved');
});

test('what the server refuses is said and kept, and not sent over and over', async () => {
  const calls = fakeServer([{ status: 422, body: { type: '/problems/rule', title: 'Does not fit', status: 422 } }]);
  const { saver, last } = makeSaver();
  saver.put({ ...fields, massG: 900 }, 0);
  await pass(10_000);
  expect(calls).toHaveLength(1);
  expect(last()).toBe('refused');
  expect(draft()).toMatchObject({ fields: { massG: 900 } });
});

describe('after a reload', () => {
  test('the draft comes back, and goes out with the version it was made on', async () => {
    localStorage.setItem(KEY, JSON.stringify({ version: 1, fields: { ...fields, people: 8 } }));
    const calls = fakeServer([{ status: 200, body: stored({ people: 8 }, 2) }]);
    const { saver } = makeSaver(4);
    const restored = saver.restore()!;
    expect(restored.people).toBe(8);
    saver.put(restored, 0);
    await pass(100);
    expect(calls[0]!.ifMatch).toBe('"1"');
  });

  test('the draft of a tab that is gone is taken over; that of a tab that lives is left to it', async () => {
    const other = `${KEY}.other`;
    const theirs = (aliveMs: number) =>
      JSON.stringify({ version: 2, base: fields, fields: { ...fields, people: 7 }, aliveMs });
    localStorage.setItem(other, theirs(Date.now() - 1000));
    expect(makeSaver().saver.restore()).toBeUndefined();
    expect(localStorage.getItem(other)).not.toBeNull();
    localStorage.setItem(other, theirs(Date.now() - 60_000));
    expect(makeSaver().saver.restore()).toMatchObject({ people: 7 });
    expect(localStorage.getItem(other)).toBeNull();
    expect(draft()).toMatchObject({ version: 2, fields: { people: 7 } });
  });

  test('two tabs keep two drafts, each goes out, and both changes survive', async () => {
    fakeServer(['lost']);
    const { saver } = makeSaver();
    saver.put({ ...fields, people: 8 });
    const other = `${KEY}.other`;
    const inOther = { version: 1, base: fields, fields: { ...fields, massG: 950 }, aliveMs: Date.now() };
    localStorage.setItem(other, JSON.stringify(inOther));
    await pass(600);
    expect(draft().fields).toMatchObject({ people: 8, massG: 700 });
    fakeServer([{ status: 200, body: stored({ people: 8 }, 2) }]);
    await pass(3000);
    expect(draft()).toBeNull();
    // The other tab was closed; whoever opens the batch next joins its draft with what was saved.
    await pass(20_000);
    const calls = fakeServer([
      { status: 412, body: { type: '', title: '', status: 412, current: stored({ people: 8 }, 2) } },
      { status: 200, body: stored({ people: 8, massG: 950 }, 3) },
    ]);
    const next = makeSaver(2);
    next.saver.put(next.saver.restore()!, 0);
    await pass(100);
    expect(calls.at(-1)).toMatchObject({ ifMatch: '"2"', body: { people: 8, massG: 950 } });
    expect(next.last()).toBe('saved');
  });

  test.each(['{', '"text"', '{"version":"one"}', '{"version":1,"fields":{}}'])(
    'a damaged draft is left alone: %s',
    (text) => {
      localStorage.setItem(KEY, text);
      expect(makeSaver().saver.restore()).toBeUndefined();
    },
  );
});
