import { randomUUID } from 'node:crypto';
import { pause } from '../ports.mjs';

const HOUR_MS = 3_600_000;

/** Sends until it is answered for good; what comes back as 5xx or not at all goes again under the same id. */
async function insist(kitchen, method, route, body, headers = {}) {
  for (let tries = 1; ; tries++) {
    if (kitchen.stopped && tries > 60) return undefined;
    try {
      const answer = await fetch(`${kitchen.url()}/api/v1${route}`, {
        method,
        headers: { 'content-type': 'application/json', ...headers },
        body: JSON.stringify(body),
        signal: AbortSignal.timeout(10_000),
      });
      const text = await answer.text();
      kitchen.counts.requests++;
      if (answer.status === 500) kitchen.counts.internal.push(`${method} ${route}: ${text.slice(0, 200)}`);
      if (answer.status === 503) kitchen.counts.busy++;
      if (answer.status < 500) return { status: answer.status, body: text ? JSON.parse(text) : undefined };
    } catch {
      kitchen.counts.unanswered++;
    }
    await pause(Math.min(200 * tries, 1000));
  }
}

/** One cook who makes meals, batches, events and tastings and changes them, and remembers what was acknowledged. */
export async function writer(kitchen, { chance, name, marinadeId, acknowledged }) {
  for (let n = 0; !kitchen.stopped; n++) {
    const tableAt = new Date(Date.now() + chance.whole(20, 200) * HOUR_MS).toISOString();
    const batch = {
      id: randomUUID(),
      name: `${name} ${n}`,
      way: 'stir-fry',
      cutId: 'chicken-thigh',
      massG: chance.whole(300, 2000),
      heightMm: 20,
      thicknessMm: 4,
      marinadeId,
      people: 4,
      tableAt,
    };
    const made = await insist(kitchen, 'POST', '/batches', batch);
    if (!made || made.status > 201) continue;
    acknowledged.set(batch.id, { kind: 'batch', massG: batch.massG, name: batch.name });
    await record(kitchen, chance, batch.id, acknowledged);
    const massG = chance.whole(300, 2000);
    const changed = await insist(kitchen, 'PATCH', `/batches/${batch.id}`, { massG }, { 'if-match': '*' });
    if (changed?.status === 200) acknowledged.get(batch.id).massG = massG;
  }
}

async function record(kitchen, chance, batchId, acknowledged) {
  for (let count = chance.whole(1, 4); count > 0 && !kitchen.stopped; count--) {
    const event = { id: randomUUID(), kind: 'job-started', jobKey: 'trim', at: new Date().toISOString() };
    const done = await insist(kitchen, 'POST', `/batches/${batchId}/events`, event);
    if (done && done.status <= 201) acknowledged.set(event.id, { kind: 'event', batchId });
  }
  const tasting = { tenderness: 4, juiciness: 4, salt: 0, sweetness: 0, mush: 0, soapiness: 0 };
  const write = { ...tasting, id: randomUUID(), batchId, tastedAt: new Date().toISOString() };
  const kept = await insist(kitchen, 'POST', '/tastings', write);
  if (kept && kept.status <= 201) acknowledged.set(write.id, { kind: 'tasting', batchId });
}

/** Reads the tables themselves and holds them against what was acknowledged. */
export async function reckon(query, acknowledged) {
  const rows = new Map();
  for (const kind of ['batch', 'event', 'tasting'])
    for (const row of await query(`select * from "${kind}"`)) rows.set(row.id, { ...row, kind });
  const pieces = new Map((await query('select batch_id, mass_g from piece')).map((row) => [row.batch_id, row.mass_g]));
  const figures = { written: acknowledged.size, lost: 0, changed: 0, half: 0, doubled: 0 };
  for (const [id, { kind, massG }] of acknowledged) {
    const row = rows.get(id);
    if (!row || row.kind !== kind) figures.lost++;
    else if (kind === 'batch' && massG !== undefined && pieces.get(id) !== massG) figures.changed++;
  }
  const names = [...rows.values()].filter(({ kind }) => kind === 'batch').map(({ name }) => name);
  figures.half = [...rows.values()].filter(({ kind, id }) => kind === 'batch' && !pieces.has(id)).length;
  figures.doubled = names.length - new Set(names).size;
  const tasted = [...rows.values()].filter(({ kind }) => kind === 'tasting').map(({ batch_id }) => batch_id);
  figures.doubled += tasted.length - new Set(tasted).size;
  return figures;
}
