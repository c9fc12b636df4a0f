import next from 'eslint-config-next';
import nextTypescript from 'eslint-config-next/typescript';

const clockAndChance = [
  {
    selector: "CallExpression[callee.object.name='Date'][callee.property.name='now']",
    message: 'The core has no clock: take the time as an argument.',
  },
  {
    selector: "NewExpression[callee.name='Date'][arguments.length=0]",
    message: 'The core has no clock: take the time as an argument.',
  },
  {
    selector: "CallExpression[callee.object.name='Math'][callee.property.name='random']",
    message: 'The core has no chance: take random numbers as an argument.',
  },
];

const LONG = { max: 80, skipBlankLines: true, skipComments: true };

/** Rules of React's compiler read every function there is: where nothing is drawn they only take time. */
const hooks = Object.assign({}, ...next.map(({ rules }) => rules));
const noHooks = Object.fromEntries(
  Object.keys(hooks)
    .filter((rule) => rule.startsWith('react-hooks/'))
    .map((rule) => [rule, 'off']),
);

const config = [
  { ignores: ['.next/**', 'node_modules/**', 'next-env.d.ts', 'test-results/**', 'playwright-report/**'] },
  ...next,
  ...nextTypescript,
  {
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      'max-params': ['error', 5],
    },
  },
  { files: ['src/{core,contract,data,formats,server}/**', 'tests/**', 'scripts/**'], rules: noHooks },
  { files: ['**/*.test.ts', 'src/core/marinades/ingredientRow.ts'], rules: { 'max-params': 'off' } },
  {
    // A table of words is one function by nature; a migration and a test tell one story.
    files: ['src/**/*.ts', 'src/**/*.tsx', 'scripts/**/*.mjs'],
    ignores: ['**/*.test.ts', 'src/core/words/{jobWords,cautionWords}.ts'],
    rules: { 'max-lines-per-function': ['error', LONG] },
  },
  {
    files: ['src/**'],
    ignores: ['src/ui/primitives/link.tsx'],
    rules: {
      'no-restricted-imports': [
        'error',
        { name: 'next/link', message: 'Take ui/primitives/link: it asks ahead for nothing.' },
      ],
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['src/core/**/*.test.ts'],
    rules: { 'no-restricted-syntax': ['error', ...clockAndChance] },
  },
];

export default config;
