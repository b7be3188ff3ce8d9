import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import reactHooks from 'eslint-plugin-react-hooks';
import { defineConfig, globalIgnores } from 'eslint/config';
import globals from 'globals';
import tseslint from 'typescript-eslint';
import { formatterStaysOn } from './scripts/lint/formatterStaysOn.js';

/** Budgets of size: a file or function over them holds two things. */
const budgets = {
  'max-lines': ['error', { max: 400, skipBlankLines: true, skipComments: true }],
  'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
};

const namedExportsAndUnions = [
  { selector: 'ExportDefaultDeclaration', message: 'Name what is exported.' },
  { selector: 'TSEnumDeclaration', message: 'A union of strings needs no code.' },
];

/** What differs between editions is a figure, section or certainty of the edition; nobody counts years. */
const noYears = [
  {
    selector: 'BinaryExpression[operator=/^[<>]=?$/] > MemberExpression[property.name="year"]',
    message: 'Ask the edition for what differs, not for its year.',
  },
  {
    selector: 'BinaryExpression[operator=/^([<>]=?|[!=]==)$/] > Literal[raw=/^20[0-9][0-9]$/]',
    message: 'Ask the edition for what differs, not for its year.',
  },
];

/** The machine's clock is read in one place; everything else is told the moment. */
const noClock = [
  {
    selector: 'CallExpression[callee.object.name="Date"][callee.property.name="now"]',
    message: 'Ask src/store/clock.ts.',
  },
  { selector: 'NewExpression[callee.name="Date"][arguments.length=0]', message: 'Ask src/store/clock.ts.' },
];

export default defineConfig([
  globalIgnores(['dist', 'coverage', 'test-results', 'playwright-report', 'node_modules', 'public', '*.cjs']),
  {
    // The core has no components: the boundaries keep React out of it.
    files: ['src/{app,features,store,ui}/**/*.{ts,tsx}', 'tests/**/*.tsx'],
    extends: [reactHooks.configs.flat.recommended],
    rules: {
      // It warns of what the React compiler would skip; no compiler runs here.
      'react-hooks/incompatible-library': 'off',
    },
  },
  {
    files: ['**/*.{ts,tsx}'],
    extends: [js.configs.recommended, tseslint.configs.strict],
    // What needs types is checked by oxlint (.oxlintrc.json), which reads them ten times as fast.
    languageOptions: { globals: { ...globals.browser, ...globals.node } },
    plugins: { pasture: { rules: { 'formatter-stays-on': formatterStaysOn } } },
    rules: {
      ...budgets,
      'pasture/formatter-stays-on': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/consistent-type-assertions': ['error', { assertionStyle: 'never' }],
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'no-restricted-syntax': ['error', ...namedExportsAndUnions, ...noClock],
    },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    rules: { 'no-restricted-syntax': ['error', ...namedExportsAndUnions, ...noYears, ...noClock] },
  },
  {
    files: ['src/store/clock.ts'],
    rules: { 'no-restricted-syntax': ['error', ...namedExportsAndUnions, ...noYears] },
  },
  {
    files: ['src/core/**/*.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'localStorage',
        'navigator',
        'crypto',
        'Date',
        'fetch',
      ],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random' }],
    },
  },
  {
    // A quantity is a number that the compiler alone tells apart, and a finding of one code is one of all:
    // these are the only places in which the compiler is told so.
    files: [
      'src/core/units/quantity.ts',
      'src/core/working/worked.ts',
      'src/core/findings/finding.ts',
      'src/store/persistence/database.ts',
    ],
    rules: { '@typescript-eslint/consistent-type-assertions': 'off' },
  },
  {
    // The calendar of given moments: the one place that may ask for a month. None asks for now.
    files: ['src/core/demand/calendar.ts'],
    rules: { 'no-restricted-globals': 'off' },
  },
  { files: ['src/core/code/tables/**'], rules: { 'max-lines': 'off' } },
  {
    // Tools that look for a default export.
    files: ['*.config.{ts,js}', 'tests/support/unitCounts.ts', 'tests/support/interfaceCounts.ts'],
    rules: { 'no-restricted-syntax': 'off' },
  },
  {
    files: ['tests/**', 'scripts/**'],
    rules: {
      'max-lines-per-function': 'off',
      '@typescript-eslint/consistent-type-assertions': 'off',
      '@typescript-eslint/no-non-null-assertion': 'off',
    },
  },
  prettier,
]);
