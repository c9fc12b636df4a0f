import type { APIRequestContext } from '@playwright/test';
import { expect, makeBatch, readBatch, test } from './kitchen-fixture';

interface Job {
  batchId: string;
  key: string;
  title: string;
  hands: boolean;
  startAt: string;
  endAt: string;
  thenHotMin?: number;
}

const meals = async (request: APIRequestContext) =>
  (await (await request.get('/api/v1/meals')).json()).items as { id: string; name: string; tableAt: string }[];
const scheduleOf = async (request: APIRequestContext, id: string) =>
  (await (await request.get(`/api/v1/meals/${id}/schedule`)).json()) as {
    ok: boolean;
    jobs: Job[];
    gives: { code: string; detail: string }[];
    batches: { id: string; name: string; schedule: { ok: true; startAt: string } }[];
  };
const regatta = async (request: APIRequestContext) =>
  (await meals(request)).find(({ name }) => name === 'Regatta lunch')!;
const clock = (iso: string) =>
  new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: 'Europe/London' }).format(
    new Date(iso),
  );

test.describe('One clock for a meal', () => {
  test('one pair of hands does one thing at a time, and every screen says the same hours', async ({
    page,
    request,
  }) => {
    const { jobs, batches, ok } = await scheduleOf(request, (await regatta(request)).id);
    expect(ok).toBe(true);
    const hands = jobs.filter((job) => job.hands);
    for (const [at, job] of hands.entries()) if (at > 0) expect(hands[at - 1]!.endAt <= job.startAt).toBe(true);
    const flank = batches.find(({ name }) => name.startsWith('Flank'))!;
    await page.goto(`/batches/${flank.id}?stage=cook`);
    const list = page.getByRole('region', { name: 'Jobs' });
    for (const job of jobs.filter(({ batchId }) => batchId === flank.id))
      await expect(
        list
          .getByRole('listitem')
          .filter({ hasText: job.title })
          .filter({ hasText: clock(job.startAt) })
          .first(),
      ).toBeVisible();
    await page.goto('/');
    await expect(page.getByText(clock(hands[0]!.startAt), { exact: true }).first()).toBeVisible();
  });

  test('what gives is told, and a second cook mends it', async ({ page, request }) => {
    const meal = await regatta(request);
    const before = await scheduleOf(request, meal.id);
    await page.goto('/');
    const told = page.getByRole('list', { name: 'What gives' });
    await expect(told.getByText(before.gives[0]!.detail)).toBeVisible();
    await told.getByRole('link', { name: 'Cooks at work' }).click();
    await page.waitForLoadState('networkidle');
    const cooks = page.getByLabel('Cooks at work');
    try {
      await cooks.selectOption('2');
      await page.getByRole('button', { name: 'Keep', exact: true }).click();
      await expect(page.getByText('Kept.')).toBeVisible();
      const hot = ({ jobs }: typeof before) => jobs.reduce((sum, { thenHotMin = 0 }) => sum + thenHotMin, 0);
      expect(hot(await scheduleOf(request, meal.id))).toBeLessThan(hot(before));
    } finally {
      await cooks.selectOption('1');
      await page.getByRole('button', { name: 'Keep', exact: true }).click();
      await expect.poll(async () => (await (await request.get('/api/v1/household')).json()).cooks).toBe(1);
    }
    expect(await scheduleOf(request, meal.id)).toEqual(before);
  });

  test('New batch is planned among those of its meal, and begins when it said it would', async ({ page, request }) => {
    const meal = await regatta(request);
    await page.goto(`/batches/new?meal=${meal.id}`);
    await page.waitForLoadState('networkidle');
    await expect(page.getByText('joins Regatta lunch')).toBeVisible();
    const said = (await page.getByRole('complementary').getByText('begin').locator('..').innerText()).match(
      /\d\d:\d\d/,
    )![0];
    await page.getByRole('button', { name: 'Put it on the board' }).click();
    await page.waitForURL(/\/batches\/[0-9a-f-]{36}/);
    const id = /batches\/([0-9a-f-]{36})/.exec(page.url())![1]!;
    try {
      const made = await (await request.get(`/api/v1/batches/${id}`)).json();
      expect(made.mealId).toBe(meal.id);
      expect(clock(made.schedule.startAt)).toBe(said);
      const { jobs } = await scheduleOf(request, meal.id);
      const hands = jobs.filter((job) => job.hands);
      for (const [at, job] of hands.entries()) if (at > 0) expect(hands[at - 1]!.endAt <= job.startAt).toBe(true);
    } finally {
      expect((await request.delete(`/api/v1/batches/${id}`)).status()).toBe(204);
    }
  });

  test('late by now: said at once on Today and in the kitchen, each way out at one press', async ({
    page,
    request,
  }) => {
    const tableAt = new Date(Math.ceil(Date.now() / 300_000) * 300_000 + 100 * 60_000).toISOString();
    const meal = await (
      await request.post('/api/v1/meals', { data: { name: 'After the heats', tableAt, people: 4 } })
    ).json();
    // Planned two days ago, when there was time for all of it.
    const notBefore = new Date(Date.now() - 48 * 3_600_000).toISOString();
    const batch = await makeBatch(request, {
      name: 'Forgotten flank',
      mealId: meal.id,
      tableAt,
      notBefore,
      cutId: 'beef-flank',
      heightMm: 45,
      massG: 700,
      pins: { soda: 'rinse-off' },
    });
    try {
      await page.goto(`/cook?meal=${meal.id}`);
      await expect(page.getByText(/^Forgotten flank: .* behind, on the table about \d\d:\d\d/)).toBeVisible();
      await page.goto(`/?meal=${meal.id}`);
      const note = page.getByRole('status', { name: 'Behind' });
      const minutesBehind = async () => {
        const text = await note.innerText();
        const [, hours = '0', minutes = '0'] = /: (?:(\d+) h ?)?(?:(\d+)(?: min)?)? behind/.exec(text) ?? [];
        return 60 * Number(hours) + Number(minutes);
      };
      await expect(note).toContainText('behind, on the table about');
      const first = await minutesBehind();
      expect(first).toBeGreaterThan(20);
      await note.getByRole('button', { name: /Forgotten flank: skip the soda/ }).click();
      await expect.poll(async () => (await readBatch(request, batch.id)).pins).toMatchObject({ soda: 'skip' });
      await expect.poll(minutesBehind).toBeLessThan(first - 20);
      await note.getByRole('button', { name: /Move the meal to/ }).click();
      await expect(note.getByText('behind, on the table')).toHaveCount(0);
      const moved = await (await request.get(`/api/v1/meals/${meal.id}`)).json();
      expect(Date.parse(moved.tableAt)).toBeGreaterThan(Date.parse(tableAt));
      expect((await readBatch(request, batch.id)).tableAt).toBe(moved.tableAt);
    } finally {
      await request.delete(`/api/v1/batches/${batch.id}`);
      await request.delete(`/api/v1/meals/${meal.id}`);
    }
  });
});
