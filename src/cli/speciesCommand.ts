import { reasonsOf } from '@/catalogue/reasons';
import { STANDARD_TANKS } from '@/catalogue/standardTanks';
import { companyFor, rangeUsed, smallestTanks } from '@/core/assess';
import { speciesAnswer } from '@/core/formats';
import { faultOf, type UnitChoice } from '@/core/kernel';
import { commonName, resolveSpecies, type SpeciesProfile } from '@/core/model';
import { findSpecies, meaningOf, nearestSpecies } from '@/core/search';
import { faultLine, profileText, wordsFor } from '@/words/en';
import { type Answer, failed, json, type Surroundings } from './answer';

/** So many species are listed for a text. */
const FOUND = 10;

const called = (profile: SpeciesProfile): string => `${commonName(profile)} (${profile.id})`;

/** The species that a text may mean, best first, one identifier a line. */
export function findCommand(text: string, { catalogue }: Surroundings): Answer {
  const found = findSpecies(catalogue, text, FOUND);
  if (found.length > 0) return { output: found.map(({ id }) => `${id}\n`).join(''), errors: [] };
  const nearest = nearestSpecies(catalogue, text);
  return failed(
    `Nothing is called ${JSON.stringify(text)}.${nearest.length > 0 ? ` Nearest: ${nearest.map(called).join(', ')}.` : ''}`,
  );
}

/** A profile in words. */
function told(profile: SpeciesProfile, { catalogue, today }: Surroundings, units: UnitChoice): string {
  return profileText(profile, wordsFor(catalogue, units), {
    catalogue,
    tanks: smallestTanks(profile, STANDARD_TANKS, today),
    company: companyFor(profile, catalogue, today),
    reasons: reasonsOf(profile.id),
    judgedBy: rangeUsed(profile, 'unknown').source,
  });
}

/** The catalogue, or the profile of the species that is meant for certain: as data, or in words in some units. */
export function speciesCommand(
  name: string | undefined,
  world: Surroundings,
  inWords: UnitChoice | null = null,
): Answer {
  const { catalogue } = world;
  if (name === undefined) return json({ species: catalogue.all.map(speciesAnswer) });
  const meant = meaningOf(catalogue, name);
  if (meant.is === 'sure') {
    const named = resolveSpecies(catalogue, name);
    const notes = named.ok ? [] : [`${JSON.stringify(name)} is taken as ${called(meant.profile)}.`];
    return inWords === null
      ? { ...json(speciesAnswer(meant.profile)), notes }
      : { output: told(meant.profile, world, inWords), errors: [], notes };
  }
  const near = meant.is === 'doubtful' ? meant.choices : meant.nearest;
  const nearest = near[0] ? called(near[0]) : null;
  return failed(faultLine(faultOf('species', { is: 'known', what: 'species', nearest }, name)));
}
