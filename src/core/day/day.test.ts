import { answers, around, soyFennel, TABLE_MS } from '../../../tests/fixtures/batch';
import { asItStands, met, planDay, showDay, type DayBatch } from '.';
import { figuresOf } from '../batches';
import { facts, type BatchEvent } from '../progress';
import type { JobKey } from '../scheduling';

const MIN = 60_000;
const STYLE = { system: 'metric', locale: 'en-GB' } as const;
const batch = (change: Partial<DayBatch> = {}): DayBatch => ({
  id: 'one',
  name: 'Fennel chicken',
  version: 1,
  inputs: answers(),
  around: around('chicken-thigh'),
  events: [],
  ...change,
});
let made = 0;
const event = (
  kind: BatchEvent['kind'],
  atMs: number,
  payload: BatchEvent['payload'] = {},
  jobKey?: JobKey,
): BatchEvent => ({ id: String(++made), kind, atMs, payload: { press: String(made), ...payload }, jobKey });
const measured = (measure: string, value: number, atMs = TABLE_MS - 400 * MIN) =>
  event('measured', atMs, { measure, value });
const live = (batches: readonly DayBatch[], nowMs = TABLE_MS - 1000 * MIN) =>
  asItStands(batches, planDay(batches.map(met)), { nowMs });
const planOf = (change: Partial<DayBatch> = {}, nowMs?: number) => live([batch(change)], nowMs)[0]!.plan!;
const hoursOf = (day: ReturnType<typeof live>[number]) => (day.plan!.schedule.ok ? day.plan!.schedule.jobs : []);

describe('facts come before what was pinned, and that before what was expected', () => {
  const weighed = [measured('trimmedG', 620)];

  test('weighed after trimming, every later dose is scaled', () => {
    const [before, after] = [planOf(), planOf({ events: weighed })];
    const share = 620 / before.piece.trimmedG;
    expect(after.piece.meatG).toBeCloseTo(620, 6);
    expect(after.marinate.whole.massG).toBeCloseTo(before.marinate.whole.massG * share, 6);
    expect(after.tenderize.schools['leave-in'].sodaG).toBeCloseTo(
      before.tenderize.schools['leave-in'].sodaG * share,
      6,
    );
    expect(after.marinate.whole.saltG).toBeCloseTo(before.marinate.whole.saltG * share, 6);
    // What depends on thickness does not move with weight.
    expect(after.marinate.minutes).toBe(before.marinate.minutes);
  });

  test('a fact wins over a pin, and taken back leaves the pin', () => {
    const inputs = answers({ pins: { trimmedG: 800 } });
    expect(planOf({ inputs, events: weighed }).piece.trimmedG).toBe(620);
    const taken = [...weighed, event('press-undone', TABLE_MS - 300 * MIN, { press: weighed[0]!.payload.press! })];
    expect(planOf({ inputs, events: taken }).piece.trimmedG).toBe(800);
  });

  test('slices measured thicker take longer in the marinade and over the heat', () => {
    const [before, after] = [planOf(), planOf({ events: [measured('thicknessMm', 7)] })];
    expect(after.slice.thicknessMm).toBe(7);
    expect(after.marinate.minutes).toBeGreaterThan(before.marinate.minutes);
    expect(after.cook.totalMin).toBeGreaterThanOrEqual(before.cook.totalMin);
  });

  test('every figure says where it comes from', () => {
    const inputs = answers({ pins: { firmMin: 30, lots: 2 } });
    const one = batch({ inputs, events: weighed });
    const figures = figuresOf(live([one])[0]!.plan!, { ...one, ...facts(one.events) });
    expect(figures).toMatchObject({
      massG: { value: 900, from: 'answered' },
      trimmedG: { value: 620, from: 'measured' },
      thicknessMm: { value: 4, from: 'answered' },
      firmMin: { value: 30, from: 'pinned' },
      lots: { value: 2, from: 'pinned' },
      lengthMm: { from: 'rule' },
      marinadeMin: { from: 'rule' },
    });
    const freezer = { tempC: -18, lies: 'tray', known: { lnStrength: 0.2, lnError: 0.2 } } as const;
    const taught = batch({ around: { ...around('chicken-thigh'), freezer } });
    expect(figuresOf(live([taught])[0]!.plan!, { ...taught, measured: {} }).firmMin).toMatchObject({ from: 'learned' });
  });
});

describe('the hours of a meal as it stands', () => {
  const planned = hoursOf(live([batch()])[0]!);
  const first = planned[0]!;

  test('before anything is done it is the plan', () => {
    const [day] = live([batch()]);
    expect(day!.standing).toMatchObject({ asPlanned: true, open: true, byMin: 0 });
    expect(day!.ways).toEqual([]);
  });

  test('late, everything left begins from now, the words go with the hours, and the ways out say what they save', () => {
    const inputs = answers({ pins: { soda: 'rinse-off', marinadeMin: 60 } });
    const jobs = hoursOf(live([batch({ inputs })])[0]!);
    const nowMs = jobs[0]!.startMs + 45 * MIN;
    const [day] = live([batch({ inputs })], nowMs);
    expect(day!.standing).toMatchObject({ asPlanned: false, byMin: 45, tableMs: TABLE_MS + 45 * MIN });
    for (const job of hoursOf(day!)) expect(job.startMs).toBeGreaterThanOrEqual(nowMs);
    expect(day!.ways.map(({ code }) => code)).toEqual(['skip-soda', 'no-freezer']);
    for (const way of day!.ways) {
      // Pressed, it is as much less late as it said.
      const [then] = live([batch({ inputs: { ...inputs, pins: way.pins } })], nowMs);
      expect(45 - then!.standing!.byMin).toBe(way.soonerMin);
    }
  });

  test('a marinade cut short by what came before it says so in its words and in what gets in', () => {
    const marinating = planned.find(({ key }) => key === 'marinate')!;
    const cutMs = marinating.startMs + Math.round(0.6 * marinating.minutes) * MIN;
    const done = planned
      .filter(({ startMs, key }) => startMs < marinating.startMs && key !== 'mix')
      .flatMap(({ key }) => [event('job-started', first.startMs, {}, key), event('job-done', cutMs, {}, key)]);
    const [day] = live([batch({ events: [...done, event('job-started', cutMs, {}, 'marinate')] })], cutMs + MIN);
    const now = hoursOf(day!).find(({ key }) => key === 'marinate')!;
    expect(now.startMs).toBe(cutMs);
    expect(now.endMs).toBe(marinating.endMs);
    expect(day!.standing!.marinade).toEqual({ minutes: now.minutes, insteadOfMin: marinating.minutes });
    expect(day!.plan!.marinate.minutes).toBe(now.minutes);
    const [shown] = showDay([day!], STYLE);
    expect(shown!.jobs.find(({ key }) => key === 'marinate')!.text).toContain(`${now.minutes} min`);
    expect(day!.plan!.marinate.uptake.averageFraction).toBeLessThan(planOf().marinate.uptake.averageFraction!);
  });

  test('what would be refused as a plan is under way: told, and its jobs stay', () => {
    const pineapple = {
      ...soyFennel,
      lines: [{ ingredient: around('chicken-thigh').marinade.lines[0]!.ingredient, massG: 60 }],
    };
    const inputs = answers({ cutId: 'beef-flank', heightMm: 40, pins: { fruitId: 'pineapple', fruitPercent: 8 } });
    const one = batch({ inputs, around: around('beef-flank', pineapple) });
    const [before] = live([one]);
    expect(before!.plan!.schedule.ok).toBe(true);
    const jobs = hoursOf(before!);
    const marinating = jobs.find(({ key }) => key === 'marinate')!;
    // Put in twelve hours early: its time is over long before the next job.
    const events = [event('job-started', marinating.startMs - 720 * MIN, {}, 'marinate')];
    const [day] = live([{ ...one, events }], marinating.startMs - 60 * MIN);
    expect(day!.problem).toMatchObject({ code: 'fruit-too-long' });
    expect(hoursOf(day!).length).toBeGreaterThan(0);
    expect(showDay([day!], STYLE)[0]!.alarm).toContain('mush');
  });

  test('what was passed over is marked, what is still of use is not', () => {
    const slice = planned.find(({ key }) => key === 'slice')!;
    const events = [event('job-started', slice.startMs, {}, 'slice')];
    const [shown] = showDay(live([batch({ events })], slice.startMs + MIN), STYLE);
    const passed = shown!.jobs.filter((job) => job.passed).map(({ key }) => key);
    expect(passed).toEqual(['trim', 'firm']);
  });

  test('six hours after its table nobody waits for it', () => {
    const [day] = live([batch()], TABLE_MS + 361 * MIN);
    expect(day!.standing).toBeUndefined();
    expect(hoursOf(day!)).toEqual(planned);
  });

  test('two batches: the hands that one is late with are missing to the other, and nobody is wanted twice', () => {
    const two = [
      batch(),
      batch({
        id: 'two',
        name: 'Flank',
        inputs: answers({ cutId: 'beef-flank', heightMm: 40 }),
        around: around('beef-flank'),
      }),
    ];
    const firstMs = Math.min(
      ...live(two)
        .flatMap(hoursOf)
        .map(({ startMs }) => startMs),
    );
    const days = live(two, firstMs + 40 * MIN);
    const hands = days
      .flatMap(hoursOf)
      .filter((job) => job.hands && job.endMs > job.startMs)
      .sort((a, b) => a.startMs - b.startMs);
    for (const [at, job] of hands.entries())
      if (at > 0) expect(job.startMs).toBeGreaterThanOrEqual(hands[at - 1]!.endMs);
  });

  test('a stored batch that cannot be planned takes none of the others down', () => {
    const problems: string[] = [];
    const broken = batch({ id: 'broken', inputs: answers({ massG: -1 }) });
    const all = [broken, batch()];
    const days = asItStands(all, planDay(all.map(met), { onProblem: (id) => problems.push(id) }), {
      nowMs: TABLE_MS - 1000 * MIN,
    });
    expect(problems).toEqual(['broken']);
    const [shown, sound] = showDay(days, STYLE);
    expect(shown).toMatchObject({
      name: 'Fennel chicken',
      jobs: [],
      refusal: expect.stringContaining('cannot be planned'),
    });
    expect(sound!.jobs.length).toBeGreaterThan(5);
  });
});

describe('what a job needs, asks and takes', () => {
  const [shown] = showDay(live([batch()]), STYLE);
  const job = (key: JobKey) => shown!.jobs.find((one) => one.key === key)!;
  const plan = planOf();

  test('the mix has every line, in the order of adding, the held-back part as its last', () => {
    const { lines } = job('mix');
    expect(lines.slice(0, -1).map(({ name }) => name)).toEqual(
      plan.marinate.lines.map(({ ingredient }) => ingredient.name),
    );
    expect(lines.slice(0, -1).reduce((sum, { massG }) => sum + massG, 0)).toBeCloseTo(plan.marinate.whole.massG, 6);
    expect(lines.at(-1)).toMatchObject({ heldBack: true, massG: plan.marinate.heldBackG });
  });

  test('answers are asked where the scale and the thermometer are', () => {
    expect(job('trim').asks).toEqual(['trimmedG']);
    expect(job('slice').asks).toEqual(['thicknessMm']);
    expect(job('cook').asks).toEqual(['centreC']);
    expect(job('coat').asks).toEqual([]);
    expect(shown!.expected.trimmedG).toBeCloseTo(plan.piece.trimmedG, 6);
  });

  test('what ends it, and how long it may take', () => {
    expect(shown!.jobs.map(({ key, ends }) => [key, ends])).toEqual(
      expect.arrayContaining([
        ['trim', 'press'],
        ['firm', 'firmness'],
        ['marinate', 'clock'],
        ['cook', 'temperature'],
      ]),
    );
    expect(job('firm').lasts).toEqual({ fromMin: plan.firm.from, toMin: plan.firm.to, from: 'rule' });
    expect(job('marinate').lasts).toMatchObject({ fromMin: plan.marinate.window.from, toMin: plan.marinate.window.to });
    for (const { lasts, minutes } of shown!.jobs) {
      expect(lasts.fromMin).toBeLessThanOrEqual(minutes);
      expect(lasts.toMin).toBeGreaterThanOrEqual(minutes);
    }
    const [pinned] = showDay(live([batch({ inputs: answers({ pins: { marinadeMin: 90 } }) })]), STYLE);
    expect(pinned!.jobs.find(({ key }) => key === 'marinate')!.lasts).toEqual({
      fromMin: 90,
      toMin: 90,
      from: 'pinned',
    });
  });
});
