import { readSomebody, type Resident } from '../events';
import type { Contest } from './watches';

/** The sexes of a species in a tank, as far as they are known, and what its males did. */
export interface SexRatio {
  readonly males: number;
  readonly females: number;
  /** May be females. */
  readonly unsexed: number;
  /** Contests that a male of the species won over one of its own. */
  readonly started: number;
  /** The males that are known one by one. */
  readonly who: readonly string[];
}

/** The sexes of each species of a tank, and the contests that its males began. */
export function sexRatios(
  residents: readonly Resident[],
  contests: readonly Contest[],
): ReadonlyMap<string, SexRatio> {
  const byId = new Map<string, Resident>(residents.map((one) => [one.id, one]));
  const sexed = (id: string): { readonly species: string; readonly sex: string } | null => {
    const one = byId.get(id);
    return readSomebody(id) ?? (one?.individual ? one : null);
  };
  return new Map(
    [...new Set(residents.map((one) => one.species))].map((species): [string, SexRatio] => {
      const own = residents.filter((one) => one.species === species);
      const heads = (of: (one: Resident) => number): number => own.reduce((all, one) => all + of(one), 0);
      const known = (sex: 'male' | 'female', inGroup: 'males' | 'females'): number =>
        heads((one) => (one.individual ? Number(one.sex === sex) : (one[inGroup] ?? 0)));
      const [males, females] = [known('male', 'males'), known('female', 'females')];
      return [
        species,
        {
          males,
          females,
          unsexed: heads((one) => one.count) - males - females,
          started: contests.filter(({ winner, loser }) => {
            const [one, other] = [sexed(winner), sexed(loser)];
            return one?.sex === 'male' && one.species === species && other?.species === species;
          }).length,
          who: own.filter((one) => one.individual && one.sex === 'male').map((one) => one.id),
        },
      ];
    }),
  );
}
