import type { PlannedSpecies } from './context';
import { finding, type Finding } from './finding';
import type { Rule } from './rule';
import { severityTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'care/sting': object;
    'care/spines': object;
  }
}

const SEVERITY = severityTable<PlannedSpecies>(
  'A fish that hurts the hand that moves it',
  [
    { when: 'venomous sting', holds: ({ profile }) => profile.handling.sting, severity: 'caution' },
    { when: 'spines', holds: ({ profile }) => profile.handling.spines, severity: 'note' },
  ],
  'Common practice: a container, never a net or the hand.',
);

function judgeSpecies(species: PlannedSpecies): readonly Finding[] {
  const { sting, spines } = species.profile.handling;
  const severity = species.profile.life === 'fish' ? SEVERITY.of(species) : null;
  if (severity === null) return [];
  return [
    finding('handling-hazard', {
      severity,
      species: [species.profile.id],
      fact: { says: sting ? 'care/sting' : 'care/spines' },
      because: { sting, spines },
    }),
  ];
}

/** Animals that hurt the hand that moves them. */
export const handlingHazard: Rule = {
  name: 'handling-hazard',
  severities: [SEVERITY],
  ofOne: judgeSpecies,
};
