export { buildCatalogue, commonName, namesOf, NEAR_SHARE, resolveSpecies, speciesNamed } from './catalogue';
export type { Resolved } from './catalogue';
export type { Catalogue } from './catalogue';
export { distinctSpecies } from './forms';
export { describedBy, FACETS, facetsOf, hasFacets, looksAs, SIZE_LIMITS_CM } from './facets';
export type { Chosen, FacetName } from './facets';
export { changedPaths, isOfTheKeepersOwn, keeperSpeciesOf, withKeeperSpecies } from './keeperSpecies';
export type { KeeperSpecies } from './keeperSpecies';
export {
  DEADLY,
  FAST,
  FRAGILE,
  LABYRINTH_FAMILIES,
  PUSHY,
  ROUGH,
  SENSITIVE,
  SHY,
  SLOW,
  VERY_SHY,
  canBeShown,
  isRough,
  killsItsOwn,
  makesRoughTank,
} from './levels';
export {
  approachName,
  DENSITIES,
  MALES,
  ORIGINS,
  PLANTS,
  SUBSTRATES,
  TANK_APPROACHES,
  TANK_SHAPES,
  planGroupFields,
  planGroupSchema,
  planPracticeSchema,
  planRoutineSchema,
  planSchema,
  planTankFields,
  planWaterFields,
  planTankSchema,
  planWaterSchema,
  withApproach,
} from './plan';
export type { Density, PlanFile, PlanGroup, PlanTank, Substrate, TankShape } from './plan';
export { groupFaultsOf, speciesFaultsOf, tankFaultsOf } from './planFaults';
export type { ReasonOfValue } from './reasonOfValue';
export { recountGroup } from './recountGroup';
export { SOLD_AS, shopItemSchema } from './shopItem';
export type { ShopItem } from './shopItem';
export { adultLengthCm, isNamed, mainLayer, speciesOf, speciesSchema } from './species';
export type { ContestedNumber, Layer, Approach, SpeciesProfile, TankFigure, WaterRange } from './species';
export { readSexes, writeSexes } from './sexesText';
export { favouritesOf, wishSchema } from './wish';
export type { Wish } from './wish';
export { foldName, joinedWords, nameWords } from './spelling';
