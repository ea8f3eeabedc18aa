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
    { ...shared, displayName: 'node', testEnvironment: 'node', testMatch: ['<rootDir>/src/**/*.test.ts'] },
    {
      ...shared,
      displayName: 'dom',
      testEnvironment: '<rootDir>/src/testing/dom-environment.ts',
      testMatch: ['<rootDir>/src/**/*.test.tsx'],
      setupFilesAfterEnv: ['<rootDir>/src/testing/dom-setup.ts'],
    },
  ],
};

export default config;
