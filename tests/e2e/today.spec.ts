import { expect, test } from './kitchen-fixture';

test.describe('Today', () => {
  test('shows every batch of the demo meal on one timeline, and what comes next', async ({ page }) => {
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'Regatta lunch' })).toBeVisible();
    const timeline = page.getByRole('region', { name: 'Timeline of the meal' });
    for (const name of ['Cumin lamb skewers', 'Fennel chicken stir-fry', 'Flank with kiwi and ginger'])
      await expect(timeline.getByRole('link', { name })).toBeVisible();
    await page.reload();
    await expect(page.getByRole('heading', { name: 'Next for your hands' })).toBeVisible();
    await expect(page.getByText('Trim it').first()).toBeVisible();
  });

  test('an allergen in one marinade is on the meal', async ({ page }) => {
    await page.goto('/');
    await expect(page.getByText(/On the table: contains.*sesame/)).toBeVisible();
  });

  test('moving the meal moves its batches, and back', async ({ page, request }) => {
    await page.goto('/');
    const batches = async () =>
      (await (await request.get('/api/v1/batches?limit=200')).json()).items.filter(
        ({ name }: { name: string }) => name === 'Cumin lamb skewers',
      );
    const [before] = await batches();
    await page.getByRole('button', { name: 'Change' }).click();
    const when = page.getByLabel('On the table');
    const old = await when.inputValue();
    await when.fill(old.replace('T13:00', 'T14:30'));
    await page.getByRole('button', { name: 'Keep' }).click();
    await expect(page.getByText('on the table at 14:30')).toBeVisible();
    const [moved] = await batches();
    expect(Date.parse(moved.tableAt) - Date.parse(before.tableAt)).toBe(90 * 60_000);
    // Its jobs end at the new hour, or wait hot for it.
    const last = moved.schedule.jobs.at(-1);
    expect(Date.parse(last.endAt) + 60_000 * (last.thenHotMin ?? 0)).toBe(Date.parse(moved.tableAt));
    expect(Date.parse(moved.schedule.startAt)).toBeGreaterThan(Date.parse(before.schedule.startAt));

    await page.getByRole('button', { name: 'Change' }).click();
    await page.getByLabel('People').fill('many');
    await page.getByRole('button', { name: 'Keep' }).click();
    await expect(page.getByText('How many people')).toBeVisible();
    await page.getByLabel('People').fill('14');
    await when.fill(old);
    await page.getByRole('button', { name: 'Keep' }).click();
    await expect(page.getByText('on the table at 13:00')).toBeVisible();
  });

  test('a meal with nothing in it invites the first batch', async ({ page, request }) => {
    const meal = await (
      await request.post('/api/v1/meals', {
        data: { name: 'Empty mess tin', tableAt: new Date(Date.now() + 5e8).toISOString(), people: 2 },
      })
    ).json();
    await page.goto(`/?meal=${meal.id}`);
    await page.getByRole('link', { name: 'Add a batch' }).first().click();
    await page.getByRole('button', { name: 'Put it on the board' }).click();
    await page.waitForURL(/\/batches\/[0-9a-f-]{36}$/);
    await page.goto(`/?meal=${meal.id}`);
    await expect(page.getByRole('region', { name: 'Timeline of the meal' }).getByRole('link')).toHaveCount(1);
  });

  test('an address that leads nowhere says so', async ({ page, allowErrors }) => {
    allowErrors(/404/);
    await page.goto('/batches/00000000-0000-4000-8000-000000000000');
    await expect(page.getByRole('heading', { name: 'There is nothing here' })).toBeVisible();
  });
});
