'use client';

import { addGroups, bodyOf, changeWishes, ofTank } from '@/core/commands';
import { offeredGroup } from '@/core/assess';
import { type SpeciesProfile } from '@/core/model';
import { countedOf, manyOf } from '@/words/en';
import { useCommands } from './useCommands';
import type { TankView } from './useTanks';

/** A wish that nobody has weighed yet. */
export const MIDDLING = 2;

/** Where it is told how many of a species a tank carries beside its list. */
export const howManyHref = (tank: TankView, { id }: SpeciesProfile): string =>
  `/stock?tank=${tank.id}&part=numbers&species=${id}`;

/** What one press does with a species for a tank, wherever it is met: on a profile, in a finding, in a search. */
export function useSpeciesActs() {
  const { session, run } = useCommands();
  return {
    list: ({ id, body }: TankView, profile: SpeciesProfile): Promise<boolean> => {
      const group = offeredGroup(profile);
      return run(`Listed ${countedOf(group.count, profile)} for ${body.name}`, ({ documents }) => [
        addGroups(documents, id, [group], session.stamp),
      ]);
    },
    wish: ({ id, body }: TankView, profile: SpeciesProfile): Promise<boolean> =>
      run(`Wished ${manyOf(profile)} for ${body.name}`, ({ documents }) => {
        const kept = bodyOf(documents, 'wishes', ofTank('wishes', id));
        // Wished for already: nothing to write, and nothing to take back.
        return kept?.wishes.some(({ species }) => species === profile.id)
          ? []
          : changeWishes(documents, id, (wishes) => [...wishes, { species: profile.id, weight: MIDDLING }]);
      }),
  };
}
