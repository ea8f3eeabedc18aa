import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { root } from '../scripts/lib.mjs';

/** A part of the bench that is written in TypeScript, with the core it measures. */
export async function bundled(name) {
  // Loaded only now: packages may have been missing.
  const { build } = await import('esbuild');
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
}
