import { pause } from '../ports.mjs';

/** The heaviest that may be asked of each, as a client may ask it. */
const HEAVY = {
  'list of 200 batches': ['GET', '/batches?limit=200'],
  'evenness of 500 slices': [
    'POST',
    '/calc/evenness',
    { thicknessesMm: Array.from({ length: 500 }, (_, n) => 2 + (n % 50) / 10) },
  ],
  'parse of 60 lines': [
    'POST',
    '/marinades/parse',
    {
      text: Array.from(
        { length: 60 },
        (_, n) => `${n + 1} 1/2 tbsp extremely unusual fermented sauce of the boathouse, finely chopped`,
      ).join('\n'),
    },
  ],
  'firming of a thick block': [
    'POST',
    '/calc/firming',
    { cut: 'beef-flank', lengthMm: 300, widthMm: 200, heightMm: 120, startC: 4, freezerC: -18, preset: 'rack' },
  ],
  'a backup': ['GET', '/backup'],
};

/** How long a cheap question waits at worst while each heavy one is asked over and over. */
export async function blocking(kitchen, eachMs = 3000) {
  const rows = [];
  for (const [name, [method, route, body]] of [['nothing else', []], ...Object.entries(HEAVY)]) {
    const statuses = {};
    let asking = true;
    const press = async () => {
      while (asking && route) {
        const answer = await fetch(`${kitchen.url()}/api/v1${route}`, {
          method,
          ...(body ? { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) } : {}),
        });
        await answer.arrayBuffer();
        statuses[answer.status] = (statuses[answer.status] ?? 0) + 1;
      }
    };
    const pressing = [press(), press()];
    const waits = [];
    for (const end = Date.now() + eachMs; Date.now() < end; await pause(5)) {
      const fromMs = performance.now();
      await (await fetch(`${kitchen.url()}/api/v1/fruits`)).arrayBuffer();
      waits.push(performance.now() - fromMs);
    }
    asking = false;
    await Promise.all(pressing);
    waits.sort((a, b) => a - b);
    rows.push({
      name,
      statuses,
      medianMs: waits[waits.length >> 1],
      p99Ms: waits[Math.floor(waits.length * 0.99)],
      worstMs: waits.at(-1),
    });
  }
  return rows;
}
