import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript';
import { importX } from 'eslint-plugin-import-x';
import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** The layers, top to bottom: a layer may import from itself and from those below it, never from above. */
const layers = [
  'app',
  'stages',
  'shop',
  'ui',
  'store',
  'workers',
  'standins',
  'offline',
  'demo',
  'exchange',
  'words',
  'facts',
  'records',
  'core',
];

const printed =
  'What a screen shows of a quantity it shows through a figure: <Printed> on the page, written() in a sentence, <Clock> for a countdown.';

const zones = layers.flatMap((layer, depth) =>
  layers.slice(0, depth).map((above) => ({
    target: `./src/${layer}`,
    from: `./src/${above}`,
    message: `${layer}/ may not import from ${above}/: imports run one way, top to bottom.`,
  })),
);

export default tseslint.config(
  { ignores: ['.next/', 'node_modules/', 'next-env.d.ts', 'public/'] },
  ...tseslint.configs.strict,
  {
    files: ['**/*.ts', '**/*.tsx'],
    languageOptions: { parserOptions: { projectService: true } },
    plugins: { 'import-x': importX, 'react-hooks': reactHooks },
    settings: { 'import-x/resolver-next': [createTypeScriptImportResolver({ project: './tsconfig.json' })] },
    rules: {
      ...reactHooks.configs.recommended.rules,
      'import-x/no-restricted-paths': ['error', { zones }],
      'import-x/no-duplicates': 'error',
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/unified-signatures': 'off',
      'no-console': 'error',
      eqeqeq: 'error',
    },
  },
  {
    files: ['src/{app,stages,shop,ui}/**/*.{ts,tsx}'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          paths: [
            {
              name: '@/core/quantity',
              importNames: ['format', 'show', 'showClock', 'showDuration'],
              message: printed,
            },
          ],
        },
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector: 'JSXOpeningElement[name.name="Link"]:not(:has(JSXAttribute[name.name="prefetch"]))',
          message:
            'Links do not prefetch: without a server a part asked for in advance has no answer. prefetch={false}.',
        },
        {
          selector:
            'CallExpression[callee.property.name=/^(show|parts|range)$/][callee.object.name=/units$/i]',
          message: printed,
        },
        { selector: 'CallExpression > MemberExpression[object.callee.name="useUnits"]', message: printed },
        {
          selector:
            'VariableDeclarator[init.callee.name="useUnits"] > ObjectPattern > Property[key.name=/^(show|parts|range)$/]',
          message: printed,
        },
        {
          selector: 'MemberExpression[object.name="units"][property.name=/^(show|parts|range)$/]',
          message: printed,
        },
        { selector: 'CallExpression[callee.property.name="toLocaleString"]', message: printed },
        {
          selector:
            ':matches(UnaryExpression[operator="void"], ExpressionStatement > AwaitExpression) > CallExpression[callee.property.name=/^(commit|keepPictures)$/]',
          message: 'A commit may not be taken by the disk: use its result.',
        },
      ],
    },
  },
  { ...jsxA11y.flatConfigs.recommended, files: ['src/**/*.tsx'] },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts', '**/*.bench.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            { group: ['@/*', 'react', 'next/*', 'zod'], message: 'core imports nothing but itself.' },
          ],
        },
      ],
      'no-restricted-globals': ['error', 'window', 'document', 'localStorage', 'setTimeout', 'fetch'],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'core takes no clock: pass the time in.' },
        { object: 'Math', property: 'random', message: 'core takes no randomness: pass a generator in.' },
      ],
    },
  },
  {
    files: ['**/*.test.ts', 'tests/**/*.ts', 'scripts/**/*', 'bench/**/*'],
    rules: { '@typescript-eslint/no-non-null-assertion': 'off', 'no-console': 'off' },
  },
);
