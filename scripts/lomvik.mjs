import { ensureInstalled } from './lib.mjs';
import { buildCli, cliBundle } from './build-cli.mjs';
import { pathToFileURL } from 'node:url';

ensureInstalled();
await buildCli();
const { main } = await import(pathToFileURL(cliBundle).href);
process.exitCode = await main(process.argv.slice(2));
