/**
 * node scripts/mutate.mjs [--mutants 60] [--seed 1] [--domain words]: breaks the core in one place at a time, in a copy, and asks the tests whether they notice.
 * The same seed breaks the same places. Not part of npm test: it takes about half a minute a mutant.
 */
import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { tmpdir } from 'node:os';
import path from 'node:path';
import ts from 'typescript';
import { ROOT } from './lib/run.mjs';

const asked = (name, fallback) => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? fallback : process.argv[at + 1];
};
const COUNT = Number(asked('mutants', 60));
const CORE = path.join(ROOT, 'src/core');
/** Data rather than computation: what a wrong figure there does is for the tables' own tests. */
const DATA = /catalogue|ingredients\.ts$|namesDe|book\.ts$|index\.ts$/;

const OTHER = {
  '<': '<=',
  '<=': '<',
  '>': '>=',
  '>=': '>',
  '===': '!==',
  '!==': '===',
  '&&': '||',
  '||': '&&',
  '+': '-',
  '-': '+',
  '*': '/',
  '/': '*',
};

/** Numbers from 0 to 1 by a seed (mulberry32). */
function chance(seed) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** Every place of a file that can be broken: { from, to, text }. */
function placesOf(file, inWords) {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  const places = [];
  const add = (node, text) => places.push({ file, from: node.getStart(source), to: node.getEnd(), text });
  const visit = (node) => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isInterfaceDeclaration(node)) return;
    if (ts.isBinaryExpression(node)) {
      const text = OTHER[node.operatorToken.getText(source)];
      const joinsWords = ts.isStringLiteralLike(node.left) || ts.isStringLiteralLike(node.right);
      if (text && !(joinsWords && text === '-')) add(node.operatorToken, text);
    } else if (ts.isNumericLiteral(node)) add(node, String(Number(node.text) * 1.5 + 1));
    else if (ts.isConditionalExpression(node)) {
      const [yes, no] = [node.whenTrue.getText(source), node.whenFalse.getText(source)];
      if (yes !== no)
        places.push({
          file,
          from: node.whenTrue.getStart(source),
          to: node.whenFalse.getEnd(),
          text: `${no} : ${yes}`,
        });
    } else if (inWords && ts.isStringLiteral(node) && / /.test(node.text)) add(node, "'∅'");
    else if (inWords && ts.isTemplateExpression(node)) add(node, "'∅'");
    ts.forEachChild(node, visit);
  };
  visit(source);
  return places;
}

const filesIn = (folder) =>
  readdirSync(folder, { recursive: true })
    .filter((name) => /\.ts$/.test(name) && !/\.test\.ts$/.test(name) && !DATA.test(name))
    .map((name) => path.join(folder, name));

const domains = readdirSync(CORE, { withFileTypes: true })
  .filter((entry) => entry.isDirectory() && (!asked('domain') || asked('domain') === entry.name))
  .map(({ name }) => name);
const random = chance(Number(asked('seed', 1)));
const mutants = domains.flatMap((domain, index) => {
  const places = filesIn(path.join(CORE, domain)).flatMap((file) => placesOf(file, domain === 'words'));
  const share = Math.floor(COUNT / domains.length) + (index < COUNT % domains.length ? 1 : 0);
  return Array.from({ length: Math.min(share, places.length) }, () => ({
    domain,
    ...places.splice(Math.floor(random() * places.length), 1)[0],
  }));
});

const copy = mkdtempSync(path.join(tmpdir(), 'mutants-'));
const survived = [];
const tally = {};
try {
  for (const name of ['src', 'tests', 'demo', 'package.json', 'jest.config.mjs', 'tsconfig.json'])
    cpSync(path.join(ROOT, name), path.join(copy, name), { recursive: true });
  symlinkSync(path.join(ROOT, 'node_modules'), path.join(copy, 'node_modules'));
  for (const [index, { domain, file, from, to, text }] of mutants.entries()) {
    const target = path.join(copy, path.relative(ROOT, file));
    const whole = readFileSync(file, 'utf8');
    writeFileSync(target, whole.slice(0, from) + text + whole.slice(to));
    // The sweep is the slowest and is asked last.
    const asks = [
      ['--testPathIgnorePatterns=tests/sweep', '--findRelatedTests', target],
      ['--testPathPatterns=sweep.test'],
    ];
    const noticed = asks.some(
      (ask) =>
        spawnSync('npx', ['jest', '--selectProjects=units', '--bail', '--passWithNoTests', ...ask], {
          cwd: copy,
          stdio: 'ignore',
          timeout: 240_000,
        }).status !== 0,
    );
    writeFileSync(target, whole);
    const line = whole.slice(0, from).split('\n').length;
    const said = `${path.relative(ROOT, file)}:${line}  ${whole.slice(from, to).replace(/\s+/g, ' ').slice(0, 60)} -> ${text.replace(/\s+/g, ' ').slice(0, 60)}`;
    tally[domain] ??= { killed: 0, of: 0 };
    tally[domain].of++;
    if (noticed) tally[domain].killed++;
    else survived.push(said);
    console.log(`${index + 1}/${mutants.length} ${noticed ? 'noticed ' : 'SURVIVED'} ${said}`);
  }
} finally {
  rmSync(copy, { recursive: true, force: true });
}
for (const [domain, { killed, of }] of Object.entries(tally)) console.log(`${domain}: ${killed} of ${of}`);
console.log(`${mutants.length - survived.length} of ${mutants.length} noticed`);
