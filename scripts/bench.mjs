import { BROWSER_PARTS, browserBench } from '../bench/browser.mjs';
import { bundled } from '../bench/bundled.mjs';
import { fixedSumMs } from '../bench/fixedSum.mjs';
import { firstLoad } from '../bench/firstLoad.mjs';
import { buildApp } from './build.mjs';
import { ensureInstalled, say } from './lib.mjs';

say(
  'bench: first load, assessment, known plans and their fixes, search, line-ups, order, journal, coverage of limits, experience, thousands of experience files, key to verdict, opening (about six minutes, or the parts that are named: `npm run bench -- keyToVerdict`); JSON on standard output',
);
ensureInstalled();
await buildApp();
const CORE_PARTS = {
  assessment: async () => (await bundled('assessment')).assessment(),
  joins: async () => (await bundled('assessment')).joins(),
  judgement: async () => (await bundled('judgement')).judgement(),
  search: async () => (await bundled('judgement')).search(),
  lineUps: async () => (await bundled('lineups')).lineUpsBench(),
  order: async () => (await bundled('order')).orderBench(),
  journal: async () => (await bundled('order')).journalBench(),
  merge: async () => (await bundled('merge')).mergeBench(),
  coverage: async () => (await bundled('order')).coverageBench(),
  experience: async () => (await bundled('experience')).experienceBench(),
  firstLoad: () => firstLoad(),
};
const asked = process.argv.slice(2);
const unknown = asked.filter((name) => !(name in CORE_PARTS) && !(name in BROWSER_PARTS));
if (unknown.length > 0) {
  say(
    `bench: no part ${unknown.join(', ')}; there are ${[...Object.keys(CORE_PARTS), ...Object.keys(BROWSER_PARTS)].join(', ')}`,
  );
  process.exit(2);
}
const isAsked = (name) => asked.length === 0 || asked.includes(name);
const answer = {};
// Beside each part stands how quick the machine was before and after it.
let before = fixedSumMs();
const told = (name, figures) => {
  const after = fixedSumMs();
  answer[name] = { ...figures, fixedSumMs: [before, after] };
  before = after;
  say(`bench: ${name} measured`);
};
for (const [name, measure] of Object.entries(CORE_PARTS)) if (isAsked(name)) told(name, await measure());
await browserBench(Object.keys(BROWSER_PARTS).filter(isAsked), told);
process.stdout.write(`${JSON.stringify(answer, null, 2)}\n`);
const failed = Object.keys(answer).filter((name) => answer[name]?.failed);
if (failed.length > 0) {
  say(`bench: not measured: ${failed.join(', ')}`);
  process.exit(1);
}
