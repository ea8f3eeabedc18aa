import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureInstalled, fail, root, say } from './lib.mjs';
import { folders, piecesOf } from './mutation/pieces.mjs';

/**
 * How many small faults, put into the core one by one, its tests notice: first those that sit beside the code, in the same folder, then,
 * for what these pass over, those of other folders that need the code. In pieces of some files of one folder: what was done is kept, so
 * that it can be stopped and gone on with, and a piece is run again when one of its files or of its folder's tests has changed.
 * `npm run mutate` runs for an hour; `npm run mutate -- MINUTES [folder…]` as long as is said, the folders that are named.
 * Of a file of tests those within its first quarter of a minute count.
 * The result stands in docs/mutation.md, what is done in docs/mutation.json, what was not noticed in dist/mutation; faults that no test can notice are excused by name in docs/mutation-excused.json.
 */
const AIM = 85;

const [minutes = '60', ...asked] = process.argv.slice(2);
const limit = Number(minutes) * 60_000;
if (!(limit >= 0)) fail(`mutate: needs minutes from 0 on. Found ${minutes}.`);
const unknown = asked.filter((name) => !folders.includes(name));
if (unknown.length > 0)
  fail(`mutate: no folder ${unknown.join(', ')} in src/core; there are ${folders.join(', ')}.`);
ensureInstalled();
// Loaded only now: packages may have been missing.
const { read, tryElsewhere, tryOwn } = await import('./mutation/tryFaults.mjs');
const place = join(root, 'dist', 'mutation');
mkdirSync(place, { recursive: true });
const stateFile = join(root, 'docs', 'mutation.json');
const state = read(stateFile, {});
const excused = read(join(root, 'docs', 'mutation-excused.json'), []);
const page = join(root, 'docs', 'mutation.md');

const isExcused = (one) =>
  excused.some(
    (excuse) =>
      excuse.file === one.file && excuse.original === one.original && excuse.replacement === one.replacement,
  );

async function runPiece(piece) {
  const faults = tryOwn(piece);
  if (!faults) return { hash: piece.hash, failed: true };
  const passedOver = faults.filter(({ isNoticed }) => !isNoticed);
  const left = await tryElsewhere(piece, passedOver);
  if (!left) return { hash: piece.hash, failed: true };
  const unnoticed = left.filter((one) => !isExcused(one));
  writeFileSync(join(place, `${piece.name}-left.json`), `${JSON.stringify(unnoticed, null, 1)}\n`);
  return {
    hash: piece.hash,
    own: faults.length - passedOver.length,
    elsewhere: passedOver.length - left.length,
    excused: left.length - unnoticed.length,
    left: unnoticed.length,
  };
}

const all = folders.flatMap(piecesOf);
const isDone = ({ name, hash }) => state[name]?.hash === hash && state[name].own !== undefined;
const share = ({ own, elsewhere, left }) =>
  `${((100 * (own + elsewhere)) / Math.max(1, own + elsewhere + left)).toFixed(1)} %`;
const together = (done) =>
  Object.fromEntries(
    ['own', 'elsewhere', 'excused', 'left'].map((what) => [
      what,
      done.reduce((sum, one) => sum + one[what], 0),
    ]),
  );
const row = (name, part, sum) =>
  `| ${name} | ${part} | ${sum.own} | ${sum.elsewhere} | ${sum.left} | ${sum.excused} | ${share(sum)} |`;

function write() {
  const known = Object.fromEntries(all.filter(isDone).map(({ name }) => [name, state[name]]));
  writeFileSync(stateFile, `${JSON.stringify(known, null, 1)}\n`);
  const rows = folders.flatMap((folder) => {
    const pieces = all.filter((piece) => piece.folder === folder);
    const done = pieces.filter(isDone).map(({ name }) => state[name]);
    if (done.length === 0) return [];
    const part = done.length === pieces.length ? 'all' : `${done.length} of ${pieces.length} pieces`;
    return [row(folder, part, together(done))];
  });
  const done = all.filter(isDone);
  const sum = row(
    '**together**',
    `${done.length} of ${all.length} pieces`,
    together(done.map(({ name }) => state[name])),
  );
  writeFileSync(
    page,
    `# Mutation score of the core

Written by \`npm run mutate\`: small faults are put into the core one by one, and its tests are run: those that sit beside the code, in the same folder, and then, against what these pass over, those of other folders that need the code (for some seconds a fault; of other folders without the slowest, and not for faults of many lines; of a file of tests what runs within a quarter of a minute). A lower bound: the tests of screens, store and session go through the core too. Aim: ${AIM} % and more are noticed. What no test can notice is excused by name in \`mutation-excused.json\`. Folders that are not named were not run yet.

| folder | run | noticed beside | noticed elsewhere | not noticed | excused | share |
|---|---|---|---|---|---|---|
${[...rows, sum].join('\n')}
`,
  );
}

const began = Date.now();
const wanted = all.filter((piece) => !isDone(piece) && (asked.length === 0 || asked.includes(piece.folder)));
for (const piece of wanted) {
  if (Date.now() - began >= limit) break;
  const started = Date.now();
  const result = await runPiece(piece);
  state[piece.name] = result;
  write();
  say(
    `mutate: ${piece.name}: ${result.failed ? 'failed' : `${share(result)}, ${result.left} not noticed`} (${Math.round((Date.now() - started) / 1000)} s)`,
  );
}
write();
say(`mutate: ${all.filter(isDone).length} of ${all.length} pieces are done`);
