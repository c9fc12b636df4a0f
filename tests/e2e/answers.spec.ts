import { expect, makeBatch, readBatch, saved, test } from './kitchen-fixture';

test.describe('What the cook knows better', () => {
  test('it comes ready to cut, and later sliced: trimming, freezer and knife fall away', async ({ page, request }) => {
    const { id } = await makeBatch(request, { cutId: 'beef-flank', heightMm: 25, thicknessMm: 3 });
    await page.goto(`/batches/${id}?stage=piece`);
    await page.getByRole('radio', { name: 'Ready to cut' }).click();
    await expect(page.getByLabel('Weight, ready to cut')).toHaveValue('900 g');
    await expect(page.getByText('all of it: nothing comes off')).toBeVisible();
    await saved(page);
    const keys = async () => {
      const { schedule } = await readBatch(request, id);
      return schedule.ok ? schedule.jobs.map(({ key }) => key) : [];
    };
    expect(await keys()).not.toContain('trim');
    expect(await keys()).toContain('slice');
    await page.getByRole('radio', { name: 'Already sliced' }).click();
    await saved(page);
    for (const gone of ['trim', 'firm', 'slice']) expect(await keys()).not.toContain(gone);
  });

  test('bones are weighed and every dose follows the meat', async ({ page, request }) => {
    const { id } = await makeBatch(request, { cutId: 'beef-short-rib', heightMm: 55, massG: 1500, way: 'table-grill' });
    await page.goto(`/batches/${id}?stage=piece`);
    await expect(page.getByText('weigh them afterwards')).toBeVisible();
    await page.getByRole('textbox', { name: 'Bones, weighed' }).fill('400 g');
    await page.getByRole('textbox', { name: 'Bones, weighed' }).press('Enter');
    await saved(page);
    expect((await readBatch(request, id)).pins).toMatchObject({ boneG: 400 });
    await expect(page.getByText('weigh them afterwards')).toBeHidden();
  });

  test('no freezer is an answer: its job goes and comes back', async ({ page, request }) => {
    const { id } = await makeBatch(request, { cutId: 'beef-flank', heightMm: 25, thicknessMm: 3 });
    await page.goto(`/batches/${id}?stage=firm`);
    await page.getByRole('checkbox', { name: /No freezer/ }).check();
    await expect(page.getByText('you cut it without a freezer')).toBeVisible();
    await saved(page);
    const { schedule } = await readBatch(request, id);
    expect(schedule.ok && schedule.jobs.some(({ key }) => key === 'firm')).toBe(false);
    await page.getByRole('checkbox', { name: /No freezer/ }).uncheck();
    await expect(page.getByText('you cut it without a freezer')).toBeHidden();
  });

  test('ribbons are cut again to a width and a length', async ({ page, request }) => {
    const { id } = await makeBatch(request, { pins: { shape: 'ribbons' }, way: 'flat-skewers', heightMm: 40 });
    await page.goto(`/batches/${id}?stage=slice`);
    await page.getByText('How the fibres run, and the ribbons').click();
    await page.getByRole('textbox', { name: 'Ribbon width' }).fill('30 mm');
    await page.getByRole('textbox', { name: 'Ribbon width' }).press('Enter');
    await expect(page.getByText(/30 mm/).first()).toBeVisible();
    await saved(page);
    expect((await readBatch(request, id)).pins).toMatchObject({ stripWidthMm: 30 });
  });
});

test.describe('Nothing is lost', () => {
  test('what was put away is found again and brought back', async ({ page, request }) => {
    const { id, name } = await makeBatch(request, { name: 'Towpath try-out' });
    await request.delete(`/api/v1/batches/${id}`);
    await page.goto('/put-away');
    const row = page.getByRole('listitem').filter({ hasText: name });
    await row.getByRole('button', { name: /back/i }).click();
    await expect(row).toBeHidden();
    expect((await readBatch(request, id)).name).toBe(name);
  });

  test('a counter marinade over its hour is refused wherever it was typed, with what helps', async ({
    page,
    request,
  }) => {
    const { id } = await makeBatch(request, { pins: { marinadePlace: 'counter', marinadeMin: 100, lots: 40 } });
    expect((await readBatch(request, id)).schedule).toMatchObject({ ok: false });
    await page.goto(`/batches/${id}?stage=marinate`);
    await expect(page.getByText(/on the counter is too long/).first()).toBeVisible();
  });
});
