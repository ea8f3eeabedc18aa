import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { browserBench } from '../bench/browser.mjs';
import { firstLoad } from '../bench/firstLoad.mjs';
import { buildApp } from './build.mjs';
import { ensureInstalled, root, say } from './lib.mjs';

say(
  'bench: first load, assessment, known plans and their fixes, search, line-ups, order, journal, coverage of limits, key to verdict, opening (about six minutes); JSON on standard output',
);
ensureInstalled();
await buildApp();
const { build } = await import('esbuild');
const bundled = async (name) => {
  const outfile = join(root, 'dist', `bench-${name}.mjs`);
  await build({
    entryPoints: [join(root, 'bench', `${name}.ts`)],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    external: ['glpk.js', 'highs'],
    logLevel: 'warning',
  });
  return import(pathToFileURL(outfile).href);
};
const { assessment, joins } = await bundled('assessment');
const { judgement, search } = await bundled('judgement');
const { lineUpsBench } = await bundled('lineups');
const { orderBench, journalBench, coverageBench } = await bundled('order');
process.stdout.write(
  `${JSON.stringify({ assessment: assessment(), joins: joins(), judgement: judgement(), search: search(), lineUps: await lineUpsBench(), order: orderBench(), journal: journalBench(), coverage: coverageBench(), firstLoad: firstLoad(), ...(await browserBench()) }, null, 2)}\n`,
);
