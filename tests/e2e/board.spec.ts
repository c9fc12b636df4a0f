import { alive, expect, makeBatch, pickCut, readBatch, saved, test } from './kitchen-fixture';

type Page = import('@playwright/test').Page;

/** Drags what is under a handle by so many px on the screen. */
async function drag(page: Page, handle: string, by: { x: number; y: number }): Promise<void> {
  const knob = page.getByRole('slider', { name: handle });
  await knob.scrollIntoViewIfNeeded();
  const box = (await knob.boundingBox())!;
  const from = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  for (let step = 1; step <= 5; step++) await page.mouse.move(from.x + (by.x * step) / 5, from.y + (by.y * step) / 5);
  await page.mouse.up();
}
const valueOf = async (page: Page, handle: string) => Number(await page.getByRole('slider', { name: handle }).getAttribute('aria-valuenow'));

test.describe('Slice: the drawing is the control', () => {
  test('the blade is turned, leaned and set thicker on the drawing; the figures follow and it is saved', async ({ page, request }) => {
    const { id } = await makeBatch(request, { way: 'flat-skewers', cutId: 'lamb-leg', heightMm: 45, massG: 1250 });
    await page.goto(`/batches/${id}?stage=slice`);
    const fibres = page.getByRole('complementary', { name: 'What it means' }).getByText('Fibres in each bite').locator('..');
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
    const { id } = await makeBatch(request, { way: 'flat-skewers', cutId: 'pork-loin', massG: 300, heightMm: 60, pins: { lengthMm: 60, widthMm: 70 } });
    await page.goto(`/batches/${id}?stage=slice`);
    await page.getByRole('slider', { name: 'Blade, turn' }).focus();
    for (let press = 0; press < 3; press++) await page.keyboard.press('ArrowRight');
    expect(await valueOf(page, 'Blade, turn')).toBe(3);
    await page.getByRole('slider', { name: 'Blade, lean' }).focus();
    await page.keyboard.press('End');
    expect(await valueOf(page, 'Blade, lean')).toBe(45);
    await page.getByRole('slider', { name: 'Ten slices, from the side' }).focus();
    await page.keyboard.press('ArrowUp');
    expect(await valueOf(page, 'Ten slices, from the side')).toBe(4.5);
  });

  test('a lean past what the height allows is said beside the control', async ({ page, request }) => {
    const { id } = await makeBatch(request, { way: 'flat-skewers', cutId: 'pork-loin', massG: 300, heightMm: 60, pins: { lengthMm: 60, widthMm: 70, bevelDeg: 58 } });
    await page.goto(`/batches/${id}?stage=slice`);
    await expect(page.getByText('A lean of 58° is past what 60 mm of height allows: at most 45°.')).toBeVisible();
  });

  test('with the grain is possible and says what it does', async ({ page, request }) => {
    const { id } = await makeBatch(request, { cutId: 'beef-top-round', heightMm: 60 });
    await page.goto(`/batches/${id}?stage=slice`);
    await page.getByRole('slider', { name: 'Blade, turn' }).focus();
    await page.keyboard.press('End');
    await expect(page.getByText(/With the grain: fibres of/)).toBeVisible();
  });

  test('every shape is drawn, counted and told step by step', async ({ page, request }) => {
    const { id } = await makeBatch(request, { cutId: 'beef-short-rib', way: 'table-grill', heightMm: 55, massG: 700, thicknessMm: 6 });
    await page.goto(`/batches/${id}?stage=slice`);
    await expect(page.getByText(/Cut along the bone to within 6 mm of the edge/)).toBeVisible();
    await expect(page.getByRole('img', { name: /the sheet, scored/ })).toBeVisible();
    const shape = page.getByRole('combobox', { name: 'Cut into' });
    for (const [value, words] of [['cubes', /Along the width, cut every/], ['butterflied', /open it like a book/], ['pounded', /Score a grid of 6 mm/], ['sliced-after', /Cook it whole/], ['strips', /cut strips of/], ['shaved', /Lay it on its flattest side/]] as const) {
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

  test('the screen is measured once with a card; then a slice is shown at its true thickness', async ({ page, request }) => {
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

  test('how even am I: by stacks, one by one and by weight, with a word for what makes no sense', async ({ page, request }) => {
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

test.describe('Firm', () => {
  test('time is dragged through the freezing, and what was found is planned', async ({ page, request }) => {
    const { id } = await makeBatch(request, { cutId: 'pork-loin', heightMm: 60, massG: 1200 });
    await page.goto(`/batches/${id}?stage=firm`);
    const look = page.getByRole('slider', { name: 'Minutes looked at' });
    await expect(look).toBeVisible();
    await expect(page.getByRole('img', { name: /Cut through the piece after/ })).toBeVisible();
    const before = await valueOf(page, 'Minutes looked at');
    const chart = (await page.getByRole('group', { name: 'Firmness and temperature over time' }).boundingBox())!;
    await page.mouse.move(chart.x + chart.width * 0.3, chart.y + chart.height * 0.5);
    await page.mouse.down();
    await page.mouse.move(chart.x + chart.width * 0.9, chart.y + chart.height * 0.5, { steps: 6 });
    await page.mouse.up();
    const after = await valueOf(page, 'Minutes looked at');
    expect(after).toBeGreaterThan(before);
    await expect(page.getByText(/too hard|hard, goes slowly/).first()).toBeVisible();
    await page.getByRole('button', { name: /^Plan / }).click();
    await expect(page.getByRole('button', { name: 'minutes in the freezer: pinned, unpin' })).toBeVisible();
    await saved(page);
    expect((await readBatch(request, id)).pins.firmMin).toBe(after);
    await expect(page.getByText(/Back on the board, slice within/)).toBeVisible();
  });

  test('the browser and the server give the same numbers', async ({ page, request }) => {
    const { id } = await makeBatch(request, { cutId: 'pork-loin', heightMm: 60, massG: 1200, pins: { lengthMm: 180, widthMm: 100, trimmedG: 1100, lies: 'tray', freezerC: -21 } });
    const api = await (await request.post('/api/v1/calc/firming', { data: { lengthMm: 180, widthMm: 100, heightMm: 60, cut: 'pork-loin', startC: 4, freezerC: -21, preset: 'tray' } })).json();
    await page.goto(`/batches/${id}?stage=firm`);
    const say = (minutes: number) => (minutes < 60 ? `${Math.round(minutes)} min` : `${Math.floor(Math.round(minutes) / 60)} h${Math.round(minutes) % 60 ? ` ${String(Math.round(minutes) % 60).padStart(2, '0')}` : ''}`);
    await expect(page.getByText('Best to slice between').locator('..')).toContainText(`${say(api.idealFromMin)} to ${say(api.idealToMin)}`);
    await expect(page.getByText('Too hard after').locator('..')).toContainText(say(api.tooHardFromMin));
    await expect(page.getByText('Back on the board, slice within').locator('..')).toContainText(say(api.bench.sliceWithinMin));
  });

  test('frozen solid it is tempered: other times, another first job', async ({ page, request }) => {
    const { id } = await makeBatch(request, { cutId: 'pork-loin', heightMm: 40 });
    await page.goto(`/batches/${id}?stage=firm`);
    await page.getByRole('radio', { name: 'Frozen solid' }).check();
    await expect(page.getByText('Temper it', { exact: true }).first()).toBeVisible();
    await expect(page.getByText('Temper it, do not chop it')).toBeVisible();
    await page.getByRole('radio', { name: 'On the board' }).check();
    await saved(page);
    expect((await readBatch(request, id)).pins).toMatchObject({ frozen: true, thawPlace: 'bench' });
  });

  test('a freezer warmer than the meat freezes is refused beside the field, the last good plan stays', async ({ page, request }) => {
    const { id } = await makeBatch(request, { cutId: 'pork-loin', heightMm: 40 });
    await page.goto(`/batches/${id}?stage=firm`);
    const minutes = await page.getByLabel('Minutes in the freezer').inputValue();
    await page.getByLabel('The freezer', { exact: true }).fill('5');
    await expect(page.getByText('Too much: -8 °C at most.')).toBeVisible();
    await expect(page.getByLabel('Minutes in the freezer')).toHaveValue(minutes);
    await page.getByLabel('The freezer', { exact: true }).fill('-12');
    await expect(page.getByLabel('Minutes in the freezer')).not.toHaveValue(minutes);
  });

  test('too soft teaches the freezer: My kitchen says so, the next plan takes longer, and it can be forgotten', async ({ page, request }) => {
    const { id } = await makeBatch(request, { cutId: 'pork-loin', heightMm: 60, massG: 1200 });
    const minutesOf = async () => {
      const batch = await readBatch(request, id);
      return batch.schedule.ok ? batch.schedule.jobs.find(({ key }) => key === 'firm')!.minutes : NaN;
    };
    const before = await minutesOf();
    await page.goto(`/batches/${id}?stage=firm`);
    await page.getByRole('button', { name: 'Too soft' }).click();
    await expect(page.getByText('Learned from “too soft”')).toBeVisible();
    expect(await minutesOf()).toBeGreaterThan(before);
    await page.goto('/kitchen');
    await expect(page.getByText(/it takes the heat at/)).toBeVisible();
    await page.getByRole('button', { name: 'Forget that' }).click();
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(page.getByText('Kept.')).toBeVisible();
    expect(await minutesOf()).toBe(before);
  });

  test('in the kitchen it is asked while slicing, and the timer says from when to press it', async ({ page, request }) => {
    const { id } = await makeBatch(request, { cutId: 'pork-loin', heightMm: 60, pins: { soda: 'leave-in' } });
    await page.goto(`/cook?batch=${id}`);
    await alive(page);
    for (let press = 0; press < 3; press++) await page.keyboard.press('Space');
    await expect(page.getByRole('complementary', { name: 'Timers' })).toContainText(/press it from/);
    const today = await page.context().newPage();
    const { mealId } = await readBatch(request, id);
    await today.goto(`/?meal=${mealId}`);
    await expect(today.getByText(/press it from/)).toBeVisible();
    await today.close();
    const title = page.locator('h2').first();
    for (let press = 0; press < 8 && (await title.innerText()) !== 'Slice it'; press++) await page.keyboard.press('Space');
    await page.keyboard.press('Space');
    await page.getByRole('group', { name: 'How does it cut?' }).getByRole('button', { name: 'About right' }).click();
    await expect(page.getByText('Said: about right.')).toBeVisible();
    await expect.poll(async () => (await (await request.get(`/api/v1/batches/${id}/events`)).json()).items.filter(({ kind }: { kind: string }) => kind === 'firmness-reported').length).toBe(1);
    await page.goto('/kitchen');
    await page.getByRole('button', { name: 'Forget that' }).click();
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(page.getByText('Kept.')).toBeVisible();
  });
});

test.describe('Piece', () => {
  test('a price in gives a price out; a judgement with its reason and what changes it', async ({ page, request }) => {
    const { id } = await makeBatch(request, { cutId: 'beef-flank', heightMm: 25, massG: 1000, pins: { trimmedG: 800 } });
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

  test('a cut of one’s own: made from one that is like it, used in a batch, put away and taken back', async ({ page, request, allowErrors }) => {
    allowErrors(/404/);
    await page.goto('/cuts/new?from=lamb-rump');
    await page.getByRole('button', { name: 'Keep this cut' }).click();
    await expect(page.getByText('Give it a name.')).toBeVisible();
    await page.getByLabel('Name', { exact: true }).fill('Hill mutton chump');
    await page.getByLabel('Fat, from a label').fill('14 %');
    await page.reload();
    await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Hill mutton chump');
    await page.getByRole('button', { name: 'Keep this cut' }).click();
    await expect(page.getByRole('heading', { name: 'Hill mutton chump' })).toBeVisible();
    const cutId = page.url().split('/').pop()!;
    expect((await (await request.get(`/api/v1/cuts/${cutId}`)).json()).composition.fat).toBeCloseTo(0.14, 6);

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
