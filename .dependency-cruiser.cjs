/** Arrows that may not be drawn: cycles, and anything that leads out of the core. */
module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^src/core', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/(app|catalogue|cli|demo|features|session|store|ui|workers)' },
    },
    {
      name: 'screens-apart',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/features/([^/]+)/', pathNot: '^src/features/$1/' },
    },
    {
      name: 'store-behind-session',
      severity: 'error',
      from: { path: '^src/(app|features|ui)' },
      to: { path: '^src/store' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
  },
};
