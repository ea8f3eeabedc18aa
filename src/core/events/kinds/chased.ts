import { choiceField, faultOf, noteField, wholeField, yesNoField } from '../../kernel';
import { defineEvent, resident, tank } from '../define';
import { goneFaults } from '../sense';
import { CONTEST_KINDS, TRIGGERS } from '../vocabulary';

/** One fish had the better of another, or neither had. */
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
    /** Neither had the better of the other: then it says nothing who of the two is named first. */
    undecided: yesNoField().optional(),
  },
  {
    residents: (event) => [event.winner, event.loser],
    correctable: ['winner', 'loser', 'what', 'place', 'bad', 'trigger', 'undecided'],
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
