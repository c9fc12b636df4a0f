import type { APIRequestContext, Page } from '@playwright/test';
import { alive, expect, makeBatch, readBatch, saved, test } from './kitchen-fixture';

const title = (page: Page) => page.locator('h2').first();
const eventsOf = async (request: APIRequestContext, id: string) =>
  (await (await request.get(`/api/v1/batches/${id}/events`)).json()).items as { kind: string; jobKey?: string }[];
const HOUR_MS = 3_600_000;
interface MealJob {
  batchId: string;
  key: string;
  title: string;
  startAt: string;
  endAt: string;
}
const mealJobs = async (request: APIRequestContext, mealId: string) =>
  (await (await request.get(`/api/v1/meals/${mealId}/schedule`)).json()).jobs as MealJob[];
const clock = (iso: string) =>
  new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: 'Europe/London' }).format(
    new Date(iso),
  );

test.describe('The plan follows what is done', () => {
  test('weighed at the board, every dose after it is said again; on the batch it can be taken back', async ({
    page,
    request,
  }) => {
    const { id } = await makeBatch(request, { pins: { soda: 'skip' } });
    await page.goto(`/cook?batch=${id}`);
    await alive(page);
    await expect(title(page)).toHaveText('Trim it');
    const mixed = async () => {
      await page.keyboard.press('ArrowRight');
      await page.keyboard.press('ArrowRight');
      await expect(title(page)).toHaveText('Mix the marinade');
      const text = await page.getByRole('list', { name: 'What goes in' }).getByRole('listitem').first().innerText();
      await page.keyboard.press('ArrowLeft');
      await page.keyboard.press('ArrowLeft');
      return Number(text.split(' ')[0]);
    };
    const before = await mixed();
    expect(before).toBeGreaterThan(10);
    await page.keyboard.press('Space');
    const ask = page.getByRole('form', { name: 'Weigh what is left' });
    await ask.getByLabel('Weigh what is left').fill('420 g');
    await ask.getByRole('button', { name: 'It is 420 g' }).click();
    await expect(ask).toHaveCount(0);
    await expect(page.getByText('Weigh what is left: 420 g').last()).toBeVisible();
    // The keys are the kitchen's again, and nothing typed has pressed a job.
    const after = await mixed();
    const trimmedG = (await readBatch(request, id)).figures!.trimmedG!;
    expect(after / before).toBeCloseTo(0.5, 1);
    await expect
      .poll(async () => (await readBatch(request, id)).figures!.trimmedG)
      .toEqual({ value: 420, from: 'measured' });
    expect(trimmedG.value).toBeGreaterThan(0);

    await page.goto(`/batches/${id}?stage=piece`);
    const told = page.getByRole('list', { name: 'Measured at the board' });
    await expect(told).toContainText('Weighed: 420 g after trimming');
    await expect(page.getByLabel('Weight after trimming', { exact: true })).toHaveValue('420 g');
    await told.getByRole('button', { name: 'Take it back' }).click();
    await expect(told).toHaveCount(0);
    await expect(page.getByLabel('Weight after trimming', { exact: true })).not.toHaveValue('420 g');
    await expect.poll(async () => (await readBatch(request, id)).figures!.trimmedG!.from).toBe('rule');
  });

  test('undo takes back the whole last press, whatever is shown, and says what it did', async ({ page, request }) => {
    const { id } = await makeBatch(request, { pins: { soda: 'skip' } });
    await page.goto(`/cook?batch=${id}`);
    await alive(page);
    for (const next of ['Trim it', 'Firm it in the freezer', 'Mix the marinade']) {
      if (next !== 'Trim it') await page.keyboard.press('Space');
      await expect(title(page)).toHaveText(next);
      if (next === 'Trim it') await page.keyboard.press('Space');
    }
    const timers = page.getByRole('complementary', { name: 'Timers' });
    await expect(timers.getByRole('timer')).toContainText('Firm');
    // Slicing ends the freezer and begins: one press.
    await page.keyboard.press('ArrowRight');
    await expect(title(page)).toHaveText('Slice it');
    await page.keyboard.press('Space');
    await expect(timers.getByRole('timer')).toHaveCount(0);
    await page.keyboard.press('ArrowLeft');
    await page.keyboard.press('u');
    await expect(page.getByText('Taken back: “Firm” done, “Slice” begun.')).toBeVisible();
    await expect(timers.getByRole('timer')).toContainText('Firm');
    await expect(title(page)).toHaveText(/Firm it|Slice it/);
    // Append-only: what was taken back is still in the record, and stays taken back after a reload.
    await expect.poll(async () => (await eventsOf(request, id)).map(({ kind }) => kind).at(-1)).toBe('press-undone');
    await page.reload();
    await expect(timers.getByRole('timer')).toContainText('Firm');
  });

  test('a job that was passed over is not asked for again, and can still be opened', async ({ page, request }) => {
    const { id } = await makeBatch(request, { pins: { soda: 'skip' } });
    await page.goto(`/cook?batch=${id}`);
    await alive(page);
    // Straight to the knife: trimmed and firmed elsewhere.
    for (const job of ['Firm it in the freezer', 'Mix the marinade', 'Slice it']) {
      await page.keyboard.press('ArrowRight');
      await expect(title(page)).toHaveText(job);
    }
    await page.keyboard.press('Space');
    await expect(page.getByRole('timer')).toBeVisible();
    await page.keyboard.press('Space');
    await expect(title(page)).toHaveText(/Mix the marinade|Coat the slices/);
    await page.keyboard.press('ArrowLeft');
    for (let press = 0; press < 4 && (await title(page).innerText()) !== 'Trim it'; press++)
      await page.keyboard.press('ArrowLeft');
    await expect(title(page)).toHaveText('Trim it');
    await expect(page.getByText('passed over')).toBeVisible();
  });

  test('once begun, the batch says the hours that its meal has now, and how late it is', async ({ page, request }) => {
    const { id, mealId } = await makeBatch(request, {
      pins: { soda: 'skip', marinadeMin: 30 },
      tableAt: new Date(Date.now() + 0.6 * HOUR_MS).toISOString(),
    });
    await page.goto(`/batches/${id}?stage=slice`);
    const list = page.getByRole('region', { name: 'Jobs' });
    await expect(list.getByRole('heading', { name: 'The jobs, counted back from the table' })).toBeVisible();
    const at = new Date().toISOString();
    const begun = { id: crypto.randomUUID(), kind: 'job-started', jobKey: 'trim', at, payload: { place: 'counter' } };
    expect((await request.post(`/api/v1/batches/${id}/events`, { data: begun })).status()).toBe(201);
    await page.reload();
    await expect(list.getByRole('heading', { name: 'The jobs, as they stand' })).toBeVisible();
    await expect(list.getByText(/behind, on the table about/)).toBeVisible();
    await expect(list.getByText(/^since /)).toBeVisible();
    // Minutes go on: what the server says is asked for with each look.
    await expect(async () => {
      const coat = (await mealJobs(request, mealId)).find(({ key }) => key === 'coat')!;
      await expect(list.getByRole('listitem').filter({ hasText: coat.title })).toContainText(clock(coat.startAt), {
        timeout: 2000,
      });
    }).toPass();
    // Today shows the meal that comes next: for the other stories that is the demo's.
    await request.delete(`/api/v1/batches/${id}`);
    await request.delete(`/api/v1/meals/${mealId}`);
  });

  test('lamb after chicken: the board is washed, and one grill is lit once for two batches', async ({
    page,
    request,
  }) => {
    const skewers = { way: 'flat-skewers', cutId: 'lamb-leg', thicknessMm: 5, heightMm: 40 };
    const bird = await makeBatch(request, {
      ...skewers,
      cutId: 'chicken-thigh',
      heightMm: 20,
      pins: { marinadeMin: 480 },
    });
    const lamb = await makeBatch(request, {
      ...skewers,
      mealId: bird.mealId,
      tableAt: bird.tableAt,
      pins: { marinadeMin: 60 },
    });
    const jobs = await mealJobs(request, bird.mealId);
    const wash = jobs.find(({ key }) => key.startsWith('wash'))!;
    expect(wash.batchId).toBe(lamb.id);
    expect(jobs.filter(({ key }) => key === 'heat-up')).toHaveLength(1);
    const later = jobs.filter(({ key }) => key === 'cook').at(-1)!.batchId;
    await page.goto(`/batches/${lamb.id}?stage=cook`);
    const list = page.getByRole('region', { name: 'Jobs' });
    await expect(list.getByRole('listitem').filter({ hasText: 'Wash the board' })).toContainText(clock(wash.startAt));
    await page.goto(`/batches/${later}?stage=cook`);
    await expect(list.getByText('On the table')).toBeVisible();
    await expect(list.getByText('Light the grill')).toHaveCount(0);
    await page.goto(`/batches/${later === lamb.id ? bird.id : lamb.id}?stage=cook`);
    await expect(list.getByText('Light the grill')).toBeVisible();
    await expect(list.getByText('Leave the heat on: another batch comes next.')).toBeVisible();
    // In the kitchen it is a job to press.
    await page.goto(`/cook?batch=${lamb.id}`);
    await alive(page);
    for (let press = 0; press < 14 && (await title(page).innerText()) !== 'Wash the board'; press++)
      await page.keyboard.press('ArrowRight');
    await expect(title(page)).toHaveText('Wash the board');
    await expect(page.getByText('Raw poultry was on it.')).toBeVisible();
  });

  test('a job is given an hour of its own on the batch, the rest follows, and it is let go again', async ({
    page,
    request,
  }) => {
    const { id } = await makeBatch(request, { pins: { soda: 'skip' } });
    await page.goto(`/batches/${id}?stage=cook`);
    const list = page.getByRole('region', { name: 'Jobs' });
    const slice = list.getByRole('listitem').filter({ hasText: 'Slice it' });
    const clock = await slice.getByRole('button', { name: /give it an hour of its own/ }).innerText();
    await slice.getByRole('button', { name: /give it an hour of its own/ }).click();
    const field = slice.getByLabel('Slice it: begins');
    const planned = await field.inputValue();
    // Two hours sooner: the marinade is that much longer.
    const sooner = new Date(new Date(`${planned}Z`).getTime() - 2 * HOUR_MS).toISOString().slice(0, 16);
    await field.fill(sooner);
    await field.press('Enter');
    await expect(slice).toContainText(sooner.slice(11));
    await saved(page);
    await expect(list.getByRole('button', { name: 'the hour of “slice it”: pinned, unpin' })).toBeVisible();
    const kept = (await readBatch(request, id)).schedule as { ok: boolean; jobs: { key: string; startAt: string }[] };
    expect(kept.ok).toBe(true);
    await page.reload();
    await expect(slice).toContainText(sooner.slice(11));
    // At an hour that cannot be, the reason is said, and one press lets it go.
    await slice.getByRole('button', { name: /give it an hour of its own/ }).click();
    const late = new Date(new Date(`${planned}Z`).getTime() + 20 * HOUR_MS).toISOString().slice(0, 16);
    await field.fill(late);
    await field.press('Enter');
    await expect(page.getByText(/“Slice” is kept at an hour that is .* too late/)).toBeVisible();
    await page.getByRole('button', { name: 'Let the hour of “Slice” follow' }).click();
    await expect(slice).toContainText(clock);
  });

  test('on the timeline a job is moved by keys and stays; nobody in the kitchen, and hands are kept free then', async ({
    page,
    request,
  }) => {
    const { id, mealId } = await makeBatch(request, { pins: { soda: 'skip' } });
    await page.goto(`/?meal=${mealId}`);
    const bar = page.getByRole('slider', { name: 'Slice it: when it begins' });
    await expect(bar).toBeVisible();
    const before = Number(await bar.getAttribute('aria-valuenow'));
    await bar.focus();
    for (let press = 0; press < 6; press++) await page.keyboard.press('ArrowLeft');
    await page.keyboard.press('Enter');
    await expect(page.getByText(/“Slice it” stays at/)).toBeVisible();
    const sliceMs = async () => {
      const { schedule } = await readBatch(request, id);
      return schedule.ok ? Date.parse(schedule.jobs.find(({ key }) => key === 'slice')!.startAt) : 0;
    };
    await expect
      .poll(async () => Math.round((before * 60_000 - (await sliceMs())) / 60_000))
      .toBeGreaterThanOrEqual(28);
    expect((await sliceMs()) % 300_000).toBe(0);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect.poll(async () => Math.round((await sliceMs()) / 60_000)).toBe(before);

    // Away just then.
    await page.getByRole('button', { name: 'Away in between?' }).click();
    const zoned = (ms: number) =>
      new Intl.DateTimeFormat('sv-SE', { dateStyle: 'short', timeStyle: 'short', timeZone: 'Europe/London' })
        .format(new Date(ms))
        .replace(' ', 'T');
    const from = (await sliceMs()) - HOUR_MS / 2;
    await page.getByLabel('Away from').fill(zoned(from));
    await page.getByLabel('Back at').fill(zoned(from - HOUR_MS));
    await page.getByRole('button', { name: 'Plan around it' }).click();
    await expect(page.getByText('Back before leaving?')).toBeVisible();
    await page.getByLabel('Back at').fill(zoned(from + 2 * HOUR_MS));
    await page.getByRole('button', { name: 'Plan around it' }).click();
    await expect(page.getByRole('list', { name: 'Nobody in the kitchen' })).toContainText('Away');
    await expect
      .poll(async () => {
        const at = await sliceMs();
        return at >= Math.floor((from + 2 * HOUR_MS) / 60_000) * 60_000 - 60_000 || at + 600_000 <= from;
      })
      .toBe(true);
    await page.getByRole('button', { name: /^Not away/ }).click();
    await expect.poll(async () => Math.round((await sliceMs()) / 60_000)).toBe(before);
  });
});
