import type { Resident } from '../events';
import { appendOf, type Change, type Stamp } from '../gate';
import type { TankId } from '../kernel';

/**
 * Residents join a single newcomer in a spare tank until a day (ISO), when all go home together; the newcomer comes too
 * where it is in another tank. One entry each.
 */
export function joinNewcomer(
  newcomer: Resident,
  joiners: readonly Resident[],
  into: TankId,
  until: string,
  home: string,
  stamp: Stamp,
): readonly Change[] {
  const on = stamp.now();
  return [newcomer, ...joiners]
    .filter(({ tank }) => tank !== into)
    .map(({ id }) =>
      appendOf(
        {
          type: 'moved',
          on,
          resident: id,
          tank: into,
          note: 'With a newcomer for a week, so that nobody is new afterwards.',
          until,
          nextTank: home,
        },
        stamp,
      ),
    );
}
