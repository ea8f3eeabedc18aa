import { faultOf } from '../../kernel';
import { defineEvent, note, resident } from '../define';
import { change } from '../roomChanges';
import { goneFaults } from '../sense';

/** Two fish keep together. */
export const paired = defineEvent(
  'paired',
  { first: resident(), second: resident(), note: note() },
  {
    residents: (event) => [event.first, event.second],
    correctable: ['note'],
    sense: (event, room) => [
      ...(event.first === event.second
        ? [faultOf('second', { is: 'another', than: 'first' }, event.second)]
        : []),
      ...goneFaults(room, event.first, event.on, 'first'),
      ...goneFaults(room, event.second, event.on, 'second'),
    ],
    apply: (room, event) =>
      change(
        change(room, event, event.first, () => ({ pairedWith: event.second })),
        event,
        event.second,
        () => ({ pairedWith: event.first }),
      ),
  },
);
