import { choiceField, faultOf, noteField, wholeField } from '../../kernel';
import { defineEvent, resident, tank } from '../define';
import { goneFaults } from '../sense';
import { CONTEST_KINDS, TRIGGERS } from '../vocabulary';

/** One fish had the better of another. */
export const chased = defineEvent(
  'chased',
  {
    tank: tank(),
    watch: noteField(),
    winner: resident(),
    loser: resident(),
    what: choiceField(CONTEST_KINDS),
    place: noteField(),
    /** 1 passing, 2 hard, 3 hurt. */
    bad: wholeField(1, 3).optional(),
    trigger: choiceField(TRIGGERS).optional(),
  },
  {
    residents: (event) => [event.winner, event.loser],
    correctable: ['what', 'place', 'bad', 'trigger'],
    sense: (event, room) => [
      // Two fish that nobody could tell apart stand under one name.
      ...(event.winner === event.loser &&
      Object.hasOwn(room.residents, event.winner) &&
      room.residents[event.winner]?.individual
        ? [faultOf('loser', { is: 'another', than: 'winner' }, event.loser)]
        : []),
      ...goneFaults(room, event.winner, event.on, 'winner'),
      ...goneFaults(room, event.loser, event.on, 'loser'),
    ],
    apply: (room) => room,
  },
);
