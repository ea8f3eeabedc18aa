import { addMonths, type Cm } from '../kernel';
import { lengthsByMonth } from '../growth';
import { adultLengthCm } from '../model';
import type { Place, PlannedGroup, PlannedSpecies } from './context';
import { finding, type Finding } from './finding';
import { begins } from './maturity';
import { advise } from './fixes';
import type { Rule } from './rule';
import { otherwise, severityTable, sureTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'growth/too big': {
      readonly limitCm: Cm;
      readonly by: 'width' | 'height';
      readonly later: boolean;
      readonly count: number;
    };
    'growth/stays': { readonly until: string; readonly nextTank: string | null; readonly count: number };
  }
}

/** Rigid fish turn in a tank as wide as they are long at the least; bending ones in two thirds of it (from memory). */
const TURNS_IN = { stiff: 1, supple: 0.6 } as const;
const SUPPLE = ['eel', 'elongated'];

const OUTGROWN = severityTable(
  'A fish that cannot turn round or stand upright, now or later',
  [otherwise('stop')],
  'From memory: a stiff fish turns in a tank as wide as it is long, a supple one in 0.6 of it.',
);
const STAYS = sureTable<boolean>(
  'A fish that leaves before it is too big',
  [{ when: 'the next tank is named', holds: (named) => named, severity: 'note' }, otherwise('caution')],
  'Common practice: a stay needs a next tank.',
);

interface Limit {
  readonly lengthCm: Cm;
  readonly by: 'width' | 'height';
}

/** The length at which this tank stops a fish of this build: by turning round, or by height of water. */
function limitOf({ profile }: PlannedGroup, place: Place): Limit {
  const { inside, waterDepthCm } = place.tank.figures;
  const share = SUPPLE.includes(profile.size.shape) ? TURNS_IN.supple : TURNS_IN.stiff;
  const byWidth = {
    lengthCm: inside.widthCm / share,
    by: 'width' as const,
  };
  const heightRatio = profile.size.heightCm / adultLengthCm(profile);
  const byHeight = {
    lengthCm: waterDepthCm / heightRatio,
    by: 'height' as const,
  };
  return byHeight.lengthCm < byWidth.lengthCm ? byHeight : byWidth;
}

/** Months until a group reaches a length; null when it never does or leaves before. */
function outgrownIn(group: PlannedGroup, limitCm: Cm): number | null {
  if (group.judgedCm <= limitCm) return null;
  const month = lengthsByMonth(group.profile, group.lengthCm).findIndex((length) => length > limitCm);
  return month < 0 ? null : month;
}

/** The first of a species that this tank gets too small for. */
function firstOutgrown(species: PlannedSpecies, place: Place): readonly Finding[] {
  const inOrder = species.groups
    .flatMap((group) => {
      const months = outgrownIn(group, limitOf(group, place).lengthCm);
      const leaves = group.leavesInMonths ?? Infinity;
      return months === null || leaves < months ? [] : [{ group, months }];
    })
    .sort((a, b) => a.months - b.months || b.group.judgedCm - a.group.judgedCm);
  const [first] = inOrder;
  return first === undefined ? [] : [outgrown(first.group, first.months, place)];
}

function outgrown(group: PlannedGroup, months: number, place: Place): Finding {
  const limit = limitOf(group, place);
  return finding('outgrows', {
    severity: 'stop',
    species: [group.profile.id],
    fact: {
      says: 'growth/too big',
      limitCm: limit.lengthCm,
      by: limit.by,
      later: months > 0,
      count: group.count,
    },
    because: {
      limitCm: Number(limit.lengthCm.toFixed(1)),
      judgedAtCm: Number(group.judgedCm.toFixed(1)),
      adultCm: adultLengthCm(group.profile),
    },
    from: begins(place, months),
    fixes: [
      advise('leaving date'),
      { edit: { kind: 'leave-out', species: group.profile.id, count: group.count } },
    ],
  });
}

/** Whether the grown fish would be too large here by the lenient approach: then a stay is only a stay. */
function onlyAStay(group: PlannedGroup, place: Place): boolean {
  const { tried } = group.profile.tank;
  const { outside, grossL } = place.tank.figures;
  return (
    adultLengthCm(group.profile) > limitOf(group, place).lengthCm ||
    (tried.lengthCm ?? 0) > outside.lengthCm ||
    (tried.widthCm ?? 0) > outside.widthCm ||
    (tried.litres ?? 0) > grossL
  );
}

function stays(group: PlannedGroup, place: Place): readonly Finding[] {
  if (group.leavesInMonths === null || !onlyAStay(group, place)) return [];
  const named = group.nextTank.trim() !== '';
  return [
    finding('outgrows', {
      severity: STAYS.of(named),
      species: [group.profile.id],
      fact: {
        says: 'growth/stays',
        until: addMonths(place.month, group.leavesInMonths),
        nextTank: named ? group.nextTank.trim() : null,
        count: group.count,
      },
      because: {
        leavesInMonths: group.leavesInMonths,
        judgedAtCm: Number(group.judgedCm.toFixed(1)),
        nextTank: named ? group.nextTank.trim() : 'none',
      },
      fixes: named ? [] : [advise('next tank')],
    }),
  ];
}

/** Fish that this tank stops from turning round or standing upright, and stays that end somewhere else. */
export const outgrows: Rule = {
  name: 'outgrows',
  leaveFor: 'too big',
  severities: [OUTGROWN, STAYS],
  ofOne: (species, place) => [
    ...firstOutgrown(species, place),
    ...species.groups.flatMap((group) => stays(group, place)),
  ],
};
