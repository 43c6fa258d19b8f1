import { readdirSync } from 'node:fs';
import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

/** Who imports whom among our own is told by `.dependency-cruiser.mjs`; here is what a package may not take from outside. */
const forbid = (packages, why) => ({
  'no-restricted-imports': ['error', { patterns: [{ group: packages, message: why }] }],
});

/** A family of pumps is a folder: no other place may ask which one it has before it. */
const FAMILIES = readdirSync(new URL('./core/src/families', import.meta.url), { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map(({ name }) => name);
const NAME = `Literal[value=/^(${FAMILIES.join('|')})$/]`;
const ASKED = 'Ask the family’s own entry in the table (familyOf, screensOf) instead of its name.';
const noFamilyNames = {
  'no-restricted-syntax': [
    'error',
    { selector: `BinaryExpression[operator=/^[!=]==?$/] > ${NAME}`, message: ASKED },
    { selector: `SwitchCase > ${NAME}`, message: ASKED },
    { selector: `CallExpression[callee.name=/^is(View|Context|Profile)Of$/] > ${NAME}`, message: ASKED },
  ],
};

export default tseslint.config(
  {
    ignores: [
      '**/node_modules',
      'app/public/solver',
      '**/dist',
      '.build',
      '**/.expo',
      'docs/formats',
      '.barythm-data',
    ],
  },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  { languageOptions: { globals: { ...globals.node } } },
  {
    files: ['**/*.{ts,tsx}'],
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
    },
  },
  {
    files: ['{core,contract,server,app}/src/**/*.{ts,tsx}'],
    // within its own folder a family may well be named, and tests and demo data are of one pump or another
    ignores: [
      '**/families/*/**',
      '**/*.test.*',
      '**/fixtures.ts',
      '**/*-fixtures.ts',
      'server/src/demo/**',
      '**/testing/**',
    ],
    rules: noFamilyNames,
  },
  {
    files: ['core/**/*.ts'],
    rules: forbid(['react', 'react-native', 'fs', 'node:*'], 'The core computes: no interface, no Node.js.'),
  },
  {
    files: ['contract/**/*.ts'],
    rules: forbid(['react', 'react-native'], 'The contract has no interface.'),
  },
  {
    files: ['server/**/*.ts'],
    rules: forbid(['react', 'react-native'], 'The server has no interface.'),
  },
  {
    files: ['app/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    languageOptions: { globals: { ...globals.browser } },
    rules: {
      ...forbid(['node:*'], 'The app runs in a browser: no Node.js.'),
      'react-hooks/rules-of-hooks': 'error',
      'react-hooks/exhaustive-deps': 'error',
      '@typescript-eslint/no-require-imports': 'off',
    },
  },
  {
    // worked examples are read from disk by the tests alone
    files: ['core/**/*.test.ts', 'core/**/fixtures.ts', 'core/**/*.fixtures.ts', 'app/**/*.test.ts'],
    rules: { 'no-restricted-imports': 'off' },
  },
  { files: ['**/*.js'], rules: { '@typescript-eslint/no-require-imports': 'off' } },
);
