import { defineEvent, length, memberSchema, note, species, tank } from '../define';
import { newcomer, withResident } from '../roomChanges';
import { newcomerFaults } from '../sense';

/** Young of the room's own that are kept. Length in cm. */
export const born = defineEvent(
  'born',
  { tank: tank(), species: species(), member: memberSchema, lengthCm: length(), note: note() },
  {
    residents: (event) => [event.member.id],
    correctable: ['lengthCm', 'note'],
    sense: (event, room) => newcomerFaults([event.member], room, 'member'),
    apply: (room, event) =>
      withResident(
        room,
        newcomer(event.member, {
          species: event.species,
          tank: event.tank,
          lengthCm: event.lengthCm,
          origin: 'tank-bred',
          source: '',
          bornHere: true,
          on: event.on,
          way: 'own brood',
          quarantine: 'done',
          protocol: null,
          bornAbout: event.on.slice(0, 10),
          condition: null,
          daysInShop: null,
          until: null,
          nextTank: '',
        }),
      ),
  },
);
