import { makesRoughTank } from '../model';
import { finding } from './finding';
import type { Rule } from './rule';
import { severityTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'home/long light': { readonly hours: number; readonly rough: boolean };
  }
}

/** A tank of aggressive fish is lit 7 or 8 hours; 10 to 12 bring more chasing (fact of the trade, common practice). */
const ROUGH_HOURS = 8;
const CHASING_HOURS = 10;
const ALGAE_HOURS = 12;

interface Day {
  readonly hours: number;
  readonly rough: boolean;
}

const SEVERITY = severityTable<Day>(
  'Hours of light a day',
  [
    {
      when: `${CHASING_HOURS} or more with aggressive fish`,
      holds: ({ hours, rough }) => rough && hours >= CHASING_HOURS,
      severity: 'caution',
    },
    {
      when: `more than ${ROUGH_HOURS} with aggressive fish`,
      holds: ({ hours, rough }) => rough && hours > ROUGH_HOURS,
      severity: 'note',
    },
    {
      when: `more than ${ALGAE_HOURS} with any fish`,
      holds: ({ hours }) => hours > ALGAE_HOURS,
      severity: 'note',
    },
  ],
  'Common practice: 7 or 8 hours with aggressive fish; the limit for algae is from memory.',
);

/** Hours of light with aggressive fish, and with any. Silent while nobody has said how long it burns. */
export const lightHours: Rule = {
  name: 'light-hours',
  about: 'the whole tank',
  severities: [SEVERITY],
  judge: ({ tank, planned }) => {
    const hours = tank.lightHours;
    if (hours === null) return [];
    const rough = planned.filter((species) => makesRoughTank(species.profile, species.count));
    const severity = SEVERITY.of({ hours, rough: rough.length > 0 });
    if (severity === null) return [];
    return [
      finding('light-hours', {
        severity,
        species: rough.map((species) => species.profile.id),
        fact: { says: 'home/long light', hours, rough: rough.length > 0 },
        because: { hours, aggressiveSpecies: rough.length },
        fixes: [{ edit: { kind: 'set-light', hours: ROUGH_HOURS } }],
      }),
    ];
  },
};
