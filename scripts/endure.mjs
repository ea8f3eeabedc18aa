import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { buildApp } from './build.mjs';
import { ensureInstalled, fail, root, say } from './lib.mjs';

/**
 * The long trials of what must never happen to a record, in pieces: each piece has a seed of its own, and what was done is kept in
 * docs/endurance.json, so that it can be stopped and gone on with. `npm run endure` runs for an hour; `npm run endure -- MINUTES [trial…]` as long as is said. The result
 * stands in docs/endurance.md; a piece that fails is told with its seed and stays failed until it passes.
 */
const TRIALS = {
  files: {
    what: 'broken files of every format: never breaks the reader, each fault with its place, under 2 s, nothing accepted that is then refused',
    aim: 100_000,
    piece: 20_000,
    run: (seed, count) => jest('src/testing/mutants.test.ts', { MUTANTS: String(count), SEED: String(seed) }),
  },
  merges: {
    what: 'diverged rooms of three devices, merged: commutative, associative, idempotent, nothing left out; a month of two devices ends equal',
    aim: 20_000,
    piece: 500,
    run: (seed, count) =>
      jest('src/session/mergeRooms.property.test.ts', { MERGE_RUNS: String(count), SEED: String(seed) }),
  },
  stores: {
    browser: true,
    what: 'the database, its second copy and the folder for copies: full, cleared, deleted, refused, silent, upgraded, newer, damaged: what is said is true, what was typed stays, the rest works, nothing that was saved is lost',
    aim: 19,
    piece: 19,
    run: async (seed, count) => (await import('./trials/stores.mjs')).stores(seed, count),
  },
  kills: {
    browser: true,
    what: 'the browser killed while entries are written as fast as it can: nothing acknowledged is missing, nothing half; after every third kill the database is taken away, and the room is given back whole',
    aim: 500,
    piece: 25,
    run: async (seed, count) => (await import('./trials/kills.mjs')).kills(seed, count),
  },
  tabs: {
    browser: true,
    what: 'four tabs of one room at once: entries, one list changed by two, and taken back: nothing acknowledged is missing, all show the same at rest',
    aim: 500,
    piece: 50,
    run: async (seed, count) => (await import('./trials/tabs.mjs')).tabs(seed, count),
  },
};

/** One piece as tests; how it ended, and what it said if it failed. */
function jest(path, env) {
  const done = spawnSync(
    process.execPath,
    ['node_modules/jest/bin/jest.js', path, '--silent', '--selectProjects', 'node'],
    { cwd: root, encoding: 'utf8', env: { ...process.env, ...env }, maxBuffer: 1e8 },
  );
  return { ok: done.status === 0, said: `${done.stdout}${done.stderr}`.slice(0, 4000) };
}

const stateFile = join(root, 'docs', 'endurance.json');
const page = join(root, 'docs', 'endurance.md');
const [minutes = '60', ...asked] = process.argv.slice(2);
const limit = Number(minutes) * 60_000;
if (!(limit > 0)) fail(`endure: needs minutes above 0. Found ${minutes}.`);
const unknown = asked.filter((name) => !(name in TRIALS));
if (unknown.length > 0)
  fail(`endure: no trial ${unknown.join(', ')}; there are ${Object.keys(TRIALS).join(', ')}.`);
ensureInstalled();
if (asked.length === 0 || asked.some((name) => TRIALS[name].browser)) await buildApp();
const state = existsSync(stateFile) ? JSON.parse(readFileSync(stateFile, 'utf8')) : {};

function write() {
  writeFileSync(stateFile, `${JSON.stringify(state, null, 2)}\n`);
  const rows = Object.entries(TRIALS).map(([name, { what, aim }]) => {
    const { done = 0, failed = [], seeds = [], givenBack = 0 } = state[name] ?? {};
    const range = seeds.length === 0 ? 'none yet' : `${Math.min(...seeds)} to ${Math.max(...seeds)}`;
    return `| ${name} | ${what}${givenBack > 0 ? ` (${givenBack} so far)` : ''} | ${done.toLocaleString('en')} of ${aim.toLocaleString('en')} | ${range} | ${failed.length === 0 ? '0' : failed.map((one) => `seed ${one}`).join(', ')} |`;
  });
  writeFileSync(
    page,
    `# Endurance\n\nWritten by \`npm run endure\`; small trials of the same are in \`npm test\`.\n\n| trial | must hold | done | seeds | failed pieces |\n|---|---|---|---|---|\n${rows.join('\n')}\n`,
  );
}

const ends = Date.now() + limit;
for (const [name, { aim, piece, run }] of Object.entries(TRIALS)) {
  if (asked.length > 0 && !asked.includes(name)) continue;
  state[name] ??= { done: 0, seeds: [], failed: [] };
  const own = state[name];
  while (own.done < aim && Date.now() < ends) {
    const seed = own.failed[0] ?? Math.max(0, ...own.seeds) + 1;
    say(`endure: ${name}, seed ${seed}, ${piece} (${own.done} of ${aim} done)`);
    const { ok, said, givenBack = 0 } = await run(seed, piece);
    own.seeds = [...new Set([...own.seeds, seed])];
    own.failed = own.failed.filter((one) => one !== seed);
    own.givenBack = (own.givenBack ?? 0) + givenBack;
    if (ok) own.done += piece;
    else {
      own.failed.push(seed);
      say(said);
    }
    write();
    if (!ok) break;
  }
}
write();
if (Object.values(state).some(({ failed }) => failed.length > 0))
  fail('endure: a piece failed; its seed stands above.');
