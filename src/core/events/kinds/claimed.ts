import { noteField, textField } from '../../kernel';
import { defineEvent, tank } from '../define';
import { lifeOf, withTank } from '../roomChanges';

/** What is asked of a seller when the wrong kind came, or dead ones did; settled when an outcome is given. */
export const claimed = defineEvent(
  'claimed',
  {
    tank: tank(),
    from: textField(),
    about: textField(),
    /** How it ended. */
    outcome: noteField(),
  },
  {
    residents: () => [],
    correctable: ['from', 'about', 'outcome'],
    apply: (room, event) => {
      const { from, about, on } = event;
      const others = lifeOf(room, event.tank).claims.filter(
        (one) => one.from !== from || one.about !== about,
      );
      return withTank(room, event.tank, {
        claims: event.outcome === '' ? [...others, { from, about, since: on }] : others,
      });
    },
  },
);
