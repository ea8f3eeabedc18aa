import { DEADLY } from '../model';
import type { Place, PlannedSpecies } from './context';
import { finding, type Finding } from './finding';
import { keepCount } from './fixes';
import { holdersOf } from './ground';
import type { Rule } from './rule';
import { otherwise, sureTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'group/keep one': { readonly count: number; readonly deadly: boolean };
  }
}

/** Territories for each of several loners, from which on they keep out of each other's way (from memory). */
const ROOMY = 2;

interface Loners {
  readonly deadly: boolean;
  /** More of them than the floor has territories. */
  readonly crowded: boolean;
  /** Twice as many territories as there are of them. */
  readonly roomy: boolean;
}

const SEVERITY = sureTable<Loners>(
  'More than one of a species that lives alone',
  [
    { when: 'they fight to the death', holds: ({ deadly }) => deadly, severity: 'stop' },
    { when: 'the floor has no territory for each', holds: ({ crowded }) => crowded, severity: 'stop' },
    {
      when: 'the floor has two territories for each',
      holds: ({ roomy }) => roomy,
      severity: 'note',
    },
    otherwise('caution'),
  ],
  'Common practice: grown loners do not put up with their own kind.',
);

/** One male with females is allowed in species whose females put up with each other. */
function haremAllowed(species: PlannedSpecies): boolean {
  return (
    species.males !== null &&
    species.males <= 1 &&
    species.males + (species.females ?? 0) === species.count &&
    species.profile.company.ownKind.female < 2
  );
}

function judgeSpecies(species: PlannedSpecies, place: Place): readonly Finding[] {
  const { profile, count } = species;
  if (profile.company.mode !== 'solitary' || count === 1 || haremAllowed(species)) return [];
  const room = holdersOf(species, place);
  const { ownKind } = profile.company;
  const deadly = Math.max(ownKind.male, ownKind.female) >= DEADLY;
  const severity = SEVERITY.of({
    deadly,
    crowded: room !== null && count > room.fit,
    roomy: room !== null && room.fit >= count * ROOMY,
  });
  return [
    finding('solitary', {
      severity,
      species: [profile.id],
      fact: { says: 'group/keep one', count, deadly },
      because: { count, ...(room === null ? {} : { territoriesThatFit: room.fit }) },
      fixes: [keepCount(species, 1)],
    }),
  ];
}

/** More than one of a species that lives alone. */
export const solitary: Rule = {
  name: 'solitary',
  leaveFor: 'harm',
  severities: [SEVERITY],
  ofKind: judgeSpecies,
};
