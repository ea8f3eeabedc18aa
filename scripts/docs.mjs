import { writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';
import { root } from './lib.mjs';

/** Prints the pages of the docs that are made from the code: the severity tables of all rules. */
const bundle = join(tmpdir(), `lomvik-docs-${process.pid}.mjs`);
await build({
  entryPoints: [join(root, 'src/words/en/rulesPage.ts')],
  outfile: bundle,
  bundle: true,
  platform: 'node',
  format: 'esm',
  tsconfigRaw: { compilerOptions: { paths: { '@/*': ['./src/*'] } } },
  banner: {
    js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);",
  },
  logLevel: 'warning',
});
const { rulesPage } = await import(pathToFileURL(bundle).href);
writeFileSync(join(root, 'docs/rules.md'), rulesPage());
