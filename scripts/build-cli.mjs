import { join } from 'node:path';
import { newest, root } from './lib.mjs';

export const cliBundle = join(root, 'dist', 'lomvik-cli.mjs');
const sources = ['src/core', 'src/catalogue', 'src/cli', 'src/words'].map((path) => join(root, path));

/** One source and all it imports as one file that Node runs. */
export async function bundleForNode(entry, outfile) {
  const { build } = await import('esbuild');
  await build({
    entryPoints: [join(root, entry)],
    outfile,
    bundle: true,
    platform: 'node',
    mainFields: ['module', 'main'],
    target: 'node20',
    format: 'esm',
    tsconfigRaw: { compilerOptions: { paths: { '@/*': ['./src/*'] } } },
    banner: {
      js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);",
    },
    logLevel: 'warning',
  });
}

/** Bundles the command line when a source is newer than the bundle. */
export async function buildCli() {
  const built = newest(cliBundle);
  if (built > 0 && sources.every((path) => newest(path) <= built)) return;
  await bundleForNode('src/cli/main.ts', cliBundle);
}

if (process.argv[1]?.endsWith('build-cli.mjs')) await buildCli();
