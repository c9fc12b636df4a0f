import { expect, test as base, type APIRequestContext, type Locator, type Page } from '@playwright/test';
import type { Batch } from '../../src/contract/resources';

interface Kitchen {
  /** Name of its cluster. */
  name: string;
  url: string;
  database: { url: string; ownerUrl: string };
}
const kitchens: Kitchen[] = JSON.parse(process.env.KITCHENS ?? '[]');
/** Each worker has a kitchen of its own; without any, one that is running already is named by BASE_URL. */
export const kitchen: Kitchen = kitchens[Number(process.env.TEST_PARALLEL_INDEX ?? 0)] ?? {
  name: 'test',
  url: process.env.BASE_URL!,
  database: { url: process.env.DATABASE_URL!, ownerUrl: process.env.DATABASE_OWNER_URL! },
};

/** Every page is watched: an error in its console fails the test, unless the test says that it expects some. */
export const test = base.extend<{ allowErrors: (pattern: RegExp) => void }>({
  baseURL: kitchen.url,
  allowErrors: [
    async ({ page }, use) => {
      const allowed: RegExp[] = [];
      const errors: string[] = [];
      page.on('console', (message) => message.type() === 'error' && errors.push(message.text()));
      page.on('pageerror', (error) => errors.push(String(error)));
      await use((pattern) => allowed.push(pattern));
      expect(errors.filter((text) => !allowed.some((pattern) => pattern.test(text)))).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

const HOUR_MS = 3_600_000;

/** A batch of its own for one test, made through the public API, on a table of its own. */
export async function makeBatch(request: APIRequestContext, change: Record<string, unknown> = {}): Promise<Batch> {
  const marinades = await (await request.get('/api/v1/marinades?limit=200')).json();
  const marinadeId = marinades.items.find(({ name }: { name: string }) => name === 'Fennel and soy').id;
  const tableAt = new Date(Date.now() + 40 * HOUR_MS + Math.floor(Math.random() * 1e7)).toISOString();
  const answer = await request.post('/api/v1/batches', {
    data: {
      name: `Try-out ${Math.random().toString(36).slice(2, 8)}`,
      way: 'stir-fry',
      cutId: 'chicken-thigh',
      massG: 900,
      heightMm: 20,
      thicknessMm: 4,
      marinadeId,
      people: 5,
      tableAt,
      ...change,
    },
  });
  expect(answer.status()).toBe(201);
  return answer.json();
}

export const readBatch = async (request: APIRequestContext, id: string): Promise<Batch> =>
  (await request.get(`/api/v1/batches/${id}`)).json();

/** Waits until what stands on the screen is on the server. */
export async function saved(page: Page): Promise<void> {
  await page.waitForTimeout(600);
  await expect(page.locator('[data-save="saved"]')).toBeVisible();
}

/** Finds a cut by any of its names and takes it by keyboard. */
export async function pickCut(page: Page, label: string, text: string, name: string): Promise<void> {
  const box = page.getByRole('combobox', { name: label });
  await box.fill(text);
  await expect(page.getByRole('option').first()).toContainText(name);
  await box.press('Enter');
  await expect(box).toHaveValue(name);
}

/** Waits until kitchen mode hears keys; without a network it would never come that far. */
export async function alive(page: Page): Promise<void> {
  await expect(page.locator('[data-alive="true"]')).toBeVisible();
  await page.waitForLoadState('networkidle');
}

/** Where a handle or slider stands. */
export const valueOf = async (page: Page, handle: string): Promise<number> =>
  Number(await page.getByRole('slider', { name: handle }).getAttribute('aria-valuenow'));

/** Puts the keyboard on a handle or slider, once it hears keys. */
export async function hold(scope: Page | Locator, handle: string): Promise<void> {
  const slider = scope.getByRole('slider', { name: handle });
  await expect(slider).toHaveAttribute('tabindex', '0');
  await slider.focus();
}
