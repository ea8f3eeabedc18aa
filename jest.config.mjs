const swc = [
  '@swc/jest',
  {
    jsc: {
      target: 'es2022',
      parser: { syntax: 'typescript', tsx: true },
      transform: { react: { runtime: 'automatic' } },
    },
    module: { type: 'commonjs' },
  },
];
/**
 * Each test file runs in a world of its own, in which names of the language are slow to look up. Given to it at once, drawing runs three
 * times as quick. Packages of the screens have icons of some of these names.
 */
const OF_THE_LANGUAGE = ['Math', 'Infinity', 'Number', 'Array', 'Object', 'Map', 'Set', 'String', 'JSON'];
const shared = {
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
  modulePathIgnorePatterns: ['<rootDir>/.next/', '<rootDir>/dist/'],
  transform: { '^.+\\.[tj]sx?$': swc },
  transformIgnorePatterns: [
    '/node_modules/(?!(@tanstack|nanoid|idb|double-metaphone|ics/node_modules/nanoid)/)',
  ],
};

/** Two projects: the core and the store run in plain Node, the screens' pieces in jsdom. */
const config = {
  projects: [
    {
      ...shared,
      displayName: 'node',
      testEnvironment: 'node',
      testMatch: ['<rootDir>/src/**/*.test.ts'],
      sandboxInjectedGlobals: OF_THE_LANGUAGE,
    },
    {
      ...shared,
      displayName: 'dom',
      sandboxInjectedGlobals: ['Math'],
      testEnvironment: '<rootDir>/src/testing/dom-environment.ts',
      testMatch: ['<rootDir>/src/**/*.test.tsx'],
      setupFilesAfterEnv: ['<rootDir>/src/testing/dom-setup.ts'],
    },
  ],
};

export default config;
