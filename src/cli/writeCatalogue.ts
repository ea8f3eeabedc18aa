import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { SHIPPED_SPECIES } from '@/catalogue';
import { changesBetween } from '@/catalogue/compile/changes';
import { compileCatalogue } from '@/catalogue/compile/compile';
import { readSources } from '@/catalogue/compile/readSources';
import { dressesText, originsText, shippedText } from '@/catalogue/compile/written';
import { METRIC, quantitiesIn } from '@/words/en/quantities';
import { cellsIn, speciesField } from '@/words/en/speciesFields';

/** Compiles the folder of the catalogue; writes what the app reads, or says what is wrong. The process's exit code. */
export function main(catalogue: string): number {
  const compiled = compileCatalogue(readSources(join(catalogue, 'species')));
  if (compiled.faults.length > 0) {
    process.stderr.write(`${compiled.faults.join('\n')}\n`);
    return 1;
  }
  writeFileSync(join(catalogue, 'shipped.ts'), shippedText(compiled));
  writeFileSync(join(catalogue, 'origins.ts'), originsText(compiled));
  writeFileSync(join(catalogue, 'dresses.ts'), dressesText(compiled));
  const changes = changesBetween(SHIPPED_SPECIES, compiled.profiles, {
    cells: cellsIn(quantitiesIn(METRIC)),
    field: speciesField,
  });
  process.stdout.write(changes.map((line) => `${line}\n`).join(''));
  process.stderr.write(`${compiled.profiles.length} species and forms\n`);
  return 0;
}
