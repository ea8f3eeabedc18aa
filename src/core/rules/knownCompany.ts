import { isNamed, type SpeciesProfile } from '../model';
import type { PlannedSpecies } from './context';
import { finding, type Finding } from './finding';
import { leaveOut } from './fixes';
import { areOneKind, hasWayOut } from './pairs';
import { otherwise, severityTable, sureTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'pair/known bad': { readonly why: string };
    'pair/contested': { readonly why: string; readonly exitPlan: boolean };
  }
}

export const KNOWN = severityTable(
  'Two species that keepers know not to keep together',
  [otherwise('stop')],
  'Common practice; each pair has its own reason in the catalogue.',
);
export const CONTESTED = sureTable<{ readonly arranged: boolean; readonly mild: boolean }>(
  'Two species, or a number of one, about which keepers disagree',
  [
    { when: 'an exit plan is given', holds: ({ arranged }) => arranged, severity: 'note' },
    {
      when: 'the worst that is told of it is a missed meal or a lost shrimp',
      holds: ({ mild }) => mild,
      severity: 'note',
    },
    otherwise('caution'),
  ],
  'Keepers disagree; each pair and each number has its own reason in the catalogue.',
);

/** So many nippers nip one another, and so many with long fins share what is left (fact F37 of the trade, common practice). */
const LARGE_SHOAL = 20;
const LARGE_GROUP = 6;
/**
 * Company that a number cures: a large shoal of nippers with a large group of others. Not with bettas, of which there is one.
 */
export const isCuredByNumber = (nipper: PlannedSpecies, other: PlannedSpecies): boolean =>
  nipper.profile.company.nipCalmGroup !== null &&
  nipper.count >= LARGE_SHOAL &&
  other.count >= LARGE_GROUP &&
  other.profile.kin !== 'betta';

/** Bad company that keepers agree on: named by species, or by kin. */
export function knownBad(species: PlannedSpecies, other: PlannedSpecies): Finding | null {
  const known = areOneKind(species, other)
    ? undefined
    : species.profile.badWith.find(({ who }) => isNamed(who, other.profile) || who === other.profile.kin);
  if (!known) return null;
  if (isCuredByNumber(species, other) || isCuredByNumber(other, species))
    return disputed(species, other, { why: known.why, mild: false });
  return finding('temper', {
    severity: 'stop',
    species: [species.profile.id, other.profile.id],
    fact: { says: 'pair/known bad', why: known.why },
    because: { known: true },
    fixes: [leaveOut(other), leaveOut(species)],
  });
}

/** What keepers disagree about, of two species; undefined where they do not. */
export function disagreementOn(
  species: PlannedSpecies,
  other: PlannedSpecies,
): SpeciesProfile['contested'][number] | undefined {
  const named = ({ profile }: PlannedSpecies, { profile: whom }: PlannedSpecies) =>
    profile.contested.find((pair) => isNamed(pair.species, whom) || pair.species === whom.kin);
  return named(species, other) ?? named(other, species);
}

/** Pairs about which serious keepers disagree: tried with an exit plan, or avoided. */
export function contestedPair(species: PlannedSpecies, other: PlannedSpecies): Finding | null {
  const entry = disagreementOn(species, other);
  if (!entry) return null;
  return disputed(species, other, { why: entry.why, mild: entry.at === 'note' });
}

/** Both sides of a disagreement over two species. */
function disputed(
  species: PlannedSpecies,
  other: PlannedSpecies,
  { why, mild }: { readonly why: string; readonly mild: boolean },
): Finding {
  const arranged = hasWayOut(species, other);
  return finding('temper', {
    severity: CONTESTED.of({ arranged, mild }),
    species: [species.profile.id, other.profile.id],
    fact: { says: 'pair/contested', why, exitPlan: arranged },
    because: { exitPlanGiven: arranged },
    contested: true,
    approach: arranged ? 'try with a way out' : 'avoid',
  });
}
