import { DEADLY, ROUGH } from '../model';
import type { Place, PlannedSpecies, RuleContext } from './context';
import { finding, type Finding } from './finding';
import { advise, keepCount } from './fixes';
import { begins, maturesInMonths } from './maturity';
import {
  ALL_DENSE,
  densityOf,
  heads,
  isOpenWater,
  isRockDweller,
  partFilled,
  rockNumber,
} from './riftNumbers';
import { mayChange } from './pairs';
import type { Rule } from './rule';
import { otherwise, severityTable, sureTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'group/few to spread': { readonly count: number; readonly from: number };
    /** Rock dwellers of all species together, fewer than a dense tank holds. */
    'group/light': { readonly count: number; readonly dense: number };
  }
}

/** Below this share of the dense number a rock dwellers' tank is thin (from memory). */
const THIN = 0.45;

const SEVERITY = sureTable<number>(
  'Too few of an aggressive species to spread the chasing',
  [
    { when: 'they kill their own kind', holds: (worst) => worst >= DEADLY, severity: 'caution' },
    otherwise('note'),
  ],
  'Each species has its own number from which chasing is spread (common practice).',
);
const LIGHT = severityTable(
  `Rock dwellers under ${THIN * 100}% of the dense number`,
  [otherwise('note')],
  'Common practice; the share is from memory.',
);

/** A species whose chasing needs more backs to fall on. */
function tooFewOfOne(species: PlannedSpecies, place: Place): readonly Finding[] {
  const { spreadFrom, ownKind, smallestGroup, mode, badNumbers } = species.profile.company;
  const worst = Math.max(ownKind.male, ownKind.female);
  const months = maturesInMonths(species);
  if (spreadFrom === null || worst < ROUGH || months === null || mode === 'solitary') return [];
  // Fewer than the smallest group, and numbers to avoid, are said by their own rules; one or a pair is another plan.
  if (
    species.count < Math.max(3, smallestGroup) ||
    species.count >= spreadFrom ||
    badNumbers.includes(species.count)
  )
    return [];
  return [
    finding('under-stocked', {
      severity: SEVERITY.of(worst),
      species: [species.profile.id],
      fact: { says: 'group/few to spread', count: species.count, from: spreadFrom },
      because: { count: species.count, spreadFrom, aggression: worst },
      from: begins(place, months),
      fixes: [keepCount(species, spreadFrom)],
    }),
  ];
}

/** Rock dwellers kept dense: too few of all of them together. */
function thinRockTank(context: RuleContext): readonly Finding[] {
  if (!mayChange(context, isRockDweller) || densityOf(context).rockDwellers !== 'dense') return [];
  const rockDwellers = context.planned.filter(isRockDweller);
  if (rockDwellers.length === 0) return [];
  const count = heads(rockDwellers);
  const dense = rockNumber(context.tank.figures.footprintCm2, 'dense');
  const months = Math.min(...rockDwellers.map((species) => maturesInMonths(species) ?? Infinity));
  // A few rock dwellers among peacocks and haps are no thin rock tank.
  if (count < heads(context.planned.filter(isOpenWater))) return [];
  if (partFilled(context, ALL_DENSE) >= THIN || count < 2 || !Number.isFinite(months)) return [];
  return [
    finding('under-stocked', {
      severity: 'note',
      species: rockDwellers.map((species) => species.profile.id),
      fact: { says: 'group/light', count, dense },
      because: { count, dense, footprintCm2: Math.round(context.tank.figures.footprintCm2) },
      approach: 'dense',
      from: begins(context, months),
      fixes: [
        advise({
          does: 'more of them',
          species: rockDwellers.map((species) => species.profile.id),
          count: null,
        }),
      ],
    }),
  ];
}

/** Too few territorial fish: there must be enough to share the chasing. */
export const underStocked: Rule = {
  name: 'under-stocked',
  severities: [SEVERITY, LIGHT],
  ofOne: tooFewOfOne,
  judge: thinRockTank,
};
