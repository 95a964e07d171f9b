// npm run check: types, words and lint over one program, each told with its time. The last line of each is "name: good" or what is wrong.
import { ESLint } from 'eslint';
import { home } from './lib.mjs';
import { housePrograms, typeTroubles } from './program.mjs';
import { wordTroubles } from './words.mjs';

let since = Date.now();
let wrong = 0;
const told = (name, troubles) => {
  console.log(
    `${name}: ${troubles === '' ? 'good' : 'FAILED'} (${((Date.now() - since) / 1000).toFixed(0)} s)`,
  );
  if (troubles !== '') {
    console.log(troubles);
    wrong += 1;
  }
  since = Date.now();
};

const programs = housePrograms();
const { program, numbers, rooms } = programs;
told('types', typeTroubles(programs));
if (process.argv.includes('--types')) process.exit(wrong);
told('words', wordTroubles(program).slice(0, 40).join('\n'));
// The rules ask the types the compiler has just worked out.
const eslint = new ESLint({
  cwd: home,
  overrideConfig: [
    {
      files: ['**/*.{ts,tsx}'],
      languageOptions: { parserOptions: { projectService: false, programs: [program] } },
    },
    {
      files: rooms.map((r) => `${r}/**/*.ts`),
      languageOptions: { parserOptions: { projectService: false, programs: [numbers] } },
    },
  ],
});
const results = await eslint.lintFiles(['.']);
const bad = results.filter((r) => r.errorCount + r.warningCount > 0);
told('lint', bad.length === 0 ? '' : await (await eslint.loadFormatter('stylish')).format(bad));
process.exit(wrong);
