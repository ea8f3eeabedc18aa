import type { RoomDocument } from '@/core/records';
import { type Catalogue, keeperSpeciesOf, withKeeperSpecies } from '@/core/model';

/** The catalogue of a room, made anew only when one of its species documents has changed. */
export function rememberCatalogue(
  shipped: Catalogue,
): (documents: Readonly<Record<string, RoomDocument>>) => Catalogue {
  let known: readonly RoomDocument[] = [];
  let made = shipped;
  return (documents) => {
    const mine = Object.values(documents).filter((document) => document.kind === 'species');
    const same = mine.length === known.length && mine.every((document, index) => document === known[index]);
    if (!same) [known, made] = [mine, withKeeperSpecies(shipped, keeperSpeciesOf(mine))];
    return made;
  };
}
