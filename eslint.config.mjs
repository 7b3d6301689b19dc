import js from '@eslint/js';
import { defineConfig } from 'eslint/config';
import prettier from 'eslint-config-prettier';
import imports from 'eslint-plugin-import-x';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

/** The folders of core, in the order of the road a quantity travels. Each may import only those to its left. */
const coreFolders = [
  'quantity',
  'heat',
  'food',
  'kitchen',
  'recipe',
  'scaling',
  'stock',
  'cost',
  'storage',
  'week',
  'session',
  'schedule',
  'run',
  'learn',
  'formats',
  'starters',
  'view',
];

/** Web has an order too: each may import only those before it, and a feature whatever it needs of all three. */
const webLayers = ['parts', 'api', 'app'];
const webFeatures = [
  'cost',
  'devices',
  'food',
  'kitchen',
  'lookback',
  'offline',
  'recipe',
  'run',
  'scaling',
  'session',
  'stock',
  'storage',
  'today',
  'week',
];
const inWeb = (folder) => `./apps/web/src/${folder}`;

export default defineConfig(
  { ignores: ['**/dist/', '**/node_modules/', '.data/', 'test-results/', '**/*.cjs'] },
  js.configs.recommended,
  {
    files: ['**/*.mjs'],
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        fetch: 'readonly',
        setTimeout: 'readonly',
        setInterval: 'readonly',
        clearInterval: 'readonly',
        URL: 'readonly',
        performance: 'readonly',
        localStorage: 'readonly',
        navigator: 'readonly',
        AbortSignal: 'readonly',
        Buffer: 'readonly',
        crypto: 'readonly',
        document: 'readonly',
        requestAnimationFrame: 'readonly',
        window: 'readonly',
        Node: 'readonly',
        getComputedStyle: 'readonly',
      },
    },
  },
  {
    files: ['**/*.{ts,tsx}'],
    extends: [ts.configs.recommendedTypeChecked],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    plugins: { 'import-x': imports },
    rules: {
      '@typescript-eslint/consistent-type-imports': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/no-non-null-assertion': 'error',
    },
  },
  {
    files: ['packages/core/src/**/*.ts'],
    rules: {
      'import-x/no-restricted-paths': [
        'error',
        {
          basePath: import.meta.dirname,
          zones: coreFolders.slice(0, -1).map((folder, place) => ({
            target: `./packages/core/src/${folder}`,
            from: coreFolders.slice(place + 1).map((right) => `./packages/core/src/${right}`),
            message: `core: ${folder} may import only the folders to its left.`,
          })),
        },
      ],
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: '^(?!\\.|fraction\\.js$|valibot$|fast-check$|node:|@lhncbc/)',
              message: 'core imports no framework.',
            },
          ],
        },
      ],
      'no-restricted-globals': ['error', 'window', 'document', 'process', 'fetch', 'setTimeout'],
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.object.name='Date'][callee.property.name='now']",
          message: 'core has no clock: hand in the moment.',
        },
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'core has no clock: hand in the moment.',
        },
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'core is deterministic: hand in a seed.' },
      ],
    },
  },
  {
    files: ['apps/web/src/{parts,api,app}/**/*.{ts,tsx}'],
    // Where the whole is put together: the store of all slices, the routes, and what the shell opens lazily.
    ignores: ['apps/web/src/app/{store,router,useWaits,Shell,QuickLine}.{ts,tsx}', '**/*.test.{ts,tsx}'],
    rules: {
      'import-x/no-restricted-paths': [
        'error',
        {
          basePath: import.meta.dirname,
          zones: webLayers.map((layer, place) => ({
            target: inWeb(layer),
            from: [...webLayers.slice(place + 1), ...webFeatures].map(inWeb),
            message: `web: ${layer} may import only what stands before it: parts, api, app, features.`,
          })),
        },
      ],
    },
  },
  { files: ['packages/core/src/**/*.test.ts'], rules: { 'no-restricted-globals': 'off' } },
  { files: ['apps/web/src/**/*.{ts,tsx}'], extends: [hooks.configs.flat.recommended] },
  {
    files: ['apps/web/src/**/*.tsx'],
    ignores: ['**/*.test.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        ...['consequent', 'alternate'].flatMap((branch) =>
          ['Literal', 'TemplateLiteral'].map((kind) => ({
            selector: `ConditionalExpression[test.operator=/^[=!>]/][test.right.value=1][${branch}.type='${kind}']`,
            message:
              'A word that goes by a number is said by counted() of core, or by a function in the words of its feature.',
          })),
        ),
      ],
    },
  },
  { files: ['**/*.test.{ts,tsx}'], rules: { '@typescript-eslint/no-non-null-assertion': 'off' } },
  prettier,
);
