import next from 'eslint-config-next';
import tseslint from 'typescript-eslint';

/** What the pure core may not touch: the screen, the disk, the clock and chance. */
const impure = [
  ...['react', 'react-dom', 'next', 'idb', 'zustand', 'comlink', 'chart.js', 'sonner'].map((name) => ({
    name,
    message: 'The core is pure: no interface, no store.',
  })),
];

export default tseslint.config(
  {
    ignores: [
      '.next/**',
      'node_modules/**',
      'dist/**',
      'public/**',
      'next-env.d.ts',
      'test-results/**',
      'playwright-report/**',
      'scripts/**',
      'bench/**/*.mjs',
      'bench/empty/**',
      'src/catalogue/shipped.ts',
      'src/catalogue/origins.ts',
      'src/catalogue/dresses.ts',
    ],
  },
  ...next,
  ...tseslint.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      '@typescript-eslint/no-non-null-assertion': 'off',
      'no-console': 'error',
      'react-hooks/incompatible-library': 'off',
    },
  },
  {
    // What only the types can tell: promises that nobody waits for, assertions that say nothing, switches with a hole.
    files: ['src/**/*.{ts,tsx}', 'e2e/**/*.ts', 'bench/**/*.ts'],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/await-thenable': 'error',
      '@typescript-eslint/no-misused-promises': 'error',
      '@typescript-eslint/no-unnecessary-type-assertion': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true },
      ],
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          paths: impure,
          patterns: [
            {
              group: [
                'node:*',
                '@/*',
                '**/store/**',
                '**/session/**',
                '**/features/**',
                '**/ui/**',
                '**/catalogue/index',
              ],
              message: 'The core imports only itself.',
            },
          ],
        },
      ],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'indexedDB',
        'localStorage',
        'fetch',
        'navigator',
        'setTimeout',
        'setInterval',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'Time is a parameter.' },
        { object: 'Math', property: 'random', message: 'Chance is a parameter.' },
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'Time is a parameter.',
        },
      ],
    },
  },
  {
    files: ['src/features/**/*.{ts,tsx}'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['@/features/*', '@/store/*', '../*/**'],
              message:
                'A screen knows the session, the core and the pieces of the interface, never another screen or the store.',
            },
          ],
        },
      ],
    },
  },
  {
    files: ['src/ui/**/*.{ts,tsx}'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['@/features/*', '@/store/*', '@/session/*'],
              message: 'Pieces of the interface decide nothing.',
            },
          ],
        },
      ],
    },
  },
);
