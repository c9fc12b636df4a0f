/** Where kitchens are kept, and which one belongs to this project folder. */
import { createHash } from 'node:crypto';
import { accessSync, constants, existsSync, readdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { isRoot } from './packages.mjs';
import { ROOT } from './run.mjs';
import { Stop } from './say.mjs';

/** What a folder is called after: the records of the house, the demo, or those of the tests. */
export const KITCHEN = 'main';
export const DEMO = 'demo';

const SHARED = '/var/lib/mince';
const below = (home) => path.join(home, '.local', 'share', 'mince');

/** The postgres user must reach it, which it may not the project itself. */
export const baseFolder = () => process.env.MINCE_DATA ?? (isRoot() ? SHARED : below(os.homedir()));

/** Every place where a kitchen may stand, started by whichever user. */
function places() {
  if (process.env.MINCE_DATA) return [process.env.MINCE_DATA];
  const homes = isRoot() && existsSync('/home') ? readdirSync('/home').map((name) => path.join('/home', name)) : [];
  return [...new Set([baseFolder(), SHARED, below(os.homedir()), ...homes.map(below)])];
}

const keyOf = (root) => createHash('sha256').update(root).digest('hex').slice(0, 10);
const usualFolder = (name) => path.join(baseFolder(), `${keyOf(ROOT)}-${name}`);
const noteOf = (folder) => path.join(folder, 'kitchen.json');

function readNote(folder) {
  try {
    return JSON.parse(readFileSync(noteOf(folder), 'utf8'));
  } catch {
    return {};
  }
}

function writeNote(folder, note) {
  writeFileSync(`${noteOf(folder)}.new`, `${JSON.stringify(note)}\n`);
  renameSync(`${noteOf(folder)}.new`, noteOf(folder));
}

/** Says with the records that this project folder opens them, and no others of that name, so that they are found when it moves. */
export function claimFor(folder, name) {
  for (const other of kitchensCalled(name))
    if (other.folder !== folder && other.readable && other.root === ROOT)
      writeNote(other.folder, { ...readNote(other.folder), root: null, former: ROOT });
  if (readNote(folder).root !== ROOT) writeNote(folder, { ...readNote(folder), root: ROOT });
}

function mayRead(folder) {
  try {
    accessSync(path.join(folder, 'password'), constants.R_OK);
    return true;
  } catch {
    return !existsSync(path.join(folder, 'pgdata'));
  }
}

/** @returns {{folder: string, root?: string | null, former?: string, readable: boolean}[]} kitchens of that name with something in them */
export function kitchensCalled(name) {
  return places().flatMap((place) => {
    let entries = [];
    try {
      entries = readdirSync(place);
    } catch {
      return [];
    }
    return entries
      .filter((entry) => entry.endsWith(`-${name}`) && readdirOr(path.join(place, entry)).length > 0)
      .map((entry) => path.join(place, entry))
      .map((folder) => ({ folder, ...readNote(folder), readable: mayRead(folder) }));
  });
}

function readdirOr(folder) {
  try {
    return readdirSync(folder);
  } catch {
    return ['unreadable'];
  }
}

/** The folder of this project's records, by the note in them or by their key; undefined when there is none. */
function ownFolder(name) {
  const known = kitchensCalled(name);
  const usual = usualFolder(name);
  const byNote = known.filter(({ root }) => root === ROOT);
  return byNote[0]?.folder ?? known.find(({ folder, root }) => folder === usual && root === undefined)?.folder;
}

/** For records that are made without asking, those of the demo and the tests. */
export const folderOf = (name) => ownFolder(name) ?? newFolder(name);

const ofWhom = (root) => (root ? `  (of ${root}${existsSync(root) ? '' : ', which is gone'})` : '');
const listed = (found) =>
  found
    .map(
      ({ folder, former, root, readable }, index) =>
        `  ${index + 1}  ${folder}${ofWhom(root ?? former)}${readable ? '' : '  (belongs to another user: start as that user)'}`,
    )
    .join('\n');

/** A folder for records that begin anew beside others. */
function newFolder(name) {
  for (let count = 1; ; count++) {
    const folder = count === 1 ? usualFolder(name) : path.join(baseFolder(), `${keyOf(ROOT)}-${count}-${name}`);
    if (!existsSync(folder)) return folder;
  }
}

/**
 * The kitchen to start. An empty one is never made in silence beside a full one: where the project folder was moved the one it left is taken,
 * where that is not clear they are listed, and chosen by `wanted` (a folder or its number), by `ask`, or by `fresh` for a new one.
 * @returns {Promise<{folder: string, note?: string}>}
 * @throws Stop with the list
 */
export async function chooseKitchen({ wanted, fresh = false, ask } = {}) {
  const found = kitchensCalled(KITCHEN);
  if (fresh) return { folder: newFolder(KITCHEN), note: 'a new kitchen' };
  if (wanted !== undefined) return { folder: pick(found, wanted).folder };
  const own = ownFolder(KITCHEN);
  if (own) return { folder: own };
  if (found.length === 0) return { folder: newFolder(KITCHEN) };
  const left = found.filter(({ root }) => root && !existsSync(root));
  if (found.length === 1 && left.length === 1 && left[0].readable)
    return { folder: left[0].folder, note: `found again, it was that of ${left[0].root}` };
  const text = `There ${found.length === 1 ? 'is a kitchen' : 'are kitchens'} on this machine already, and none is known to be that of ${ROOT}:\n\n${listed(found)}\n`;
  if (ask) {
    const answer = (await ask(`${text}\nWhich one (number), or “new” for an empty one? `)).trim();
    if (/^new$/i.test(answer)) return { folder: newFolder(KITCHEN), note: 'a new kitchen' };
    return { folder: pick(found, answer).folder };
  }
  throw new Stop(
    `${text}\nNothing was changed. Choose one with  npm start -- --kitchen 1  or make an empty one with  npm start -- --new-kitchen`,
  );
}

function pick(found, wanted) {
  const chosen =
    found[Number(wanted) - 1] ??
    found.find(({ folder }) => folder === path.resolve(wanted) || path.basename(folder) === wanted);
  if (!chosen) throw new Stop(`There is no kitchen “${wanted}”. There are:\n\n${listed(found) || '  none'}\n`);
  if (!chosen.readable) throw new Stop(`${chosen.folder} belongs to another user. Start Mince as that user.`);
  return chosen;
}
