import { commonName, ROUGH } from '../model';
import type { PlannedKind, RuleContext } from './context';
import { finding, type Finding } from './finding';
import { isOpenWater } from './riftNumbers';
import type { Rule } from './rule';
import { judgedKinds } from './pairs';
import { countOf, plural } from '../wording';

const TRIO = 3;

/** The nearest number above that is not one to avoid, at least the smallest group. */
function nextGood(kind: PlannedKind): number {
  const { badNumbers, smallestGroup } = kind.profile.company;
  let count = Math.max(kind.count + 1, smallestGroup);
  while (badNumbers.includes(count)) count += 1;
  return count;
}

function nextGoodBelow(kind: PlannedKind): number | null {
  const { badNumbers } = kind.profile.company;
  for (let count = kind.count - 1; count > 0; count -= 1) if (!badNumbers.includes(count)) return count;
  return null;
}

/** Shown males without females have one another to watch; a pair of a kind is a flaw there, and no duel (common practice). */
const isShown = (kind: PlannedKind, { males }: RuleContext): boolean =>
  males === 'all-male' && (kind.males ?? kind.count) === kind.count && isOpenWater(kind);

function judgeKind(kind: PlannedKind, context: RuleContext): readonly Finding[] {
  const { profile, count } = kind;
  const { badNumbers, mode, ownKind, smallestGroup } = profile.company;
  if (!badNumbers.includes(count)) return [];
  // One male with two females is too few, and no duel.
  const trio = mode === 'harem' && kind.males === 1 && kind.females === TRIO - 1 && count === TRIO;
  const severe = Math.max(ownKind.male, ownKind.female) >= ROUGH && !trio && !isShown(kind, context);
  const more = nextGood(kind);
  const fewer = nextGoodBelow(kind);
  return [
    finding('group-number', {
      severity: severe ? 'stop' : 'caution',
      species: [profile.id],
      text: `${countOf(count, profile)} is a number to avoid: the strongest have too few to share their chasing among, and the weakest takes it all.`,
      because: { count, avoid: badNumbers.join(', '), smallestGroup },
      fixes: [
        {
          text: `Keep ${more} ${plural(commonName(profile))}.`,
          edit: { kind: 'set-count', species: profile.id, count: more },
        },
        ...(fewer === null
          ? []
          : [
              {
                text: `Keep ${fewer}.`,
                edit: { kind: 'set-count' as const, species: profile.id, count: fewer },
              },
            ]),
      ],
    }),
  ];
}

/** Numbers that keepers of a kind have learned to avoid, such as three angelfish. */
export const groupNumber: Rule = {
  name: 'group-number',
  judge: (context) => judgedKinds(context).flatMap((kind) => judgeKind(kind, context)),
};
