import type { Place, PlannedSpecies } from './context';
import { finding, type Finding } from './finding';
import { leaveOut } from './fixes';
import { begins, maturesInMonths } from './maturity';
import type { Rule } from './rule';
import { otherwise, sureTable } from './severityTable';

/** One gram a litre off is a caution, more is a stop (from memory). */
const LENIENT_PPT = 1;

const SEVERITY = sureTable<number>(
  'Salt outside the range of a species, or two ranges that miss each other',
  [
    { when: `by more than ${LENIENT_PPT} ppt`, holds: (away) => away > LENIENT_PPT, severity: 'stop' },
    otherwise('caution'),
  ],
  'From memory.',
);

/** Fish that go from river to sea as they grow want less salt while they are young (common practice). */
const isYoung = ({ profile, largestCm }: PlannedSpecies): boolean => largestCm < profile.size.matureCm;

function againstTank(species: PlannedSpecies, place: Place): readonly Finding[] {
  const { youngPpt } = species.profile.water;
  const grown = species.range.salinityPpt;
  if (!youngPpt || !isYoung(species)) return outside(species, grown, place, 0);
  const now = outside(species, youngPpt, place, 0);
  return now.length > 0 ? now : outside(species, grown, place, maturesInMonths(species));
}

/** The tank against a range that holds from so many months on; nothing where the fish leaves before. */
function outside(
  species: PlannedSpecies,
  [low, high]: readonly [number, number],
  place: Place,
  months: number | null,
): readonly Finding[] {
  const { salinityPpt } = place.water;
  const away = salinityPpt < low ? low - salinityPpt : Math.max(0, salinityPpt - high);
  if (away === 0 || months === null) return [];
  return [
    finding('water-salinity', {
      severity: SEVERITY.of(away),
      species: [species.profile.id],
      from: begins(place, months),
      fact: {
        says: 'water/needs',
        measure: 'salinityPpt',
        range: [low, high],
        asSold: null,
        tank: salinityPpt,
        count: species.count,
      },
      because: { value: salinityPpt, lowest: low, highest: high },
      fixes: [leaveOut(species)],
    }),
  ];
}

function together(a: PlannedSpecies, b: PlannedSpecies): Finding | null {
  const [first, second] = [a.range.salinityPpt, b.range.salinityPpt];
  const gap = Math.max(first[0], second[0]) - Math.min(first[1], second[1]);
  if (gap <= 0) return null;
  return finding('water-salinity', {
    severity: SEVERITY.of(gap),
    species: [a.profile.id, b.profile.id],
    fact: { says: 'water/none for both', measure: 'salinityPpt', ranges: [first, second] },
    because: { gap },
    fixes: [leaveOut(a), leaveOut(b)],
  });
}

/** Fresh water for brackish fish, salt for freshwater fish, and species that want different salt. */
export const waterSalinity: Rule = {
  name: 'water-salinity',
  leaveFor: 'water',
  severities: [SEVERITY],
  ofOne: (species, place) => (place.water.assumed.has('salinityPpt') ? [] : againstTank(species, place)),
  together,
};
