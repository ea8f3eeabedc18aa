import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { ensureInstalled, fail, root, say } from './lib.mjs';

/**
 * How many small faults, put into the core one by one, the tests of the same folder notice: those that sit beside the code. A lower bound,
 * as the tests of other folders go through it too. In pieces of some files of one folder: what was done
 * is kept, so that it can be stopped and gone on with, and a piece is run again when one of its files or tests has changed.
 * `npm run mutate` runs for an hour; `npm run mutate -- MINUTES [folder…]` as long as is said, the folders that are named.
 * The result stands in docs/mutation.md; faults that no test can notice are excused by name in docs/mutation-excused.json.
 */
const LINES_A_PIECE = 1500;
const AIM = 85;

const core = join(root, 'src', 'core');
const filesBelow = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((item) =>
    item.isDirectory() ? filesBelow(join(folder, item.name)) : [join(folder, item.name)],
  );
/** Files that only name what others export are left out, as are tests. */
const isCode = (file) => /\.ts$/.test(file) && !/(\.test\.ts|index\.ts)$/.test(file);

function piecesOf(folder) {
  const pieces = [];
  let lines = Infinity;
  for (const file of filesBelow(join(core, folder)).filter(isCode).sort()) {
    const text = readFileSync(file, 'utf8');
    const long = text.split('\n').length;
    if (lines + long > LINES_A_PIECE) {
      pieces.push([]);
      lines = 0;
    }
    lines += long;
    pieces.at(-1).push([relative(root, file), text]);
  }
  const tests = filesBelow(join(core, folder))
    .filter((file) => /\.test\.ts$/.test(file))
    .sort();
  const said = tests.map((file) => readFileSync(file, 'utf8'));
  return pieces.map((all, index) => ({
    name: `${folder}-${index + 1}`,
    folder,
    files: all.map(([file]) => file),
    tests: tests.map((file) => relative(root, file)),
    hash: createHash('sha256')
      .update(JSON.stringify([all, said]))
      .digest('hex')
      .slice(0, 16),
  }));
}

const [minutes = '60', ...asked] = process.argv.slice(2);
const limit = Number(minutes) * 60_000;
if (!(limit >= 0)) fail(`mutate: needs minutes from 0 on. Found ${minutes}.`);
const folders = readdirSync(core, { withFileTypes: true }).flatMap((item) =>
  item.isDirectory() ? [item.name] : [],
);
const unknown = asked.filter((name) => !folders.includes(name));
if (unknown.length > 0)
  fail(`mutate: no folder ${unknown.join(', ')} in src/core; there are ${folders.join(', ')}.`);
ensureInstalled();
const place = join(root, 'dist', 'mutation');
mkdirSync(place, { recursive: true });
const stateFile = join(place, 'state.json');
const read = (file, otherwise) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : otherwise);
const state = read(stateFile, {});
const excused = read(join(root, 'docs', 'mutation-excused.json'), []);
const page = join(root, 'docs', 'mutation.md');

/** One fault in one line, as it is named in the list of excuses. */
const named = (source, { mutatorName, replacement, location: { start, end } }) => {
  const lines = source.split('\n');
  const original =
    start.line === end.line
      ? lines[start.line - 1].slice(start.column - 1, end.column - 1)
      : `${lines[start.line - 1].slice(start.column - 1)} …`;
  return { line: start.line, mutator: mutatorName, original, replacement: replacement ?? '' };
};
const isExcused = (file, one) =>
  excused.some(
    (excuse) =>
      excuse.file === file && excuse.original === one.original && excuse.replacement === one.replacement,
  );

function runPiece({ name, files, tests, hash }) {
  const report = join(place, `${name}.json`);
  const config = join(place, `${name}.conf.json`);
  writeFileSync(
    config,
    JSON.stringify({
      testRunner: 'bundled',
      plugins: [join(root, 'scripts', 'mutation', 'runner.mjs')],
      coverageAnalysis: 'perTest',
      ignoreStatic: true,
      mutate: files,
      reporters: ['json'],
      jsonReporter: { fileName: report },
      concurrency: 2,
      timeoutMS: 5000,
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
      env: { ...process.env, MUTATION_TESTS: JSON.stringify(tests) },
    },
  );
  if (done.status !== 0) {
    say(`${done.stdout}${done.stderr}`.slice(-2000));
    return { hash, failed: true };
  }
  const counts = { killed: 0, survived: 0, excused: 0 };
  const survivors = [];
  for (const [file, { source, mutants }] of Object.entries(JSON.parse(readFileSync(report, 'utf8')).files))
    for (const mutant of mutants) {
      if (mutant.status === 'Killed' || mutant.status === 'Timeout') counts.killed += 1;
      else if (mutant.status === 'Survived' || mutant.status === 'NoCoverage') {
        const one = { file, ...named(source, mutant) };
        const isFree = isExcused(file, one);
        counts[isFree ? 'excused' : 'survived'] += 1;
        if (!isFree) survivors.push(one);
      }
    }
  return { hash, ...counts, survivors };
}

const all = folders.flatMap(piecesOf);
const isDone = ({ name, hash }) => state[name]?.hash === hash && !state[name].failed;
const share = ({ killed, survived }) => (100 * killed) / Math.max(1, killed + survived);
const percent = (counts) => `${share(counts).toFixed(1)} %`;

function write() {
  writeFileSync(stateFile, `${JSON.stringify(state, null, 1)}\n`);
  const rows = folders.flatMap((folder) => {
    const pieces = all.filter((piece) => piece.folder === folder);
    const done = pieces.filter(isDone).map(({ name }) => state[name]);
    if (done.length === 0) return [];
    const sum = (what) => done.reduce((total, one) => total + one[what], 0);
    const counts = { killed: sum('killed'), survived: sum('survived') };
    const part = done.length === pieces.length ? 'all' : `${done.length} of ${pieces.length} pieces`;
    return [
      `| ${folder} | ${part} | ${counts.killed} | ${counts.survived} | ${sum('excused')} | ${percent(counts)} |`,
    ];
  });
  writeFileSync(
    page,
    `# Mutation score of the core\n\nWritten by \`npm run mutate\`: small faults are put into the core one by one, and the tests that sit beside the code, in the same folder, are run. A lower bound: the tests of other folders go through it too. Aim: ${AIM} % and more are noticed. What no test can notice is excused by name in \`mutation-excused.json\`. Folders that are not named were not run yet.\n\n| folder | run | noticed | not noticed | excused | share |\n|---|---|---|---|---|---|\n${rows.join('\n')}\n`,
  );
}

const began = Date.now();
const wanted = all.filter((piece) => !isDone(piece) && (asked.length === 0 || asked.includes(piece.folder)));
for (const piece of wanted) {
  if (Date.now() - began >= limit) break;
  const started = Date.now();
  const result = runPiece(piece);
  state[piece.name] = result;
  write();
  say(
    `mutate: ${piece.name}: ${result.failed ? 'failed' : `${percent(result)}, ${result.survived} not noticed`} (${Math.round((Date.now() - started) / 1000)} s)`,
  );
}
write();
say(`mutate: ${all.filter(isDone).length} of ${all.length} pieces are done`);
