import type { Page } from '@playwright/test';
import { test } from './kitchen-fixture';

/** Renews docs/screenshots from the demo data: npm run shots. */
const WIDE = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

async function picture(page: Page, name: string, address: string, size = WIDE): Promise<void> {
  await page.setViewportSize(size);
  await page.goto(address, { waitUntil: 'networkidle' });
  await page.waitForTimeout(500);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
}

test('pictures of the main views', async ({ page, request }) => {
  const { items } = await (await request.get('/api/v1/batches?limit=50')).json();
  const idOf = (name: string) => items.find((one: { name: string }) => one.name === name).id;
  const [lamb, chicken] = [idOf('Cumin lamb skewers'), idOf('Fennel chicken stir-fry')];
  const marinade = (await (await request.get('/api/v1/marinades')).json()).items.find(
    ({ name }: { name: string }) => name === 'Fennel and soy',
  ).id;

  await picture(page, 'today', '/');
  await picture(page, 'new', '/batches/new');
  for (const stage of ['piece', 'firm', 'slice', 'marinate', 'cook'])
    await picture(page, stage, `/batches/${lamb}?stage=${stage}`);
  await picture(page, 'tenderize', `/batches/${chicken}?stage=tenderize`);
  await picture(page, 'cuts', '/cuts');
  await picture(page, 'marinades', '/marinades');
  await picture(page, 'marinade', `/marinades/${marinade}`);
  await picture(page, 'ingredients', '/ingredients');
  await picture(page, 'log', '/log');
  await picture(page, 'kitchen', '/kitchen');
  await picture(page, 'phone-today', '/', PHONE);
  await picture(page, 'phone-slice', `/batches/${lamb}?stage=slice`, PHONE);

  await page.goto(`/cook?batch=${chicken}`);
  for (let press = 0; press < 4; press++) {
    await page.keyboard.press('Space');
    await page.waitForTimeout(300);
  }
  await picture(page, 'cooking', `/cook?batch=${chicken}`);
  await picture(page, 'phone-cooking', `/cook?batch=${chicken}`, PHONE);
});
