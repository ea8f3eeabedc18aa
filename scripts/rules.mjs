import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './lib.mjs';

/** Writes the list of rules: every file of the folder that exports one. */
const folder = join(root, 'src/core/rules');
const rules = readdirSync(folder)
  .sort()
  .flatMap((file) => {
    const name = /^export const (\w+): Rule\b/m.exec(readFileSync(join(folder, file), 'utf8'))?.[1];
    return name === undefined || file.endsWith('.test.ts') ? [] : [{ name, file: file.replace(/\.ts$/, '') }];
  });
writeFileSync(
  join(folder, 'everyRule.ts'),
  [
    ...rules.map(({ name, file }) => `import { ${name} } from './${file}';`),
    "import type { Rule } from './rule';",
    '',
    '/** Every rule there is, by the names of their files. Written by `npm run docs`: a new rule is one new file. */',
    'export const RULES: readonly Rule[] = [',
    ...rules.map(({ name }) => `  ${name},`),
    '];',
    '',
  ].join('\n'),
);
