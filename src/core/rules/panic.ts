import type { Cm } from '../kernel';
import { adultLengthCm } from '../model';
import type { Place, PlannedSpecies } from './context';
import { finding, type Finding } from './finding';
import { advise } from './fixes';
import type { Rule } from './rule';
import { otherwise, sureTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'home/bolts': { readonly freeSwimCm: Cm; readonly why: 'short' | 'hard' | null };
  }
}

/** A dash needs so many lengths of free water (from memory). */
const DASH = 6;
const HARD_DECOR = 0.12;
const HARD_FLOORS = ['gravel', 'rock'];

interface Dash {
  readonly short: boolean;
  readonly hard: boolean;
}

const SEVERITY = sureTable<Dash>(
  'A fish that bolts when frightened',
  [
    { when: `less than ${DASH} lengths of open water`, holds: ({ short }) => short, severity: 'caution' },
    { when: 'much rock, or gravel', holds: ({ hard }) => hard, severity: 'caution' },
    otherwise('note'),
  ],
  'Common practice; the number of lengths is from memory.',
);

function judgeSpecies(species: PlannedSpecies, place: Place): readonly Finding[] {
  if (!species.profile.habits.panics) return [];
  const { tank } = place;
  const short = tank.figures.freeSwimCm < species.judgedCm * DASH;
  const hard = tank.hardscapeFraction > HARD_DECOR || HARD_FLOORS.includes(tank.substrate);
  return [
    finding('panic', {
      severity: SEVERITY.of({ short, hard }),
      species: [species.profile.id],
      fact: {
        says: 'home/bolts',
        freeSwimCm: tank.figures.freeSwimCm,
        why: short ? 'short' : hard ? 'hard' : null,
      },
      because: {
        freeSwimCm: Math.round(tank.figures.freeSwimCm),
        lengthCm: adultLengthCm(species.profile),
        hardscapeFraction: tank.hardscapeFraction,
        substrate: tank.substrate,
      },
      fixes: [advise('swimming lane')],
    }),
  ];
}

/** Shoals that dash into decor. */
export const panic: Rule = {
  name: 'panic',
  severities: [SEVERITY],
  ofOne: judgeSpecies,
};
