import { readFileSync } from 'node:fs';

interface Locked {
  readonly packages: Readonly<
    Record<
      string,
      {
        readonly version: string;
        readonly dev?: boolean;
        readonly optional?: boolean;
        readonly devOptional?: boolean;
      }
    >
  >;
}

it('lists every package that is shipped, with a licence', () => {
  const { packages } = JSON.parse(readFileSync('package-lock.json', 'utf8')) as Locked;
  const listed = readFileSync('docs/licences.md', 'utf8');
  const missing = Object.entries(packages).filter(([path, { version, dev, optional, devOptional }]) => {
    const name = path.slice(path.lastIndexOf('node_modules/') + 13);
    return path !== '' && !dev && !optional && !devOptional && !listed.includes(`| ${name} | ${version} | `);
  });
  expect(missing).toEqual([]);
  expect(listed).not.toMatch(/\|\s*\|\n/);
});
