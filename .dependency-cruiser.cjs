/* eslint-disable @typescript-eslint/no-require-imports -- the checker reads its settings as CommonJS */
const layers = require('./docs/layers.json');

const within = (folder) => `^${folder}${folder.endsWith('.ts') ? '$' : '/'}`;
/** Tests may look further than what they test. */
const TESTS = '(\\.test\\.tsx?$|^src/testing/)';

/** A folder may import only folders that stand above it in the table: so no two folders can ever import each other. */
layers.forEach(({ folder, mayImport }, index) => {
  const above = layers.slice(0, index).map((row) => row.folder);
  for (const other of mayImport)
    if (!above.some((known) => known === other || known.startsWith(`${other}/`)))
      throw new Error(`docs/layers.json: ${folder} imports ${other}, which does not stand above it`);
});

/** Arrows that may not be drawn: one rule a row of the layer table, cycles, and screens that know one another. */
module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    ...layers.map(({ folder, mayImport }) => ({
      name: `layer ${folder}`,
      severity: 'error',
      from: { path: within(folder), pathNot: TESTS },
      to: { path: '^src/', pathNot: [folder, ...mayImport].map(within).join('|') },
    })),
    ...layers
      .filter(({ folder }) => folder.startsWith('src/core/'))
      .map(({ folder }) => ({
        name: `face of ${folder}`,
        comment: `Others import \`${folder}\` and nothing inside it. What is loaded later may name its own file.`,
        severity: 'error',
        from: { path: '^src/', pathNot: `${within(folder)}|${TESTS}` },
        to: {
          path: within(folder),
          pathNot: `^${folder}/index\\.ts$`,
          dependencyTypesNot: ['dynamic-import'],
        },
      })),
    {
      name: 'every folder has a row',
      severity: 'error',
      from: { path: '^src/', pathNot: `${layers.map((row) => within(row.folder)).join('|')}|${TESTS}` },
      to: { path: '^src/' },
    },
    {
      name: 'screens-apart',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/features/([^/]+)/', pathNot: '^src/features/$1/' },
    },
    {
      name: 'state of the room knows no interface',
      severity: 'error',
      from: { path: '^src/session/[^/]+\\.ts$', pathNot: TESTS },
      to: { path: '^src/ui/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
  },
};
