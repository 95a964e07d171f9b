// Lint rules of the house.
import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import ts from 'typescript';
import tseslint from 'typescript-eslint';
import house from './scripts/eslintWords.mjs';

const LONG = process.env['ZANFIRICO_LONG'] === '1';
const numbers = ts.readConfigFile('tsconfig.numbers.json', ts.sys.readFile).config;

export default tseslint.config(
  {
    ignores: ['**/dist/**', 'bench/.bench.mjs', '**/node_modules/**', 'data/**', 'test-results/**'],
  },
  js.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    extends: [...tseslint.configs.strictTypeChecked, ...tseslint.configs.stylisticTypeChecked],
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    plugins: { house },
    rules: {
      'house/words-are-no-data': 'error',
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/non-nullable-type-assertion-style': 'off',
      '@typescript-eslint/no-unnecessary-type-parameters': 'off',
      // What cost most of the time and finds least here: there is no enum and hardly a class in the house, and what is
      // deprecated changes only when packages do (npm run check:deprecated).
      '@typescript-eslint/no-unsafe-class-instance-assignment': 'off',
      '@typescript-eslint/no-unsafe-enum-assignment': 'off',
      '@typescript-eslint/no-deprecated': 'off',
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: false }],
    },
  },
  {
    files: ['web/**/*.{ts,tsx}'],
    extends: [jsxA11y.flatConfigs.strict, reactHooks.configs.flat.recommended],
    languageOptions: { globals: globals.browser },
    // What takes the compiler of React over every file, four tenths of the time of all lint, is asked by npm run test:long.
    // That a library of ours returns functions that cannot be kept is known: the lists are its.
    rules: LONG
      ? { 'react-hooks/incompatible-library': 'off' }
      : Object.fromEntries(
          Object.keys(reactHooks.configs.flat.recommended.rules)
            .filter((rule) => !/rules-of-hooks|exhaustive-deps/.test(rule))
            .map((rule) => [rule, 'off']),
        ),
  },
  {
    // One program holds every package, so what a browser or Node has would type-check anywhere: the core does without.
    files: ['core/src/**/*.ts', 'contract/src/**/*.ts'],
    ignores: ['**/*.test.ts', 'contract/src/publish.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        ...Object.keys({ ...globals.browser, ...globals.node }).filter(
          (name) => !(name in globals.es2025) && name !== 'structuredClone',
        ),
      ],
    },
  },
  {
    files: ['web/src/**/*.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector:
            "JSXOpeningElement[name.name='option']:not(:has(> JSXAttribute[name.name='value']))",
          message:
            'An option without a value has what it says for one: in another language, another word.',
        },
      ],
    },
  },
  {
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: { 'house/said-when-asked': 'error' },
  },
  {
    // An index is not asserted there (tsconfig.numbers.json), so whether one was met may still be asked.
    files: numbers.include.map((room) => `${room}/**/*.ts`),
    rules: {
      '@typescript-eslint/no-unnecessary-condition': 'off',
      '@typescript-eslint/no-unnecessary-boolean-literal-compare': 'off',
    },
  },
  {
    files: ['**/*.test.ts', 'e2e/**/*.ts'],
    rules: { '@typescript-eslint/no-unsafe-assignment': 'off' },
  },
  { files: ['**/*.{js,mjs,cjs}'], languageOptions: { globals: globals.node } },
  prettier,
);
