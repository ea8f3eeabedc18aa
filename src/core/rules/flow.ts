import type { Place, PlannedSpecies } from './context';
import { finding, type Finding } from './finding';
import { advise, leaveOut } from './fixes';
import type { Rule } from './rule';
import { otherwise, severityTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'pair/currents': object;
    'home/weak current': { readonly strong: boolean };
    'home/strong current': object;
  }
}

/** Real turnover an hour that a current of this species takes, and that it can stand (from memory). */
const NEEDS = { still: 0, gentle: 0, moderate: 2, strong: 6 } as const;
const STANDS = { still: 6, gentle: 12, moderate: Infinity, strong: Infinity } as const;

interface InCurrent {
  readonly flow: keyof typeof NEEDS;
  /** Turnovers an hour. */
  readonly turnover: number;
}

const SEVERITY = severityTable<InCurrent>(
  'A fish and the current of the filter',
  [
    {
      when: `needs a strong current (${NEEDS.strong} turnovers an hour) and has less`,
      holds: ({ flow, turnover }) => flow === 'strong' && turnover < NEEDS.strong,
      severity: 'caution',
    },
    {
      when: `needs moving water (${NEEDS.moderate} turnovers an hour) and has less`,
      holds: ({ flow, turnover }) => turnover < NEEDS[flow],
      severity: 'note',
    },
    {
      when: `from still water with over ${STANDS.still}, from gentle with over ${STANDS.gentle}`,
      holds: ({ flow, turnover }) => turnover > STANDS[flow],
      severity: 'note',
    },
  ],
  'Common practice; the turnovers are from memory.',
);

const OPPOSITE = severityTable(
  'Fish of strong currents beside fish of still water',
  [otherwise('caution')],
  'Common practice: one tank hardly gives both.',
);

function judgeTank(species: PlannedSpecies, place: Place): readonly Finding[] {
  if (place.tank.assumed.has('filterLph')) return [];
  const { flow } = species.profile.water;
  const turnover = place.tank.figures.turnoverPerHour;
  const severity = SEVERITY.of({ flow, turnover });
  if (severity === null) return [];
  const weak = turnover < NEEDS[flow];
  return [
    finding('flow', {
      severity,
      species: [species.profile.id],
      fact: weak ? { says: 'home/weak current', strong: flow === 'strong' } : { says: 'home/strong current' },
      because: { flow, turnoverPerHour: Number(turnover.toFixed(1)), needs: NEEDS[flow] },
      fixes: [advise(weak ? 'circulation pump' : 'calm outflow')],
      source: 'common practice; figures from memory',
    }),
  ];
}

function judgePair(strong: PlannedSpecies, still: PlannedSpecies): Finding | null {
  if (strong.profile.water.flow !== 'strong' || still.profile.water.flow !== 'still') return null;
  return finding('flow', {
    severity: 'caution',
    species: [strong.profile.id, still.profile.id],
    fact: { says: 'pair/currents' },
    because: { needs: 'strong', other: 'still' },
    fixes: [leaveOut(strong), leaveOut(still)],
  });
}

/** Currents that fish need, against the filter and against each other. */
export const flow: Rule = {
  name: 'flow',
  severities: [SEVERITY, OPPOSITE],
  ofOne: judgeTank,
  toAnother: judgePair,
};
