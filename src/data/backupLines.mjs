/** The whole of the records as lines of JSON, readable without Mince. Plain JavaScript: the scripts use it too. */
import { createHash } from 'node:crypto';

export const BACKUP_FORMAT = 1;
const ROWS_AT_ONCE = 500;

const quoted = (name) => `"${name.replaceAll('"', '""')}"`;

/**
 * Tables of the present schema with their primary keys, those that are pointed at before those that point.
 * @param {(text: string) => Promise<Record<string, unknown>[]>} query
 * @returns {Promise<{name: string, key: string[]}[]>}
 */
export async function tablesInOrder(query) {
  const rows = await query(`
    select c.relname as name,
      (select coalesce(array_agg(a.attname::text order by array_position(i.indkey::int2[], a.attnum)), '{}')
        from pg_index i join pg_attribute a on a.attrelid = c.oid and a.attnum = any(i.indkey)
        where i.indrelid = c.oid and i.indisprimary) as key,
      (select coalesce(array_agg(distinct f.relname::text), '{}')
        from pg_constraint k join pg_class f on f.oid = k.confrelid
        where k.conrelid = c.oid and k.contype = 'f' and k.confrelid <> c.oid) as points_at
    from pg_class c
    where c.relkind = 'r' and c.relnamespace = current_schema()::regnamespace and c.relname not like 'knex\\_%'
    order by c.relname`);
  const left = rows.map(({ name, key, points_at }) => ({ name: String(name), key, pointsAt: points_at }));
  const ordered = [];
  while (left.length > 0) {
    const index = left.findIndex(({ pointsAt }) => pointsAt.every((other) => !left.some(({ name }) => name === other)));
    const [next] = left.splice(Math.max(index, 0), 1);
    ordered.push({ name: next.name, key: next.key });
  }
  return ordered;
}

/** Names of the migrations that made these tables. @param {(text: string) => Promise<Record<string, unknown>[]>} query */
export const schemaOf = async (query) =>
  (await query('select name from knex_migrations order by id')).map(({ name }) => String(name));

/**
 * A header, every row of every table, and an end line with counts and checksums; each line ends in a line break.
 * @param {(text: string) => Promise<Record<string, unknown>[]>} query within one transaction, repeatable read
 * @param {{app: string, kind: string, madeAt: string}} about
 * @returns {AsyncGenerator<string, void, void>}
 */
export async function* backupLines(query, about) {
  await query("set local time zone 'UTC'");
  await query('set local extra_float_digits = 1');
  const tables = await tablesInOrder(query);
  const all = createHash('sha256');
  const rows = {};
  const sums = {};
  const passed = (text) => {
    all.update(text);
    return text;
  };
  const header = { mince: 'backup', format: BACKUP_FORMAT, ...about, schema: await schemaOf(query) };
  yield passed(`${JSON.stringify({ ...header, tables: tables.map(({ name }) => name) })}\n`);
  for (const { name, key } of tables) {
    const sum = createHash('sha256');
    rows[name] = 0;
    const order = key.length > 0 ? `order by ${key.map(quoted).join(', ')}` : '';
    await query(
      `declare backup_rows no scroll cursor for select row_to_json(t)::text as row from ${quoted(name)} t ${order}`,
    );
    for (;;) {
      const some = await query(`fetch ${ROWS_AT_ONCE} from backup_rows`);
      if (some.length === 0) break;
      const text = some.map(({ row }) => `{"table":${JSON.stringify(name)},"row":${row}}\n`).join('');
      sum.update(text);
      rows[name] += some.length;
      yield passed(text);
    }
    await query('close backup_rows');
    sums[name] = sum.digest('hex');
  }
  yield `${JSON.stringify({ end: true, rows, sha256: sums, all: all.digest('hex') })}\n`;
}
