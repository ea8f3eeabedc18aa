import type { SpeciesProfile } from '@/core/model';
import barbsDaniosRasboras from './species/barbs-danios-rasboras.json';
import catfishes from './species/catfishes.json';
import centralAmericanCichlids from './species/central-american-cichlids.json';
import characins from './species/characins.json';
import labyrinthFishes from './species/labyrinth-fishes.json';
import lakeMalawi from './species/lake-malawi.json';
import lakeTanganyika from './species/lake-tanganyika.json';
import lakeVictoria from './species/lake-victoria.json';
import livebearersKillifishesRicefishes from './species/livebearers-killifishes-ricefishes.json';
import loaches from './species/loaches.json';
import rainbowfishes from './species/rainbowfishes.json';
import shrimpsSnailsFrogs from './species/shrimps-snails-frogs.json';
import smallGemsAndOddities from './species/small-gems-and-oddities.json';
import southAmericanCichlids from './species/south-american-cichlids.json';
import westAfricanCichlids from './species/west-african-cichlids.json';

/**
 * The shipped species, one file a group of kin. The files are validated entry by entry in the tests, with the schema that
 * a keeper's own species pass too; that is why the cast is safe.
 */
export const SHIPPED_SPECIES = [
  ...barbsDaniosRasboras,
  ...catfishes,
  ...centralAmericanCichlids,
  ...characins,
  ...labyrinthFishes,
  ...lakeMalawi,
  ...lakeTanganyika,
  ...lakeVictoria,
  ...livebearersKillifishesRicefishes,
  ...loaches,
  ...rainbowfishes,
  ...shrimpsSnailsFrogs,
  ...smallGemsAndOddities,
  ...southAmericanCichlids,
  ...westAfricanCichlids,
] as unknown as readonly SpeciesProfile[];
