import { execFileSync } from 'node:child_process';
import path from 'node:path';
import { expect, hold, kitchen, makeBatch, pickCut, readBatch, saved, test } from './kitchen-fixture';

const database = (verb: 'kill' | 'start') =>
  execFileSync('node', [path.resolve('scripts/db.mjs'), verb, '--name', kitchen.name], {
    stdio: 'pipe',
  });

test.describe('Batch', () => {
  test('moving a slider redraws the plan at once, and it is still there after a reload', async ({ page, request }) => {
    const { id } = await makeBatch(request);
    await page.goto(`/batches/${id}?stage=slice`);
    const slices = page.getByRole('complementary', { name: 'What it means' });
    const drawing = page.getByRole('group', { name: /cuts 4 mm apart/ });
    await expect(drawing).toBeVisible();
    await hold(page, 'Thickness');
    for (let press = 0; press < 4; press++) await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('group', { name: /cuts 6 mm apart/ })).toBeVisible();
    await expect(slices.getByText('Fibres in each bite').locator('..')).toContainText('6');
    await saved(page);
    await page.reload();
    await expect(page.getByRole('group', { name: /cuts 6 mm apart/ })).toBeVisible();
    expect((await readBatch(request, id)).thicknessMm).toBe(6);
  });

  test('what the cook pinned stays pinned and says so; unpinned it follows again', async ({ page, request }) => {
    const { id } = await makeBatch(request);
    await page.goto(`/batches/${id}?stage=piece`);
    await page.getByLabel('Weight after trimming', { exact: true }).fill('800 g');
    const pin = page.getByRole('button', { name: 'weight after trimming: pinned, unpin' });
    await expect(pin).toBeVisible();
    await page.getByLabel('Weight as bought').fill('1.2 kg');
    await expect(page.getByLabel('Weight after trimming', { exact: true })).toHaveValue('800 g');
    await saved(page);
    await page.reload();
    await expect(pin).toBeVisible();
    await pin.click();
    await expect(page.getByLabel('Weight after trimming', { exact: true })).toHaveValue('1.12 kg');
    await saved(page);
    expect((await readBatch(request, id)).pins).toEqual({});
  });

  test('both schools of soda and skip, with a default, its reason and spoons', async ({ page, request }) => {
    const { id } = await makeBatch(request, { cutId: 'beef-flank', heightMm: 25 });
    await page.goto(`/batches/${id}?stage=tenderize`);
    await expect(page.getByRole('radio', { name: /Rinse it off.*proposed here/ })).toHaveAttribute(
      'aria-checked',
      'true',
    );
    await expect(page.getByText('Tough cut or thicker slices')).toBeVisible();
    await expect(page.getByText('Rinse in a bowl, not under the tap')).toBeVisible();
    await page.getByRole('radio', { name: /Leave it in/ }).click();
    await hold(page, 'Soda, share of the meat');
    for (let press = 0; press < 6; press++) await page.keyboard.press('ArrowRight');
    await expect(page.getByText('1 % soda may taste soapy')).toBeVisible();
    const table = page.getByRole('region', { name: 'What each would change' });
    await expect(table.getByRole('row', { name: /Soda, left in in this plan/ })).toBeVisible();
    await page.getByRole('radio', { name: /Skip soda/ }).click();
    await expect(table.getByRole('button', { name: 'Plan it: Soda, left in' })).toBeVisible();
    await expect(page.getByText('Rinse off the soda')).toHaveCount(0);
  });

  test('salt: made to land where the cook wants it, and kept', async ({ page, request }) => {
    const { id } = await makeBatch(request);
    await page.goto(`/batches/${id}?stage=marinate`);
    const soy = page.getByRole('row', { name: /Soy sauce/ });
    const before = await soy.innerText();
    await hold(page, 'Make it land at');
    for (let press = 0; press < 6; press++) await page.keyboard.press('ArrowRight');
    await expect(soy).not.toHaveText(before.replaceAll('\t', ''));
    await expect(page.getByRole('button', { name: 'make it land at: pinned, unpin' })).toBeVisible();
    await saved(page);
    expect((await readBatch(request, id)).pins.saltPercent).toBeGreaterThan(1);
  });

  test('undo takes back the last change', async ({ page, request }) => {
    const { id } = await makeBatch(request);
    await page.goto(`/batches/${id}?stage=piece`);
    await pickCut(page, 'Cut', 'turkey breast', 'Turkey breast');
    await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('combobox', { name: 'Cut' })).toHaveValue('Chicken thigh, boned');
  });

  test('a plan that leaves meat out too long is refused with the reason, and cannot be started', async ({
    page,
    request,
  }) => {
    const { id } = await makeBatch(request, {
      massG: 2400,
      pins: { lots: 1, marinadePlace: 'counter', marinadeMin: 60 },
    });
    await page.goto(`/batches/${id}?stage=marinate`);
    await expect(page.getByText(/leaves raw meat out of the fridge for 2 h/)).toBeVisible();
    await expect(page.getByRole('link', { name: 'Start cooking' })).toHaveCount(0);
    await page.getByRole('radio', { name: 'Fridge' }).click();
    await expect(page.getByRole('link', { name: 'Start cooking' })).toBeVisible();
  });

  test('pierced beef shows the stricter figure, and its acknowledgement is kept', async ({ page, request }) => {
    const { id } = await makeBatch(request, { cutId: 'beef-flank', heightMm: 25 });
    await page.goto(`/batches/${id}?stage=cook`);
    await page.getByLabel(/Needles or blades/).check();
    await expect(page.getByText('Pierced meat: 71 °C at the centre')).toBeVisible();
    await page.getByRole('button', { name: 'I have read this' }).click();
    await expect(page.getByText('it is kept in the log')).toBeVisible();
    await saved(page);
    await page.goto(`/batches/${id}?stage=taste`);
    await expect(page.getByText(/Read and acknowledged: Beef flank, pierced/)).toBeVisible();
  });

  test('pork asked for pink is refused in favour of 63 °C', async ({ page, request }) => {
    const { id } = await makeBatch(request, { cutId: 'pork-loin', heightMm: 60 });
    await page.goto(`/batches/${id}?stage=cook`);
    await page.getByLabel(/a little pink/).check();
    await expect(page.getByText('No pink pork here')).toBeVisible();
    await expect(page.getByText('Planned at 63 °C at the centre and 3 min rest instead')).toBeVisible();
  });

  test('a held-back part taken after mixing is flagged as raw', async ({ page, request }) => {
    const { id } = await makeBatch(request);
    await page.goto(`/batches/${id}?stage=marinate`);
    await expect(page.getByText(/Hold back .* before mixing\./).first()).toBeVisible();
    await page.getByLabel(/I forgot/).check();
    await expect(page.getByText('The held-back part is raw')).toBeVisible();
  });

  test('bad text in a field is explained, the last good plan stands', async ({ page, request }) => {
    const { id } = await makeBatch(request);
    await page.goto(`/batches/${id}?stage=piece`);
    await page.getByLabel('Weight as bought').fill('plenty');
    await expect(page.getByText('That is not a weight. Try 700 g or 1 1/2 lb.')).toBeVisible();
    await expect(page.getByLabel('Weight as bought')).toHaveValue('plenty');
    await expect(page.getByLabel('Weight after trimming', { exact: true })).toHaveValue('837 g');
  });

  test('two tabs: what clashes is asked for, the rest is joined, nothing is overwritten', async ({
    page,
    context,
    request,
    allowErrors,
  }) => {
    allowErrors(/412/);
    const { id } = await makeBatch(request);
    const other = await context.newPage();
    await page.goto(`/batches/${id}?stage=piece`);
    await other.goto(`/batches/${id}?stage=piece`);
    await other.getByLabel('People').fill('9');
    await saved(other);
    await page.getByLabel('Weight as bought').fill('950 g');
    await saved(page);
    await expect(page.getByText('Joined with what was changed elsewhere: People.')).toBeVisible();
    await expect(page.getByLabel('People')).toHaveValue('9');
    expect(await readBatch(request, id)).toMatchObject({ people: 9, massG: 950 });

    await other.getByLabel('People').fill('7');
    await saved(other);
    await other.close();
    await page.getByLabel('People').fill('5');
    const dialog = page.getByRole('dialog', { name: 'This batch was changed elsewhere' });
    await expect(dialog).toBeVisible();
    await expect(dialog.getByRole('row', { name: /People/ })).toContainText('7');
    await expect(dialog.getByRole('row')).toHaveCount(2);
    expect(await readBatch(request, id)).toMatchObject({ people: 7, massG: 950 });
    await dialog.getByRole('button', { name: 'Keep mine' }).click();
    await saved(page);
    expect(await readBatch(request, id)).toMatchObject({ people: 5, massG: 950 });
  });

  test('the database killed while a batch is edited: nothing typed is lost, through a reload, and it recovers by itself', async ({
    page,
    request,
    allowErrors,
  }) => {
    allowErrors(/503/);
    const { id } = await makeBatch(request);
    await page.goto(`/batches/${id}?stage=piece`);
    await expect(page.getByRole('heading', { name: 'Piece' })).toBeVisible();
    database('kill');
    try {
      await page.getByLabel('Weight as bought').fill('1111 g');
      await expect(page.locator('[data-save="waiting"]')).toContainText('Not saved yet');
      const health = await request.get('/api/v1/health');
      expect(health.status()).toBe(503);
      expect(health.headers()['content-type']).toContain('application/problem+json');
      await page.reload();
      await expect(page.getByRole('heading', { name: 'The kitchen records cannot be reached' })).toBeVisible();
    } finally {
      database('start');
    }
    await expect(page.getByLabel('Weight as bought')).toHaveValue('1.11 kg');
    await saved(page);
    expect((await readBatch(request, id)).massG).toBe(1111);
  });

  test('a part that does not come over the network says so and comes at a press; the page stays', async ({
    page,
    request,
    allowErrors,
  }) => {
    allowErrors(/Failed to load resource|ChunkLoadError/);
    const { id } = await makeBatch(request);
    let away = false;
    await page.route('**/_next/static/chunks/**', (route) => (away ? route.abort() : route.fallback()));
    await page.goto(`/batches/${id}?stage=piece`);
    const stages = page.getByRole('navigation', { name: 'Stages' });
    await expect(stages.getByRole('button', { name: /Taste/ })).toBeEnabled();
    away = true;
    await stages.getByRole('button', { name: /Taste/ }).click();
    await expect(page.getByText('This part did not load.').first()).toBeVisible();
    await expect(stages.getByRole('button', { name: /Slice/ })).toBeEnabled();
    away = false;
    await page.getByRole('button', { name: 'Load it again' }).first().click();
    await expect(page.getByRole('button', { name: 'Keep it in the log' })).toBeVisible();
    await expect(page.getByText('This part did not load.')).toHaveCount(0);
  });

  test('on paper it is a sheet with jobs, amounts and cautions', async ({ page, request }) => {
    const { id, name } = await makeBatch(request);
    await page.goto(`/batches/${id}`);
    await expect(page.getByRole('heading', { name: 'Mind these' })).toHaveCount(0);
    await page.emulateMedia({ media: 'print' });
    await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();
    await expect(page.getByRole('row', { name: /Soy sauce/ })).toBeVisible();
    await expect(page.getByText('Used marinade is raw meat juice.')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Undo' })).toBeHidden();
  });

  test('put away, taken back', async ({ page, request }) => {
    const { id, name } = await makeBatch(request);
    await page.goto(`/batches/${id}`);
    await page.getByRole('button', { name: 'Put this batch away' }).click();
    await expect(page.getByText(`${name} was put away.`)).toBeVisible();
    expect((await request.get(`/api/v1/batches/${id}`)).status()).toBe(404);
    await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('textbox', { name: 'Name of the batch' })).toHaveValue(name);
  });
});
