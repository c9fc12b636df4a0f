import { expect, hold, makeBatch, readBatch, saved, test, valueOf } from './kitchen-fixture';

type Page = import('@playwright/test').Page;

/** Drags what is under a handle by so many px on the screen. */
async function drag(page: Page, handle: string, by: { x: number; y: number }): Promise<void> {
  const knob = page.getByRole('slider', { name: handle });
  await expect(knob).toHaveAttribute('tabindex', '0');
  await knob.scrollIntoViewIfNeeded();
  const box = (await knob.boundingBox())!;
  const from = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  for (let step = 1; step <= 5; step++) await page.mouse.move(from.x + (by.x * step) / 5, from.y + (by.y * step) / 5);
  await page.mouse.up();
}

test.describe('Slice: the drawing is the control', () => {
  test('the blade is turned, leaned and set thicker on the drawing; the figures follow and it is saved', async ({
    page,
    request,
  }) => {
    const { id } = await makeBatch(request, { way: 'flat-skewers', cutId: 'lamb-leg', heightMm: 45, massG: 1250 });
    await page.goto(`/batches/${id}?stage=slice`);
    const fibres = page
      .getByRole('complementary', { name: 'What it means' })
      .getByText('Fibres in each bite')
      .locator('..');
    await expect(fibres).toContainText('4.3');
    await drag(page, 'Blade, turn', { x: -90, y: -40 });
    expect(await valueOf(page, 'Blade, turn')).toBeGreaterThan(20);
    await expect(fibres).not.toContainText('4.3');
    await expect(page.getByRole('button', { name: 'turn of the knife: pinned, unpin' })).toBeVisible();
    await page.getByRole('button', { name: 'turn of the knife: pinned, unpin' }).click();
    await expect(fibres).toContainText('4.3');

    await drag(page, 'Blade, lean', { x: -60, y: 20 });
    const lean = await valueOf(page, 'Blade, lean');
    expect(lean).toBeGreaterThan(30);
    await drag(page, 'Ten slices, from above', { x: 40, y: 0 });
    const thicknessMm = await valueOf(page, 'Ten slices, from above');
    expect(thicknessMm).toBeGreaterThan(4.5);
    await saved(page);
    const kept = await readBatch(request, id);
    expect(kept.pins.bevelDeg).toBe(lean);
    expect(kept.thicknessMm).toBeCloseTo(thicknessMm, 1);
  });

  test('each handle steps by keyboard, and the lean ends where the height ends', async ({ page, request }) => {
    const { id } = await makeBatch(request, {
      way: 'flat-skewers',
      cutId: 'pork-loin',
      massG: 300,
      heightMm: 60,
      pins: { lengthMm: 60, widthMm: 70 },
    });
    await page.goto(`/batches/${id}?stage=slice`);
    await hold(page, 'Blade, turn');
    for (let press = 0; press < 3; press++) await page.keyboard.press('ArrowRight');
    expect(await valueOf(page, 'Blade, turn')).toBe(3);
    await hold(page, 'Blade, lean');
    await page.keyboard.press('End');
    expect(await valueOf(page, 'Blade, lean')).toBe(45);
    await hold(page, 'Ten slices, from the side');
    await page.keyboard.press('ArrowUp');
    expect(await valueOf(page, 'Ten slices, from the side')).toBe(4.5);
  });

  test('a lean past what the height allows is said beside the control', async ({ page, request }) => {
    const { id } = await makeBatch(request, {
      way: 'flat-skewers',
      cutId: 'pork-loin',
      massG: 300,
      heightMm: 60,
      pins: { lengthMm: 60, widthMm: 70, bevelDeg: 58 },
    });
    await page.goto(`/batches/${id}?stage=slice`);
    await expect(page.getByText('A lean of 58° is past what 60 mm of height allows: at most 45°.')).toBeVisible();
  });

  test('with the grain is possible and says what it does', async ({ page, request }) => {
    const { id } = await makeBatch(request, { cutId: 'beef-top-round', heightMm: 60 });
    await page.goto(`/batches/${id}?stage=slice`);
    await hold(page, 'Blade, turn');
    await page.keyboard.press('End');
    await expect(page.getByText(/With the grain: fibres of/)).toBeVisible();
  });

  test('every shape is drawn, counted and told step by step', async ({ page, request }) => {
    const { id } = await makeBatch(request, {
      cutId: 'beef-short-rib',
      way: 'table-grill',
      heightMm: 55,
      massG: 700,
      thicknessMm: 6,
    });
    await page.goto(`/batches/${id}?stage=slice`);
    // The steps say it, and the job list further down.
    await expect(page.getByText(/Cut along the bone to within 6 mm of the edge/).first()).toBeVisible();
    await expect(page.getByRole('img', { name: /the sheet, scored/ })).toBeVisible();
    // Scoring is the cook's choice: left whole, the sheet is not pierced and its fibres stay long.
    await page.getByRole('checkbox', { name: 'Scored' }).uncheck();
    await expect(page.getByRole('img', { name: /the sheet, \d/ })).toBeVisible();
    await expect(page.getByText(/score/i).filter({ hasText: /every|deep/ })).toHaveCount(0);
    await page.getByRole('checkbox', { name: 'Scored' }).check();
    const shape = page.getByRole('combobox', { name: 'Cut into' });
    for (const [value, words] of [
      ['cubes', /Along the width:/],
      ['butterflied', /open it like a book/],
      ['pounded', /Score a grid of 6 mm/],
      ['sliced-after', /Slice 6 mm thick/],
      ['strips', /cut strips of/],
      ['shaved', /Lay it on its flattest side/],
    ] as const) {
      await shape.selectOption(value);
      await expect(page.getByText(words).first()).toBeVisible();
      await expect(page.getByRole('heading', { name: /With the knife, [\d,]+ stroke/ })).toBeVisible();
    }
    await shape.selectOption('pounded');
    await page.getByRole('button', { name: /^6?\s?Cook/ }).click();
    await expect(page.getByText(/Pierced meat: 71 °C/)).toBeVisible();
  });

  test('the what-if row takes another cut by one click', async ({ page, request }) => {
    const { id } = await makeBatch(request, { cutId: 'beef-flank', heightMm: 25 });
    await page.goto(`/batches/${id}?stage=slice`);
    const table = page.getByRole('table').filter({ hasText: 'fibres in a bite' });
    await expect(table.getByRole('row', { name: /4 mm, as it is/ })).toBeVisible();
    await table.getByRole('button', { name: '6 mm' }).click();
    await expect(table.getByRole('row', { name: /6 mm, as it is/ })).toBeVisible();
    await saved(page);
    expect((await readBatch(request, id)).thicknessMm).toBe(6);
  });

  test('the screen is measured once with a card; then a slice is shown at its true thickness', async ({
    page,
    request,
  }) => {
    const { id } = await makeBatch(request);
    await page.goto(`/batches/${id}?stage=slice`);
    await page.getByRole('button', { name: 'Hold a slice to the screen' }).click();
    await page.getByLabel('Size of the outline').fill('5');
    const card = await page.getByTestId('card').boundingBox();
    expect(card!.width / 5).toBeCloseTo(85.6, 1);
    expect(card!.height / 5).toBeCloseTo(53.98, 1);
    await page.getByRole('button', { name: 'It matches' }).click();
    const bar = await page.getByTestId('life-size').locator('.bg-ink').boundingBox();
    expect(bar!.height).toBeCloseTo(4 * 5, 0);
    await page.reload();
    await page.getByRole('button', { name: 'Hold a slice to the screen' }).click();
    await expect(page.getByRole('heading', { name: '4 mm, life-size' })).toBeVisible();
  });

  test('how even am I: by stacks, one by one and by weight, with a word for what makes no sense', async ({
    page,
    request,
  }) => {
    const { id } = await makeBatch(request);
    await page.goto(`/batches/${id}?stage=slice`);
    await page.waitForLoadState('networkidle');
    await page.getByText('How even am I?').click();
    const field = page.getByLabel('Measured slices');
    await field.fill('ten by forty');
    await expect(page.getByText('is not slices x height')).toBeVisible();
    await field.fill('10 x 42\n10 x 46');
    await expect(page.getByText('4.4 mm', { exact: true })).toBeVisible();
    await page.getByRole('radio', { name: 'One by one' }).check();
    await field.fill('3 3.1 3.2 6 6.1 5.9');
    await expect(page.getByText('Sort them.')).toBeVisible();
    await page.getByRole('radio', { name: 'Weight' }).check();
    await page.getByLabel('Face of a slice, cm²').fill('100');
    await field.fill('42.2 42.2');
    await expect(page.getByText('4 mm', { exact: true }).first()).toBeVisible();
  });
});

test.describe('Piece', () => {
  test('a price in gives a price out; a judgement with its reason and what changes it', async ({ page, request }) => {
    const { id } = await makeBatch(request, {
      cutId: 'beef-flank',
      heightMm: 25,
      massG: 1000,
      pins: { trimmedG: 800 },
    });
    await page.goto(`/batches/${id}?stage=piece`);
    await page.getByLabel('Price as bought').fill('20');
    await expect(page.getByText('Trimmed, it costs').locator('..')).toContainText('€25.00');
    await page.getByLabel('Price as bought').fill('much');
    await expect(page.getByText('That is not a price.')).toBeVisible();
    await expect(page.getByText('Trimmed, it costs').locator('..')).toContainText('€25.00');
    await expect(page.getByText('Yes, tenderize it.')).toBeVisible();
    await expect(page.getByText(/What would change that: slices under/)).toBeVisible();
  });

  test('a piece thick at one end is divided into two batches, and back', async ({ page, request }) => {
    const { id, mealId, name } = await makeBatch(request, { cutId: 'beef-skirt', heightMm: 20, massG: 600 });
    await page.goto(`/batches/${id}?stage=piece`);
    await page.getByText('Thicker at one end? Divide it').click();
    await page.getByLabel('Height, thick part').fill('28');
    await page.getByLabel('Height, thin part').fill('14');
    await page.getByRole('button', { name: 'Divide it here' }).click();
    await page.waitForURL(`/?meal=${mealId}`);
    const timeline = page.getByRole('region', { name: 'Timeline of the meal' });
    await expect(timeline.getByText(`${name}, thick part`)).toBeVisible();
    await expect(timeline.getByText(`${name}, thin part`)).toBeVisible();
    const parts = (await (await request.get(`/api/v1/batches?mealId=${mealId}`)).json()).items as { massG: number }[];
    expect(parts.map(({ massG }) => massG).reduce((sum, massG) => sum + massG, 0)).toBeCloseTo(600, 6);
    await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
    await page.waitForURL(/stage=piece/);
    expect(await readBatch(request, id)).toMatchObject({ massG: 600, heightMm: 20, name });
    expect((await (await request.get(`/api/v1/batches?mealId=${mealId}`)).json()).total).toBe(1);
  });

  test('slices from the shop skip firming and slicing', async ({ page, request }) => {
    const { id } = await makeBatch(request, { cutId: 'beef-shaved', way: 'table-grill', heightMm: 5, massG: 500 });
    await page.goto(`/batches/${id}?stage=slice`);
    await expect(page.getByText('It comes sliced.')).toBeVisible();
    await expect(page.getByText('Firm it in the freezer')).toHaveCount(0);
  });
});

test('two stacks make the slicing machine’s dial, and the plan names the number', async ({ page, request }) => {
  const { id } = await makeBatch(request, { cutId: 'pork-loin', heightMm: 60 });
  await page.goto('/kitchen');
  for (let stack = 1; stack <= 2; stack++) await page.getByRole('button', { name: 'Add a stack' }).click();
  await page.getByLabel('Dial, stack 1').fill('3');
  await page.getByLabel('Height, stack 1').fill('20 mm');
  await page.getByLabel('Dial, stack 2').fill('1');
  await page.getByLabel('Height, stack 2').fill('48');
  await expect(page.getByText('A higher number should cut thicker.')).toBeVisible();
  await page.getByLabel('Dial, stack 1').fill('1');
  await page.getByLabel('Dial, stack 2').fill('3');
  await expect(page.getByText('1.4 mm', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('Kept.')).toBeVisible();
  await page.goto(`/batches/${id}?stage=slice`);
  await expect(page.getByText('Slicing machine at 2.4').first()).toBeVisible();
  await expect(page.getByText('Slicing machine: use the pusher')).toBeVisible();
  await page.goto('/kitchen');
  for (let stack = 1; stack <= 2; stack++) await page.getByRole('button', { name: 'Take out' }).first().click();
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('Kept.')).toBeVisible();
});
