import { SHIPPED_SPECIES } from '@/catalogue';
import { DRESSES } from '@/catalogue/dresses';
import { keptPictures } from '@/testing/keptPictures';
import { dressOf, type Wearer } from './dress';
import { animalOf } from './dressed';
import { flatOf, plateOf } from './plate';

const WEARERS: readonly (Wearer | null)[] = [null, 'male', 'female', 'young'];
const IN_ONE = 8;

/** Plates without the names of their parts, which are each picture's own: the species of each. */
const ofPlates = new Map<string, string[]>();

/** A species in all its details, in all its wearers, and as a flat shape. */
function drawn({ id, size }: (typeof SHIPPED_SPECIES)[number]): string {
  const dress = DRESSES[id]!;
  const all = WEARERS.filter((one) => one === null || dress[one]).flatMap((wearer) => {
    const animal = animalOf(dressOf(dress, wearer), size.depthRatio);
    const details = wearer === null ? (['mark', 'glass', 'plate'] as const) : (['plate'] as const);
    const pictures = details.map((detail) => plateOf(animal, detail, 200, id));
    if (wearer === null) {
      const plate = (pictures.at(-1)?.inner ?? '').replaceAll(id, '');
      ofPlates.set(plate, [...(ofPlates.get(plate) ?? []), id]);
    }
    return [flatOf(animal), ...pictures];
  });
  return JSON.stringify(all);
}

const PARTS = Math.ceil(SHIPPED_SPECIES.length / IN_ONE);
/** Each part holds animals of many families: a fault of a fin, a mark or a build shows in one of the first. */
const parts = Array.from({ length: PARTS }, (_, part) =>
  SHIPPED_SPECIES.filter((__, i) => i % PARTS === part),
);

describe('the pictures of the catalogue are whole, and as they were', () => {
  const { isAsItWas, names } = keptPictures('plates.json');
  it.each(parts.map((species, i) => [i + 1, species] as const))('part %d', (_, species) => {
    const pictures = species.map((one) => [one.id, drawn(one)] as const);
    for (const [, picture] of pictures) expect(picture).not.toMatch(/NaN|undefined|Infinity|null/);
    expect(pictures.filter(([id, picture]) => !isAsItWas(id, picture)).map(([id]) => id)).toEqual([]);
  });
  it('and no two species have one', () => {
    expect([...ofPlates.values()].flat()).toHaveLength(SHIPPED_SPECIES.length);
    expect([...ofPlates.values()].filter((ids) => ids.length > 1)).toEqual([]);
  });
  it('and none is kept of a species that is gone', () => {
    expect(names()).toEqual(SHIPPED_SPECIES.map(({ id }) => id).sort());
  });
});
