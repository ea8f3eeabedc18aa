import { noteField, numberField } from '../../kernel';
import { defineEvent, note, tank } from '../define';
import { lifeOf, withTank } from '../roomChanges';

/** A tank was watched for so many minutes. */
export const watched = defineEvent(
  'watched',
  {
    tank: tank(),
    minutes: numberField(0, 1440),
    note: note(),
    /** The watch whose contests these minutes hold. */
    watch: noteField().optional(),
  },
  {
    residents: () => [],
    correctable: ['minutes', 'note'],
    apply: (room, event) =>
      withTank(room, event.tank, {
        lastWatch: event.on,
        watchedMinutes: lifeOf(room, event.tank).watchedMinutes + event.minutes,
      }),
  },
);
