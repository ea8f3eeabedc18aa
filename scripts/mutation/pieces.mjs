import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { root } from '../lib.mjs';

const LINES_A_PIECE = 1500;
const core = join(root, 'src', 'core');
const filesBelow = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((item) =>
    item.isDirectory() ? filesBelow(join(folder, item.name)) : [join(folder, item.name)],
  );
const isTest = (file) => /\.test\.ts$/.test(file);
/** Files that only name what others export are left out, as are tests. */
const isCode = (file) => /\.ts$/.test(file) && !isTest(file) && !/index\.ts$/.test(file);

export const folders = readdirSync(core, { withFileTypes: true }).flatMap((item) =>
  item.isDirectory() ? [item.name] : [],
);

/** The pieces of a folder: some of its files each, and all of its tests. */
export function piecesOf(folder) {
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
  const tests = filesBelow(join(core, folder)).filter(isTest).sort();
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

/** The tests of other folders of the core, those that need little first. `reachOf` gives the files that a test needs. */
export const testsElsewhere = (folder, files, reachOf) =>
  filesBelow(core)
    .filter(isTest)
    .map((file) => relative(root, file))
    .filter((test) => !test.startsWith(`src/core/${folder}/`))
    .map((test) => ({ test, reach: reachOf(test) }))
    .filter(({ reach }) => files.some((file) => reach.has(file)))
    .sort((a, b) => a.reach.size - b.reach.size)
    .map(({ test }) => test);

/** What files import, from what a bundler says of them: all that a file needs, itself too. */
export function reaches(inputs) {
  const known = new Map();
  const walk = (file, seen) => {
    if (seen.has(file)) return;
    seen.add(file);
    for (const { path } of inputs[file]?.imports ?? []) walk(path, seen);
  };
  return (file) => {
    const reach = known.get(file) ?? new Set();
    if (reach.size === 0) walk(file, reach);
    known.set(file, reach);
    return reach;
  };
}

export const allTests = () =>
  filesBelow(core)
    .filter(isTest)
    .map((file) => relative(root, file));
