import type { ContestedNumber } from '../model';
import type { Place, PlannedSpecies, RuleContext } from './context';
import { finding, type Finding } from './finding';
import { keepCount } from './fixes';
import { CONTESTED } from './knownCompany';
import { hasWayOut, judgedKinds } from './pairs';
import type { Rule } from './rule';

declare module './facts' {
  interface Facts {
    'group/contested': {
      readonly count: number;
      readonly why: string;
      readonly inCompany: boolean;
      readonly exitPlan: boolean;
    };
  }
}

/** What keepers disagree about in the number of a species, in a tank of this length; undefined where they do not. */
export const disputeOf = (
  { profile, count }: PlannedSpecies,
  { tank }: Pick<Place, 'tank'>,
): ContestedNumber | undefined =>
  profile.contestedNumbers?.find(
    ({ counts, fromLengthCm = 0 }) =>
      counts.includes(count) && tank.figures.outside.lengthCm >= fromLengthCm * TOLERANCE,
  );

/** A tank sold as six feet may be 180 cm. */
const TOLERANCE = 0.98;

/** Whether a number is disputed whoever else is there: no other rule then speaks of it. */
export function isDisputed(species: PlannedSpecies, place: Pick<Place, 'tank'>): boolean {
  const dispute = disputeOf(species, place);
  return dispute !== undefined && !dispute.inCompany;
}

function judge(context: RuleContext): readonly Finding[] {
  return judgedKinds(context).flatMap((species) => {
    const dispute = disputeOf(species, context);
    const alone = context.planned.every(({ profile }) => profile.id === species.profile.id);
    if (!dispute || (dispute.inCompany && alone)) return [];
    const arranged = hasWayOut(species);
    const { count, profile } = species;
    const { comfortableGroup, badNumbers } = profile.company;
    return [
      finding('contested-number', {
        severity: CONTESTED.of({ arranged, mild: dispute.at === 'note' }),
        species: [profile.id],
        fact: {
          says: 'group/contested',
          count,
          why: dispute.why,
          inCompany: dispute.inCompany ?? false,
          exitPlan: arranged,
        },
        because: { count, avoid: badNumbers.join(', '), exitPlanGiven: arranged },
        contested: true,
        approach: arranged ? 'try with a way out' : 'avoid',
        fixes: comfortableGroup === count ? [] : [keepCount(species, comfortableGroup)],
      }),
    ];
  });
}

/** Numbers of a species about which serious keepers disagree: tried with an exit plan, or avoided. */
export const contestedNumber: Rule = { name: 'contested-number', severities: [CONTESTED], judge };
