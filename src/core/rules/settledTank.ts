import { isRough, makesRoughTank } from '../model';
import type { PlannedGroup, PlannedSpecies, RuleContext } from './context';
import { finding, type Finding } from './finding';
import { advise } from './fixes';
import type { Rule } from './rule';
import { judgedSpecies } from './pairs';
import { otherwise, sureTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'floor/new fish': { readonly count: number; readonly pickedOn: boolean };
  }
}

/** After so many months an order has settled (from memory). */
const SETTLED_MONTHS = 2;
/** One or two newcomers are picked on by all; three and more share it (fact of the trade, common practice). */
const SEVERAL = 3;
/** Newcomers below this share of the residents' length are often ignored (common practice; the share from memory). */
const SMALL = 0.4;

const SEVERITY = sureTable<boolean>(
  'A newcomer to aggressive fish that have settled',
  [
    {
      when: `fewer than ${SEVERAL}, and not much smaller than the residents`,
      holds: (few) => few,
      severity: 'caution',
    },
    otherwise('note'),
  ],
  'Common practice: one or two newcomers are picked on by all, three and more share it. Small fish are often ignored; the share is from memory.',
);

const settled = (species: PlannedSpecies): boolean =>
  species.groups.some((group) => (group.monthsHere ?? 0) >= SETTLED_MONTHS) &&
  species.largestCm >= species.profile.size.matureCm;

function judgeNewcomer(group: PlannedGroup, residents: readonly PlannedSpecies[]): readonly Finding[] {
  const rough = residents.filter(
    (species) => species.profile.id === group.profile.id || isRough(species.profile),
  );
  if (group.monthsHere !== null || group.profile.life !== 'fish' || rough.length === 0) return [];
  const small = rough.every((species) => group.lengthCm < species.largestCm * SMALL);
  const few = group.count < SEVERAL && !small;
  return [
    finding('settled-tank', {
      severity: SEVERITY.of(few),
      species: [
        group.profile.id,
        ...rough.map((species) => species.profile.id).filter((id) => id !== group.profile.id),
      ],
      fact: { says: 'floor/new fish', count: group.count, pickedOn: few },
      because: { newcomers: group.count, lengthCm: group.lengthCm, muchSmaller: small },
      fixes: [
        ...(few ? [advise({ does: 'more of them', species: [group.profile.id], count: SEVERAL })] : []),
        advise('rearrange rocks'),
        advise('quarantine with residents'),
      ],
    }),
  ];
}

/** Newcomers among aggressive fish whose hierarchy has settled. */
export const settledTank: Rule = {
  name: 'settled-tank',
  about: 'the first',
  severities: [SEVERITY],
  judge: (context: RuleContext) => {
    const residents = context.planned.filter(
      (species) => makesRoughTank(species.profile, species.count) && settled(species),
    );
    return residents.length === 0
      ? []
      : judgedSpecies(context).flatMap((species) =>
          species.groups.flatMap((group) => judgeNewcomer(group, residents)),
        );
  },
};
