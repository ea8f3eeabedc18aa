import { adultLengthCm, isRough, killsItsOwn } from '../model';
import type { PlannedSpecies, RuleContext } from './context';
import { finding } from './finding';
import { advise } from './fixes';
import { hasWayOut } from './pairs';
import type { Rule } from './rule';
import { otherwise, severityTable } from './severityTable';

const LARGE_CM = 30;

const SEVERITY = severityTable<PlannedSpecies>(
  `A fish that may have to leave in a hurry: aggressive, a killer of its own, contested, or ${LARGE_CM} cm and more`,
  [{ when: 'an exit plan is given', holds: (kind) => hasWayOut(kind), severity: 'good' }, otherwise('note')],
  'Common practice; the length is from memory.',
);

/** A species that may have to leave in a hurry: aggressive when mature, fierce to its own in a group, large, or contested here. */
function risky(kind: PlannedSpecies, context: RuleContext): boolean {
  const fierce = kind.count > 1 && killsItsOwn(kind.profile);
  const contested = kind.profile.contested.some((pair) =>
    context.kinds.some((other) => other.profile.id === pair.species),
  );
  const company = context.kinds.length > 1;
  return (
    (company && (isRough(kind.profile) || contested)) || fierce || adultLengthCm(kind.profile) >= LARGE_CM
  );
}

/** Risky species and the exit plan that is made for them before they are bought. */
export const wayOut: Rule = {
  name: 'way-out',
  severities: [SEVERITY],
  judge: (context) =>
    context.kinds.flatMap((kind) => {
      const severity = SEVERITY.of(kind);
      if (severity === null || !risky(kind, context)) return [];
      const arranged = severity === 'good';
      const plan = kind.groups.map((group) => group.wayOut.trim()).find((text) => text !== '') ?? null;
      return [
        finding('way-out', {
          severity,
          species: [kind.profile.id],
          fact: { says: 'care/exit plan', plan, count: kind.count },
          because: { arranged },
          fixes: arranged ? [] : [advise('exit plan')],
        }),
      ];
    }),
};
