import { createHash } from 'node:crypto';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { SHIPPED_SPECIES } from '@/catalogue';
import { DRESSES } from '@/catalogue/dresses';
import { dressOf, type Wearer } from './dress';
import { animalOf } from './dressed';
import { flatOf, plateOf } from './plate';

/**
 * Every picture of the catalogue as it was when somebody last looked at it: a short hash of each, over its details, its wearers and its
 * flat shape. A change of one line of the drawing must not change a fish that nobody meant. When a change is meant: look at the sheets of
 * `npm run plates`, then write the hashes anew with `DRAWN=anew npx jest src/core/plates/drawn`.
 */
const FILE = join(process.cwd(), 'src', 'testing', 'fixtures', 'drawn.json');
const WEARERS: readonly (Wearer | null)[] = [null, 'male', 'female', 'young'];
const IN_ONE = 8;
const DIGITS = 8;

const isAnew = process.env.DRAWN === 'anew';
const kept = isAnew ? {} : (JSON.parse(readFileSync(FILE, 'utf8')) as Readonly<Record<string, string>>);

function drawn({ id, size }: (typeof SHIPPED_SPECIES)[number]): string {
  const dress = DRESSES[id]!;
  const hash = createHash('sha256');
  for (const wearer of WEARERS.filter((one) => one === null || dress[one])) {
    const animal = animalOf(dressOf(dress, wearer), size.depthRatio);
    const details = wearer === null ? (['mark', 'glass', 'plate'] as const) : (['plate'] as const);
    for (const detail of details) {
      const { inner, viewBox, length } = plateOf(animal, detail, 200, id);
      expect(inner).not.toMatch(/NaN|undefined|Infinity/);
      hash.update(`${inner} ${viewBox.join(' ')} ${length}`);
    }
    const { d, box, length } = flatOf(animal);
    hash.update(`${d} ${box.join(' ')} ${length}`);
  }
  return hash.digest('hex').slice(0, DIGITS);
}

const parts = Array.from({ length: Math.ceil(SHIPPED_SPECIES.length / IN_ONE) }, (_, i) =>
  SHIPPED_SPECIES.slice(i * IN_ONE, (i + 1) * IN_ONE),
);

describe('the pictures of the catalogue are as they were', () => {
  const now: Record<string, string> = {};
  it.each(parts.map((species, i) => [i * IN_ONE + 1, species] as const))('from %d on', (_, species) => {
    for (const one of species) now[one.id] = drawn(one);
    const changed = isAnew ? [] : species.filter(({ id }) => now[id] !== kept[id]).map(({ id }) => id);
    expect(changed).toEqual([]);
  });
  it('and none is kept of a species that is gone', () => {
    if (isAnew) writeFileSync(FILE, `${JSON.stringify(now, null, 1)}\n`);
    expect(Object.keys(isAnew ? now : kept)).toEqual(SHIPPED_SPECIES.map(({ id }) => id));
  });
});
