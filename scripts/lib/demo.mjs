import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { ROOT } from './run.mjs';

const DAY_MS = 86_400_000;

/** Loads demo/*.json through the public API, as a cook would enter it; days count from today. Does nothing when there are meals. */
export async function loadDemo(url) {
  const call = async (method, route, body) => {
    const answer = await fetch(`${url}/api/v1${route}`, {
      method,
      headers: { 'Content-Type': 'application/json', ...(method === 'PUT' ? { 'If-Match': '*' } : {}) },
      body: body && JSON.stringify(body),
    });
    const text = await answer.text();
    if (!answer.ok) throw Object.assign(new Error(`The demo data was refused at ${route}`), { output: text });
    return text && JSON.parse(text);
  };
  if ((await call('GET', '/meals?limit=1')).total > 0) return 'there';

  const demo = JSON.parse(readFileSync(path.join(ROOT, 'demo', 'regatta.json'), 'utf8'));
  await call('PUT', '/household', demo.household);
  const marinades = (await call('GET', '/marinades?limit=200')).items;
  for (const meal of demo.meals) {
    const tableAt = instantAt(meal.day, meal.time, demo.household.zone);
    const { id: mealId } = await call('POST', '/meals', { name: meal.name, tableAt, people: meal.people });
    for (const { marinade, tasting, done, ...batch } of meal.batches) {
      const marinadeId = marinades.find(({ name }) => name === marinade).id;
      const notBefore = new Date(Math.min(Date.now(), Date.parse(tableAt) - 2 * DAY_MS)).toISOString();
      const made = await call('POST', '/batches', { ...batch, marinadeId, mealId, tableAt, notBefore });
      for (const job of done && made.schedule.ok ? made.schedule.jobs : []) {
        await call('POST', `/batches/${made.id}/events`, {
          id: randomUUID(),
          kind: 'job-started',
          jobKey: job.key,
          at: job.startAt,
        });
        await call('POST', `/batches/${made.id}/events`, {
          id: randomUUID(),
          kind: 'job-done',
          jobKey: job.key,
          at: job.endAt,
        });
      }
      if (tasting)
        await call('POST', '/tastings', {
          ...tasting,
          batchId: made.id,
          tastedAt: new Date(Date.parse(tableAt) + 3_600_000).toISOString(),
        });
    }
  }
  return `${demo.meals.length} meals`;
}

/** The instant at which a clock in that zone shows this time, so many days from today. */
function instantAt(day, time, zone) {
  const [date] = new Intl.DateTimeFormat('sv-SE', { timeZone: zone, dateStyle: 'short' })
    .format(Date.now() + day * DAY_MS)
    .split(' ');
  const asUtc = Date.parse(`${date}T${time}:00Z`);
  const shown = new Intl.DateTimeFormat('sv-SE', { timeZone: zone, dateStyle: 'short', timeStyle: 'medium' }).format(
    asUtc,
  );
  return new Date(asUtc - (Date.parse(`${shown.replace(' ', 'T')}Z`) - asUtc)).toISOString();
}
