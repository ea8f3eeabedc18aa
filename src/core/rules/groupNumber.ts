import { ROUGH } from '../model';
import type { Place, PlannedSpecies } from './context';
import { isDisputed } from './contestedNumber';
import { finding, type Finding } from './finding';
import { keepCount } from './fixes';
import { isOpenWater } from './riftNumbers';
import type { Rule } from './rule';
import { otherwise, sureTable } from './severityTable';

declare module './facts' {
  interface Facts {
    /** A number that keepers have learned to avoid; of three fish that pair, two turn on the third. */
    'group/avoid': { readonly count: number; readonly pairs: boolean };
  }
}

const TRIO = 3;

/** The nearest number above that is not one to avoid, at least the smallest group. */
function nextGood(species: PlannedSpecies): number {
  const { badNumbers, smallestGroup } = species.profile.company;
  let count = Math.max(species.count + 1, smallestGroup);
  while (badNumbers.includes(count)) count += 1;
  return count;
}

function nextGoodBelow(species: PlannedSpecies): number | null {
  const { badNumbers } = species.profile.company;
  for (let count = species.count - 1; count > 0; count -= 1) if (!badNumbers.includes(count)) return count;
  return null;
}

/** Shown males without females have one another to watch; a pair of a species is a flaw there, and no duel (common practice). */
const isShown = (species: PlannedSpecies, { males }: Place): boolean =>
  males === 'all-male' && (species.males ?? species.count) === species.count && isOpenWater(species);

/** One male with two females is too few, and no duel. */
const isTrio = ({ count, males, females, profile }: PlannedSpecies): boolean =>
  profile.company.mode === 'harem' && males === 1 && females === TRIO - 1 && count === TRIO;

interface Numbered {
  readonly species: PlannedSpecies;
  readonly shown: boolean;
}

const SEVERITY = sureTable<Numbered>(
  'A number that keepers of a species have learned to avoid',
  [
    {
      when: 'aggressive towards their own kind, and neither a trio of one male nor males for show',
      holds: ({ species, shown }) =>
        Math.max(species.profile.company.ownKind.male, species.profile.company.ownKind.female) >= ROUGH &&
        !isTrio(species) &&
        !shown,
      severity: 'stop',
    },
    otherwise('caution'),
  ],
  'Each species has its own numbers to avoid (common practice).',
);

function judgeSpecies(species: PlannedSpecies, place: Place): readonly Finding[] {
  const { profile, count } = species;
  const { badNumbers, pairs, smallestGroup } = profile.company;
  const severity = SEVERITY.of({ species, shown: isShown(species, place) });
  if (!badNumbers.includes(count) || isDisputed(species, place)) return [];
  const fewer = nextGoodBelow(species);
  return [
    finding('group-number', {
      severity,
      species: [profile.id],
      fact: { says: 'group/avoid', count, pairs: count === TRIO && pairs === 'guards' },
      because: { count, avoid: badNumbers.join(', '), smallestGroup },
      fixes: [keepCount(species, nextGood(species)), ...(fewer === null ? [] : [keepCount(species, fewer)])],
    }),
  ];
}

/** Numbers that keepers of a species have learned to avoid, such as three angelfish. */
export const groupNumber: Rule = {
  name: 'group-number',
  severities: [SEVERITY],
  ofKind: judgeSpecies,
};
