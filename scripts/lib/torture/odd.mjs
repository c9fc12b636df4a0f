/** Requests that were bent out of shape: none may be answered with a 500. */
const ODD = [
  null,
  true,
  -1,
  0,
  1e308,
  -1e-300,
  '',
  'x'.repeat(5000),
  '\ud83d',
  '2026-13-45T99:99:99Z',
  '0202-06-06T12:00:00Z',
  [],
  {},
  [[[]]],
  { __proto__: { a: 1 }, constructor: 1 },
  '00000000-0000-0000-0000-000000000000',
];

function bent(value, chance, depth = 0) {
  if (chance.next() < 0.25 || depth > 4) return chance.one(ODD);
  if (Array.isArray(value))
    return chance.next() < 0.2 ? Array(700).fill(value[0]) : value.map((one) => bent(one, chance, depth + 1));
  if (value && typeof value === 'object') {
    const entries = Object.entries(value).map(([key, one]) =>
      chance.next() < 0.4 ? [key, bent(one, chance, depth + 1)] : [key, one],
    );
    if (chance.next() < 0.2) entries.pop();
    if (chance.next() < 0.2) entries.push([chance.one(['x', '__proto__', 'id', 'pins']), chance.one(ODD)]);
    return Object.fromEntries(entries);
  }
  return chance.next() < 0.5 ? chance.one(ODD) : value;
}

/** Something good for every operation, to bend. */
const EXAMPLES = {
  '/calc/soda': { massG: 900, thicknessMm: 4, school: 'leave-in' },
  '/calc/evenness': { thicknessesMm: [3, 4, 5, 4, 3] },
  '/calc/uptake': {
    meatG: 900,
    meatWaterFraction: 0.74,
    bathWaterG: 100,
    saltG: 12,
    thicknessMm: 4,
    tempC: 4,
    minutes: 60,
  },
  '/calc/measures': { ingredient: 'soda', massG: 5 },
  '/calc/slices': { lengthMm: 200, widthMm: 100, heightMm: 40, thicknessMm: 4 },
  '/calc/firming': {
    cut: 'beef-flank',
    lengthMm: 200,
    widthMm: 120,
    heightMm: 40,
    startC: 4,
    freezerC: -18,
    preset: 'fan',
  },
  '/calc/dial': {
    stacks: [
      { dial: 1, slices: 10, stackMm: 20 },
      { dial: 3, slices: 10, stackMm: 48 },
    ],
  },
  '/marinades/parse': { text: '2 tbsp soy sauce\n1 tsp sugar' },
  '/meals': { name: 'Odd', tableAt: '2026-12-24T18:00:00Z', people: 4 },
};

export async function oddRequests(kitchen, { chance, count, batch }) {
  const known = { ...EXAMPLES, '/batches': batch };
  const methods = ['POST', 'POST', 'POST', 'PUT', 'PATCH', 'GET', 'DELETE'];
  const paths = [
    ...Object.keys(known),
    '/household',
    '/tastings',
    '/cuts',
    '/ingredients',
    '/marinades',
    `/batches/${batch.id}`,
  ];
  const figures = { requests: 0, byHundred: {}, internal: [] };
  for (let n = 0; n < count; n++) {
    const path = chance.one(paths);
    const method = chance.one(methods);
    const query =
      chance.next() < 0.3
        ? `?limit=${chance.one(['-1', '1e9', 'x', '200', '%00'])}&q=${'%F0%9F'.repeat(chance.whole(0, 3))}`
        : '';
    const body =
      method === 'GET'
        ? undefined
        : JSON.stringify(bent(known[path] ?? batch, chance)).slice(0, chance.next() < 0.1 ? 40 : 1e6);
    const answer = await fetch(`${kitchen.url()}/api/v1${path}${query}`, {
      method,
      headers: {
        'content-type': chance.next() < 0.9 ? 'application/json' : 'text/plain',
        ...(chance.next() < 0.5 ? { 'if-match': chance.one(['"1"', '*', 'x', '"99999999999"']) } : {}),
      },
      body,
    });
    await answer.arrayBuffer();
    figures.requests++;
    const hundred = `${Math.floor(answer.status / 100)}xx`;
    figures.byHundred[hundred] = (figures.byHundred[hundred] ?? 0) + 1;
    if (answer.status === 500) figures.internal.push(`${method} ${path} ${body?.slice(0, 300)}`);
  }
  return figures;
}
