import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['**/dist/**', '**/dist-types/**', '**/node_modules/**', '.graft/**', 'e2e/results/**'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  {
    rules: {
      'no-console': 'error',
      eqeqeq: 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/no-non-null-assertion': 'off',
    },
  },
  {
    // Rules that ask the compiler: what is promised is awaited, every case is met, no `!` asserts nothing.
    files: ['packages/core/src/**/*.ts', 'apps/*/src/**/*.{ts,tsx}', 'e2e/**/*.ts'],
    languageOptions: {
      parserOptions: {
        project: [
          './packages/core/tsconfig.test.json',
          './apps/{cli,server,web}/tsconfig.test.json',
          './e2e/tsconfig.json',
        ],
        tsconfigRootDir: import.meta.dirname,
      },
    },
    rules: {
      '@typescript-eslint/await-thenable': 'error',
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': 'error',
      '@typescript-eslint/no-unnecessary-type-assertion': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': 'error',
    },
  },
  {
    // What is read is short: a component that grows is put together from smaller ones.
    files: ['packages/core/src/**/*.ts', 'apps/*/src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}', '**/testing/**'],
    rules: {
      complexity: ['error', 20],
      'max-lines-per-function': ['error', { max: 150, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    // The engines: a file is one idea, a function is read at one sight.
    files: ['packages/core/src/{share,stow}/**/*.ts', 'packages/core/assembly/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'max-lines': ['error', 300],
      'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    // The core has no clock, no hidden randomness, no I/O.
    files: ['packages/core/src/**/*.ts'],
    ignores: ['**/*.test.ts', 'packages/core/src/testing/**'],
    rules: {
      'no-restricted-globals': [
        'error',
        'process',
        'window',
        'document',
        'fetch',
        'setTimeout',
        'performance',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Randomness is an argument: use a seeded source.' },
        { object: 'Date', property: 'now', message: 'Time is an argument.' },
      ],
    },
  },
  {
    files: ['apps/web/src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    rules: reactHooks.configs.recommended.rules,
  },
  {
    files: ['**/*.mjs', 'apps/server/**', 'apps/cli/**', 'e2e/**'],
    languageOptions: { globals: globals.node },
  },
  {
    files: ['apps/web/src/testing/*.mjs'],
    languageOptions: { globals: globals.browser },
  },
  {
    // Parts of it run in the browser that it drives.
    files: ['scripts/lib/benchSheets.mjs'],
    languageOptions: { globals: { ...globals.node, ...globals.browser } },
  },
);
