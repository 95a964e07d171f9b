// npm run check:house: what lint cannot see of the whole tree. No name is exported twice, nothing is longer than one thought, no
// barrel shows more than a person can read; and how much is documented is told.
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { home } from './lib.mjs';

/** Lines of a function, and of a component. */
const LONGEST = { function: 100, component: 150 };
/** What may be longer, and why. At most ten. */
const LONGER = {
  'web/src/marks/section/Handles.tsx Handles': 'one gesture: every handle shares the grip in hand',
  'web/src/marks/section/Handles.tsx a function without a name':
    'a point with its wall, drawn as one',
  'web/src/marks/section/useView.ts useView': 'listeners of one element over one view',
  'web/src/marks/turning/TurningView.tsx Turning': 'one canvas and what moves it',
  'web/src/marks/turning/glassScene.ts glassScene':
    'three passes over the same targets, freed together',
  'web/src/places/piece/braid/useBraid.ts useBraid':
    'one value of many memos; parted it would only be passed about',
  'web/src/places/piece/braid/useWalk.ts useWalk': 'every deed acts on the same steps in hand',
  'web/src/places/piece/section/useSectionActions.ts useSectionActions':
    'actions that stay the same object over one gesture',
  'web/src/places/piece/section/useSectionActions.ts a function without a name':
    'the same: a table of actions',
  'web/src/orders/useDaysPlan.ts useDaysPlan': 'what the days are asked with, gathered once',
};
/** Names a barrel may show. */
const MOST_NAMES = 60;

const files = execFileSync('git', ['ls-files', '-co', '--exclude-standard', '*.ts', '*.tsx'], {
  cwd: home,
  encoding: 'utf8',
})
  .split('\n')
  .filter(
    (f) =>
      f !== '' &&
      !f.endsWith('.d.ts') &&
      !/(\.test\.tsx?|\.spec\.ts|\.fixture\.tsx?)$|^(e2e|bench)\/|\/testing\//.test(f),
  );

const troubles = [];
const names = new Map();
let [exported, documented, examples] = [0, 0, 0];

const nameOf = (node) =>
  node.name?.getText() ??
  (ts.isVariableDeclaration(node.parent)
    ? node.parent.name.getText()
    : 'a function without a name');

for (const file of files) {
  let text;
  try {
    text = readFileSync(join(home, file), 'utf8');
  } catch {
    continue; // taken out and not committed yet
  }
  const kind = file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS;
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true, kind);
  examples += (text.match(/@example/g) ?? []).length;
  const line = (pos) => source.getLineAndCharacterOfPosition(pos).line + 1;
  const walk = (node) => {
    if (ts.isFunctionLike(node) && node.body) {
      const lines = line(node.end) - line(node.getStart()) + 1;
      const name = nameOf(node);
      const what = file.endsWith('x') && /^[A-Z]/.test(name) ? 'component' : 'function';
      if (lines > LONGEST[what] && !(`${file} ${name}` in LONGER))
        troubles.push(
          `${file}:${line(node.getStart())}: ${name} has ${lines} lines; a ${what} has at most ${LONGEST[what]}. Part it.`,
        );
    }
    ts.forEachChild(node, walk);
  };
  walk(source);
  let shown = 0;
  for (const statement of source.statements) {
    if (
      ts.isExportDeclaration(statement) &&
      statement.exportClause &&
      ts.isNamedExports(statement.exportClause)
    )
      shown += statement.exportClause.elements.length;
    const modifiers = ts.canHaveModifiers(statement) ? ts.getModifiers(statement) : undefined;
    if (!modifiers?.some((m) => m.kind === ts.SyntaxKind.ExportKeyword)) continue;
    const declared = ts.isVariableStatement(statement)
      ? statement.declarationList.declarations.map((d) => d.name.getText())
      : statement.name
        ? [statement.name.getText()]
        : [];
    for (const name of declared) {
      exported += 1;
      if (ts.getJSDocCommentsAndTags(statement).length > 0) documented += 1;
      names.set(name, (names.get(name) ?? new Set()).add(file));
    }
  }
  if (shown > MOST_NAMES && /index\.ts$/.test(file))
    troubles.push(`${file}: shows ${shown} names; a barrel shows at most ${MOST_NAMES}.`);
}
for (const [name, where] of names)
  if (where.size > 1)
    troubles.push(`${name} is exported from ${[...where].join(' and ')}: one name, one thing.`);
if (Object.keys(LONGER).length > 10) troubles.push('More than ten functions may be longer.');

for (const t of troubles) console.error(t);
console.log(`exports documented: ${documented} of ${exported}; examples: ${examples}`);
process.exit(troubles.length === 0 ? 0 : 1);
