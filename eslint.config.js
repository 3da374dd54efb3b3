import js from '@eslint/js';
import globals from 'globals';
import prettier from 'eslint-config-prettier';
import ts from 'typescript-eslint';
import vue from 'eslint-plugin-vue';

/** The body of an entry written out: kinds that nothing else is called. */
const ENTRY_MADE = {
  selector:
    "ObjectExpression > Property[key.name='kind'][value.value=/^(adopted|retired|done|skipped|putOff|dismissed|findingClosed|stockMoved|bought|replaced|removed|amends|voids|trait)$/]",
  message: 'Make the bodies of entries with core/ledger/write.',
};

export default ts.config(
  { ignores: ['dist/', '.bench/', '.data/', '.data-dev/', 'node_modules/', 'docs/'] },
  js.configs.recommended,
  ts.configs.strict,
  ts.configs.stylistic,
  vue.configs['flat/recommended'],
  {
    languageOptions: { globals: { ...globals.node, ...globals.browser }, ecmaVersion: 2023 },
    rules: {
      'no-console': 'error',
      eqeqeq: 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
      'max-lines': ['error', { max: 400, skipBlankLines: true }],
      'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: ts.parser } },
    rules: { 'vue/no-undef-components': ['error', { ignorePatterns: ['RouterLink', 'RouterView'] }] },
  },
  {
    files: [
      '**/*.test.ts',
      'test/**',
      'src/locales/**',
      'src/demo/data/**',
      'src/core/catalogue/data/**',
      'src/core/runs/data/**',
    ],
    rules: { 'max-lines-per-function': 'off', 'max-lines': 'off' },
  },
  {
    // A drawing is called after the thing it shows, and never stands as a tag of its own.
    files: ['src/web/drawings/**/*.vue'],
    rules: { 'vue/multi-word-component-names': 'off' },
  },
  {
    // Text that someone typed becomes a number in one place: core/units/typedNumber.ts.
    files: ['src/web/**', 'src/core/formats/**', 'src/adapters/**'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        ENTRY_MADE,
        {
          selector: 'CallExpression[callee.name=/^(Number|parseFloat|parseInt)$/]',
          message: 'Read typed numbers with core/units/typedNumber.ts (or web/parts/typed/fields.ts).',
        },
        {
          selector: "CallExpression[callee.object.name='Number'][callee.property.name=/^parse/]",
          message: 'Read typed numbers with core/units/typedNumber.ts (or web/parts/typed/fields.ts).',
        },
        {
          selector: "UnaryExpression[operator='+'][argument.type!='Literal']",
          message: 'Read typed numbers with core/units/typedNumber.ts (or web/parts/typed/fields.ts).',
        },
      ],
    },
  },
  {
    // Entries are made in one place: core/ledger/write.
    files: ['src/server/**', 'src/core/{readings,runs,upkeep,walkthrough}/**'],
    ignores: ['**/*.test.ts', 'src/core/runs/data/**'],
    rules: { 'no-restricted-syntax': ['error', ENTRY_MADE] },
  },
  { files: ['scripts/**', 'src/cli/**', 'bench/**'], rules: { 'no-console': 'off' } },
  prettier,
);
