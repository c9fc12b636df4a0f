import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { expect, kitchen, test } from './kitchen-fixture';

interface Served {
  child: import('node:child_process').ChildProcess;
  url: string;
}

const load = <T>(file: string): Promise<T> => import(pathToFileURL(path.resolve(file)).href) as Promise<T>;

test('a new kitchen starts empty and inviting, and what is saved survives kill -9', async ({ page, allowErrors }) => {
  // Whatever was under way when the server was killed breaks off, in one of several ways.
  allowErrors(/^Failed to load resource: net::ERR_/);
  const { prepareDatabase, otherDatabase } = await load<{
    prepareDatabase: (at: object, how: { reset: 'force'; copies: false }) => Promise<string>;
    otherDatabase: (at: object, name: string) => { url: string };
  }>('scripts/lib/tables.mjs');
  const { serve } = await load<{ serve: (options: { databaseUrl: string; wishedPort: number }) => Promise<Served> }>(
    'scripts/lib/serve.mjs',
  );
  const at = otherDatabase(kitchen.database, 'mince_empty');
  await prepareDatabase(at, { reset: 'force', copies: false });
  const databaseUrl = at.url;
  let app = await serve({ databaseUrl, wishedPort: 3950 });
  try {
    await page.goto(app.url);
    await expect(page.getByRole('heading', { name: 'Nothing on the board yet' })).toBeVisible();
    await page.goto(`${app.url}/log`);
    await expect(page.getByText('Nothing tasted yet')).toBeVisible();
    await page.goto(`${app.url}/batches`);
    await page.getByRole('link', { name: 'Plan the first batch' }).click();
    await page.getByLabel('Weight', { exact: true }).fill('640 g');
    await page.getByRole('button', { name: 'Put it on the board' }).click();
    await page.waitForURL(/\/batches\/[0-9a-f-]{36}$/);
    const address = new URL(page.url()).pathname;

    const gone = new Promise((resolve) => app.child.once('exit', resolve));
    app.child.kill('SIGKILL');
    await gone;
    app = await serve({ databaseUrl, wishedPort: 3950 });
    await page.goto(`${app.url}${address}?stage=piece`);
    await expect(page.getByLabel('Weight as bought')).toHaveValue('640 g');
  } finally {
    app.child.kill('SIGKILL');
  }
});
