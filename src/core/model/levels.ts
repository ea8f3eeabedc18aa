import type { SpeciesProfile } from './species';

/** What the levels of a profile mean, named once for all rules. */

/** Levels of temper and of aggression to its own kind and its like: it defends its ground, it fights, it kills. */
export const PUSHY = 1;
export const ROUGH = 2;
export const DEADLY = 3;
/** The lowest and the highest level of activity, and of speed at meals. */
export const SLOW = 1;
export const FAST = 3;
/** Levels of shyness. */
export const BOLD = 0;
export const SHY = 2;
export const VERY_SHY = 3;
/** Levels of how badly it takes what is not right: grazers from the first on fall ill of rich food (common practice). */
export const SENSITIVE = 2;
export const FRAGILE = 3;

/** A species that is rough with others once it is grown. */
export const isRough = ({ company }: SpeciesProfile): boolean => company.temper.mature >= ROUGH;

/** A species of which either sex may kill its own. */
export const killsItsOwn = ({ company }: SpeciesProfile): boolean =>
  Math.max(company.ownKind.male, company.ownKind.female) >= DEADLY;

/** A species that makes the tank it lives in a rough tank: rough with others, or several that may kill one another. */
export const makesRoughTank = (profile: SpeciesProfile, count: number): boolean =>
  isRough(profile) || (count > 1 && killsItsOwn(profile));

/** Mouthbrooders of harems and colonies, of which a keeper may show males alone: peacocks, haps, rock dwellers and their like. */
export const canBeShown = ({ company }: SpeciesProfile): boolean =>
  company.pairs === 'mouthbroods' && (company.mode === 'harem' || company.mode === 'colony');

/** Fish that breathe air through a labyrinth: bettas, gouramis and their kin. */
export const LABYRINTH_FAMILIES: readonly string[] = ['Anabantidae', 'Helostomatidae', 'Osphronemidae'];
