import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { buildApp } from './build.mjs';
import { buildCli } from './build-cli.mjs';
import { ensureInstalled, freePort, root, run, runBeside, runBin, say } from './lib.mjs';

const results = join(root, 'test-results');
let passed = 0;
let failed = 0;

const began = Date.now();
/** Says how something came out, and how many seconds the tests have run. */
const told = (isGood, what) =>
  say(`${isGood ? 'passed' : 'FAILED'}: ${what} (${Math.round((Date.now() - began) / 1000)} s)`);

/** Counts a check that only passes or fails. */
function check(name, status) {
  told(status === 0, name);
  if (status === 0) passed += 1;
  else failed += 1;
}

/** Counts one of the long trials, in small. */
async function trial(name, run) {
  const { ok, said } = await run().catch((error) => ({ ok: false, said: String(error) }));
  if (!ok) say(said);
  check(name, ok ? 0 : 1);
}

const read = (name) =>
  existsSync(join(results, name)) ? JSON.parse(readFileSync(join(results, name), 'utf8')) : null;

/** Debian's Chromium, installed when this may be done; otherwise one line on what to install. */
function chromium() {
  const path = process.env.CHROMIUM ?? '/usr/bin/chromium';
  if (existsSync(path)) return true;
  if (process.getuid?.() === 0 && spawnSync('apt-get', ['--version'], { stdio: 'ignore' }).status === 0) {
    say("installing Debian's chromium for the browser tests");
    run('apt-get', ['update'], { stdio: 'ignore' });
    run('apt-get', ['install', '-y', '--no-install-recommends', 'chromium'], { stdio: 'ignore' });
    if (existsSync(path)) return true;
  }
  say(
    'the browser tests need Chromium: install the Debian package "chromium", or name another with CHROMIUM=/path, then run npm test again.',
  );
  return false;
}

say(
  'test: installs what is missing, then types, lint, unit and property tests, build, command line, browser tests (about twenty minutes)',
);
ensureInstalled();
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });

/** Checks one after the other. */
async function inTurn(checks) {
  for (const [name, ...command] of checks) check(name, await runBeside(...command));
}
// Each needs one core: the slowest stands beside all the others.
await Promise.all([
  inTurn([['lint', 'eslint', ['.', '--max-warnings=0']]]),
  inTurn([
    ['types', 'tsc', ['--noEmit']],
    ['types of the core alone', 'tsc', ['--noEmit', '-p', 'tsconfig.core.json']],
    ['layers and cycles', 'depcruise', ['src']],
    ['nothing unused', 'knip', ['--no-config-hints']],
  ]),
]);

const jestStatus = runBin(
  'jest',
  ['--maxWorkers=2', '--json', `--outputFile=${join(results, 'jest.json')}`, '--silent'],
  {
    stdio: ['ignore', 'ignore', 2],
  },
);
const jest = read('jest.json');
if (jest) {
  passed += jest.numPassedTests;
  failed += jest.numFailedTests + jest.numRuntimeErrorTestSuites;
  told(
    jest.numFailedTests === 0,
    `${jest.numPassedTests} unit, property, reference, store and catalogue tests`,
  );
}
if (jestStatus !== 0 && (!jest || jest.numFailedTests + jest.numRuntimeErrorTestSuites === 0))
  check('jest', jestStatus);

await buildApp();
await buildCli();
check(
  'the command line by npm',
  spawnSync('npm', ['run', '-s', 'lomvik', '--', 'species', 'neon tetra'], {
    cwd: root,
    encoding: 'utf8',
  }).stdout.includes('"paracheirodon-innesi"')
    ? 0
    : 1,
);

if (chromium()) {
  const port = await freePort(4391);
  const status = runBin('playwright', ['test'], {
    stdio: ['ignore', 2, 2],
    env: { ...process.env, E2E_PORT: String(port) },
  });
  const e2e = read('e2e.json');
  if (e2e) {
    passed += e2e.stats.expected + e2e.stats.flaky;
    failed += e2e.stats.unexpected;
    told(e2e.stats.unexpected === 0, `${e2e.stats.expected} browser tests`);
  }
  if (status !== 0 && (!e2e || e2e.stats.unexpected === 0)) check('browser tests', status);
  // Loaded only now: packages may have been missing when this began.
  const { stores } = await import('./trials/stores.mjs');
  const { kills } = await import('./trials/kills.mjs');
  const { tabs } = await import('./trials/tabs.mjs');
  await trial('each fault of each store is said, and nothing is lost with it', () => stores());
  await trial('the browser killed ten times while it writes loses nothing', () => kills(1, 10));
  await trial('four tabs racing for twenty rounds lose nothing', () => tabs(1, 20));
} else failed += 1;

process.stdout.write(`${passed} passed, ${failed} failed\n`);
process.exit(failed === 0 ? 0 : 1);
