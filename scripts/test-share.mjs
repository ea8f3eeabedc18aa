import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { root } from './lib.mjs';

/** Species data that is compiled into source files. */
const DATA = ['src/catalogue/shipped.ts', 'src/catalogue/origins.ts', 'src/catalogue/dresses.ts'];

/** Share of test lines in all code lines, species data left out. */
const files = execFileSync('git', ['ls-files', '*.ts', '*.tsx', '*.mjs'], { cwd: root, encoding: 'utf8' })
  .split('\n')
  .filter((file) => file !== '' && !DATA.includes(file));
const isTest = (file) =>
  /\.(test|spec)\.tsx?$/.test(file) || file.startsWith('e2e/') || file.startsWith('src/testing/');
const lines = (list) =>
  list.reduce((sum, file) => sum + readFileSync(`${root}/${file}`, 'utf8').split('\n').length, 0);
const tests = lines(files.filter(isTest));
const all = lines(files);
process.stdout.write(
  `${JSON.stringify({ testLines: tests, allLines: all, share: Number((tests / all).toFixed(3)) })}\n`,
);
