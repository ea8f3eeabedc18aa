import { adultLengthCm, isNamed, isRough, killsItsOwn } from '../model';
import type { PlannedSpecies, RuleContext } from './context';
import { finding } from './finding';
import { advise } from './fixes';
import { hasWayOut, judgedSpecies } from './pairs';
import type { Rule } from './rule';
import { otherwise, severityTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'care/exit plan': { readonly plan: string | null; readonly count: number };
  }
}

const LARGE_CM = 30;

const SEVERITY = severityTable<PlannedSpecies>(
  `A fish that may have to leave in a hurry: aggressive, a killer of its own, contested, or ${LARGE_CM} cm and more`,
  [
    { when: 'an exit plan is given', holds: (species) => hasWayOut(species), severity: 'good' },
    otherwise('note'),
  ],
  'Common practice; the length is from memory.',
);

/** A species that may have to leave in a hurry: aggressive when mature, fierce to its own in a group, large, or contested here. */
function risky(species: PlannedSpecies, context: RuleContext): boolean {
  const fierce = species.count > 1 && killsItsOwn(species.profile);
  const contested = species.profile.contested.some((pair) =>
    context.planned.some(
      (other) =>
        other !== species && (isNamed(pair.species, other.profile) || pair.species === other.profile.kin),
    ),
  );
  const company = context.planned.length > 1;
  return (
    (company && (isRough(species.profile) || contested)) ||
    fierce ||
    adultLengthCm(species.profile) >= LARGE_CM
  );
}

/** Risky species and the exit plan that is made for them before they are bought. */
export const wayOut: Rule = {
  name: 'way-out',
  severities: [SEVERITY],
  judge: (context) =>
    judgedSpecies(context).flatMap((species) => {
      const severity = SEVERITY.of(species);
      if (severity === null || !risky(species, context)) return [];
      const arranged = severity === 'good';
      const plan = species.groups.map((group) => group.wayOut.trim()).find((text) => text !== '') ?? null;
      return [
        finding('way-out', {
          severity,
          species: [species.profile.id],
          fact: { says: 'care/exit plan', plan, count: species.count },
          because: { arranged },
          fixes: arranged ? [] : [advise('exit plan')],
        }),
      ];
    }),
};
