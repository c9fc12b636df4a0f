/** A file that someone hands us, looked through before anything is done with it. */
import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { BACKUP_FORMAT } from '../../src/data/backupLines.mjs';
import { Stop } from './say.mjs';

const MAX_LINE = 4 * 1024 * 1024;
const isNames = (value) =>
  Array.isArray(value) && value.every((one) => typeof one === 'string' && /^\w+(\.mjs)?$/.test(one));

function parsed(line, number) {
  try {
    const value = JSON.parse(line);
    if (value && typeof value === 'object' && !Array.isArray(value)) return value;
  } catch {
    // said below
  }
  throw new Stop(`Line ${number} cannot be read: the file was changed or cut off. Nothing was changed here.`);
}

/** The lines one by one, as text. Only a line feed ends one: other signs that end a line somewhere may stand in a name. */
async function* linesOf(file) {
  let rest = '';
  for await (const chunk of createReadStream(file, 'utf8')) {
    const lines = (rest + chunk).split('\n');
    rest = lines.pop();
    if (rest.length > MAX_LINE) throw new Stop('A line is too long for a copy of Mince. Nothing was changed.');
    yield* lines;
  }
  if (rest) yield rest;
}

function checkHeader(header, known) {
  if (header.mince !== 'backup') throw new Stop('This is no copy of a kitchen of Mince. Nothing was changed.');
  if (
    !(header.format <= BACKUP_FORMAT) ||
    (isNames(header.schema) && header.schema.some((name) => !known.includes(name)))
  )
    throw new Stop(
      `This copy is of a newer Mince (${String(header.app).slice(0, 20)}). Renew this one first. Nothing was changed.`,
    );
  const inOrder = isNames(header.schema) && header.schema.every((name, index) => known[index] === name);
  if (!inOrder || header.schema.length === 0 || !isNames(header.tables))
    throw new Stop('The first line of the copy is not as Mince writes it. Nothing was changed.');
}

/**
 * Reads the whole file once: header, counts and checksums must agree.
 * @param {string} file
 * @param {string[]} known migrations of this Mince, in order
 * @returns {Promise<{schema: string[], tables: string[], madeAt: string, rows: Record<string, number>, sha256: Record<string, string>}>}
 * @throws Stop with a reason; nothing was done
 */
export async function checkBackup(file, known) {
  let header;
  let end;
  let number = 0;
  const all = createHash('sha256');
  const sums = new Map();
  const rows = {};
  for await (const line of linesOf(file)) {
    number++;
    const value = parsed(line, number);
    if (end) throw new Stop('Something follows the end of the copy: the file was changed. Nothing was changed here.');
    if (number === 1) {
      checkHeader(value, known);
      header = value;
    } else if (value.end === true) {
      end = value;
      continue;
    } else {
      if (!header.tables.includes(value.table))
        throw new Stop(`Line ${number} is of no table that the copy names. Nothing was changed.`);
      const sum = sums.get(value.table) ?? createHash('sha256');
      sums.set(value.table, sum.update(`${line}\n`));
      rows[value.table] = (rows[value.table] ?? 0) + 1;
    }
    all.update(`${line}\n`);
  }
  if (!header) throw new Stop('The file is empty. Nothing was changed.');
  if (!end) throw new Stop('The copy has no end: it was cut off. Nothing was changed.');
  const sha256 = Object.fromEntries(
    header.tables.map((table) => [table, (sums.get(table) ?? createHash('sha256')).digest('hex')]),
  );
  const differs = header.tables.find(
    (table) => end.rows?.[table] !== (rows[table] ?? 0) || end.sha256?.[table] !== sha256[table],
  );
  if (differs || end.all !== all.digest('hex'))
    throw new Stop(
      `The copy does not agree with its checksums${differs ? ` (${differs})` : ''}: it was changed or damaged. Nothing was changed here.`,
    );
  return { schema: header.schema, tables: header.tables, madeAt: String(header.madeAt), rows: end.rows, sha256 };
}

/** Rows of one table, as JSON arrays of at most so many. */
export async function* rowsOf(file, table, atOnce = 500) {
  let some = [];
  let number = 0;
  const start = `{"table":${JSON.stringify(table)},"row":`;
  for await (const line of linesOf(file)) {
    number++;
    if (number === 1 || !line.startsWith(start)) continue;
    // The row as it stands: no number passes through JavaScript.
    some.push(line.slice(start.length, -1));
    if (some.length < atOnce) continue;
    yield `[${some.join(',')}]`;
    some = [];
  }
  if (some.length > 0) yield `[${some.join(',')}]`;
}
