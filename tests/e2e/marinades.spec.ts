import { expect, makeBatch, test } from './kitchen-fixture';

test.describe('Marinades', () => {
  test('a list is pasted, two flagged lines are mended, it is scaled to 1.37 kg and its salt is set', async ({ page, request }) => {
    await page.goto('/marinades/new');
    await page.getByLabel(/Paste an ingredient list/).fill('1/4 cup soy sauce\n2 cloves garlic, minced\n1 tbsp moon dust\nSalt, to taste\n1 tbsp river mud');
    await page.getByRole('button', { name: 'Read it' }).click();
    await expect(page.getByRole('listitem', { name: '1/4 cup soy sauce' }).getByLabel('How much')).toHaveValue('68 g');
    const dust = page.getByRole('listitem', { name: '1 tbsp moon dust' });
    await expect(dust).toContainText('not known here');
    await dust.getByLabel('Ingredient').fill('Honey');
    await dust.getByLabel('How much').fill('a lot');
    await expect(dust).toContainText('That is not a weight');
    await dust.getByLabel('How much').fill('21 g');
    const salt = page.getByRole('listitem', { name: 'Salt, to taste' });
    await expect(salt).toContainText('how much for this weight?');
    await page.reload();
    await expect(dust.getByLabel('How much')).toHaveValue('21 g');
    await salt.getByLabel('How much').fill('4 g');
    await page.getByRole('button', { name: 'Keep it in the book' }).click();
    await expect(page.getByText('Give it a name.')).toBeVisible();
    await page.getByLabel('Name', { exact: true }).fill('Boathouse glaze');
    await page.getByRole('button', { name: 'Keep it in the book' }).click();
    await expect(page.getByRole('heading', { name: 'Boathouse glaze' })).toBeVisible();
    // The line that stayed unknown is kept as text.
    await expect(page.getByText('Also: 1 tbsp river mud')).toBeVisible();

    await page.getByLabel('For this much trimmed meat').fill('1.37 kg');
    await expect(page.getByRole('row', { name: /Honey/ })).toContainText('29 g');
    await page.getByRole('slider', { name: 'Salt in the meat, in the end' }).focus();
    await page.keyboard.press('End');
    await expect(page.getByRole('button', { name: 'salt in the meat, in the end: pinned, unpin' })).toBeVisible();
    await expect(page.getByRole('row', { name: /Honey/ })).toContainText('29 g');
    await page.getByRole('button', { name: 'Keep it as a new one' }).click();
    await expect(page.getByRole('heading', { name: 'Boathouse glaze, ours' })).toBeVisible();
    const kept = await (await request.get(`/api/v1/marinades/${page.url().split('/').pop()}`)).json();
    expect(kept.forMassG).toBe(1370);
    const saltG = kept.lines.reduce((sum: number, { ingredientId, massG }: { ingredientId: string; massG: number }) => sum + (ingredientId === 'salt-any' ? massG : ingredientId === 'soy-sauce' ? massG * 0.139 : 0), 0);
    expect(saltG / 1370).toBeGreaterThan(0.02);
  });

  test('without soy, wheat and alcohol: what gives place is said, and the allergens are gone', async ({ page }) => {
    await page.goto('/marinades');
    await page.getByRole('link', { name: 'Fennel and soy' }).click();
    await page.getByLabel('soy', { exact: true }).check();
    await page.getByLabel('wheat (gluten)').check();
    await page.getByLabel('alcohol').check();
    await expect(page.getByText(/Soy sauce gives place to coconut sap seasoning/)).toBeVisible();
    await expect(page.getByText(/Rice wine gives place to/)).toBeVisible();
    await expect(page.getByText(/check the label of each stand-in/)).toBeVisible();
    await expect(page.getByText(/^Contains /)).not.toContainText('soy');
    await expect(page.getByRole('row', { name: /Soy sauce/ })).toHaveCount(0);
  });

  test('copied, changed without losing a gram, put away and taken back', async ({ page, request }) => {
    const { items } = await (await request.get('/api/v1/marinades?limit=200')).json();
    const from = items.find(({ name }: { name: string }) => name === 'Coffee and dark sugar');
    await page.goto(`/marinades/new?from=${from.id}`);
    await page.getByRole('button', { name: 'Keep it in the book' }).click();
    await expect(page.getByRole('heading', { name: 'Coffee and dark sugar, copy' })).toBeVisible();
    const id = page.url().split('/').pop()!;
    expect((await (await request.get(`/api/v1/marinades/${id}`)).json()).lines).toEqual(from.lines);
    await page.getByRole('button', { name: 'Put it away' }).click();
    await expect(page.getByText('was put away.')).toBeVisible();
    expect((await request.get(`/api/v1/marinades/${id}`)).status()).toBe(404);
    await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('heading', { name: 'Coffee and dark sugar, copy' })).toBeVisible();
    await request.delete(`/api/v1/marinades/${id}`);
  });

  test('a recipe file comes in again by pasting it', async ({ page, request }) => {
    const { marinadeId } = await makeBatch(request);
    const recipe = await (await request.get(`/api/v1/marinades/${marinadeId}/recipe`)).text();
    expect(await (await request.get(`/api/v1/marinades/${marinadeId}/markdown`)).text()).toContain('# Fennel and soy');
    await page.goto('/marinades/new');
    await page.getByLabel(/Paste an ingredient list/).fill(recipe);
    await page.getByRole('button', { name: 'Read it' }).click();
    await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Fennel and soy');
    await expect(page.getByRole('combobox', { name: 'Ingredient' })).toHaveCount(7);
  });
});
