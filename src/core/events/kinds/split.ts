import { faultOf, listField } from '../../kernel';
import { defineEvent, memberSchema, resident, type Member } from '../define';
import type { Room } from '../room';
import { trimmed, unfit, withResident } from '../roomChanges';
import { newcomerFaults, residentIn } from '../sense';

/** Some of a group are told from the others from now on. */
export const split = defineEvent(
  'split',
  {
    resident: resident(),
    into: listField<Member>(memberSchema, { least: 1 }),
  },
  {
    residents: (event) => [event.resident, ...event.into.map((part) => part.id)],
    correctable: [],
    sense: (event, room) => {
      const there = residentIn(room, event.resident)?.count;
      const taken = headsOf(event.into);
      return [
        ...newcomerFaults(event.into, room, 'into'),
        ...(there !== undefined && taken > there
          ? [faultOf('into', { is: 'here', count: there }, taken)]
          : []),
      ];
    },
    apply: (room, event): Room => {
      const group = Object.hasOwn(room.residents, event.resident)
        ? room.residents[event.resident]
        : undefined;
      const taken = headsOf(event.into);
      if (!group) return unfit(room, event, 'nobody');
      if (taken > group.count) return unfit(room, event, 'too many');
      const left = group.count - taken;
      const parts = event.into.map((part) => ({
        ...group,
        ...part,
        sexSure: 'guess' as const,
        toGo: null,
        rehomed: 0,
        died: 0,
        leftOn: null,
        pairedWith: null,
      }));
      const rest = { ...group, count: left, leftOn: left === 0 ? event.on : null, ...trimmed(group, left) };
      return [rest, ...parts].reduce(withResident, room);
    },
  },
);

const headsOf = (parts: readonly Member[]): number => parts.reduce((sum, part) => sum + part.count, 0);
