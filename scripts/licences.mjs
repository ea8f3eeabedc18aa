import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root, say } from './lib.mjs';

/** What a package says of itself where the lock file says nothing: older ones name several licences. */
function ownWord(path) {
  const { license, licenses } = JSON.parse(readFileSync(join(root, path, 'package.json'), 'utf8'));
  return license?.type ?? license ?? licenses?.map(({ type }) => type).join(', ') ?? '';
}

/** Writes which packages, fonts among them, are shipped or needed at run time, each with its version and licence. */
const { packages } = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8'));
const rows = Object.entries(packages)
  .filter(([path, one]) => path !== '' && !one.dev && !one.devOptional && !one.optional)
  .map(([path, { version, license }]) => [
    path.slice(path.lastIndexOf('node_modules/') + 13),
    version,
    license ?? ownWord(path),
  ])
  .sort(([a, one], [b, other]) => (a === b ? (one < other ? -1 : 1) : a < b ? -1 : 1))
  .filter(([name, version], at, all) => name !== all[at - 1]?.[0] || version !== all[at - 1]?.[1]);
const unknown = rows.filter(([, , licence]) => licence === '').map(([name]) => name);
writeFileSync(
  join(root, 'docs', 'licences.md'),
  [
    '# Licences',
    '',
    'Lomvik is under the MIT licence ([LICENSE](../LICENSE)). It ships or needs these packages, the two fonts among them;',
    'written by `npm run docs` from the lock file.',
    '',
    '| package | version | licence |',
    '|---|---|---|',
    ...rows.map((row) => `| ${row.join(' | ')} |`),
    '',
  ].join('\n'),
);
say(
  `licences: ${rows.length} packages${unknown.length > 0 ? `, without a licence: ${unknown.join(', ')}` : ''}`,
);
