// npm run check:removable -- class: takes a room out of every package, and its line out of each list, in a clone that is thrown away; then
// types, arrows and the unit tests that are left have to be good (--no-tests: types and arrows alone). A test that asks the room goes with it, and is named.
//
// What leans on a room goes with it (LEANS): a room is taken out with the rooms after it in docs/map.md that cannot do without.
import { execFileSync, spawnSync } from 'node:child_process';
import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, dirname, join, relative, resolve } from 'node:path';
import ts from 'typescript';
import { home } from './lib.mjs';

/** The lists that rooms stand in, a line each. */
const LISTS = [
  'contract/src/publish.ts',
  'server/src/app.ts',
  'server/src/stores.ts',
  'server/src/demo/fill.ts',
  'web/src/routes.tsx',
  'web/src/places/log/underLost.ts',
  'web/src/places/making/beside.ts',
  'web/src/places/piece/section/leaves.ts',
  'web/src/places/pot/wantedOfIt.ts',
];
/** What cannot do without it: the days are planned against the pot and the boxes. */
const LEANS = { pot: ['orders'] };
/** Rooms that can be taken out. */
const ROOMS = ['class', 'pot', 'cane', 'cost', 'orders'];

const asked = process.argv.slice(2).filter((a) => a !== '--no-tests');
const TESTS = !process.argv.includes('--no-tests');
const unknown = asked.filter((w) => !ROOMS.includes(w));
if (asked.length === 0 || unknown.length > 0) {
  console.error(`Which room? One of: ${ROOMS.join(', ')}.`);
  process.exit(2);
}

const walk = (dir) =>
  readdirSync(dir, { withFileTypes: true }).flatMap((e) =>
    e.isDirectory() ? [join(dir, e.name), ...walk(join(dir, e.name))] : [join(dir, e.name)],
  );

/** A clone of what is committed, on this house's packages. */
function cloned() {
  const there = mkdtempSync(join(tmpdir(), 'zanfirico-without-'));
  execFileSync('git', ['clone', '--quiet', home, there]);
  const packages = join(there, 'node_modules');
  mkdirSync(join(packages, '@zanfirico'), { recursive: true });
  for (const name of readdirSync(join(home, 'node_modules')))
    if (name !== '@zanfirico' && name !== '.cache')
      symlinkSync(join(home, 'node_modules', name), join(packages, name));
  for (const pack of readdirSync(join(home, 'node_modules', '@zanfirico'))) {
    symlinkSync(join(there, pack), join(packages, '@zanfirico', pack));
    // What only one of them has lies with it.
    const own = join(home, pack, 'node_modules');
    if (existsSync(own)) symlinkSync(own, join(there, pack, 'node_modules'));
  }
  return there;
}

/** Files of a package's source, without their endings, that an import of a file leads to. */
function ledTo(there, file, specifier) {
  const packed = /^@zanfirico\/(core|contract)\/(.+)$/.exec(specifier);
  const path = packed
    ? join(there, packed[1], 'src', packed[2])
    : specifier.startsWith('.')
      ? resolve(dirname(file), specifier)
      : undefined;
  return path?.replace(/\.(ts|tsx|mjs)$/, '');
}

/** Is there still something to import at a path? */
const isThere = (path) =>
  ['', '.ts', '.tsx', '.mjs', '.cjs', '/index.ts', '/index.tsx'].some((end) =>
    existsSync(`${path}${end}`),
  );

/** A file as it is written. */
const sourceOf = (file) =>
  ts.createSourceFile(
    file,
    readFileSync(file, 'utf8'),
    ts.ScriptTarget.Latest,
    true,
    file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );

/** Every import of a file that leads nowhere any more. */
function lost(there, file, source) {
  const found = [];
  const look = (node) => {
    const from =
      (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) && node.moduleSpecifier
        ? node.moduleSpecifier
        : ts.isCallExpression(node) && node.expression.kind === ts.SyntaxKind.ImportKeyword
          ? node.arguments[0]
          : undefined;
    if (from && ts.isStringLiteral(from)) {
      const path = ledTo(there, file, from.text);
      if (path !== undefined && !isThere(path)) found.push(node);
    }
    ts.forEachChild(node, look);
  };
  look(source);
  return found;
}

/** The line of a list a node stands in: what goes when the room does. */
function lineOf(node, whole) {
  for (let at = node; at.parent; at = at.parent) {
    const { parent } = at;
    if (ts.isArrayLiteralExpression(parent)) return at;
    if (whole) continue;
    if (ts.isPropertyAssignment(at) || ts.isExpressionStatement(at)) return at;
    if (ts.isVariableStatement(at)) return at;
  }
  return undefined;
}

/** A list without the lines of what is gone. */
function pruned(there, file) {
  const source = sourceOf(file);
  const out = new Set();
  const names = new Set();
  for (const node of lost(there, file, source))
    if (ts.isImportDeclaration(node)) {
      out.add(node);
      const { name, namedBindings } = node.importClause ?? {};
      if (name) names.add(name.text);
      if (namedBindings && ts.isNamedImports(namedBindings))
        for (const e of namedBindings.elements) names.add(e.name.text);
    } else out.add(lineOf(node, true));
  const look = (node) => {
    if (ts.isIdentifier(node) && names.has(node.text) && !ts.isImportSpecifier(node.parent))
      out.add(lineOf(node, false));
    ts.forEachChild(node, look);
  };
  look(source);
  if (out.has(undefined))
    throw new Error(`${relative(there, file)}: a room stands in no list there`);
  let left = source.text;
  // What stands within another goes with it.
  const outer = [...out].filter(
    (n) => ![...out].some((m) => m !== n && m.pos <= n.pos && n.end <= m.end),
  );
  for (const node of outer.sort((a, b) => b.getStart() - a.getStart())) {
    const after = /^\s*,/.exec(left.slice(node.getEnd()))?.[0].length ?? 0;
    left = left.slice(0, node.getStart()) + left.slice(node.getEnd() + after);
  }
  writeFileSync(file, left);
}

/** Runs one check in the clone; whether it is good. */
function good(there, what, command, args) {
  const { status, stdout, stderr } = spawnSync(command, args, { cwd: there, encoding: 'utf8' });
  console.log(`  ${what}: ${status === 0 ? 'good' : 'FAILED'}`);
  if (status !== 0) console.log(`${stdout}${stderr}`.slice(-6000));
  return status === 0;
}

function without(word) {
  const words = [word, ...(LEANS[word] ?? [])];
  const there = cloned();
  try {
    console.log(`without ${words.join(', with ')}`);
    const packs = ['core', 'contract', 'server', 'web'].map((p) => join(there, p, 'src'));
    const mine = (path) =>
      words.some(
        (w) =>
          basename(path) === w ||
          basename(path).toLowerCase() === `demo${w}.ts` ||
          basename(path).toLowerCase() === `demo${w}.test.ts`,
      );
    for (const path of packs.flatMap(walk))
      if (existsSync(path) && mine(path)) rmSync(path, { recursive: true });
    for (const list of LISTS) if (existsSync(join(there, list))) pruned(there, join(there, list));
    const gone = [];
    const files = [...packs, join(there, 'bench'), join(there, 'web/testing')]
      .flatMap(walk)
      .filter((f) => /\.(ts|tsx)$/.test(f));
    for (const file of files) {
      if (lost(there, file, sourceOf(file)).length === 0) continue;
      if (!/\.test\.tsx?$/.test(file) && !file.startsWith(join(there, 'bench'))) continue;
      gone.push(relative(there, file));
      rmSync(file);
    }
    console.log(`  tests and measures that go with it: ${gone.join(', ') || 'none'}`);
    return [
      good(there, 'types', 'node', ['scripts/check.mjs', '--types']),
      good(there, 'arrows', 'npm', ['run', '--silent', 'check:arrows']),
      !TESTS ||
        good(there, 'unit tests', 'npx', [
          'jest',
          '--selectProjects',
          'unit',
          '--silent',
          '--forceExit',
        ]),
    ].every(Boolean);
  } finally {
    rmSync(there, { recursive: true, force: true });
  }
}

process.exit(asked.map(without).every(Boolean) ? 0 : 1);
