import { commonName, DEADLY } from '../model';
import type { PlannedKind, RuleContext } from './context';
import { finding, type Finding } from './finding';
import { holdersOf } from './ground';
import type { Rule } from './rule';
import { judgedKinds } from './pairs';
import { countOf, plural, The } from '../wording';

/** One male with females is allowed in kinds whose females put up with each other. */
function haremAllowed(kind: PlannedKind): boolean {
  return (
    kind.males !== null &&
    kind.males <= 1 &&
    kind.males + (kind.females ?? 0) === kind.count &&
    kind.profile.company.ownKind.female < 2
  );
}

function judgeKind(kind: PlannedKind, context: RuleContext): readonly Finding[] {
  const { profile, count } = kind;
  if (profile.company.mode !== 'solitary') return [];
  if (count === 1)
    return [
      finding('solitary', {
        severity: 'good',
        species: [profile.id],
        text: `${The(profile)} lives alone of its kind, and it is alone.`,
        because: { count },
      }),
    ];
  if (haremAllowed(kind)) return [];
  const room = holdersOf(kind, context);
  const { ownKind } = profile.company;
  const crowded = room !== null && count > room.fit;
  return [
    finding('solitary', {
      severity: Math.max(ownKind.male, ownKind.female) >= DEADLY || crowded ? 'stop' : 'caution',
      species: [profile.id],
      text: `${countOf(count, profile)}: grown ${plural(commonName(profile))} do not put up with their own kind; keep one.`,
      because: { count, ...(room === null ? {} : { territoriesThatFit: room.fit }) },
      fixes: [
        {
          text: `Keep one ${commonName(profile)}.`,
          edit: { kind: 'set-count', species: profile.id, count: 1 },
        },
      ],
    }),
  ];
}

/** More than one of a kind that lives alone. */
export const solitary: Rule = {
  name: 'solitary',
  leaveFor: 'fighting',
  judge: (context) => judgedKinds(context).flatMap((kind) => judgeKind(kind, context)),
};
