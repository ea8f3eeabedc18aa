import { appendOf, type Change, type Stamp } from '../gate';
import type { Dated, Member, Resident } from '../events';
import type { ResidentId, TankId } from '../kernel';
import { freshId } from './made';

/** How many of a fish or group go. */
export interface Moving {
  readonly resident: Resident;
  readonly count: number;
}

/** Known sexes of those that go, when the whole group is known and the same share goes of each; nobody is guessed. */
function sexesOf({ males, females, count }: Resident, going: number): Pick<Member, 'males' | 'females'> {
  if (males === null || females === null) return { males: null, females: null };
  // All of one known sex: those that go are of it too.
  if (males === count) return { males: going, females: 0 };
  if (females === count) return { males: 0, females: going };
  return { males: null, females: null };
}

/**
 * Moves fish to another tank: whole groups move as they are, with the sexes that are known of them; of others a part is
 * split off first.
 */
export function moveTanks(
  moving: readonly Moving[],
  to: TankId,
  note: string,
  stamp: Stamp,
): readonly Change[] {
  const on = stamp.now();
  return moving
    .filter(({ count }) => count > 0)
    .flatMap(({ resident, count }): readonly Dated[] => {
      if (count >= resident.count) return [{ type: 'moved', on, resident: resident.id, tank: to, note }];
      const part = freshId<ResidentId>(stamp);
      return [
        {
          type: 'split',
          on,
          resident: resident.id,
          into: [
            {
              id: part,
              name: resident.name,
              count,
              individual: false,
              sex: 'unknown',
              ...sexesOf(resident, count),
            },
          ],
        },
        { type: 'moved', on, resident: part, tank: to, note },
      ];
    })
    .map((event) => appendOf(event, stamp));
}
