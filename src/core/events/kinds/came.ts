import { choiceField, faultOf, listField, noteField, wholeField } from '../../kernel';
import { ORIGINS } from '../../model';
import { defineEvent, length, memberSchema, note, species, stay, tank, type Member } from '../define';
import { afterComing, takesRun } from '../quarantineLife';
import { newcomer, withResident, type Born } from '../roomChanges';
import { newcomerFaults } from '../sense';
import { CONDITIONS, PROTOCOLS, QUARANTINES, WAYS, type Condition } from '../vocabulary';

/** Fish came, as individuals or as a group. Lengths in cm. */
export const came = defineEvent(
  'came',
  {
    tank: tank(),
    species: species(),
    members: listField<Member>(memberSchema, { least: 1 }),
    lengthCm: length(),
    origin: choiceField(ORIGINS),
    from: noteField(),
    note: note(),
    /** How it was acquired. */
    way: choiceField(WAYS).optional(),
    /** How many were ordered, and how many of them were dead in the bag; those are not among the newcomers. */
    ordered: wholeField(1, 10_000).optional(),
    deadOnArrival: wholeField(0, 10_000).optional(),
    quarantine: choiceField(QUARANTINES).optional(),
    protocol: choiceField(PROTOCOLS).optional(),
    /** What was seen to be well before it was taken; null when nobody looked. */
    seen: listField<Condition>(choiceField(CONDITIONS)).optional(),
    daysInShop: wholeField(0, 3650).optional(),
    /** When it was born, as far as anybody knows: a year, a month or a day. */
    bornAbout: noteField().optional(),
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
        ? [faultOf('until', { is: 'arrived by', on: event.on.slice(0, 10) }, event.until)]
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
      const run = takesRun(room, event.tank, event.on);
      return afterComing(
        event.members.map((member) => ({ ...newcomer(member, born), run })).reduce(withResident, room),
        event.tank,
        event.on,
      );
    },
  },
);

const conditionOf = (seen: readonly Condition[] | undefined): Born['condition'] =>
  seen === undefined ? null : seen.length === CONDITIONS.length ? 'all well' : 'not all well';
