import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { readFileSync } from 'node:fs';
import { expect, makeBatch, readBatch, saved, test } from './kitchen-fixture';

test.describe('Nobody else’s', () => {
  let foreign: Server;
  let address = '';
  test.beforeAll(async () => {
    foreign = createServer((_, response) => response.end('<!doctype html><title>Foreign</title><p>Foreign page'));
    await new Promise<void>((resolve) => foreign.listen(0, '127.0.0.1', resolve));
    address = `http://127.0.0.1:${(foreign.address() as AddressInfo).port}/`;
  });
  test.afterAll(() => new Promise((resolve) => foreign.close(resolve)));

  test('a page of another address can neither write nor read here, in any of the ways that need no leave', async ({
    page,
    request,
    baseURL,
    allowErrors,
  }) => {
    allowErrors(/./);
    const total = async () => (await (await request.get('/api/v1/meals?limit=1')).json()).total;
    const before = await total();
    await page.goto(address);
    const meal = { name: 'Foreign meal', tableAt: new Date(Date.now() + 3_600_000).toISOString(), people: 4 };
    const read = await page.evaluate(
      async ([target, body]) => {
        const url = `${target}/api/v1/meals`;
        const send = (init: RequestInit) => fetch(url, { method: 'POST', mode: 'no-cors', ...init }).catch(() => null);
        await send({ body: new Blob([body!]) });
        await send({ body: new Blob([body!], { type: 'text/plain;x=json' }) });
        await send({ body, headers: { 'Content-Type': 'text/plain;charset=application/json' } });
        navigator.sendBeacon(url, new Blob([body!]));
        navigator.sendBeacon(url, body);
        const form = document.createElement('form');
        Object.assign(form, { method: 'POST', action: url, enctype: 'text/plain', target: 'out' });
        const frame = document.createElement('iframe');
        frame.name = 'out';
        const input = document.createElement('input');
        Object.assign(input, { name: `${body!.slice(0, -1)},"x":"`, value: '"}' });
        form.append(input);
        document.body.append(frame, form);
        form.submit();
        await new Promise((resolve) => setTimeout(resolve, 1500));
        return fetch(`${target}/api/v1/household`).then(
          (answer) => answer.text(),
          () => 'blocked',
        );
      },
      [baseURL!, JSON.stringify(meal)],
    );
    expect(read).toBe('blocked');
    expect(await total()).toBe(before);
  });

  test('a foreign name for this machine is turned away; our own pages carry a policy and run under it', async ({
    page,
    request,
    allowErrors,
  }) => {
    allowErrors(/Executing inline script violates/);
    const bent = await request.get('/api/v1/household', { headers: { Host: 'evil.example' } });
    expect([bent.status(), bent.headers()['content-type']]).toEqual([421, 'application/problem+json']);
    const answer = await page.goto('/');
    const policy = answer!.headers()['content-security-policy']!;
    expect(policy).toContain(`frame-ancestors 'none'`);
    // A script that came in by some hole would not run.
    await page
      .evaluate(() => {
        const script = document.createElement('script');
        script.textContent = 'window.stolen = true';
        document.body.append(script);
      })
      .catch(() => undefined);
    expect(await page.evaluate(() => 'stolen' in window)).toBe(false);
  });

  test('what is not JSON, and an address that is not there, are said as problems', async ({ request }) => {
    for (const type of ['text/plain', 'application/jsonp', 'text/plain;x=application/json', 'application/json;x=y']) {
      const answer = await request.post('/api/v1/meals', {
        headers: { 'Content-Type': type },
        data: Buffer.from('{}'),
      });
      expect([type, answer.status()]).toEqual([type, 415]);
    }
    for (const path of ['/api/v1', '/api/v1/', '/api', '/api/v2/meals', '/api/v1/nothing/here']) {
      const answer = await request.get(path);
      expect([path, answer.status(), answer.headers()['content-type']]).toEqual([
        path,
        404,
        'application/problem+json',
      ]);
    }
  });
});

test.describe('Never lost', () => {
  test('My kitchen gives a copy of everything, whole, in lines that anyone can read', async ({ page, request }) => {
    const { name } = await makeBatch(request, { name: 'Copied “\u2028” batch' });
    await page.goto('/kitchen');
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Save a copy' }).click();
    const file = await download;
    expect(file.suggestedFilename()).toMatch(/^mince-\d{8}T\d{4}\.jsonl$/);
    const lines = readFileSync(await file.path(), 'utf8')
      .trimEnd()
      .split('\n')
      .map((line) => JSON.parse(line));
    expect(lines[0]).toMatchObject({ mince: 'backup', format: 1, kind: 'demo' });
    expect(lines.at(-1)).toMatchObject({ end: true });
    expect(lines.some(({ table, row }) => table === 'batch' && row.name === name)).toBe(true);
  });

  test('two tabs of My kitchen: what does not clash is joined, what clashes is asked for', async ({
    page,
    context,
    request,
    allowErrors,
  }) => {
    allowErrors(/412/);
    const before = await (await request.get('/api/v1/household')).json();
    const other = await context.newPage();
    await page.goto('/kitchen');
    await other.goto('/kitchen');
    await other.getByLabel('Currency').fill('GBP');
    await other.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(other.getByText('Kept.')).toBeVisible();
    await page.getByLabel('How cold it is').fill('-21 °C');
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(page.getByText('Kept.')).toBeVisible();
    const joined = await (await request.get('/api/v1/household')).json();
    expect([joined.currency, joined.freezer.tempC]).toEqual(['GBP', -21]);

    await other.getByRole('textbox', { name: 'Name' }).fill('Boathouse');
    await other.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect.poll(async () => (await (await request.get('/api/v1/household')).json()).name).toBe('Boathouse');
    await page.getByRole('textbox', { name: 'Name' }).fill('Jetty');
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    const note = page.getByRole('alert').filter({ hasText: 'This was changed elsewhere too' });
    await expect(note).toContainText(/Name:\s*Jetty here, Boathouse there/);
    await note.getByRole('button', { name: 'Keep mine' }).click();
    await expect.poll(async () => (await (await request.get('/api/v1/household')).json()).name).toBe('Jetty');
    await other.close();
    const { id: _id, version: _version, ...body } = before;
    expect((await request.put('/api/v1/household', { headers: { 'If-Match': '*' }, data: body })).status()).toBe(200);
  });

  test('two tabs keep two drafts while the server is away, and both come through', async ({
    page,
    context,
    request,
    allowErrors,
  }) => {
    allowErrors(/412|ERR_FAILED|Failed to load/);
    const { id } = await makeBatch(request);
    const other = await context.newPage();
    for (const tab of [page, other]) {
      await tab.goto(`/batches/${id}?stage=piece`);
      await expect(tab.getByLabel('People')).toBeEnabled();
      await tab.route('**/api/v1/batches/*', (route) =>
        route.request().method() === 'PUT' ? route.abort() : route.continue(),
      );
    }
    await page.getByLabel('People').fill('8');
    await other.getByLabel('Weight as bought').fill('990 g');
    for (const tab of [page, other]) await expect(tab.locator('[data-save="waiting"]')).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('People')).toHaveValue('8');
    await expect(page.getByLabel('Weight as bought')).toHaveValue('900 g');
    for (const tab of [page, other]) await tab.unroute('**/api/v1/batches/*');
    for (const tab of [page, other]) await saved(tab);
    await expect.poll(async () => readBatch(request, id)).toMatchObject({ people: 8, massG: 990 });
    await other.close();
  });

  test('a batch that is pressed twice, and sent again after a lost answer, is made once', async ({
    page,
    request,
    allowErrors,
  }) => {
    allowErrors(/ERR_FAILED/);
    const total = async () => (await (await request.get('/api/v1/batches?limit=1')).json()).total;
    await page.goto('/batches/new');
    const button = page.getByRole('button', { name: 'Put it on the board' });
    await expect(button).toBeEnabled();
    const before = await total();
    // The first answer is lost on its way back.
    let lost = false;
    await page.route('**/api/v1/batches', async (route) => {
      if (lost) return route.continue();
      lost = true;
      await route.fetch();
      await route.abort();
    });
    await button.click();
    await expect(page.getByText('Mince cannot be reached just now.')).toBeVisible();
    await button.dblclick();
    await page.waitForURL(/\/batches\/[0-9a-f-]{36}$/);
    expect(await total()).toBe(before + 1);
  });
});

test.describe('What is typed', () => {
  test('a year typed figure by figure is taken when the field is left, and one that cannot be meant is not', async ({
    page,
    request,
  }) => {
    const { id, tableAt } = await makeBatch(request);
    await page.goto(`/batches/${id}?stage=piece`);
    const field = page.getByLabel('On the table');
    await expect(field).toBeEnabled();
    const shown = await field.inputValue();
    await field.fill(shown.replace(/^\d{4}/, '0202'));
    await page.waitForTimeout(900);
    expect((await readBatch(request, id)).tableAt).toBe(tableAt);
    await field.blur();
    await expect(page.getByText('more than 2 years from now. Is the year right?')).toBeVisible();
    await saved(page);
    expect((await readBatch(request, id)).tableAt).toBe(tableAt);
    await field.press('Escape');
    await expect(field).toHaveValue(shown);
    const later = shown.replace(/T\d\d:\d\d/, 'T19:45');
    await field.fill(later);
    await field.press('Enter');
    await saved(page);
    await expect(field).toHaveValue(later);
    await expect.poll(async () => (await readBatch(request, id)).tableAt).not.toBe(tableAt);
  });

  test('a batch of a meal with its table years away is named beside the timeline, which stays as long as the day', async ({
    page,
    request,
  }) => {
    const { mealId } = await makeBatch(request);
    const day = 86_400_000;
    const far = await makeBatch(request, { mealId, tableAt: new Date(Date.now() + 700 * day).toISOString() });
    const answer = await page.goto(`/?meal=${mealId}`);
    expect((await answer!.body()).byteLength).toBeLessThan(300_000);
    await expect(page.getByText('On another day than the meal:')).toBeVisible();
    await expect(
      page.getByRole('region', { name: 'Timeline of the meal' }).getByRole('link', { name: far.name }),
    ).toBeVisible();
    await request.delete(`/api/v1/batches/${far.id}`);
  });

  test('a word without an end does not push the page aside, on any of its screens', async ({ page, request }) => {
    const word = 'Fennel'.repeat(20);
    const { id, mealId } = await makeBatch(request, { name: word });
    const meal = await (await request.get(`/api/v1/meals/${mealId}`)).json();
    const { tableAt, people, version } = meal;
    await request.put(`/api/v1/meals/${mealId}`, {
      headers: { 'If-Match': `"${version}"` },
      data: { name: word, tableAt, people },
    });
    const made = await request.post('/api/v1/marinades', {
      data: {
        name: word,
        note: word,
        forMassG: 500,
        minutes: { from: 30, to: 60 },
        lines: [{ ingredientId: 'salt-fine', massG: 6, note: word }],
      },
    });
    const marinade = await made.json();
    for (const path of [
      `/?meal=${mealId}`,
      '/batches',
      ...['piece', 'slice', 'marinate', 'cook'].map((stage) => `/batches/${id}?stage=${stage}`),
      `/cook?batch=${id}`,
      '/marinades',
      `/marinades/${marinade.id}`,
      '/batches/new',
    ]) {
      await page.goto(path);
      for (const width of [390, 1280]) {
        await page.setViewportSize({ width, height: 800 });
        await page.waitForTimeout(200);
        const over = await page.evaluate(
          () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
        );
        expect.soft([path, width, Math.max(0, over)]).toEqual([path, width, 0]);
      }
    }
    await request.delete(`/api/v1/batches/${id}`);
    await request.delete(`/api/v1/marinades/${marinade.id}`);
  });
});
