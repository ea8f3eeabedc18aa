import { readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { bundleForNode } from './build-cli.mjs';
import { root } from './lib.mjs';

/** A source as a module that runs here. */
async function load(source) {
  const bundle = join(tmpdir(), `lomvik-docs-${process.pid}-${source.replace(/\W/g, '-')}.mjs`);
  await bundleForNode(source, bundle);
  return import(pathToFileURL(bundle).href);
}

/** Prints what is made from the code: the severity tables of all rules, and in the schema of backups what there can be. */
const { rulesPage } = await load('src/words/en/rulesPage.ts');
writeFileSync(join(root, 'docs/rules.md'), rulesPage());

const { DOCUMENT_KINDS } = await load('src/core/records/index.ts');
const { EVENT_TYPES } = await load('src/core/events/index.ts');
const schemaFile = join(root, 'docs/schema/backup.schema.json');
const schema = JSON.parse(readFileSync(schemaFile, 'utf8'));
schema.properties.documents.items.properties.kind.enum = DOCUMENT_KINDS;
schema.properties.entries.items.properties.type.enum = [...EVENT_TYPES, 'corrected'];
writeFileSync(schemaFile, `${JSON.stringify(schema, null, 2)}\n`);
