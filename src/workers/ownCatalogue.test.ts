import { SHIPPED_SPECIES } from '@/catalogue';
import type { KeeperSpecies } from '@/core/model';
import { ownCatalogue } from './ownCatalogue';

const longer = (maleCm: number): readonly KeeperSpecies[] => {
  const [shipped] = SHIPPED_SPECIES;
  return [{ profile: { ...shipped!, size: { ...shipped!.size, maleCm } }, changed: ['size.maleCm'] }];
};
const length = (own: readonly KeeperSpecies[]) =>
  ownCatalogue(own).byId.get(SHIPPED_SPECIES[0]!.id)!.size.maleCm;

describe('the catalogue of a worker', () => {
  it('stays the same object while the keeper’s own species say the same', () => {
    expect(ownCatalogue(structuredClone(longer(31)))).toBe(ownCatalogue(structuredClone(longer(31))));
    expect(ownCatalogue([])).toBe(ownCatalogue([]));
  });
  it('is another once they say otherwise, and the shipped one without them', () => {
    expect([length(longer(31)), length(longer(32)), length(longer(31))]).toEqual([31, 32, 31]);
    expect(length([])).toBe(SHIPPED_SPECIES[0]!.size.maleCm);
    expect(ownCatalogue([]).all).toHaveLength(SHIPPED_SPECIES.length);
  });
});
