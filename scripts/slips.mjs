import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { bundleForNode } from './build-cli.mjs';
import { ensureInstalled, root } from './lib.mjs';

/** Spoils every entry of the catalogue in every way that a hand may, and prints how much of it is noticed. */
ensureInstalled();
process.chdir(root);
const bundle = join(root, 'dist', 'slips.mjs');
await bundleForNode('src/catalogue/laws/main.ts', bundle);
const { main } = await import(pathToFileURL(bundle).href);
main();
