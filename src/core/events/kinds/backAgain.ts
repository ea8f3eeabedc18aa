import { choiceField, type Fault, faultOf } from '../../kernel';
import { defineEvent, count, note, resident, tank } from '../define';
import type { Resident, Room } from '../room';
import { afterComing, takesRun } from '../quarantineLife';
import { change, unfit } from '../roomChanges';
import { residentIn } from '../sense';
import { QUARANTINES, type ReturnKind, RETURNS } from '../vocabulary';

/** How many of a fish or group can come back so. */
const mostBack = (one: Resident, what: ReturnKind): number => {
  switch (what) {
    case 'found alive':
      return one.died;
    case 'returned':
      return one.rehomed;
    case 'out of the box':
      return one.boxed ? 1 : 0;
    case 'pair parted':
      return one.pairedWith === null ? 0 : 1;
  }
};

/** The fish as it is again. */
function backAs(one: Resident, { what, tank: into, count: heads, quarantine, on }: Back): Partial<Resident> {
  switch (what) {
    case 'found alive':
      return { count: one.count + heads, died: one.died - heads, leftOn: null, tank: into };
    case 'returned':
      return {
        count: one.count + heads,
        rehomed: one.rehomed - heads,
        leftOn: null,
        tank: into,
        inTankSince: on,
        quarantine: quarantine ?? 'none',
        toGo: null,
      };
    case 'out of the box':
      return { boxed: null };
    case 'pair parted':
      return { pairedWith: null };
  }
}

interface Back {
  readonly what: ReturnKind;
  readonly tank: Resident['tank'];
  readonly count: number;
  readonly quarantine?: 'here' | 'done' | 'none' | undefined;
  readonly on: string;
}

/** A fish is back as itself: thought dead and found, given away and returned, out of its box, without its partner. */
export const backAgain = defineEvent(
  'back-again',
  {
    resident: resident(),
    tank: tank(),
    what: choiceField(RETURNS),
    count: count(),
    /** Whether one that was with another keeper is kept apart first: it is a newcomer again. */
    quarantine: choiceField(QUARANTINES).optional(),
    note: note(),
  },
  {
    residents: (event) => [event.resident],
    correctable: ['note'],
    sense: (event, room): readonly Fault[] => {
      const one = residentIn(room, event.resident);
      const most = one ? mostBack(one, event.what) : event.count;
      return event.count > most ? [faultOf('count', { is: 'here', count: most }, event.count)] : [];
    },
    apply: (room, event): Room => {
      const one = residentIn(room, event.resident);
      if (!one) return unfit(room, event, 'nobody');
      if (event.count > mostBack(one, event.what)) return unfit(room, event, 'too many');
      const mate = event.what === 'pair parted' ? one.pairedWith : null;
      const back = change(room, event, event.resident, () => ({
        ...backAs(one, event),
        ...(event.what === 'returned' ? { run: takesRun(room, event.tank, event.on) } : {}),
      }));
      const both =
        mate !== null && residentIn(back, mate)
          ? change(back, event, mate, () => ({ pairedWith: null }))
          : back;
      return event.what === 'returned' ? afterComing(both, event.tank, event.on) : both;
    },
  },
);
