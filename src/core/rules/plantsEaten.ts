import type { Place, PlannedSpecies } from './context';
import { finding, type Finding } from './finding';
import { advise, leaveOut } from './fixes';
import type { Rule } from './rule';
import { severityTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'home/plants': { readonly how: 'eats' | 'nibbles' | 'digs' };
  }
}

/** Digs so hard that rooted plants come up (from memory). */
const UPROOTS = 3;

interface Planted {
  readonly species: PlannedSpecies;
  /** The keeper said that there are plants. */
  readonly said: boolean;
}

const SEVERITY = severityTable<Planted>(
  'A fish that harms plants, in a tank with plants',
  [
    {
      when: 'it eats plants, and the keeper said that there are some',
      holds: ({ species, said }) => said && species.profile.effect.eatsPlants === 'yes',
      severity: 'caution',
    },
    {
      when: 'it eats plants or digs them up, or nibbles at those that the keeper said there are',
      holds: ({ species: { profile }, said }) =>
        profile.effect.eatsPlants === 'yes' ||
        profile.effect.digs >= UPROOTS ||
        (said && profile.effect.eatsPlants === 'some'),
      severity: 'note',
    },
  ],
  'Common practice; how hard a fish must dig to uproot plants is from memory.',
);

const HOW = { yes: 'eats', some: 'nibbles', no: 'digs' } as const;

function judgeSpecies(species: PlannedSpecies, place: Place): readonly Finding[] {
  const { eatsPlants, digs } = species.profile.effect;
  const { plants, assumed } = place.tank;
  const severity = plants === 'none' ? null : SEVERITY.of({ species, said: !assumed.has('plants') });
  if (severity === null) return [];
  return [
    finding('plants-eaten', {
      severity,
      species: [species.profile.id],
      fact: { says: 'home/plants', how: HOW[eatsPlants] },
      because: { eatsPlants, plants, digs },
      fixes: severity === 'caution' ? [leaveOut(species), advise('wood and rock')] : [],
    }),
  ];
}

/** Plant eaters and uprooters in a planted tank. */
export const plantsEaten: Rule = {
  name: 'plants-eaten',
  severities: [SEVERITY],
  ofOne: judgeSpecies,
};
