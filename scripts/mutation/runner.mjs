import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import vm from 'node:vm';
import { declareClassPlugin, PluginKind } from '@stryker-mutator/api/plugin';
import { determineHitLimitReached } from '@stryker-mutator/api/test-runner';
import { build } from 'esbuild';
import { collector, runTest } from './collect.mjs';

/** Packages that keep nothing from one run to the next: loaded once. */
const LOADED_ONCE = ['fast-check', 'yup', 'ajv', 'ajv/*', 'ical.js', 'highs'];
const TEST_FILE = '.test.ts';
/** So long the tests of one file are listened to at most; those behind are left out, which can only lower the score: ms. */
const A_FILE = 15_000;

/** A test that reads files beside it keeps its own folder. */
const ownFolder = {
  name: 'own folder',
  setup: ({ onLoad }) =>
    onLoad({ filter: /\.test\.ts$/ }, async ({ path }) => {
      const text = await readFile(path, 'utf8');
      const own = text.includes('__dirname') ? `const __dirname = ${JSON.stringify(dirname(path))};\n` : '';
      return { contents: own + text, loader: 'ts' };
    }),
};

/** The tests and all they need as one script: a function that gives, for each file, what loads it. */
async function bundled(files, folder) {
  const entry = files.map((file) => `${JSON.stringify(file)}: () => require('./${file}')`).join(',\n');
  const { outputFiles } = await build({
    stdin: { contents: `module.exports = {${entry}}`, resolveDir: folder, loader: 'js' },
    bundle: true,
    write: false,
    format: 'cjs',
    platform: 'node',
    target: 'node20',
    mainFields: ['module', 'main'],
    external: LOADED_ONCE,
    alias: { '@': join(folder, 'src') },
    plugins: [ownFolder],
    logLevel: 'silent',
  });
  return new vm.Script(`(function (require, module, exports) {${outputFiles[0].text}\n})`, {
    filename: join(folder, 'tests.cjs'),
    importModuleDynamically: vm.constants.USE_MAIN_CONTEXT_DEFAULT_LOADER,
  });
}

/** What a test failed with, or null. */
async function failure(test) {
  try {
    await runTest(test);
    return null;
  } catch (error) {
    return String(error?.message ?? error) || 'it failed';
  }
}

/** How long files of tests, and tests, took when they were run last: ms. */
function timesKept() {
  const file = process.env.MUTATION_TIMES;
  return existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : {};
}

/** Keeps how long they took, for the next run to know the slow ones. */
const keepTimes = (now) =>
  writeFileSync(process.env.MUTATION_TIMES, `${JSON.stringify({ ...timesKept(), ...now }, null, 1)}\n`);

/**
 * Runs the core's tests against one small fault after another in one process. Tests and code are one script, evaluated anew for each
 * fault: nothing is remembered from the fault before. MUTATION_TESTS names the files, MUTATION_TIMES a file for how long they took, and
 * MUTATION_PATIENCE for how long tests are tried against one fault; ms.
 */
class BundledRunner {
  static inject = [];

  capabilities() {
    return { reloadEnvironment: false };
  }

  async init() {
    this.files = JSON.parse(process.env.MUTATION_TESTS);
    this.patience = Number(process.env.MUTATION_PATIENCE);
    this.script = await bundled(this.files, process.cwd());
    this.require = createRequire(join(process.cwd(), 'tests.cjs'));
    // The first failure is enough.
    this.require('fast-check').configureGlobal({ endOnFailure: true });
    this.collect = collector();
  }

  /** Evaluates all code anew: a function that gives the tests of a file. Tests of the same name are numbered. */
  anew() {
    const module = { exports: {} };
    this.script.runInThisContext()(this.require, module, module.exports);
    return (file) => {
      const seen = new Map();
      return this.collect(file, module.exports[file]).map((test) => {
        const nth = (seen.get(test.name) ?? 0) + 1;
        seen.set(test.name, nth);
        return { ...test, id: nth === 1 ? test.name : `${test.name} #${nth}` };
      });
    };
  }

  async dryRun() {
    const shared = (globalThis.__stryker__ = {});
    const tests = [];
    const testsOf = this.anew();
    const times = {};
    for (const fileName of this.files) {
      const began = performance.now();
      for (const test of testsOf(fileName)) {
        if (performance.now() - began > A_FILE) break;
        shared.currentTestId = test.id;
        const start = performance.now();
        const failureMessage = await failure(test);
        const timeSpentMs = performance.now() - start;
        shared.currentTestId = undefined;
        const said = { id: test.id, name: test.name, fileName, timeSpentMs };
        tests.push(failureMessage === null ? { ...said, status: 0 } : { ...said, status: 1, failureMessage });
      }
      times[fileName] = Math.round(performance.now() - began);
    }
    // Of single tests only the slow ones are kept; one that got quick is forgotten.
    for (const { id, timeSpentMs } of tests)
      times[id] = timeSpentMs > this.patience ? Math.round(timeSpentMs) : undefined;
    keepTimes(times);
    return { status: 'complete', tests, mutantCoverage: shared.mutantCoverage };
  }

  /** Tests that would outlast the patience by themselves. */
  tooSlow() {
    this.slow ??= new Set(
      Object.entries(timesKept()).flatMap(([id, ms]) =>
        ms > this.patience && !id.endsWith(TEST_FILE) ? [id] : [],
      ),
    );
    return this.slow;
  }

  /** Files of tests, the quick ones first: most faults are noticed by a quick test, and no patience is lost on slow ones. */
  quickFirst() {
    if (!this.ordered) {
      const times = timesKept();
      this.ordered = [...this.files].sort((a, b) => (times[a] ?? 0) - (times[b] ?? 0));
    }
    return this.ordered;
  }

  async mutantRun({ activeMutant, testFilter, hitLimit }) {
    const wanted = new Set(testFilter.filter((id) => !this.tooSlow().has(id)));
    // A test's name begins with that of its file.
    const files = new Set([...wanted].map((id) => id.slice(0, id.indexOf(TEST_FILE) + TEST_FILE.length)));
    const shared = (globalThis.__stryker__ = { hitLimit, hitCount: 0 });
    const testsOf = this.anew();
    const until = performance.now() + this.patience;
    let nrOfTests = 0;
    for (const file of this.quickFirst()) {
      if (!files.has(file)) continue;
      // What is worked out when a file is loaded is worked out without the fault.
      shared.activeMutant = undefined;
      const tests = testsOf(file).filter(({ id }) => wanted.has(id));
      shared.activeMutant = activeMutant.id;
      for (const test of tests) {
        if (performance.now() > until) return { status: 'survived', nrOfTests };
        nrOfTests += 1;
        const failureMessage = await failure(test);
        const late = determineHitLimitReached(shared.hitCount, shared.hitLimit);
        if (late) return late;
        if (failureMessage !== null)
          return { status: 'killed', killedBy: [test.id], failureMessage, nrOfTests };
      }
    }
    return { status: 'survived', nrOfTests };
  }
}

export const strykerPlugins = [declareClassPlugin(PluginKind.TestRunner, 'bundled', BundledRunner)];
