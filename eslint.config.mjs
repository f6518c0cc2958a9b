import eslint from '@eslint/js';
import angular from 'angular-eslint';
import prettier from 'eslint-config-prettier';
import globals from 'globals';
import tseslint from 'typescript-eslint';
import retired from './tools/retired-names.json' with { type: 'json' };

export default tseslint.config(
  {
    ignores: [
      '**/dist/**',
      '**/.angular/**',
      '**/node_modules/**',
      '.near-spoke/**',
      'test-results/**',
      'playwright-report/**',
    ],
  },
  {
    linterOptions: { reportUnusedDisableDirectives: 'error' },
  },
  {
    files: ['**/*.mjs', '**/*.cjs'],
    extends: [eslint.configs.recommended],
    languageOptions: {
      // Some functions run in a page.
      globals: { ...globals.node, localStorage: 'readonly' },
    },
  },
  {
    files: ['tools/test/**/*.mjs'],
    languageOptions: { globals: globals.jasmine },
  },
  {
    files: ['**/*.ts'],
    extends: [eslint.configs.recommended, ...tseslint.configs.strictTypeChecked],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      // The narrowing of an indexed element that was just checked.
      '@typescript-eslint/no-unnecessary-condition': 'off',
      // Contacts are spelled in ASCII: one character each.
      '@typescript-eslint/no-misused-spread': ['error', { allow: ['string'] }],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      'no-restricted-syntax': [
        'error',
        ...Object.entries(retired).map(([word, instead]) => ({
          selector: `Identifier[name=/[${word[0]}${word[0].toUpperCase()}]${word.slice(1)}/]`,
          message: `Say ${instead}: docs/glossary.md.`,
        })),
      ],
      'max-lines': ['error', { max: 360, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['packages/core/src/**/*.ts'],
    ignores: ['**/*.spec.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        ...['window', 'document', 'localStorage', 'fetch', 'process', 'Buffer'].map((name) => ({
          name,
          message: 'Core is pure: no DOM, no Node API, no network.',
        })),
      ],
      'no-restricted-properties': [
        'error',
        {
          object: 'Date',
          property: 'now',
          message: 'Core has no clock: take the time as an argument.',
        },
        {
          object: 'Math',
          property: 'random',
          message: 'Core has no randomness: take a seeded source.',
        },
      ],
    },
  },
  {
    files: ['apps/web/src/**/*.ts'],
    extends: [...angular.configs.tsRecommended],
    processor: angular.processInlineTemplates,
    rules: {
      '@angular-eslint/component-selector': [
        'error',
        { type: 'element', prefix: 'ns', style: 'kebab-case' },
      ],
      '@angular-eslint/prefer-on-push-component-change-detection': 'error',
      // Material's configurations are classes that are meant to be given as literals.
      '@typescript-eslint/no-unsafe-class-instance-assignment': 'off',
      '@typescript-eslint/no-extraneous-class': ['error', { allowWithDecorator: true }],
    },
  },
  {
    files: ['apps/web/src/**/*.html'],
    extends: [...angular.configs.templateRecommended, ...angular.configs.templateAccessibility],
    rules: {
      '@angular-eslint/template/prefer-control-flow': 'error',
    },
  },
  {
    // A test reads what the server says, whatever it is, and holds it against what it should be.
    files: ['apps/server/test/**/*.ts', 'apps/server/bench/**/*.ts', 'apps/web/src/**/*.spec.ts'],
    rules: Object.fromEntries(
      ['argument', 'assignment', 'call', 'member-access', 'return'].map((what) => [
        `@typescript-eslint/no-unsafe-${what}`,
        'off',
      ]),
    ),
  },
  prettier,
);
