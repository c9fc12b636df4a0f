import AxeBuilder from '@axe-core/playwright';
import { expect, makeBatch, test } from './kitchen-fixture';

const STAGES = ['piece', 'firm', 'slice', 'tenderize', 'marinate', 'cook', 'taste'];

interface Ids {
  id: string;
  mealId: string;
  marinadeId: string;
}
const PAGES: Record<string, (ids: Ids) => string[]> = {
  batches: ({ id, mealId }) => ['/', `/?meal=${mealId}`, '/batches', '/batches/new', `/cook?batch=${id}`, '/log'],
  'a batch': ({ id }) => STAGES.map((stage) => `/batches/${id}?stage=${stage}`),
  shelves: ({ marinadeId }) => [
    '/marinades',
    `/marinades/${marinadeId}`,
    '/marinades/new',
    '/ingredients',
    '/ingredients/new',
    '/cuts',
    '/cuts/beef-skirt',
    '/cuts/new',
    '/kitchen',
  ],
};

test.describe('Everywhere', () => {
  for (const [name, addresses] of Object.entries(PAGES))
    test(`axe finds nothing serious, and a phone needs no sideways scrolling: ${name}`, async ({ page, request }) => {
      const { id, mealId } = await makeBatch(request, {
        name: 'A very long name somebody typed for a batch of fennel chicken, no end in sight, Donaudampfschifffahrtsgesellschaft',
      });
      const { items } = await (await request.get('/api/v1/marinades?limit=1')).json();
      for (const address of addresses({ id, mealId, marinadeId: items[0].id })) {
        await page.setViewportSize({ width: 1280, height: 800 });
        await page.goto(address);
        const { violations } = await new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).analyze();
        expect(
          violations
            .filter(({ impact }) => impact === 'serious' || impact === 'critical')
            .map(({ id: rule, nodes }) => `${address} ${rule} ${nodes[0]?.html.slice(0, 120)}`),
        ).toEqual([]);
        await page.setViewportSize({ width: 390, height: 844 });
        const wide = await page.evaluate(
          () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
        );
        expect(wide, `${address} at 390 px`).toBeLessThanOrEqual(0);
      }
    });

  test('a hundred batches: listed by pages', async ({ page, request }) => {
    const first = await makeBatch(request);
    for (let made = 1; made < 100; made++)
      await makeBatch(request, { mealId: first.mealId, tableAt: first.tableAt, marinadeId: first.marinadeId });
    await page.goto('/batches');
    await expect(page.getByText(/1 to 50 of \d+/)).toBeVisible();
    await page.getByRole('link', { name: 'Earlier' }).click();
    await expect(page.getByText(/51 to \d+ of/)).toBeVisible();
    await page.goto(`/?meal=${first.mealId}`);
    await expect(page.getByRole('region', { name: 'Timeline of the meal' }).getByRole('link')).toHaveCount(100);
  });

  test('a marinade is scaled to any weight, in grams and kitchen measures', async ({ page }) => {
    await page.goto('/marinades');
    await page.getByLabel('Find by name or ingredient').fill('jeera');
    await page.getByRole('link', { name: 'Cumin and orange' }).click();
    await expect(page.getByRole('row', { name: /Orange juice/ })).toContainText('110 g');
    await page.getByLabel('For this much trimmed meat').fill('1.5 kg');
    await expect(page.getByRole('row', { name: /Orange juice/ })).toContainText('165 g');
    await expect(page.getByRole('row', { name: /Olive oil, last/ })).toBeVisible();
    await expect(page.getByText(/Hold back .* before mixing/)).toBeVisible();
  });

  test('amounts are said in the spoons this kitchen owns', async ({ page, request }) => {
    const { id } = await makeBatch(request);
    await page.goto('/kitchen');
    const boxes = page.getByRole('checkbox');
    for (let box = 0; box < 8; box++) await boxes.nth(box).uncheck();
    await page.getByRole('button', { name: 'Keep' }).click();
    await expect(page.getByText('Tick at least one spoon or cup')).toBeVisible();
    await page.getByRole('checkbox', { name: '¼ tsp' }).check();
    await page.getByRole('button', { name: 'Keep' }).click();
    await expect(page.getByText('Kept.')).toBeVisible();
    await page.goto(`/batches/${id}?stage=marinate`);
    await expect(page.getByRole('row', { name: /Soy sauce/ })).toContainText('weigh it');
    await expect(page.getByRole('row', { name: /Fennel seed/ })).toContainText(/\d+ × ¼ tsp/);
    await page.goto('/kitchen');
    for (let box = 0; box < 8; box++) await boxes.nth(box).check();
    await page.getByRole('button', { name: 'Keep' }).click();
    await expect(page.getByText('Kept.')).toBeVisible();
  });

  test('the keyboard reaches the work and shows where it is', async ({ page, request }) => {
    const { id } = await makeBatch(request);
    await page.goto(`/batches/${id}?stage=slice`);
    await page.keyboard.press('Tab');
    await expect(page.getByRole('link', { name: 'Skip to the work' })).toBeFocused();
    const outline = await page.getByRole('slider', { name: 'Thickness' }).evaluate((slider: HTMLElement) => {
      slider.focus();
      return getComputedStyle(slider).outlineStyle;
    });
    expect(outline).not.toBe('none');
  });
});
