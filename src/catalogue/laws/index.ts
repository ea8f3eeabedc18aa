import { speciesOf, type SpeciesProfile } from '@/core/model';
import type { Compiled } from '../compile/compile';
import { habitLaw } from './habitLaw';
import type { Breach, Entry, Law } from './law';
import { reasonLaw } from './reasonLaw';
import { sizeLaw } from './sizeLaw';
import { waterLaw } from './waterLaw';

/** Every law of the catalogue. */
export const LAWS: readonly Law[] = [reasonLaw, waterLaw, sizeLaw, habitLaw];

const genusOf = ({ id }: SpeciesProfile): string =>
  id.slice(0, id.indexOf('-') < 0 ? undefined : id.indexOf('-'));
/** Fewer siblings tell nothing. */
const FEW = 2;

/** The entries of a compiled catalogue, as its laws look at them. */
export function entriesOf({ profiles, levels, origins }: Compiled): readonly Entry[] {
  const species = profiles.filter(({ formOf }) => formOf === null);
  return profiles.map((profile) => {
    const chain = [...(origins[profile.id]?.levels ?? [])].reverse();
    const others = species.filter((other) => other.id !== speciesOf(profile));
    const genus = others.filter((other) => genusOf(other) === genusOf(profile));
    return {
      profile,
      siblings: genus.length >= FEW ? genus : [],
      why: (path) => {
        const level = chain.find((name) => levels[name]?.sets.includes(path));
        return (level && levels[level]?.why[path]) ?? '';
      },
    };
  });
}

/** What an entry breaks, of all laws. */
export const breachesOf = (entry: Entry): readonly Breach[] => LAWS.flatMap((law) => law.breaches(entry));
