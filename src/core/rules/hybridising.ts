import type { PlannedSpecies, RuleContext } from './context';
import { finding, type Finding } from './finding';
import { leaveOut } from './fixes';
import { begins, maturesInMonths } from './maturity';
import { areOneKind } from './pairs';
import type { Rule } from './rule';
import { otherwise, severityTable } from './severityTable';

declare module './facts' {
  interface Facts {
    /** All those of a tank that can cross. */
    'pair/cross': object;
  }
}

/** Species that seldom breed in a tank hardly cross there. */
const BREEDS = ['often', 'prolific'];
const breedsHere = (species: PlannedSpecies): boolean => BREEDS.includes(species.profile.company.breeds);
/** Forms of a place are kept apart from one another; those that were bred are not. */
const isOfAPlace = (species: PlannedSpecies): boolean => species.profile.form === 'place';
const genusOf = ({ profile }: PlannedSpecies): string => profile.id.slice(0, profile.id.indexOf('-'));

const has = (pair: readonly PlannedSpecies[], sex: 'males' | 'females'): boolean =>
  pair.some((species) => (species[sex] ?? 0) > 0);

const SEVERITY = severityTable<readonly PlannedSpecies[]>(
  'Close kin that breed in tanks',
  [
    {
      when: 'of one genus, with males and females known to be there',
      holds: (pair) => new Set(pair.map(genusOf)).size === 1 && has(pair, 'males') && has(pair, 'females'),
      severity: 'caution',
    },
    otherwise('note'),
  ],
  'Common practice: females of one genus can hardly be told apart; crosses are not raised or sold.',
);

/** Whether one that breeds here may cross with another: close kin that breeds here too, and not known to be of one sex. */
function mayCross(a: PlannedSpecies, b: PlannedSpecies): boolean {
  if (a.profile.kin !== b.profile.kin || !breedsHere(b)) return false;
  if (areOneKind(a, b) && ![a, b].some(isOfAPlace)) return false;
  if ([a, b].some((species) => maturesInMonths(species) === null)) return false;
  const onlyOne = (sex: 'males' | 'females', other: 'males' | 'females'): boolean =>
    [a, b].every((species) => species[other] === 0 && (species[sex] ?? 0) > 0);
  return !onlyOne('males', 'females') && !onlyOne('females', 'males');
}

const crossesOf = (
  a: PlannedSpecies,
  others: readonly PlannedSpecies[],
): readonly (readonly PlannedSpecies[])[] =>
  breedsHere(a) ? others.filter((b) => mayCross(a, b)).map((b) => [a, b]) : [];

function judgeTank(context: RuleContext): readonly Finding[] {
  const { planned, focus } = context;
  const pairs =
    focus === null
      ? planned.flatMap((a, at) => crossesOf(a, planned.slice(at + 1)))
      : crossesOf(
          focus,
          planned.filter((other) => other !== focus),
        );
  if (pairs.length === 0) return [];
  const severities = pairs.map((pair) => SEVERITY.of(pair));
  const severity = severities.includes('caution') ? 'caution' : 'note';
  const told = pairs.filter((_, at) => severities[at] === severity).flat();
  const crossing = planned.filter((species) => told.includes(species));
  const months = Math.max(...crossing.map((species) => maturesInMonths(species) ?? 0));
  return [
    finding('hybridising', {
      severity,
      species: crossing.map(({ profile }) => profile.id),
      fact: { says: 'pair/cross' },
      because: { kin: (crossing[0] as PlannedSpecies).profile.kin, species: crossing.length },
      from: begins(context, months),
      fixes: crossing.slice(0, 2).map((species) => leaveOut(species)),
    }),
  ];
}

/** Close kin that cross when both breed in the tank: one finding a tank. */
export const hybridising: Rule = {
  name: 'hybridising',
  about: 'the whole tank',
  severities: [SEVERITY],
  judge: judgeTank,
};
