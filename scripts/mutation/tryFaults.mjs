import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { build } from 'esbuild';
import { root, say } from '../lib.mjs';
import { allTests, reaches, testsElsewhere } from './pieces.mjs';

const place = join(root, 'dist', 'mutation');
const timesFile = join(place, 'times.json');
/** Test files that take longer than this are not tried beside the others: ms. */
const SLOW = 1500;
/** So long tests are tried against one fault, those beside it and those of other folders: ms. */
const PATIENCE = { own: 8000, elsewhere: 2000 };

/** Faults of more lines than this are tried against the tests beside them only. */
const MOST_LINES = 2;

export const read = (file, otherwise) =>
  existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : otherwise;

/** Tries faults in files, or in parts of them, against tests. The faults, each with its file and what became of it; null when it failed. */
function tryFaults(name, mutate, tests, patience) {
  const report = join(place, `${name}.json`);
  const config = join(place, `${name}.conf.json`);
  writeFileSync(
    config,
    JSON.stringify({
      testRunner: 'bundled',
      plugins: [join(root, 'scripts', 'mutation', 'runner.mjs')],
      coverageAnalysis: 'perTest',
      ignoreStatic: true,
      mutate,
      reporters: ['json'],
      jsonReporter: { fileName: report },
      concurrency: 2,
      // The runner ends its tests by itself once its patience is over: only a fault that loops for ever takes longer.
      timeoutMS: 3000 + patience,
      timeoutFactor: 0,
      dryRunTimeoutMinutes: 30,
      disableTypeChecks: false,
      tempDirName: join('dist', 'mutation', 'work'),
      ignorePatterns: ['.next', 'bench', 'dist', 'docs/screenshots', 'e2e', 'test-results'],
    }),
  );
  const done = spawnSync(
    process.execPath,
    ['node_modules/@stryker-mutator/core/bin/stryker.js', 'run', config],
    {
      cwd: root,
      encoding: 'utf8',
      maxBuffer: 1e8,
      env: {
        ...process.env,
        MUTATION_TESTS: JSON.stringify(tests),
        MUTATION_TIMES: timesFile,
        MUTATION_PATIENCE: String(patience),
      },
    },
  );
  if (done.status !== 0) {
    const said = `${done.stdout}${done.stderr}`;
    // What failed stands at the first error; long values may follow.
    say(said.slice(Math.max(0, said.indexOf('ERROR'))).slice(0, 2000));
    return null;
  }
  return Object.entries(read(report).files).flatMap(([file, { source, mutants }]) =>
    mutants.flatMap((mutant) => {
      const isNoticed = mutant.status === 'Killed' || mutant.status === 'Timeout';
      if (!isNoticed && mutant.status !== 'Survived' && mutant.status !== 'NoCoverage') return [];
      return [{ file, isNoticed, ...named(source, mutant) }];
    }),
  );
}

/** One fault in one line, as it is named in the list of excuses, and its place. */
function named(source, { mutatorName, replacement, location: { start, end } }) {
  const lines = source.split('\n');
  const original =
    start.line === end.line
      ? lines[start.line - 1].slice(start.column - 1, end.column - 1)
      : `${lines[start.line - 1].slice(start.column - 1)} …`;
  const place = `${start.line}:${start.column - 1}-${end.line}:${end.column - 1}`;
  const long = end.line - start.line + 1;
  return { long, line: start.line, mutator: mutatorName, original, replacement: replacement ?? '', place };
}

/** The faults of a piece against the tests of its own folder. */
export const tryOwn = ({ name, files, tests }) => tryFaults(name, files, tests, PATIENCE.own);

const keyOf = ({ file, place, mutator, replacement }) => [file, place, mutator, replacement].join('|');

let reachOf = null;
/** Those of the faults that no test of other folders notices either. */
export async function tryElsewhere({ name, folder, files }, faults) {
  if (faults.length === 0) return [];
  if (!reachOf) {
    const { metafile } = await build({
      entryPoints: allTests(),
      absWorkingDir: root,
      bundle: true,
      write: false,
      metafile: true,
      outdir: 'dist/mutation/none',
      packages: 'external',
      platform: 'node',
      alias: { '@': join(root, 'src') },
      logLevel: 'silent',
    });
    reachOf = reaches(metafile.inputs);
  }
  const times = read(timesFile, {});
  const tests = testsElsewhere(folder, files, reachOf).filter((test) => (times[test] ?? 0) < SLOW);
  if (tests.length === 0) return faults;
  // A long part would bring along all the faults within it, endless loops among them, that are noticed already.
  const short = faults.filter(({ long }) => long <= MOST_LINES);
  if (short.length === 0) return faults;
  const parts = [...new Set(short.map(({ file, place }) => `${file}:${place}`))];
  const tried = tryFaults(`${name}-elsewhere`, parts, tests, PATIENCE.elsewhere);
  if (!tried) return null;
  const noticed = new Set(tried.filter(({ isNoticed }) => isNoticed).map(keyOf));
  return faults.filter((fault) => !noticed.has(keyOf(fault)));
}
