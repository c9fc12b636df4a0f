import { alive, expect, makeBatch, readBatch, saved, test, valueOf } from './kitchen-fixture';

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
    const { id } = await makeBatch(request, {
      cutId: 'pork-loin',
      heightMm: 60,
      massG: 1200,
      pins: { lengthMm: 180, widthMm: 100, trimmedG: 1100, lies: 'tray', freezerC: -21 },
    });
    const api = await (
      await request.post('/api/v1/calc/firming', {
        data: { lengthMm: 180, widthMm: 100, heightMm: 60, cut: 'pork-loin', startC: 4, freezerC: -21, preset: 'tray' },
      })
    ).json();
    await page.goto(`/batches/${id}?stage=firm`);
    const say = (minutes: number) =>
      minutes < 60
        ? `${Math.round(minutes)} min`
        : `${Math.floor(Math.round(minutes) / 60)} h${Math.round(minutes) % 60 ? ` ${String(Math.round(minutes) % 60).padStart(2, '0')}` : ''}`;
    // Rail, job and box say the plan's own span, on the coarse grid; the server's solution is within a few per cent of it.
    const spoken = (await page.getByText('Slices well', { exact: true }).locator('..').innerText())
      .replace(/\s+/g, ' ')
      .match(/\d+ (?:h \d+|h|min) to \d+ (?:h \d+|h|min)/)![0];
    await expect(page.getByRole('button', { name: /Firm/ })).toContainText(spoken);
    await expect(page.getByText(new RegExp(`it slices well from ${spoken}`)).first()).toBeVisible();
    await expect(page.getByText('Back on the board, slice within').locator('..')).toContainText(
      say(api.bench.sliceWithinMin),
    );
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
    await expect(page.getByRole('img', { name: /Cut through the piece after/ })).toBeVisible();
  });

  test('a freezer warmer than the meat freezes is refused beside the field, the last good plan stays', async ({
    page,
    request,
  }) => {
    const { id } = await makeBatch(request, { cutId: 'pork-loin', heightMm: 40 });
    await page.goto(`/batches/${id}?stage=firm`);
    const minutes = await page.getByLabel('Minutes in the freezer').inputValue();
    await page.getByLabel('The freezer', { exact: true }).fill('5');
    await expect(page.getByText('Too much: -8 °C at most.')).toBeVisible();
    await expect(page.getByLabel('Minutes in the freezer')).toHaveValue(minutes);
    await page.getByLabel('The freezer', { exact: true }).fill('-12');
    await expect(page.getByLabel('Minutes in the freezer')).not.toHaveValue(minutes);
  });

  test('too soft teaches the freezer: My kitchen says so, the next plan takes longer, and it can be forgotten', async ({
    page,
    request,
  }) => {
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

  test('in the kitchen it is asked while slicing, and the timer says from when to press it', async ({
    page,
    request,
  }) => {
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
    for (let press = 0; press < 8 && (await title.innerText()) !== 'Slice it'; press++)
      await page.keyboard.press('Space');
    await page.keyboard.press('Space');
    await page.getByRole('group', { name: 'How does it cut?' }).getByRole('button', { name: 'About right' }).click();
    await expect(page.getByText('Said: about right.')).toBeVisible();
    await expect
      .poll(
        async () =>
          (await (await request.get(`/api/v1/batches/${id}/events`)).json()).items.filter(
            ({ kind }: { kind: string }) => kind === 'firmness-reported',
          ).length,
      )
      .toBe(1);
    await page.goto('/kitchen');
    await page.getByRole('button', { name: 'Forget that' }).click();
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(page.getByText('Kept.')).toBeVisible();
  });
});
