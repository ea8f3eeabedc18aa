import type { PlannedSpecies } from './context';
import { finding } from './finding';
import type { Rule } from './rule';
import { severityTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'home/no lid': { readonly how: 'jumps' | 'climbs' };
  }
}

const SEVERITY = severityTable<PlannedSpecies>(
  'An animal that can leave a tank without a lid',
  [
    { when: 'it jumps often', holds: ({ profile }) => profile.habits.jumps === 'often', severity: 'stop' },
    {
      when: 'it jumps or climbs when frightened',
      holds: ({ profile }) => profile.habits.jumps !== 'no',
      severity: 'caution',
    },
  ],
  'Common practice: jumpers are found on the floor.',
);

/** Jumpers and climbers in an open tank. */
export const lid: Rule = {
  name: 'lid',
  severities: [SEVERITY],
  ofOne: (species, place) => {
    const severity = place.tank.lid ? null : SEVERITY.of(species);
    if (severity === null) return [];
    return [
      finding('lid', {
        severity,
        species: [species.profile.id],
        fact: { says: 'home/no lid', how: species.profile.life === 'fish' ? 'jumps' : 'climbs' },
        because: { jumps: species.profile.habits.jumps, lid: false },
        fixes: [{ edit: { kind: 'set-lid', lid: true } }],
      }),
    ];
  },
};
