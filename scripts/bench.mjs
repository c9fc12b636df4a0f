/** npm run bench: how long the sums take as ratios against a baseline of the same run, and what the pages weigh. --plans 1000000 plans so many random batches instead, --from 5000000 others than without. */
import { createRequire } from 'node:module';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { chromiumPath, installChromium } from './lib/chromium.mjs';
import { startCluster, stopCluster } from './lib/cluster.mjs';
import { folderOf } from './lib/kitchens.mjs';
import { prepareDatabase } from './lib/tables.mjs';
import { endChild } from './lib/watched.mjs';
import { loadDemo } from './lib/demo.mjs';
import { manyPlans } from './lib/manyPlans.mjs';
import { benchMeals } from './lib/benchMeals.mjs';
import { benchRequests } from './lib/benchRequests.mjs';
import { build, installPackages } from './lib/packages.mjs';
import { ROOT } from './lib/run.mjs';
import { serve } from './lib/serve.mjs';
import { requireTypeScript } from './lib/typescript.mjs';

await installPackages();
const require = requireTypeScript();
const plansAt = process.argv.indexOf('--plans');
if (plansAt > 0) {
  const fromAt = process.argv.indexOf('--from');
  manyPlans(require, Number(process.argv[plansAt + 1]), fromAt > 0 ? Number(process.argv[fromAt + 1]) : 0);
  process.exit();
}
await installChromium();
await build();
const core = (domain) => require(path.join(ROOT, 'src/core', domain));
const { planBatch } = core('batches');
const { INGREDIENTS, parseLines, scaleMarinade, solveSalt, solveSugar, substitute, uptake, uptakeCurve, slabInBath } = {
  ...core('marinades'),
  ...require(path.join(ROOT, 'src/core/marinades/diffusion.ts')),
};
const { toMeasures } = core('units');
const { compareMeans, soda } = core('tenderizing');
const { sliceGeometry } = core('slicing');
const { firming, firmingTimes, learnFreezer, SURFACE_COEFFICIENTS, UNKNOWN_FREEZER } = core('firming');
const fixture = require(path.join(ROOT, 'tests/fixtures/batch.ts'));

/** Median milliseconds of one call. */
function median(work, rounds = 41, calls = 20) {
  for (let warm = 0; warm < 200; warm++) work(warm);
  const times = Array.from({ length: rounds }, (_, round) => {
    const from = performance.now();
    for (let call = 0; call < calls; call++) work(round * calls + call);
    return (performance.now() - from) / calls;
  });
  return times.sort((a, b) => a - b)[Math.floor(rounds / 2)];
}

/** Median milliseconds of so many single calls. */
function medianOf(calls, work) {
  const times = Array.from({ length: calls }, () => {
    const from = performance.now();
    work();
    return performance.now() - from;
  });
  return times.sort((a, b) => a - b)[calls >> 1];
}

/** The same slab by finite differences: 50 cells, explicit, to Fo 0.5. */
function finiteDifferences() {
  const cells = 50;
  const slab = new Float64Array(cells);
  let bath = 1;
  for (let step = 0; step < 0.5 * cells * cells * 2.5; step++) {
    const dt = 0.4 / (cells * cells);
    const flux = (bath - slab[cells - 1]) * 2 * cells;
    let left = 0;
    for (let cell = 0; cell < cells; cell++) {
      const right = cell === cells - 1 ? flux : (slab[cell + 1] - slab[cell]) * cells;
      slab[cell] += dt * (right - left) * cells;
      left = right;
    }
    bath -= dt * flux;
  }
  return slab[0];
}

const mix = scaleMarinade(fixture.soyFennel, 900).lines;
const meat = { meatG: 900, meatWaterFraction: 0.72 };
/** Another list each time: the index of names is made once for a list. */
const OTHERS = [...INGREDIENTS];
const PASTED = Array.from(
  { length: 60 },
  (_, n) =>
    [
      '1/4 cup soy sauce',
      '2 cloves garlic, minced',
      '1 ½ tbsp honey',
      '30 g brown sugar',
      '1 lb river mud',
      'Salt, to taste',
    ][n % 6],
).join('\n');
const baseline = median(() => JSON.parse(JSON.stringify(fixture.answers())));
const rows = [
  ['copy of the answers by JSON (baseline)', baseline],
  [
    'slices',
    median((n) => sliceGeometry({ lengthMm: 200 + n, widthMm: 100, heightMm: 30, thicknessMm: 4, bevelDeg: 20 })),
  ],
  ['soda', median((n) => soda({ massG: 500 + n, thicknessMm: 4, school: 'leave-in' }))],
  ['measures', median((n) => toMeasures(10 + n))],
  [
    'salt uptake with times',
    median((n) =>
      uptake({ thicknessMm: 4, tempC: 4, meatG: 900 + n, meatWaterFraction: 0.72, bathWaterG: 120, saltG: 9 }),
    ),
  ],
  [
    'salt, sugar and acid, the curves of a chart',
    median((n) =>
      uptakeCurve(
        { thicknessMm: 4, tempC: 4, meatG: 900 + n, meatWaterFraction: 0.72, bathWaterG: 120, saltG: 9 },
        720,
      ),
    ),
  ],
  ['a pasted list of 60 lines', median((n) => parseLines(PASTED, n % 2 ? INGREDIENTS : OTHERS), 9, 3)],
  [
    'salt solved for',
    median((n) =>
      solveSalt(mix, meat, {
        targetPercent: 0.9 + (n % 60) / 100,
        salt: INGREDIENTS.find(({ id }) => id === 'salt-fine'),
      }),
    ),
  ],
  [
    'sugar solved for',
    median((n) =>
      solveSugar(mix, meat, { targetPercent: 2 + (n % 60) / 100, sugar: INGREDIENTS.find(({ id }) => id === 'sugar') }),
    ),
  ],
  [
    'without soy, wheat and alcohol',
    median(() => substitute(mix, { without: ['soy', 'gluten'], noAlcohol: true }, INGREDIENTS)),
  ],
  [
    'means to tenderize, side by side',
    median((n) =>
      compareMeans({
        cut: { work: 'hard' },
        shape: 'ribbons',
        fibreLengthMm: 4,
        thicknessMm: 4,
        massG: 500 + n,
        fruitExposure: 0,
      }),
    ),
  ],
  ['the same slab by finite differences', median(finiteDifferences, 7, 1)],
  [
    'roots and 50 points of the slab',
    median((n) => {
      const slab = slabInBath(0.2 + n * 1e-5);
      for (let i = 1; i <= 50; i++) slab.centre(i / 50);
    }),
  ],
  [
    'whole plan, stir-fry',
    median((n) => planBatch(fixture.answers({ massG: 900 + n }), fixture.around('chicken-thigh'))),
  ],
  [
    'whole plan, skewers overnight',
    median((n) =>
      planBatch(
        fixture.answers({ way: 'flat-skewers', massG: 1250 + n, pins: { marinadeMin: 900 } }),
        fixture.around('lamb-leg', fixture.dryCumin),
      ),
    ),
  ],
];
for (const [name, grid] of [
  ['firming 60 mm, useful grid', undefined],
  ['firming 60 mm, 16 cells a side, 10 s (reference)', { cells: 16, ratio: 0.8, stepS: 10 }],
]) {
  const freeze = () =>
    firming(
      {
        meat: { water: 0.7, protein: 0.19, fat: 0.1, ash: 0.01, freezingPointC: -1.1 },
        lengthMm: 140,
        widthMm: 100,
        heightMm: 60,
        startC: 4,
        freezerC: -18,
        surface: SURFACE_COEFFICIENTS.fan,
      },
      grid,
    );
  if (!grid) for (let warm = 0; warm < 12; warm++) freeze();
  rows.push([`${name}: ideal from ${freeze().idealFromMin.toFixed(1)} min`, medianOf(grid ? 1 : 9, freeze)]);
}
{
  const piece = {
    meat: { water: 0.7, protein: 0.19, fat: 0.1, ash: 0.01, freezingPointC: -1.1 },
    lengthMm: 140,
    widthMm: 100,
    heightMm: 60,
    startC: 4,
    freezerC: -18,
    surface: SURFACE_COEFFICIENTS.fan,
  };
  rows.push([
    `firming 60 mm, grid of the plan: ideal from ${firmingTimes(piece).idealFromMin.toFixed(1)} min`,
    medianOf(15, () => firmingTimes(piece)),
  ]);
  rows.push([
    'learning the freezer from one report',
    medianOf(9, () => learnFreezer(UNKNOWN_FREEZER, 'right', { ...piece, minutes: 90 })),
  ]);
}
rows.push(...benchMeals(require, medianOf));
console.log('\nThe sums, median of one call\n');
for (const [name, ms] of rows)
  console.log(`  ${name.padEnd(96)} ${ms.toFixed(4).padStart(10)} ms ${(ms / baseline).toFixed(1).padStart(10)} x`);

const cluster = await startCluster(folderOf('test'), { tied: true });
await prepareDatabase(cluster, { reset: 'force', copies: false });
const app = await serve({ databaseUrl: cluster.url, wishedPort: 3970 });
try {
  await loadDemo(app.url);
  await throughTheApi(app.url);
  await benchRequests(app.url);
  await inTheBrowser(app.url);
} finally {
  await endChild(app.child);
  await stopCluster(cluster.folder);
}

async function throughTheApi(url) {
  const timed = async (route, body) => {
    const times = [];
    for (let n = 0; n < 60; n++) {
      const from = performance.now();
      await (
        await fetch(
          `${url}/api/v1${route}`,
          body && { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) },
        )
      ).text();
      times.push(performance.now() - from);
    }
    return times.slice(10).sort((a, b) => a - b)[25];
  };
  const health = await timed('/health');
  console.log('\nOver the API, median of a request, socket included\n');
  for (const [route, body] of [
    ['/health'],
    ['/calc/slices', { lengthMm: 200, widthMm: 100, heightMm: 30, thicknessMm: 4 }],
    ['/calc/soda', { massG: 500, thicknessMm: 4, school: 'leave-in' }],
    [
      '/calc/uptake',
      { thicknessMm: 4, tempC: 4, meatG: 500, meatWaterFraction: 0.7, bathWaterG: 40, saltG: 9, minutes: 60 },
    ],
    ['/calc/measures', { ingredient: 'soy sauce', massG: 62 }],
    ['/calc/tenderizing-plan', { cut: 'beef-flank', way: 'stir-fry', thicknessMm: 4, massG: 800 }],
    [
      '/calc/marinade',
      {
        lines: [
          { ingredient: 'soy sauce', massG: 60 },
          { ingredient: 'honey', massG: 20 },
        ],
        meatG: 900,
        saltPercent: 1.2,
      },
    ],
    ['/marinades/parse', { text: PASTED }],
    ['/batches?limit=50'],
  ]) {
    const ms = route === '/health' ? health : await timed(route, body);
    console.log(
      `  ${route.padEnd(42)} ${ms.toFixed(2).padStart(10)} ms ${(ms / health).toFixed(2).padStart(10)} x health`,
    );
  }
}

async function inTheBrowser(url) {
  const { chromium } = createRequire(import.meta.url)('@playwright/test');
  const browser = await chromium.launch({
    executablePath: chromiumPath(),
    args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-background-networking'],
  });
  const { items } = await (await fetch(`${url}/api/v1/batches?limit=50`)).json();
  const batch = items.find(({ name }) => name === 'Cumin lamb skewers');
  const marinade = (await (await fetch(`${url}/api/v1/marinades?limit=1`)).json()).items[0];
  const pages = {
    Today: '/',
    Batches: '/batches',
    'New batch': '/batches/new',
    Batch: `/batches/${batch.id}?stage=slice`,
    Firm: `/batches/${batch.id}?stage=firm`,
    Cuts: '/cuts',
    Cooking: `/cook?batch=${batch.id}`,
    Marinades: '/marinades',
    Marinade: `/marinades/${marinade.id}`,
    Log: '/log',
  };

  console.log('\nFirst-load JavaScript, KiB gzip: scripts the page itself names\n');
  for (const [name, route] of Object.entries(pages)) {
    const html = await (await fetch(url + route)).text();
    const scripts = [
      ...new Set(
        [...html.matchAll(/<script[^>]+src="([^"]+\.js)"(?![^>]*nomodule)/gi)]
          .filter(([tag]) => !/nomodule/i.test(tag))
          .map(([, src]) => src),
      ),
    ];
    const sizes = await Promise.all(
      scripts.map(async (src) => gzipSync(Buffer.from(await (await fetch(url + src)).arrayBuffer())).length),
    );
    console.log(`  ${name.padEnd(42)} ${(sizes.reduce((sum, size) => sum + size, 0) / 1024).toFixed(0).padStart(10)}`);
  }

  const slice = `/batches/${batch.id}?stage=slice`;
  const firm = `/batches/${batch.id}?stage=firm`;
  await redrawn(browser, 'From a slider move to the redrawn plan', url + slice, {
    drawn: 'svg[aria-label*="cuts"]',
    watch: { attributes: true, attributeFilter: ['aria-label'] },
    knob: '[role=slider][aria-label="Thickness"]',
    by: 'key',
  });
  await redrawn(browser, 'From a drag of the blade to the redrawn plan', url + slice, {
    drawn: 'svg[aria-label*="cuts"]',
    watch: { attributes: true, attributeFilter: ['aria-label'] },
    knob: '[role=slider][aria-label="Blade, turn"]',
    by: 'drag',
  });
  await redrawn(browser, 'From a drag of the time to the redrawn freezing', url + firm, {
    drawn: '[role=slider][aria-label="Minutes looked at"]',
    watch: { attributes: true, attributeFilter: ['aria-valuenow'] },
    knob: 'svg[aria-label="Firmness and temperature over time"]',
    by: 'drag',
  });
  await redrawn(
    browser,
    'From a move of the time to the redrawn chart of the marinade',
    `${url}/batches/${batch.id}?stage=marinate`,
    {
      drawn: '[data-marks=minutes]',
      watch: { attributes: true, subtree: true, characterData: true, childList: true },
      knob: '[role=slider][aria-label="Time in the marinade"]',
      by: 'key',
    },
  );
  await browser.close();
}

/** Sixty moves of one control; from the event to the changed drawing laid out. */
async function redrawn(browser, title, address, how) {
  console.log(`\n${title}, ms\n`);
  let unthrottled;
  for (const slowdown of [1, 4]) {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(address, { waitUntil: 'networkidle' });
    await page.waitForSelector(how.drawn);
    await (await page.context().newCDPSession(page)).send('Emulation.setCPUThrottlingRate', { rate: slowdown });
    const times = await page.evaluate(async ({ drawn, watch, knob, by }) => {
      const control = document.querySelector(knob);
      control.scrollIntoView({ block: 'center' });
      control.focus?.();
      const { left, top, width, height } = control.getBoundingClientRect();
      const from = { x: left + width / 2, y: top + height / 2 };
      // A pointer that the page was never given cannot be captured; the drag is held by hand instead.
      control.setPointerCapture = () => undefined;
      control.hasPointerCapture = () => true;
      const pointer = (type, x, y) =>
        control.dispatchEvent(
          new PointerEvent(type, { bubbles: true, pointerId: 1, clientX: x, clientY: y, button: 0 }),
        );
      if (by === 'drag') pointer('pointerdown', from.x, from.y);
      const measured = [];
      for (let move = 0; move < 60; move++) {
        const changed = new Promise((done) => {
          new MutationObserver((_, observer) => {
            observer.disconnect();
            done();
          }).observe(document.querySelector(drawn), watch);
          setTimeout(done, 1000);
        });
        const start = performance.now();
        if (by === 'key')
          control.dispatchEvent(
            new KeyboardEvent('keydown', { key: move % 2 ? 'ArrowRight' : 'ArrowLeft', bubbles: true }),
          );
        else pointer('pointermove', from.x + (move % 2 ? 50 : 10) + move, from.y);
        await changed;
        document.body.getBoundingClientRect();
        measured.push(performance.now() - start);
        await new Promise((done) => setTimeout(done, 40));
      }
      return measured.sort((a, b) => a - b);
    }, how);
    const [p50, p95] = [times[30], times[56]];
    unthrottled ??= p50;
    console.log(
      `  ${`${slowdown}x CPU slowdown`.padEnd(42)} p50 ${p50.toFixed(1).padStart(6)}   p95 ${p95.toFixed(1).padStart(6)}   ${(p50 / unthrottled).toFixed(1)} x`,
    );
    await page.close();
  }
}
