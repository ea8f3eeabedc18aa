import { writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { bundleForNode } from './build-cli.mjs';
import { root } from './lib.mjs';

/** Prints the pages of the docs that are made from the code: the severity tables of all rules. */
const bundle = join(tmpdir(), `lomvik-docs-${process.pid}.mjs`);
await bundleForNode('src/words/en/rulesPage.ts', bundle);
const { rulesPage } = await import(pathToFileURL(bundle).href);
writeFileSync(join(root, 'docs/rules.md'), rulesPage());
