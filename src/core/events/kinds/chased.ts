import { choiceField, noteField, wholeField } from '../../kernel';
import { defineEvent, resident, tank } from '../define';
import { goneFaults, wrong } from '../sense';
import { CONTEST_KINDS, TRIGGERS } from '../vocabulary';

/** One fish had the better of another. */
export const chased = defineEvent(
  'chased',
  'a contest',
  {
    tank: tank(),
    watch: noteField('the watch it belongs to'),
    winner: resident(),
    loser: resident(),
    what: choiceField('what happened', CONTEST_KINDS),
    place: noteField('where'),
    /** 1 passing, 2 hard, 3 hurt. */
    bad: wholeField('how bad, from 1 to 3', 1, 3).optional(),
    trigger: choiceField('what set it off', TRIGGERS).optional(),
  },
  {
    residents: (event) => [event.winner, event.loser],
    correctable: ['what', 'place', 'bad', 'trigger'],
    sense: (event, room) => [
      // Two fish that nobody could tell apart stand under one name.
      ...(event.winner === event.loser &&
      Object.hasOwn(room.residents, event.winner) &&
      room.residents[event.winner]?.individual
        ? [wrong('loser', 'another fish than the winner', event.loser)]
        : []),
      ...goneFaults(room, event.winner, event.on, 'winner'),
      ...goneFaults(room, event.loser, event.on, 'loser'),
    ],
    apply: (room) => room,
  },
);
