import { randomUUID } from 'node:crypto';
import { database } from '@/data/connection';
import { soda } from '@/core/tenderizing';
import { shapeCuts } from '@/core/slicing';
import { batchBody, call, marinadeId } from './api-client';

afterAll(() => database().destroy());

describe('calculations over the API', () => {
  test('give the numbers that the core gives', async () => {
    const block = { lengthMm: 200, widthMm: 100, heightMm: 30, thicknessMm: 4, bevelDeg: 45 };
    expect((await call('POST', '/calc/slices', { body: block })).body).toEqual(
      JSON.parse(JSON.stringify(shapeCuts({ ...block, shape: 'ribbons' }))),
    );
    expect(
      (
        await call('POST', '/calc/slices', {
          body: { lengthMm: 120, widthMm: 60, heightMm: 55, thicknessMm: 6, shape: 'unrolled' },
        })
      ).body,
    ).toMatchObject({ unrolled: { sheetLengthMm: 550, turns: 9 }, pieceCount: 1 });
    expect(
      await call('POST', '/calc/slices', {
        body: { lengthMm: 60, widthMm: 60, heightMm: 60, thicknessMm: 4, bevelDeg: 60 },
      }),
    ).toMatchObject({ status: 422, body: { errors: [{ pointer: '/bevelDeg' }] } });
    const dose = { massG: 1000, thicknessMm: 4, school: 'leave-in', percent: 1 } as const;
    expect((await call('POST', '/calc/soda', { body: dose })).body).toEqual(soda(dose));
    const salt = await call('POST', '/calc/uptake', {
      body: {
        thicknessMm: 5,
        tempC: 4,
        meatG: 500,
        meatWaterFraction: 0.72,
        bathWaterG: 43.8,
        saltG: 9.6,
        ownSaltFraction: 0.001,
        minutes: 60,
      },
    });
    expect(salt.body).toMatchObject({
      alpha: expect.closeTo(0.1217, 4),
      equilibriumSaltPercent: expect.closeTo(1.8, 2),
    });
    expect(
      (await call('POST', '/calc/measures', { body: { ingredient: 'bicarb', text: '1 1/2 tsp' } })).body,
    ).toMatchObject({ massG: expect.closeTo(6.9, 1), errorPercent: 0 });
    expect((await call('POST', '/calc/measures', { body: { ingredient: 'Soy sauce', massG: 68 } })).body).toMatchObject(
      { spoken: '¼ cup' },
    );
  });
});

describe('one plan to tenderize over the API', () => {
  const flank = { cut: 'beef-flank', way: 'stir-fry', thicknessMm: 4, massG: 800 };
  const fitting = (body: Record<string, unknown>) =>
    (body.alternatives as { means: string; fits: boolean }[]).filter(({ fits }) => fits).map(({ means }) => means);
  test('proposes one, says why, and what each other would change', async () => {
    const { body } = await call('POST', '/calc/tenderizing-plan', {
      body: { ...flank, marinadeId: await marinadeId('Fennel and soy') },
    });
    expect(body.proposed).toMatchObject({
      soda: 'rinse-off',
      force: 'none',
      means: ['soda-rinsed', 'salt', 'coat'],
      title: 'Soda rinsed off, early salt and a starch coat',
      why: expect.stringMatching(/hard-working muscle/i),
    });
    expect((body.alternatives as unknown[]).length).toBe(10);
    const { body: cubes } = await call('POST', '/calc/tenderizing-plan', {
      body: { ...flank, cut: 'beef-clod', way: 'cube-skewers', thicknessMm: 25 },
    });
    expect(cubes.proposed).toMatchObject({ soda: 'skip', force: 'mallet', when: 'before' });
    expect(fitting(cubes)).toEqual(['nothing', 'pounding', 'needling', 'scoring', 'salt', 'coat']);
  });
  test('judges the cook’s own choice, and what fights in it', async () => {
    const { body } = await call('POST', '/calc/tenderizing-plan', {
      body: {
        ...flank,
        marinadeId: await marinadeId('Kiwi and ginger, quick'),
        marinadeMin: 600,
        choice: { soda: 'rinse-off', force: 'needle' },
      },
    });
    expect(body.proposed).toMatchObject({ soda: 'skip', means: expect.arrayContaining(['fruit']) });
    expect((body.chosen as { conflicts: { code: string; text: string }[] }).conflicts.map(({ code }) => code)).toEqual([
      'soda-and-fruit',
      'pierced-and-long-fruit',
    ]);
  });
  test('with little time left the soak gives way', async () => {
    expect(
      (await call('POST', '/calc/tenderizing-plan', { body: { ...flank, minutesLeft: 40 } })).body.proposed,
    ).toMatchObject({ soda: 'leave-in', why: expect.stringMatching(/no time left/) });
    expect(
      (await call('POST', '/calc/tenderizing-plan', { body: { ...flank, minutesLeft: 400 } })).body.proposed,
    ).toMatchObject({ soda: 'rinse-off' });
  });
  test('what the mix lacks is offered; fruit overnight only where the night is there', async () => {
    const plain = { ...flank, marinadeId: await marinadeId('Salt, pepper and rosemary') };
    const offers = async (body: Record<string, unknown>) =>
      (
        (await call('POST', '/calc/tenderizing-plan', { body })).body.worthAdding as {
          means: string;
          insteadOfSoda: boolean;
          title: string;
        }[]
      ).map(({ means, insteadOfSoda }) => `${means}${insteadOfSoda ? ' for soda' : ''}`);
    expect(await offers(plain)).toEqual(['coat', 'fruit for soda']);
    expect(await offers({ ...plain, minutesLeft: 300 })).toEqual(['coat']);
    expect(await offers({ ...plain, way: 'flat-skewers', choice: { soda: 'skip' } })).toEqual(['fruit']);
    expect(await offers({ ...plain, way: 'flat-skewers', choice: { soda: 'skip', force: 'needle' } })).toEqual([]);
    expect(await offers({ ...plain, marinadeId: await marinadeId('Fennel and soy'), cut: 'pork-tenderloin' })).toEqual(
      [],
    );
    expect(await offers(flank)).toEqual([]);
  });
  test('no such cut, no such marinade', async () => {
    expect(await call('POST', '/calc/tenderizing-plan', { body: { ...flank, cut: 'unicorn' } })).toMatchObject({
      status: 422,
      body: { errors: [{ pointer: '/cut' }] },
    });
    expect(
      (await call('POST', '/calc/tenderizing-plan', { body: { ...flank, marinadeId: randomUUID() } })).status,
    ).toBe(404);
  });
});

describe('the enzyme clock over the API', () => {
  test('takes a fruit by any of its names and says when to stop', async () => {
    expect(
      (
        await call('POST', '/calc/enzyme', {
          body: { fruit: 'Kiwifruit', dosePercent: 10, thicknessMm: 5, tempC: 4, hours: 12 },
        })
      ).body,
    ).toEqual({ exposure: expect.closeTo(6, 6), verdict: 'mush', stopAfterHours: { from: 4, to: 6 } });
    expect(
      (
        await call('POST', '/calc/enzyme', {
          body: { fruit: 'tinned pineapple', dosePercent: 10, thicknessMm: 5, tempC: 4, hours: 12 },
        })
      ).body,
    ).toEqual({ exposure: 0, verdict: 'little', stopAfterHours: null });
    expect(
      await call('POST', '/calc/enzyme', {
        body: { fruit: 'cucumber', dosePercent: 10, thicknessMm: 5, tempC: 4, hours: 12 },
      }),
    ).toMatchObject({ status: 422, body: { errors: [{ pointer: '/fruit' }] } });
    expect((await call('GET', '/fruits')).body.items!.length).toBeGreaterThanOrEqual(12);
  });
});

describe('evenness and dial over the API', () => {
  test('by thickness, stacks and weight', async () => {
    expect(
      (await call('POST', '/calc/evenness', { body: { thicknessesMm: [2, 4, 4, 4, 5, 5, 7, 9] } })).body,
    ).toMatchObject({ meanMm: 5, spreadMm: expect.closeTo(2.138, 3) });
    expect(
      (await call('POST', '/calc/evenness', { body: { stacks: [{ slices: 10, heightMm: 42 }] } })).body,
    ).toMatchObject({ meanMm: 4.2, spreadMm: null });
    expect(
      (await call('POST', '/calc/evenness', { body: { slices: [{ massG: 42.2, faceMm2: 10_000 }] } })).body,
    ).toMatchObject({ meanMm: expect.closeTo(4, 6) });
    expect((await call('POST', '/calc/evenness', { body: { thicknessesMm: [] } })).status).toBe(400);
  });
  test('millimetres per mark, and what contradicts is refused', async () => {
    const stacks = [
      { dial: 1, slices: 10, stackMm: 20 },
      { dial: 3, slices: 10, stackMm: 48 },
    ];
    expect((await call('POST', '/calc/dial', { body: { stacks, thicknessMm: 4.1 } })).body).toMatchObject({
      mmPerMark: expect.closeTo(1.4, 6),
      setting: { dial: expect.closeTo(2.5, 6) },
    });
    expect(
      (
        await call('POST', '/calc/dial', {
          body: { stacks: [...stacks].reverse().map((stack, index) => ({ ...stack, dial: index + 1 })) },
        })
      ).status,
    ).toBe(422);
  });
});

describe('firming over the API', () => {
  const block = {
    lengthMm: 180,
    widthMm: 110,
    heightMm: 25,
    startC: 4,
    freezerC: -18,
    preset: 'fan',
    composition: { water: 0.72, protein: 0.215, fat: 0.055, ash: 0.01, freezingPointC: -1.1 },
  };
  test('gives times, the time on the board and the state asked for', async () => {
    const { body } = await call('POST', '/calc/firming', { body: { ...block, minutes: 60 } });
    expect(body).toMatchObject({
      at: { iceFraction: expect.closeTo(0.2623, 2), coreC: expect.closeTo(-1.104, 1) },
    });
    // 30 min firm from, 48 ideal for a thin steak of 25 mm; on the board its face thaws in about 20 min (docs/sources.md, "Freezer").
    expect(Math.abs((body.firmFromMin as number) - 30)).toBeLessThan(2);
    expect(Math.abs((body.idealFromMin as number) - 48)).toBeLessThan(2);
    const { sliceWithinMin, returnAfterMin } = body.bench as { sliceWithinMin: number; returnAfterMin: number };
    expect(sliceWithinMin).toBeGreaterThan(12);
    expect(sliceWithinMin).toBeLessThan(24);
    expect(returnAfterMin).toBeGreaterThan(sliceWithinMin);
    expect(body).not.toHaveProperty('course');
    expect(
      (await call('POST', '/calc/firming', { body: { ...block, composition: undefined, cut: 'beef-flank' } })).status,
    ).toBe(200);
    const [slab, round] = await Promise.all(
      ['slab', 'round'].map((shape) =>
        call('POST', '/calc/firming', { body: { ...block, heightMm: 60, widthMm: 60, shape } }),
      ),
    );
    expect(slab!.body.idealFromMin as number).toBeGreaterThan(round!.body.idealFromMin as number);
    expect(
      await call('POST', '/calc/firming', { body: { ...block, composition: undefined, cut: 'unicorn' } }),
    ).toMatchObject({ status: 422, body: { errors: [{ pointer: '/cut' }] } });
    const [fridge, bench] = await Promise.all(
      ['fridge', 'bench'].map((place) =>
        call('POST', '/calc/thaw', {
          body: { lengthMm: 150, widthMm: 100, heightMm: 50, cut: 'pork-loin', startC: -18, place },
        }),
      ),
    );
    expect(fridge!.body.idealFromMin).toBeGreaterThanOrEqual(fridge!.body.sliceFromMin as number);
    expect(fridge!.body.sliceFromMin).toBeGreaterThan(bench!.body.sliceFromMin as number);
  });
  test.each([
    [{ heightMm: 0 }, '/heightMm'],
    [{ lengthMm: 5000 }, '/lengthMm'],
    [{ freezerC: 10 }, '/freezerC'],
    [{ startC: -3 }, '/startC'],
    [{ cut: 'beef-flank' }, '/composition'],
    [{ preset: undefined }, '/preset'],
    [{ preset: 'igloo' }, '/preset'],
    [{ composition: { ...block.composition, water: 0.4 } }, '/composition'],
  ])('%j is refused at %s', async (change, pointer) => {
    const reply = await call('POST', '/calc/firming', { body: { ...block, ...change } });
    expect([reply.status, (reply.body.errors as { pointer: string }[])[0]!.pointer]).toEqual([400, pointer]);
  });
});

describe('the description', () => {
  test('names every path, and its schemas are the ones that check', async () => {
    const { body } = await call('GET', '/openapi.json');
    const paths = body.paths as Record<
      string,
      Record<string, { requestBody?: { content: Record<string, { schema: { required: string[] } }> } }>
    >;
    for (const path of [
      '/health',
      '/calc/slices',
      '/calc/soda',
      '/calc/uptake',
      '/calc/measures',
      '/batches',
      '/batches/{id}',
      '/batches/{id}/events',
      '/batches/{id}/divide',
      '/calc/firming',
      '/calc/thaw',
      '/calc/dial',
      '/calc/evenness',
      '/calc/enzyme',
      '/calc/tenderizing-plan',
      '/calc/marinade',
      '/fruits',
      '/ingredients',
      '/ingredients/{id}',
      '/cuts',
      '/cuts/{id}',
      '/meals',
      '/marinades',
      '/tastings',
    ])
      expect(Object.keys(paths)).toContain(path);
    expect(paths['/calc/soda']!.post!.requestBody!.content['application/json']!.schema.required).toEqual([
      'massG',
      'thicknessMm',
      'school',
    ]);
    expect(body.openapi).toBe('3.1.0');
  });
});

const NONSENSE: unknown[] = [
  null,
  'lots',
  '',
  -1,
  0,
  1e12,
  [],
  {},
  true,
  '<script>alert(1)</script>',
  'x'.repeat(10_240),
];

/** Every number of every request, replaced by nonsense: a 4xx with a problem body, never a 5xx, never a success. */
const VALID: Record<string, { body: Record<string, unknown>; numbers: string[] }> = {
  '/calc/slices': {
    body: { lengthMm: 200, widthMm: 100, heightMm: 30, thicknessMm: 4 },
    numbers: ['lengthMm', 'widthMm', 'heightMm', 'thicknessMm'],
  },
  '/calc/tenderizing-plan': {
    body: { cut: 'beef-flank', way: 'stir-fry', shape: 'ribbons', fibreLengthMm: 4, thicknessMm: 4, massG: 800 },
    numbers: ['cut', 'way', 'shape', 'fibreLengthMm', 'thicknessMm', 'massG', 'marinadeId'],
  },
  '/ingredients': {
    body: { name: 'x', kind: 'liquid', densityGPerMl: 1, waterFraction: 0.5, saltFraction: 0.1, sugarFraction: 0 },
    numbers: ['kind', 'densityGPerMl'],
  },
  '/calc/enzyme': {
    body: { fruit: 'pear', dosePercent: 10, thicknessMm: 5, tempC: 4, hours: 12 },
    numbers: ['fruit', 'dosePercent', 'thicknessMm'],
  },
  '/calc/dial': {
    body: {
      stacks: [
        { dial: 1, slices: 10, stackMm: 20 },
        { dial: 3, slices: 10, stackMm: 48 },
      ],
    },
    numbers: ['stacks'],
  },
  '/calc/evenness': { body: { thicknessesMm: [4, 5] }, numbers: ['thicknessesMm'] },
  '/calc/thaw': {
    body: { lengthMm: 150, widthMm: 100, heightMm: 50, cut: 'pork-loin', startC: -18, place: 'fridge' },
    numbers: ['lengthMm', 'heightMm', 'startC', 'place', 'cut'],
  },
  '/calc/soda': {
    body: { massG: 500, thicknessMm: 4, school: 'leave-in' },
    numbers: ['massG', 'thicknessMm', 'school'],
  },
  '/calc/uptake': {
    body: { thicknessMm: 4, tempC: 4, meatG: 500, meatWaterFraction: 0.7, bathWaterG: 40, saltG: 9 },
    numbers: ['thicknessMm', 'meatG', 'meatWaterFraction'],
  },
  '/calc/measures': { body: { ingredient: 'soda', massG: 5 }, numbers: ['massG', 'ingredient'] },
  '/meals': { body: { name: 'x', tableAt: '2026-06-06T12:00:00Z', people: 3 }, numbers: ['tableAt', 'people'] },
  '/tastings': {
    body: {
      batchId: randomUUID(),
      tenderness: 3,
      juiciness: 3,
      salt: 0,
      sweetness: 0,
      mush: 0,
      soapiness: 0,
      tastedAt: '2026-06-06T12:00:00Z',
    },
    numbers: ['batchId', 'tenderness', 'juiciness', 'tastedAt'],
  },
  '/marinades': {
    body: { name: 'x', forMassG: 1000, minutes: { from: 1, to: 2 }, lines: [{ ingredientId: 'water', massG: 5 }] },
    numbers: ['forMassG', 'minutes', 'lines'],
  },
};

describe('nonsense', () => {
  for (const [path, { body, numbers }] of Object.entries(VALID)) {
    test.each(numbers)(`${path} %s`, async (field) => {
      for (const value of NONSENSE) {
        const reply = await call('POST', path, { body: { ...body, [field]: value } });
        expect([field, value, reply.status, reply.type]).toEqual([
          field,
          value,
          expect.toBeOneOfStatuses(),
          'application/problem+json',
        ]);
      }
    });
  }
  test('/batches, every field', async () => {
    const valid = await batchBody();
    for (const field of ['way', 'cutId', 'massG', 'heightMm', 'thicknessMm', 'marinadeId', 'people', 'tableAt']) {
      for (const value of NONSENSE) {
        const reply = await call('POST', '/batches', { body: { ...valid, [field]: value } });
        expect([field, value, reply.status]).toEqual([field, value, expect.toBeOneOfStatuses()]);
        expect((reply.body.errors as { pointer: string }[])[0]!.pointer).toBe(`/${field}`);
      }
    }
    for (const pins of [{ sodaPercent: 90 }, { yawDeg: 'left' }, { surprise: 1 }, { lots: 0 }, 7])
      expect((await call('POST', '/batches', { body: { ...valid, pins } })).status).toBe(400);
  });
  test('bodies that are no JSON, too large or of another kind', async () => {
    expect((await call('POST', '/calc/soda', { raw: '{"massG": NaN}' })).status).toBe(400);
    expect((await call('POST', '/calc/soda', { raw: '' })).status).toBe(400);
    expect((await call('POST', '/calc/soda', { raw: `"${'x'.repeat(300_000)}"` })).status).toBe(413);
    expect(
      (await call('POST', '/calc/soda', { raw: 'massG=5', type: 'application/x-www-form-urlencoded' })).status,
    ).toBe(415);
    expect(
      (await call('POST', '/calc/soda', { body: { massG: 5, thicknessMm: 4, school: 'leave-in', extra: 1 } })).status,
    ).toBe(400);
  });
  test('addresses that are not there, methods that are not possible', async () => {
    expect((await call('GET', '/nothing')).status).toBe(404);
    expect((await call('GET', '/batches/not-a-uuid')).status).toBe(404);
    expect((await call('GET', `/batches/${randomUUID()}`)).status).toBe(404);
    expect((await call('DELETE', '/calc/soda')).status).toBe(405);
    expect((await call('GET', '/batches?limit=0')).status).toBe(400);
    expect((await call('GET', '/batches?offset=-1')).status).toBe(400);
  });
  test('a script in a name is kept as text, never more', async () => {
    const { status, body } = await call('POST', '/meals', {
      body: { name: '<script>alert(1)</script>', tableAt: '2026-06-06T12:00:00Z', people: 3 },
    });
    expect([status, body.name]).toEqual([201, '<script>alert(1)</script>']);
  });
});

expect.extend({
  toBeOneOfStatuses: (received: number) => ({
    pass: received >= 400 && received < 500,
    message: () => `a 4xx, not ${received}`,
  }),
});
declare global {
  // eslint-disable-next-line @typescript-eslint/no-namespace
  namespace jest {
    interface Expect {
      toBeOneOfStatuses(): number;
    }
  }
}
