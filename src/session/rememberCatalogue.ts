import type { RoomDocument } from '@/core/records';
import { type Catalogue, type KeeperSpecies, keeperSpeciesOf, withKeeperSpecies } from '@/core/model';

/** The species of a room: the keeper's own and changed ones, and the catalogue with them. */
export interface RoomSpecies {
  readonly own: readonly KeeperSpecies[];
  readonly catalogue: Catalogue;
}

/** The species of a room, made anew only when one of its species documents has changed. */
export function rememberCatalogue(
  shipped: Catalogue,
): (documents: Readonly<Record<string, RoomDocument>>) => RoomSpecies {
  let known: readonly RoomDocument[] = [];
  let made: RoomSpecies = { own: [], catalogue: shipped };
  return (documents) => {
    const mine = Object.values(documents).filter((document) => document.kind === 'species');
    if (mine.length !== known.length || mine.some((document, index) => document !== known[index])) {
      const own = keeperSpeciesOf(mine);
      [known, made] = [mine, { own, catalogue: withKeeperSpecies(shipped, own) }];
    }
    return made;
  };
}
