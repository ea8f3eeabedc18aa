import { DEADLY, ROUGH } from '../model';
import { finding, type Finding } from './finding';
import { leaveOut } from './fixes';
import type { PlannedKind } from './context';
import type { Rule } from './rule';
import { The, the } from '../wording';

/** A loner that kills its like, of either sex and also of a kind next to its own: bettas, red-tailed sharks (common practice). */
const killsLikes = ({ profile: { company } }: PlannedKind): boolean =>
  company.mode === 'solitary' && company.toLookalikes >= DEADLY;

function judgePair(a: PlannedKind, b: PlannedKind): Finding | null {
  const tag = a.profile.lookalike.find((one) => b.profile.lookalike.includes(one));
  const temper = Math.max(a.profile.company.toLookalikes, b.profile.company.toLookalikes);
  if (tag === undefined || temper < ROUGH) return null;
  return finding('look-alike', {
    severity:
      a.profile.kin === b.profile.kin && [a, b].some(killsLikes)
        ? 'stop'
        : temper >= DEADLY
          ? 'caution'
          : 'note',
    species: [a.profile.id, b.profile.id],
    text: `${The(a.profile)} and ${the(b.profile)} look alike and fight each other like their own kind.`,
    because: { lookalike: tag, aggression: temper },
    fixes: [leaveOut(a), leaveOut(b)],
  });
}

/** Kinds that take each other for rivals of their own kind. */
export const lookAlike: Rule = {
  name: 'look-alike',
  together: judgePair,
};
