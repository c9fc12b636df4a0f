import { expect, pickCut, test } from './kitchen-fixture';

test.describe('Cuts', () => {
  test('any name finds a cut; its page says all of it; a batch is planned from it', async ({ page, allowErrors }) => {
    allowErrors(/404/);
    await page.goto('/cuts');
    await page.getByLabel('Find by any name').fill('onglet');
    await page.getByRole('link', { name: /Beef hanger/ }).click();
    await expect(page.getByRole('heading', { name: 'Beef hanger' })).toBeVisible();
    await expect(page.getByText('Take out the tough band')).toBeVisible();
    await page.getByRole('link', { name: 'Plan a batch of it' }).click();
    await expect(page.getByRole('combobox', { name: 'The piece' })).toHaveValue('Beef hanger');
    await page.goto('/cuts');
    await page.getByLabel('Find by any name').fill('unicorn');
    await expect(page.getByText('No cut of that name')).toBeVisible();
    await page.goto('/cuts/no-such-cut');
    await expect(page.getByRole('heading', { name: 'There is nothing here' })).toBeVisible();
  });

  test('a cut of one’s own: made from one that is like it, used in a batch, put away and taken back', async ({
    page,
    request,
    allowErrors,
  }) => {
    allowErrors(/404/);
    await page.goto('/cuts/new?from=lamb-rump');
    await page.getByRole('button', { name: 'Keep this cut' }).click();
    await expect(page.getByText('Give it a name.')).toBeVisible();
    await page.getByLabel('Name', { exact: true }).fill('Hill mutton chump');
    await page.getByLabel('Fat, from a label').fill('14 %');
    await page.getByLabel('Other names').fill('chump, wether rump');
    await page.reload();
    await expect(page.getByLabel('Other names')).toHaveValue('chump, wether rump');
    await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Hill mutton chump');
    await page.getByRole('button', { name: 'Keep this cut' }).click();
    await expect(page.getByRole('heading', { name: 'Hill mutton chump' })).toBeVisible();
    const cutId = page.url().split('/').pop()!;
    expect((await (await request.get(`/api/v1/cuts/${cutId}`)).json()).composition.fat).toBeCloseTo(0.14, 6);
    // A half-made copy is not mistaken for a change of the cut it was begun from.
    await page.goto(`/cuts/new?from=${cutId}`);
    await page.getByLabel('Name', { exact: true }).fill('Another one');
    await page.goto(`/cuts/new?edit=${cutId}`);
    await page.waitForLoadState('networkidle');
    await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Hill mutton chump');
    await expect(page.getByLabel('Other names')).toHaveValue('chump, wether rump');

    await page.goto('/batches/new');
    await pickCut(page, 'The piece', 'hill mutton', 'Hill mutton chump');
    await page.getByRole('button', { name: 'Put it on the board' }).click();
    await page.waitForURL(/\/batches\/[0-9a-f-]{36}$/);
    const batch = page.url();
    await page.goto(`/cuts/${cutId}`);
    await page.getByRole('button', { name: 'Put it away' }).click();
    await expect(page.getByText('Hill mutton chump was put away.')).toBeVisible();
    const before = page.url();
    await page.goto(batch);
    await expect(page.getByText('Hill mutton chump').first()).toBeVisible();
    await page.goto(before);
    expect((await request.get(`/api/v1/cuts/${cutId}`)).status()).toBe(404);
    expect((await request.post(`/api/v1/cuts/${cutId}/restore`)).status()).toBe(200);
  });
});
