import { adultLengthCm, isRough } from '../model';
import type { RuleContext } from './context';
import { finding } from './finding';
import { advise } from './fixes';
import { isOpenWater, isRockDweller } from './riftNumbers';
import type { Rule } from './rule';
import { severityTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'home/turnover': { readonly perHour: number; readonly wanted: number; readonly demanding: boolean };
  }
}

/** Real turnovers an hour below which a stocked tank is short of filtration, and for large or aggressive fish (common practice; from memory). */
const LEAST = 2;
const LEAST_ROUGH = 3;
/** And where Lake Malawi cichlids are kept dense: more filtration is its price (common practice; from memory). */
const LEAST_DENSE = 5;
const HALF = 0.5;
const LARGE_CM = 15;

interface Filtered {
  readonly perHour: number;
  readonly wanted: number;
  /** Fish of the length rule; 1 is full. */
  readonly stocked: number;
}

const SEVERITY = severityTable<Filtered>(
  `Real turnover an hour: ${LEAST} wanted, ${LEAST_ROUGH} with large or aggressive fish, ${LEAST_DENSE} where Lake Malawi cichlids are kept dense by choice`,
  [
    {
      when: 'less than half of it, in a tank more than half stocked by the length rule',
      holds: ({ perHour, wanted, stocked }) => perHour < wanted * HALF && stocked > HALF,
      severity: 'caution',
    },
    { when: 'less than wanted', holds: ({ perHour, wanted }) => perHour < wanted, severity: 'note' },
  ],
  'Common practice; the numbers are from memory.',
);

const isDense = ({ riftDensity, planned }: RuleContext): boolean =>
  riftDensity === 'dense' && planned.some((species) => isOpenWater(species) || isRockDweller(species));

/** Real turnovers an hour that keepers want. */
export const turnoverWanted = (demanding: boolean, dense: boolean): number =>
  dense ? LEAST_DENSE : demanding ? LEAST_ROUGH : LEAST;

/** The filter's real turnover against the fish. Silent while nobody has said what filter there is. */
export const turnover: Rule = {
  name: 'turnover',
  about: 'the whole tank',
  severities: [SEVERITY],
  judge: (context) => {
    const { tank, planned } = context;
    const fish = planned.filter((species) => species.profile.life === 'fish');
    if (tank.assumed.has('filterLph') || fish.length === 0) return [];
    const large = fish.filter(
      (species) => isRough(species.profile) || adultLengthCm(species.profile) >= LARGE_CM,
    );
    const demanding = large.length > 0;
    const wanted = turnoverWanted(demanding, isDense(context));
    const perHour = tank.figures.turnoverPerHour;
    const severity = SEVERITY.of({ perHour, wanted, stocked: context.load.lengthRule });
    if (severity === null) return [];
    return [
      finding('turnover', {
        severity,
        species: large.map((species) => species.profile.id),
        fact: { says: 'home/turnover', perHour, wanted, demanding },
        because: { turnoverPerHour: Number(perHour.toFixed(2)), wanted },
        fixes: [advise('larger filter')],
        source: 'common practice; from memory',
      }),
    ];
  },
};
