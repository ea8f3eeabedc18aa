import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { bundleForNode } from './build-cli.mjs';
import { ensureInstalled, root } from './lib.mjs';

/** Writes the catalogue that the app reads from the files a keeper of it edits. */
ensureInstalled();
const bundle = join(root, 'dist', 'catalogue.mjs');
await bundleForNode('src/cli/writeCatalogue.ts', bundle);
const { main } = await import(pathToFileURL(bundle).href);
process.exitCode = main(join(root, 'src', 'catalogue'));
