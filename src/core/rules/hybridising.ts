import type { PlannedSpecies } from './context';
import { finding, type Finding } from './finding';
import { leaveOut } from './fixes';
import { begins, maturesInMonths } from './maturity';
import type { Rule, ThisMonth } from './rule';
import { otherwise, severityTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'pair/cross': object;
  }
}

/** Species that seldom breed in a tank hardly cross there. */
const BREEDS = ['often', 'prolific'];
const breedsHere = (species: PlannedSpecies): boolean => BREEDS.includes(species.profile.company.breeds);

const SEVERITY = severityTable(
  'Close kin of both sexes that breed in tanks',
  [otherwise('note')],
  'Common practice: crosses are not raised or sold.',
);

function judgePair(a: PlannedSpecies, b: PlannedSpecies, now: ThisMonth): Finding | null {
  if (a.profile.kin !== b.profile.kin || !breedsHere(a) || !breedsHere(b)) return null;
  const ages = [maturesInMonths(a), maturesInMonths(b)];
  if (ages.some((months) => months === null)) return null;
  const onlyMales = [a, b].every((species) => species.females === 0 && (species.males ?? 0) > 0);
  const onlyFemales = [a, b].every((species) => species.males === 0 && (species.females ?? 0) > 0);
  if (onlyMales || onlyFemales) return null;
  return finding('hybridising', {
    severity: 'note',
    species: [a.profile.id, b.profile.id],
    fact: { says: 'pair/cross' },
    because: { kin: a.profile.kin },
    from: begins(now, Math.max(...(ages as number[]))),
    fixes: [leaveOut(a), leaveOut(b)],
  });
}

/** Close kin that cross when both breed in the tank. */
export const hybridising: Rule = {
  name: 'hybridising',
  severities: [SEVERITY],
  together: judgePair,
};
