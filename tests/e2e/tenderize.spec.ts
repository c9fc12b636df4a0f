import { expect, hold, makeBatch, readBatch, saved, test } from './kitchen-fixture';

const marinadeNamed = async (request: Parameters<typeof makeBatch>[0], wanted: string): Promise<string> =>
  (await (await request.get('/api/v1/marinades?limit=200')).json()).items.find(
    ({ name }: { name: string }) => name === wanted,
  ).id;

test.describe('Tenderize', () => {
  test('one plan is proposed with its reason; overruled it says so, and one press brings it back', async ({
    page,
    request,
  }) => {
    // An hour only: its ginger has no night to work.
    const { id } = await makeBatch(request, { cutId: 'beef-flank', heightMm: 25, pins: { marinadeMin: 60 } });
    await page.goto(`/batches/${id}?stage=tenderize`);
    const proposal = page.getByRole('region', { name: 'The plan for tenderness' });
    await expect(proposal).toContainText('Soda rinsed off, early salt and a starch coat');
    await expect(proposal).toContainText(/hard-working muscle.*a stronger dose of soda/);
    const table = page.getByRole('region', { name: 'What each would change' });
    await expect(table.getByRole('row', { name: /Pounding/ })).toContainText('takes up more marinade');
    await table.getByRole('button', { name: 'Plan it: Pounding' }).click();
    await expect(proposal).toContainText('As you chose');
    await expect(proposal).toContainText('Pounding, early salt and a starch coat');
    await expect(page.getByRole('heading', { name: 'The jobs, counted back from the table' })).toBeVisible();
    await expect(page.getByText('Beat it', { exact: true })).toBeVisible();
    await saved(page);
    expect((await readBatch(request, id)).pins).toMatchObject({ soda: 'skip', force: 'mallet' });
    await proposal.getByRole('button', { name: 'Back to the proposal' }).click();
    await expect(proposal).toContainText('Soda rinsed off');
    await saved(page);
    expect((await readBatch(request, id)).pins).toEqual({ marinadeMin: 60 });
  });

  test('what a mix lacks is offered: a coat, and mild fruit overnight in place of soda; the schedule follows', async ({
    page,
    request,
  }) => {
    // At noon two days on: the night before has room for the fruit, whatever the hour now.
    const noon = new Date(Date.now() + 2 * 86_400_000);
    noon.setUTCHours(12, 0, 0, 0);
    const { id } = await makeBatch(request, {
      cutId: 'beef-flank',
      heightMm: 25,
      marinadeId: await marinadeNamed(request, 'Salt, pepper and rosemary'),
      tableAt: noon.toISOString(),
    });
    await page.goto(`/batches/${id}?stage=tenderize`);
    const proposal = page.getByRole('region', { name: 'The plan for tenderness' });
    await expect(proposal).toContainText('Soda rinsed off and early salt');
    await proposal.getByRole('button', { name: 'Add it: A coat of 1 % starch' }).click();
    await expect(proposal).toContainText('Soda rinsed off, early salt and a starch coat');
    await expect(page.getByRole('region', { name: 'Coat' })).toContainText(/corn starch/);
    const before = (await readBatch(request, id)).schedule;
    await proposal.getByRole('button', { name: 'Take it: Asian pear, 10 %, in place of soda' }).click();
    await expect(proposal).toContainText('Fresh fruit, early salt and a starch coat');
    await expect(proposal.getByRole('button', { name: /^(Add|Take) it/ })).toHaveCount(0);
    await saved(page);
    const { pins, schedule } = await readBatch(request, id);
    expect(pins).toEqual({ soda: 'skip', starchPercent: 1, fruitId: 'pear', fruitPercent: 10 });
    expect(schedule.ok && before.ok && Date.parse(schedule.startAt) < Date.parse(before.startAt)).toBe(true);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(proposal).toContainText('Soda rinsed off, early salt and a starch coat');
  });

  test('beaten slices grow, and the hours in the marinade follow', async ({ page, request }) => {
    const { id } = await makeBatch(request, { cutId: 'beef-flank', way: 'flat-skewers', heightMm: 25 });
    await page.goto(`/batches/${id}?stage=tenderize`);
    const force = page.getByRole('region', { name: 'Force', exact: true });
    await force.getByText('Rolling pin').click();
    await expect(force).toContainText(/They grow to about .* 1\.3 times the surface/);
    await hold(force, 'Beat them to');
    for (let press = 0; press < 2; press++) await page.keyboard.press('ArrowLeft');
    await expect(force).toContainText(/2 times the surface/);
    await force.getByText('Before slicing').click();
    await expect(force).toContainText('The whole piece, evenly on all sides');
    await saved(page);
    const keys = (await readBatch(request, id)).schedule;
    expect(keys.ok && keys.jobs.map(({ key }) => key).slice(0, 3)).toEqual(['trim', 'beat', 'firm']);
  });

  test('needles: the caution follows to the heat, at the temperature of the animal', async ({ page, request }) => {
    for (const [cutId, words] of [
      ['chicken-thigh', '74 °C'],
      ['beef-flank', '71 °C'],
    ] as const) {
      const { id } = await makeBatch(request, { cutId, way: 'flat-skewers', heightMm: 25, massG: 800 });
      await page.goto(`/batches/${id}?stage=tenderize`);
      await expect(page.getByRole('row', { name: /Needles or blades/ })).toContainText(
        `pierced meat: ${words} at the centre`,
      );
      await page.getByRole('region', { name: 'Force', exact: true }).getByText('Needle roller').click();
      await page.getByRole('navigation', { name: 'Stages' }).getByRole('button', { name: /Cook/ }).click();
      await expect(page.getByRole('complementary', { name: 'What it means' })).toContainText(words);
    }
    await expect(page.getByText('Pierced meat: 71 °C at the centre')).toBeVisible();
  });

  test('what fights is explained: soda left in a sour mix, strong fruit on soda', async ({ page, request }) => {
    const { id } = await makeBatch(request, {
      cutId: 'beef-flank',
      heightMm: 25,
      marinadeId: await marinadeNamed(request, 'Onion and lime'),
    });
    await page.goto(`/batches/${id}?stage=tenderize`);
    await page.getByRole('radio', { name: /Leave it in/ }).click();
    await expect(page.getByRole('alert').filter({ hasText: 'Acid cancels soda that stays in' })).toBeVisible();
    await page.getByLabel('Fruit', { exact: true }).selectOption({ label: 'Pineapple, fresh, strong' });
    await hold(page, 'Purée on the meat');
    for (let press = 0; press < 15; press++) await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('alert').filter({ hasText: 'Fruit and soda together' })).toBeVisible();
  });

  test('kiwi is swapped for pear: the clock and the schedule move; overnight with kiwi is refused', async ({
    page,
    request,
  }) => {
    const { id } = await makeBatch(request, {
      cutId: 'beef-flank',
      way: 'flat-skewers',
      heightMm: 25,
      marinadeId: await marinadeNamed(request, 'Kiwi and ginger, quick'),
    });
    const before = (await readBatch(request, id)).schedule;
    await page.goto(`/batches/${id}?stage=tenderize`);
    const panel = page.getByRole('region', { name: 'Fruit in the marinade' });
    await expect(panel).toContainText(/Kiwi, green 3\.5 %/);
    const stop = panel.getByText('stop', { exact: true }).locator('..');
    await expect(stop).toContainText(/\d h.* to \d+ h/);
    const was = await stop.innerText();
    await panel.getByLabel('Fruit', { exact: true }).selectOption({ label: 'Asian pear' });
    await expect(stop).not.toHaveText(was);
    await expect(panel).toContainText(/Asian pear 20 %/);
    await hold(panel, 'Purée on the meat');
    await page.keyboard.press('ArrowLeft');
    await expect(panel).toContainText(/Asian pear 19\.9 %/);
    await saved(page);
    const after = await readBatch(request, id);
    expect(after.pins).toMatchObject({ fruitId: 'pear', fruitPercent: 19.9 });
    const length = (schedule: typeof before) =>
      schedule.ok ? schedule.jobs.find(({ key }) => key === 'marinate')!.minutes : NaN;
    expect(length(after.schedule)).toBeGreaterThan(length(before));

    await panel.getByRole('button', { name: 'fruit: pinned, unpin' }).click();
    await expect(panel).toContainText(/Kiwi, green 3\.5 %/);
    await page
      .getByRole('button', { name: /Marinate/ })
      .first()
      .click();
    await hold(page, 'Time in the marinade');
    await page.keyboard.press('End');
    await expect(page.getByText(/turns the meat to mush/).first()).toBeVisible();
    await expect(page.getByRole('link', { name: 'Start cooking' })).toHaveCount(0);
  });

  test('starch and oil by their share of the meat, oil first or last', async ({ page, request }) => {
    const { id } = await makeBatch(request, {
      cutId: 'lamb-leg',
      marinadeId: await marinadeNamed(request, 'Cumin and orange'),
    });
    await page.goto(`/batches/${id}?stage=tenderize`);
    const coat = page.getByRole('region', { name: 'Coat', exact: true });
    await expect(coat).toContainText('none in the mix');
    await hold(coat, 'Starch');
    for (let press = 0; press < 10; press++) await page.keyboard.press('ArrowRight');
    await expect(coat).toContainText(/g corn starch, /);
    await expect(page.getByRole('region', { name: 'The plan for tenderness' })).toContainText('a starch coat');
    await coat.getByText('From the start', { exact: true }).click();
    await page
      .getByRole('button', { name: /Marinate/ })
      .first()
      .click();
    await expect(page.getByRole('row').nth(1)).toContainText('Olive oil');
    await expect(page.getByRole('row', { name: /Corn starch/ })).toBeVisible();
    await expect(page.getByText(/A film of .* enough to coat it/)).toBeVisible();
  });

  test('a simmered mix cools first, its glaze is reduced, a long one is turned morning and evening', async ({
    page,
    request,
  }) => {
    const { id } = await makeBatch(request, {
      cutId: 'pork-shoulder',
      way: 'flat-skewers',
      heightMm: 60,
      marinadeId: await marinadeNamed(request, 'Cider and star anise, simmered'),
      pins: { marinadeMin: 1560 },
    });
    await page.goto(`/batches/${id}?stage=marinate`);
    await expect(page.getByText('Cool it before it meets raw meat')).toBeVisible();
    const cooling = page.getByText('Cool it first:').locator('..');
    await expect(cooling).toContainText('on the counter');
    await page.getByText('In iced water', { exact: true }).click();
    await expect(cooling).toContainText('in iced water');
    for (const job of ['Simmer the marinade', 'Let the marinade cool', 'Reduce the glaze'])
      await expect(page.getByText(job, { exact: true })).toBeVisible();
    await expect(page.getByText('Turn the bag', { exact: true })).toHaveCount(2);
    await page.getByText('What gets in, and how deep').click();
    await expect(page.getByText('An extra night').locator('..')).toContainText(
      /would take the middle from|brings no more salt/,
    );
  });
});
