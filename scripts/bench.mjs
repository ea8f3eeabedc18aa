import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { browserBench } from '../bench/browser.mjs';
import { firstLoad } from '../bench/firstLoad.mjs';
import { buildApp } from './build.mjs';
import { ensureInstalled, root, say } from './lib.mjs';

say('bench: first load, assessment, key to verdict, opening (about two minutes); JSON on standard output');
ensureInstalled();
await buildApp();
const { build } = await import('esbuild');
const outfile = join(root, 'dist', 'bench-assessment.mjs');
await build({
  entryPoints: [join(root, 'bench', 'assessment.ts')],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  logLevel: 'warning',
});
const { assessment, joins } = await import(pathToFileURL(outfile).href);
process.stdout.write(
  `${JSON.stringify({ assessment: assessment(), joins: joins(), firstLoad: firstLoad(), ...(await browserBench()) }, null, 2)}\n`,
);
