import { existsSync, readFileSync, readdirSync } from 'node:fs';
import layers from '../../docs/layers.json';

/** The table of `docs/architecture.md` is the table that the dependency check proves. */
describe('the layer table', () => {
  const doc = readFileSync('docs/architecture.md', 'utf8');
  it.each(layers.map((row) => [row.folder, row] as const))(
    'has the row of %s in the docs as it is proved',
    (folder, row) => {
      expect(existsSync(folder)).toBe(true);
      const imports =
        row.mayImport.map((one) => `\`${one.replace(/^src\/(core\/)?/, '')}\``).join(', ') || 'nothing';
      expect(doc).toContain(`| \`${folder}\` | ${row.is} | ${imports} |`);
    },
  );
  it('has a row for every folder', () => {
    const known = new Set(layers.map(({ folder }) => folder));
    const folders = ['src/core', 'src'].flatMap((parent) =>
      readdirSync(parent, { withFileTypes: true })
        .filter((entry) => entry.isDirectory())
        .map((entry) => `${parent}/${entry.name}`),
    );
    expect(folders.filter((folder) => !known.has(folder))).toEqual(['src/core', 'src/testing', 'src/types']);
  });
});

/** Paths of sources that the docs name, as `core/water/osmosis.ts`. */
describe('the docs', () => {
  const docs = [
    'README.md',
    ...readdirSync('docs', { recursive: true }).map((name) => `docs/${String(name)}`),
  ];
  it.each(docs.filter((name) => name.endsWith('.md')))('name no source that is not there: %s', (name) => {
    const paths = [...readFileSync(name, 'utf8').matchAll(/`((?:src\/)?[a-z]\w*\/[\w/.-]+\.tsx?)`/g)].map(
      ([, path]) => path as string,
    );
    expect(paths.filter((path) => !existsSync(path) && !existsSync(`src/${path}`))).toEqual([]);
  });
});
