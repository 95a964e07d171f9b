// npm run words: gathers every word for people from the source into words/en.json, and puts what is new into each other
// language, empty until somebody says it. With --check it changes nothing and tells what is missing, left over or cannot be right.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';
import { home } from './lib.mjs';
import { housePrograms } from './program.mjs';

const WHERE = /^(web|core|server|contract)\/src\//;
const TESTS = /\.(test|fixture)\.tsx?$/;
const folder = join(home, 'words');

/** Every message, in the order of the files. */
function gather(program) {
  const types = program.getTypeChecker();
  const found = new Set();
  const literals = (type) =>
    (type.isUnion() ? type.types : [type])
      .flatMap((t) => (t.isStringLiteral() ? [t.value] : []))
      // The compiler has them in the order it met them.
      .sort();
  const look = (node) => {
    if (ts.isTaggedTemplateExpression(node) && /^tr(Nodes)?$/.test(node.tag.getText())) {
      const { template } = node;
      found.add(
        ts.isNoSubstitutionTemplateLiteral(template)
          ? template.text
          : template.templateSpans.reduce(
              (said, span, i) => `${said}{${i}}${span.literal.text}`,
              template.head.text,
            ),
      );
    } else if (ts.isCallExpression(node) && node.expression.getText() === 'trSense') {
      const [word, sense] = node.arguments;
      found.add(`${word.text} (${sense.text})`);
    } else if (ts.isCallExpression(node) && /^(trWord|mark)$/.test(node.expression.getText()))
      for (const word of literals(types.getTypeAtLocation(node.arguments[0])))
        if (/\p{L}/u.test(word)) found.add(word);
    ts.forEachChild(node, look);
  };
  for (const file of program
    .getSourceFiles()
    .filter((f) => WHERE.test(relative(home, f.fileName)) && !TESTS.test(f.fileName))
    .sort((a, b) => (a.fileName < b.fileName ? -1 : 1)))
    look(file);
  return [...found];
}

const places = (message) => (message.match(/\{\d+\}/g) ?? []).sort().join();
const edges = (message) => `${/^\s*/.exec(message)[0]}|${/\s*$/.exec(message)[0]}`;
/** What cannot be right of a message in another language. */
const wrongOf = (message, said) =>
  said === undefined || said === ''
    ? 'is not said'
    : places(message) !== places(said)
      ? `has other places: ${said}`
      : edges(message) !== edges(said)
        ? `has other spaces at its ends: ${said}`
        : undefined;

const read = (file) => JSON.parse(readFileSync(join(folder, file), 'utf8'));
const write = (file, words) => {
  writeFileSync(join(folder, file), `${JSON.stringify(words, null, 2)}\n`);
};

const others = readdirSync(folder).filter(
  (f) => /^[a-z]+\.json$/.test(f) && !/^(en|package)\./.test(f),
);
/** A plural of a message: "{0} gathers_few". */
const pluralOf = (key) => /^(.*)_(zero|one|two|few|many|other)$/s.exec(key)?.[1];
const asEnglish = (messages) => Object.fromEntries(messages.map((m) => [m, m]));

/** What is missing, left over or cannot be right of the catalogues. */
export function wordTroubles(program) {
  const messages = gather(program);
  const english = asEnglish(messages);
  const troubles = [];
  if (JSON.stringify(read('en.json')) !== JSON.stringify(english))
    troubles.push('en.json is not what the source says: npm run words');
  for (const file of others) {
    const there = read(file);
    for (const m of messages) {
      const wrong = wrongOf(m, there[m]);
      if (wrong) troubles.push(`${file}: “${m}” ${wrong}`);
    }
    for (const key of Object.keys(there))
      if (!(key in english) && !(pluralOf(key) in english))
        troubles.push(`${file}: “${key}” is said nowhere any more`);
  }
  return troubles;
}

function writeAnew() {
  const messages = gather(housePrograms().program);
  const english = asEnglish(messages);
  write('en.json', english);
  for (const file of others) {
    const there = read(file);
    const plurals = Object.entries(there).filter(([key]) => pluralOf(key) in english);
    write(file, {
      ...Object.fromEntries(messages.map((m) => [m, there[m] ?? ''])),
      ...Object.fromEntries(plurals),
    });
    const open = messages.filter((m) => !there[m]).length;
    console.log(`${file}: ${messages.length} messages, ${open} not said yet`);
  }
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  if (process.argv.includes('--check')) {
    const troubles = wordTroubles(housePrograms().program);
    for (const t of troubles.slice(0, 40)) console.error(t);
    if (troubles.length > 40) console.error(`… and ${troubles.length - 40} more`);
    process.exit(troubles.length === 0 ? 0 : 1);
  } else writeAnew();
}
