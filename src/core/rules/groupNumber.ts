import { ROUGH } from '../model';
import type { PlannedSpecies, RuleContext } from './context';
import { finding, type Finding } from './finding';
import { keepCount } from './fixes';
import { judgedKinds } from './pairs';
import { isOpenWater } from './riftNumbers';
import type { Rule } from './rule';
import { otherwise, severityTable } from './severityTable';

const TRIO = 3;

/** The nearest number above that is not one to avoid, at least the smallest group. */
function nextGood(kind: PlannedSpecies): number {
  const { badNumbers, smallestGroup } = kind.profile.company;
  let count = Math.max(kind.count + 1, smallestGroup);
  while (badNumbers.includes(count)) count += 1;
  return count;
}

function nextGoodBelow(kind: PlannedSpecies): number | null {
  const { badNumbers } = kind.profile.company;
  for (let count = kind.count - 1; count > 0; count -= 1) if (!badNumbers.includes(count)) return count;
  return null;
}

/** Shown males without females have one another to watch; a pair of a species is a flaw there, and no duel (common practice). */
const isShown = (kind: PlannedSpecies, { males }: RuleContext): boolean =>
  males === 'all-male' && (kind.males ?? kind.count) === kind.count && isOpenWater(kind);

/** One male with two females is too few, and no duel. */
const isTrio = ({ count, males, females, profile }: PlannedSpecies): boolean =>
  profile.company.mode === 'harem' && males === 1 && females === TRIO - 1 && count === TRIO;

interface Numbered {
  readonly kind: PlannedSpecies;
  readonly shown: boolean;
}

const SEVERITY = severityTable<Numbered>(
  'A number that keepers of a species have learned to avoid',
  [
    {
      when: 'aggressive towards their own kind, and neither a trio of one male nor males for show',
      holds: ({ kind, shown }) =>
        Math.max(kind.profile.company.ownKind.male, kind.profile.company.ownKind.female) >= ROUGH &&
        !isTrio(kind) &&
        !shown,
      severity: 'stop',
    },
    otherwise('caution'),
  ],
  'Each species has its own numbers to avoid (common practice).',
);

function judgeKind(kind: PlannedSpecies, context: RuleContext): readonly Finding[] {
  const { profile, count } = kind;
  const { badNumbers, pairs, smallestGroup } = profile.company;
  const severity = SEVERITY.of({ kind, shown: isShown(kind, context) });
  if (!badNumbers.includes(count) || severity === null) return [];
  const fewer = nextGoodBelow(kind);
  return [
    finding('group-number', {
      severity,
      species: [profile.id],
      fact: { says: 'group/avoid', count, pairs: count === TRIO && pairs === 'guards' },
      because: { count, avoid: badNumbers.join(', '), smallestGroup },
      fixes: [keepCount(kind, nextGood(kind)), ...(fewer === null ? [] : [keepCount(kind, fewer)])],
    }),
  ];
}

/** Numbers that keepers of a species have learned to avoid, such as three angelfish. */
export const groupNumber: Rule = {
  name: 'group-number',
  severities: [SEVERITY],
  judge: (context) => judgedKinds(context).flatMap((kind) => judgeKind(kind, context)),
};
