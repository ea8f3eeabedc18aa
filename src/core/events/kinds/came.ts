import { choiceField, listField, noteField, wholeField } from '../../kernel';
import { ORIGINS } from '../../model';
import { defineEvent, length, memberSchema, note, species, stay, tank, type Member } from '../define';
import { newcomer, withResident, withTank, type Born } from '../roomChanges';
import { newcomerFaults, wrong } from '../sense';
import { CONDITIONS, PROTOCOLS, QUARANTINES, WAYS, type Condition } from '../vocabulary';

/** Fish came, as individuals or as a group. Lengths in cm. */
export const came = defineEvent(
  'came',
  'an arrival',
  {
    tank: tank(),
    species: species(),
    members: listField<Member>('newcomers', memberSchema).min(1, 'at least one newcomer'),
    lengthCm: length(),
    origin: choiceField('origin', ORIGINS),
    from: noteField('where from'),
    note: note(),
    way: choiceField('how it was come by', WAYS).optional(),
    /** How many were ordered, and how many of them were dead in the bag; those are not among the newcomers. */
    ordered: wholeField('how many were ordered', 1, 10_000).optional(),
    deadOnArrival: wholeField('how many were dead', 0, 10_000).optional(),
    quarantine: choiceField('quarantine', QUARANTINES).optional(),
    protocol: choiceField('how it was introduced', PROTOCOLS).optional(),
    /** What was seen to be well before it was taken; null when nobody looked. */
    seen: listField<Condition>('what was seen to be well', choiceField('a condition', CONDITIONS)).optional(),
    daysInShop: wholeField('days in the shop', 0, 3650).optional(),
    /** When it was born, as far as anybody knows: a year, a month or a day. */
    bornAbout: noteField('when it was born').optional(),
    ...stay(),
  },
  {
    residents: (event) => event.members.map((member) => member.id),
    correctable: [
      'lengthCm',
      'origin',
      'from',
      'note',
      'way',
      'ordered',
      'deadOnArrival',
      'quarantine',
      'protocol',
      'daysInShop',
      'bornAbout',
      'until',
      'nextTank',
    ],
    sense: (event, room) => [
      ...newcomerFaults(event.members, room, 'members'),
      ...(event.until !== undefined && event.until < event.on.slice(0, 10)
        ? [wrong('until', `a day from ${event.on.slice(0, 10)} on, when it came`, event.until)]
        : []),
    ],
    apply: (room, event) => {
      const born: Born = {
        species: event.species,
        tank: event.tank,
        lengthCm: event.lengthCm,
        origin: event.origin,
        source: event.from,
        bornHere: false,
        on: event.on,
        way: event.way ?? null,
        quarantine: event.quarantine ?? null,
        protocol: event.protocol ?? null,
        bornAbout: event.bornAbout ?? '',
        condition: conditionOf(event.seen),
        daysInShop: event.daysInShop ?? null,
        until: event.until ?? null,
        nextTank: event.nextTank ?? '',
      };
      return withTank(
        event.members.map((member) => newcomer(member, born)).reduce(withResident, room),
        event.tank,
        { lastArrival: event.on, looks: [] },
      );
    },
  },
);

const conditionOf = (seen: readonly Condition[] | undefined): Born['condition'] =>
  seen === undefined ? null : seen.length === CONDITIONS.length ? 'all well' : 'not all well';
