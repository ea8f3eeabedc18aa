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
/** A test's name begins with that of its file. */
const fileOf = (id) => id.slice(0, id.indexOf(TEST_FILE) + TEST_FILE.length);
/** What the tool writes into code: a function that counts which faults are passed, slow in what is drawn, and a question for each fault. */
const COUNTING = /function (stryCov_9fa48\d*)\(\) \{/g;
const FAULT = /stryMutAct_9fa48\d*\("(\d+)"\)/g;
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
  const text = outputFiles[0].text;
  const script = new vm.Script(
    `(function (require, module, exports, passed) {${text.replaceAll(COUNTING, 'function $1() { return passed(arguments);')}\n})`,
    {
      filename: join(folder, 'tests.cjs'),
      importModuleDynamically: vm.constants.USE_MAIN_CONTEXT_DEFAULT_LOADER,
    },
  );
  return { script, faults: 1 + Math.max(0, ...Array.from(text.matchAll(FAULT), ([, id]) => Number(id))) };
}

/** Counts how often the places of faults are passed: by number, from 0 on. */
function counter(faults) {
  const counts = new Float64Array(faults);
  return {
    passed: (ids) => {
      for (let i = 0; i < ids.length; i += 1) counts[Number(ids[i])] += 1;
    },
    /** Adds what was counted to a table, and begins anew. */
    addTo: (table) => {
      counts.forEach((count, id) => {
        if (count > 0) table[id] = (table[id] ?? 0) + count;
      });
      counts.fill(0);
      return table;
    },
  };
}

/** What a test failed with, or null. */
async function failure(test, begun) {
  try {
    await runTest(test, begun);
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
    Object.assign(this, await bundled(this.files, process.cwd()));
    this.require = createRequire(join(process.cwd(), 'tests.cjs'));
    // The first failure is enough.
    this.require('fast-check').configureGlobal({ endOnFailure: true });
    this.collect = collector();
    this.noticedLast = [];
  }

  /** Evaluates all code anew: a function that gives the tests of a file. Tests of the same name are numbered. */
  anew(passed = () => undefined) {
    const module = { exports: {} };
    this.script.runInThisContext()(this.require, module, module.exports, passed);
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
    globalThis.__stryker__ = {};
    const mutantCoverage = { static: {}, perTest: {} };
    const { passed, addTo } = counter(this.faults);
    const tests = [];
    const testsOf = this.anew(passed);
    const times = {};
    for (const fileName of this.files) {
      const began = performance.now();
      const ofFile = testsOf(fileName);
      addTo(mutantCoverage.static);
      for (const test of ofFile) {
        if (performance.now() - began > A_FILE) break;
        const start = performance.now();
        // What a group does once is passed by all of its tests: each of them, tried alone, does it.
        const failureMessage = await failure(test, (group) => (group.passed = addTo({})));
        const timeSpentMs = performance.now() - start;
        mutantCoverage.perTest[test.id] = addTo(
          Object.assign({}, ...test.groups.map(({ passed }) => passed)),
        );
        const said = { id: test.id, name: test.name, fileName, timeSpentMs };
        tests.push(failureMessage === null ? { ...said, status: 0 } : { ...said, status: 1, failureMessage });
      }
      times[fileName] = Math.round(performance.now() - began);
    }
    for (const { id, timeSpentMs } of tests) times[id] = Math.round(timeSpentMs);
    keepTimes(times);
    return { status: 'complete', tests, mutantCoverage };
  }

  /**
   * Tests in the order in which they are tried against a fault: those that noticed one last first, as the next fault is near the last one;
   * then the quick ones first. Those that would outlast the patience by themselves are left out.
   */
  inOrder(ids) {
    this.times ??= timesKept();
    const ms = (id) => this.times[id] ?? 0;
    const wanted = new Set(ids.filter((id) => ms(id) <= this.patience));
    const others = [...wanted].sort((a, b) => ms(a) - ms(b));
    return new Set([...this.noticedLast.filter((id) => wanted.has(id)), ...others]);
  }

  async mutantRun({ activeMutant, testFilter, hitLimit }) {
    const shared = (globalThis.__stryker__ = { hitLimit, hitCount: 0 });
    const testsOf = this.anew();
    const loaded = new Map();
    const testOf = (id) => {
      const file = fileOf(id);
      // What is worked out when a file is loaded is worked out without the fault.
      shared.activeMutant = undefined;
      const tests = loaded.get(file) ?? testsOf(file);
      loaded.set(file, tests);
      shared.activeMutant = activeMutant.id;
      return tests.find((test) => test.id === id);
    };
    const until = performance.now() + this.patience;
    let nrOfTests = 0;
    for (const id of this.inOrder(testFilter)) {
      if (performance.now() > until) break;
      nrOfTests += 1;
      const failureMessage = await failure(testOf(id));
      const late = determineHitLimitReached(shared.hitCount, shared.hitLimit);
      if (late) return late;
      if (failureMessage === null) continue;
      this.noticedLast = [id, ...this.noticedLast.filter((other) => other !== id)];
      return { status: 'killed', killedBy: [id], failureMessage, nrOfTests };
    }
    return { status: 'survived', nrOfTests };
  }
}

export const strykerPlugins = [declareClassPlugin(PluginKind.TestRunner, 'bundled', BundledRunner)];
