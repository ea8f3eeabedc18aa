import { makesRoughTank } from '../model';
import { finding } from './finding';
import type { Rule } from './rule';
import { figure } from '../wording';

/** A rough tank is kept at 7 or 8 hours; 10 to 12 bring more chasing (fact of the trade, common practice). */
const ROUGH_HOURS = 8;
const CHASING_HOURS = 10;
const ALGAE_HOURS = 12;

/** Hours of light in a rough tank, and in any. Silent while nobody has said how long it burns. */
export const lightHours: Rule = {
  name: 'light-hours',
  about: 'the whole tank',
  judge: ({ tank, kinds }) => {
    const hours = tank.lightHours;
    if (hours === null) return [];
    const rough = kinds.filter((kind) => makesRoughTank(kind.profile, kind.count));
    const because = { hours, roughKinds: rough.length };
    const species = rough.map((kind) => kind.profile.id);
    const fixes = [
      { text: `Light ${ROUGH_HOURS} hours.`, edit: { kind: 'set-light' as const, hours: ROUGH_HOURS } },
    ];
    if (rough.length > 0 && hours > ROUGH_HOURS)
      return [
        finding('light-hours', {
          severity: hours >= CHASING_HOURS ? 'caution' : 'note',
          species,
          text: `${figure(hours)} hours of light bring more chasing in a rough tank: 7 or 8 are enough.`,
          because,
          fixes,
        }),
      ];
    if (rough.length > 0)
      return [
        finding('light-hours', {
          severity: 'good',
          species,
          text: `${figure(hours)} hours of light keep a rough tank quieter than ten would.`,
          because,
        }),
      ];
    return hours > ALGAE_HOURS
      ? [
          finding('light-hours', {
            severity: 'note',
            species: [],
            text: `${figure(hours)} hours of light are a long day: algae gain by it and shy fish do not.`,
            because,
            fixes,
          }),
        ]
      : [];
  },
};
