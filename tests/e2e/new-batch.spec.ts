import { expect, pickCut, readBatch, test } from './kitchen-fixture';

test.describe('New batch', () => {
  test('eight answers, typed as a cook says them, make a full plan', async ({ page, request }) => {
    await page.goto('/batches/new');
    await page.getByRole('radio', { name: 'Skewers, flat' }).click();
    await pickCut(page, 'The piece', 'gigot', 'Lamb leg, boned');
    await page.getByLabel('Weight', { exact: true }).fill('1 1/2 lb');
    await page.getByLabel('How tall it lies').fill('45');
    await page.getByLabel('Slices', { exact: true }).fill('1/4 in');
    await page.getByLabel('Marinade', { exact: true }).selectOption({ label: 'Cumin and orange' });
    await page.getByLabel('People').fill('6');
    await expect(page.getByText('sticks in', { exact: false }).first()).toBeVisible();
    await page.getByRole('button', { name: 'Put it on the board' }).click();
    await page.waitForURL(/\/batches\/[0-9a-f-]{36}$/);

    const made = await readBatch(request, page.url().split('/').pop()!);
    expect(made).toMatchObject({
      way: 'flat-skewers',
      cutId: 'lamb-leg',
      people: 6,
      heightMm: 45,
      name: 'Lamb leg, boned, skewers, flat',
    });
    expect(made.massG).toBeCloseTo(680.388555, 6);
    expect(made.thicknessMm).toBeCloseTo(6.35, 6);
    await expect(page.getByRole('heading', { name: 'The jobs, counted back from the table' })).toBeVisible();
    await expect(page.getByText('Thread the skewers').first()).toBeVisible();
  });

  test('metric and US are one switch apart, and the amounts stay the same', async ({ page }) => {
    await page.goto('/batches/new');
    await page.getByLabel('Weight', { exact: true }).fill('700 g');
    await page.getByLabel('Slices', { exact: true }).fill('6mm');
    await page.getByRole('button', { name: 'US', exact: true }).click();
    await expect(page.getByLabel('Weight', { exact: true })).toHaveValue('1.54 lb');
    await expect(page.getByLabel('Slices', { exact: true })).toHaveValue('1/4 in');
    await page.getByRole('button', { name: 'metric' }).click();
    await expect(page.getByLabel('Weight', { exact: true })).toHaveValue('700 g');
    await expect(page.getByLabel('Slices', { exact: true })).toHaveValue('6 mm');
  });

  test('length x width x height instead of the height, and back to what follows from the weight', async ({
    page,
    request,
  }) => {
    await page.goto('/batches/new');
    const size = page.getByLabel('How tall it lies');
    await size.fill('200 x 120 x 45');
    await page.getByLabel('Weight', { exact: true }).fill('1.1 kg');
    await expect(size).toHaveValue('200 mm × 120 mm × 45 mm');
    await size.press('ArrowUp');
    await expect(size).toHaveValue('200 mm × 120 mm × 46 mm');
    await page.getByRole('button', { name: 'Put it on the board' }).click();
    await page.waitForURL(/\/batches\/[0-9a-f-]{36}$/);
    expect(await readBatch(request, page.url().split('/').pop()!)).toMatchObject({
      heightMm: 46,
      pins: { lengthMm: 200, widthMm: 120 },
    });
    await page.goto('/batches/new');
    await size.fill('200 x 120 x 45');
    await size.fill('30');
    await size.blur();
    await expect(size).toHaveValue('30 mm');
  });

  test('a reload in the middle loses no answer', async ({ page }) => {
    await page.goto('/batches/new');
    await pickCut(page, 'The piece', 'lomo', 'Pork loin, boned');
    await page.getByLabel('Weight', { exact: true }).fill('1234 g');
    await page.reload();
    await expect(page.getByRole('combobox', { name: 'The piece' })).toHaveValue('Pork loin, boned');
    await expect(page.getByLabel('Weight', { exact: true })).toHaveValue('1.23 kg');
  });

  test('what is typed before the catalogue of cuts has come does not push out what was kept', async ({
    page,
    request,
  }) => {
    const own = [...(await (await request.get('/batches/new')).text()).matchAll(/src="([^"]+\.js)"/g)].map(
      ([, src]) => src!,
    );
    await page.goto('/batches/new');
    await pickCut(page, 'The piece', 'pork loin', 'Pork loin, boned');
    await page.getByLabel('Weight', { exact: true }).fill('1.23 kg');
    let come = () => {};
    const late = new Promise<void>((resolve) => (come = resolve));
    await page.route('**/_next/static/chunks/*.js', async (route) => {
      if (!own.some((src) => route.request().url().endsWith(src))) await late;
      await route.fallback();
    });
    await page.reload();
    await page.getByLabel('People', { exact: true }).fill('7');
    await expect(page.getByRole('combobox', { name: 'The piece' })).not.toHaveValue('Pork loin, boned');
    come();
    await expect(page.getByRole('combobox', { name: 'The piece' })).toHaveValue('Pork loin, boned');
    await expect(page.getByLabel('Weight', { exact: true })).toHaveValue('1.23 kg');
    await expect(page.getByLabel('People', { exact: true })).toHaveValue('7');
  });

  const nonsense = [
    '',
    'lots',
    '-5',
    '0',
    'NaN',
    'Infinity',
    '9999999',
    '5 miles',
    '<script>alert(1)</script>',
    '1e999',
    'x'.repeat(10_000),
  ];
  for (const field of ['Weight', 'How tall it lies', 'Slices', 'People']) {
    test(`${field}: nonsense gets a word beside the field and changes nothing`, async ({ page }) => {
      await page.goto('/batches/new');
      const input = page.getByLabel(field, { exact: true });
      const plan = page.getByRole('complementary', { name: 'So far this means' });
      await expect(plan.getByRole('listitem').first()).toBeVisible();
      const before = await plan.innerText();
      for (const text of nonsense) {
        await input.fill(text);
        await expect(input, text.slice(0, 30)).toHaveAttribute('aria-invalid', 'true');
        await expect(page.locator('[role=alert]').first()).not.toBeEmpty();
      }
      expect(await plan.innerText()).toBe(before);
    });
  }

  test('an answer the server refuses is said, and kept', async ({ page, allowErrors }) => {
    allowErrors(/422|400|500/);
    await page.route('**/api/v1/batches', (route) =>
      route.fulfill({
        status: 422,
        contentType: 'application/problem+json',
        body: JSON.stringify({
          type: '/problems/rule',
          title: 'That does not fit together.',
          status: 422,
          detail: 'Because.',
        }),
      }),
    );
    await page.goto('/batches/new');
    await page.getByLabel('Weight', { exact: true }).fill('777 g');
    await page.getByRole('button', { name: 'Put it on the board' }).click();
    await expect(page.getByText('Your answers are still here.')).toBeVisible();
    await expect(page.getByLabel('Weight', { exact: true })).toHaveValue('777 g');
  });
});
