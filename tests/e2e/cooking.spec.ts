import { alive, expect, makeBatch, readBatch, test } from './kitchen-fixture';

const title = (page: import('@playwright/test').Page) => page.locator('h2').first();

test.describe('Cooking', () => {
  test('space goes through the jobs, timers survive reload and a closed tab, every job is kept with its time', async ({
    page,
    context,
    request,
  }) => {
    const { id } = await makeBatch(request, { pins: { soda: 'leave-in' } });
    await page.goto(`/batches/${id}`);
    await page.getByRole('link', { name: 'Start cooking' }).click();
    await expect(title(page)).toHaveText('Trim it');
    await alive(page);
    await page.keyboard.press('Space');
    await expect(page.getByRole('timer')).toBeVisible();
    await page.keyboard.press('Space');
    await expect(title(page)).toHaveText('Firm it in the freezer');
    await page.keyboard.press('Space');
    const timers = page.getByRole('complementary', { name: 'Timers' });
    await expect(timers.getByRole('timer')).toContainText('Firm');
    await expect(title(page)).toHaveText('Mix the marinade');
    const left = async (where: typeof page) =>
      (await where.getByRole('complementary', { name: 'Timers' }).getByRole('timer').first().innerText()).split(
        '\n',
      )[0]!;
    const before = await left(page);

    await page.reload();
    await expect(title(page)).toHaveText('Mix the marinade');
    await page.close();
    const again = await context.newPage();
    await again.goto(`/cook?batch=${id}`);
    const after = await left(again);
    const seconds = (text: string) => text.split(':').reduce((sum, part) => sum * 60 + Number(part), 0);
    expect(seconds(before) - seconds(after)).toBeGreaterThanOrEqual(0);
    expect(seconds(before) - seconds(after)).toBeLessThan(30);
    await again.goto('/');
    await expect(again.getByRole('banner').getByRole('link', { name: /Firm.*left/ })).toBeVisible();

    // A connection that was kept for later may be closed just when it is used: then it is asked again.
    await expect(async () => {
      const { items } = await (await request.get(`/api/v1/batches/${id}/events`)).json();
      expect(items.map(({ kind, jobKey }: { kind: string; jobKey: string }) => `${jobKey} ${kind}`)).toEqual([
        'trim job-started',
        'trim job-done',
        'firm job-started',
      ]);
    }).toPass({ timeout: 20_000 });
  });

  test('arrows look around without doing anything, undo takes a job back', async ({ page, request }) => {
    const { id } = await makeBatch(request, { pins: { soda: 'skip' } });
    await page.goto(`/cook?batch=${id}`);
    await alive(page);
    await page.keyboard.press('ArrowRight');
    await expect(title(page)).toHaveText('Firm it in the freezer');
    await page.keyboard.press('ArrowLeft');
    await expect(title(page)).toHaveText('Trim it');
    await page.keyboard.press('Space');
    await page.keyboard.press('Space');
    await page.keyboard.press('ArrowLeft');
    await expect(page.getByText(/^Done at/)).toBeVisible();
    await page.keyboard.press('u');
    await expect(page.getByText(/^Done at/)).toHaveCount(0);
    await expect
      .poll(async () => (await (await request.get(`/api/v1/batches/${id}/events`)).json()).items.length)
      .toBe(3);
  });

  test('a lost network loses no job', async ({ page, context, request, allowErrors }) => {
    allowErrors(/ERR_INTERNET_DISCONNECTED|Failed to fetch/);
    const { id } = await makeBatch(request);
    await page.goto(`/cook?batch=${id}`);
    await expect(title(page)).toHaveText('Trim it');
    await alive(page);
    await context.setOffline(true);
    await page.keyboard.press('Space');
    await page.keyboard.press('Space');
    await expect(page.getByText('wait for the network')).toBeVisible();
    await context.setOffline(false);
    await expect
      .poll(async () => (await (await request.get(`/api/v1/batches/${id}/events`)).json()).items.length)
      .toBe(2);
    await expect(page.getByText('wait for the network')).toHaveCount(0);
  });

  test('through to the table and the tasting, and into the log', async ({ page, request }) => {
    const batch = await makeBatch(request, { name: 'Fennel chicken, whole way' });
    await page.goto(`/cook?batch=${batch.id}`);
    const main = page.getByRole('button', { name: /^(Start|It is in|Done|It is ready|Go on)/ });
    for (let press = 0; press < 40 && (await title(page).innerText()) !== 'On the table'; press++) await main.click();
    await expect(title(page)).toHaveText('On the table');
    await page.getByRole('link', { name: 'Taste Fennel chicken, whole way' }).click();
    await page.getByRole('radio', { name: 'melting' }).check();
    await page.getByRole('radio', { name: 'a trace' }).check();
    // Nothing is scored for the cook: what is open is said.
    await page.getByRole('button', { name: 'Keep it in the log' }).click();
    await expect(page.getByText('Still open: juiciness, salt, sweetness and mush.')).toBeVisible();
    for (const [scale, score] of [
      ['Juiciness', 'juicy'],
      ['Salt', 'right'],
      ['Sweetness', 'right'],
      ['Mush', 'none'],
    ] as const)
      await page.getByRole('group', { name: scale }).getByRole('radio', { name: score, exact: true }).check();
    await page.getByLabel('What to change next time').fill('Half a millimetre thinner <b>and</b> longer');
    await page.reload();
    await expect(page.getByLabel('What to change next time')).toHaveValue(
      'Half a millimetre thinner <b>and</b> longer',
    );
    await page.getByRole('button', { name: 'Keep it in the log' }).click();
    await expect(page.getByText('Kept in the log.')).toBeVisible();
    await page.goto('/log');
    const entry = page.getByRole('listitem').filter({ hasText: 'Fennel chicken, whole way' });
    await expect(entry).toContainText('Half a millimetre thinner <b>and</b> longer');
    await expect(entry).toContainText('melting');
    const known = await readBatch(request, batch.id);
    const { items } = await (await request.get(`/api/v1/batches/${batch.id}/events`)).json();
    expect(items.filter(({ kind }: { kind: string }) => kind === 'job-done').length).toBe(
      known.schedule.ok ? known.schedule.jobs.length : -1,
    );
  });
});
