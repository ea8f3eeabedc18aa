import { choiceField } from '../../kernel';
import { defineEvent, note, resident, stay, tank } from '../define';
import { afterComing, takesRun } from '../quarantineLife';
import { change, quarantineAfterMove } from '../roomChanges';
import { goneFaults } from '../sense';
import { PROTOCOLS } from '../vocabulary';

/** A fish or group went to another tank. */
export const moved = defineEvent(
  'moved',
  {
    resident: resident(),
    tank: tank(),
    note: note(),
    protocol: choiceField(PROTOCOLS).optional(),
    ...stay(),
  },
  {
    residents: (event) => [event.resident],
    correctable: ['note', 'protocol', 'until', 'nextTank'],
    sense: (event, room) => goneFaults(room, event.resident, event.on, 'resident'),
    apply: (room, event) =>
      afterComing(
        change(room, event, event.resident, (one) => ({
          tank: event.tank,
          inTankSince: event.on,
          boxed: null,
          run: takesRun(room, event.tank, event.on),
          until: event.until ?? null,
          nextTank: event.nextTank ?? '',
          quarantine: quarantineAfterMove(one, room, event.on),
          protocol: event.protocol ?? one.protocol,
        })),
        event.tank,
        event.on,
      ),
  },
);
