import { commonName, isRough, makesRoughTank } from '../model';
import type { PlannedGroup, PlannedKind, RuleContext } from './context';
import { finding, type Finding } from './finding';
import type { Rule } from './rule';
import { judgedKinds } from './pairs';
import { countOf, list, plural } from '../wording';

/** After so many months an order has settled (from memory). */
const SETTLED_MONTHS = 2;
/** One or two newcomers are picked on by all; three and more share it (fact of the trade, common practice). */
const SEVERAL = 3;
/** Newcomers below this share of the residents' length are often ignored (common practice; the share from memory). */
const SMALL = 0.4;

const settled = (kind: PlannedKind): boolean =>
  kind.groups.some((group) => group.monthsHere !== null && group.monthsHere >= SETTLED_MONTHS) &&
  kind.largestCm >= kind.profile.size.matureCm;

function judgeNewcomer(group: PlannedGroup, residents: readonly PlannedKind[]): readonly Finding[] {
  const rough = residents.filter((kind) => kind.profile.id === group.profile.id || isRough(kind.profile));
  if (group.monthsHere !== null || group.profile.life !== 'fish' || rough.length === 0) return [];
  const small = rough.every((kind) => group.lengthCm < kind.largestCm * SMALL);
  const few = group.count < SEVERAL && !small;
  const who = list(rough.map((kind) => plural(commonName(kind.profile))));
  return [
    finding('settled-tank', {
      severity: few ? 'caution' : 'note',
      species: [
        group.profile.id,
        ...rough.map((kind) => kind.profile.id).filter((id) => id !== group.profile.id),
      ],
      text: few
        ? `${countOf(group.count, group.profile)} added to settled ${who}: newcomers in ones and twos are picked on by all, and the whole order is at risk. Add three or more at once, or use the quarantine ruse.`
        : `Adding to settled ${who} risks the whole order: rearrange the rock in the same hour and look again after two days.`,
      because: { newcomers: group.count, lengthCm: group.lengthCm, muchSmaller: small },
      fixes: [
        { text: 'Rearrange the hardscape in the same hour.' },
        {
          text: 'Take three or four residents into quarantine with the newcomer for its last week, then put all in together.',
        },
      ],
    }),
  ];
}

/** Newcomers into a rough tank whose order has settled. */
export const settledTank: Rule = {
  name: 'settled-tank',
  about: 'the first',
  judge: (context: RuleContext) => {
    const residents = context.kinds.filter(
      (kind) => makesRoughTank(kind.profile, kind.count) && settled(kind),
    );
    return residents.length === 0
      ? []
      : judgedKinds(context).flatMap((kind) =>
          kind.groups.flatMap((group) => judgeNewcomer(group, residents)),
        );
  },
};
