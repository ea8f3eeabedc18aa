import { eventFields } from '@/core/events';
import { choiceField, noteField, wholeField } from '@/core/kernel';
import type { RoomForm } from '@/session/react/useRoomForm';
import { todayIso } from '@/session/today';
import { comingDay, pastDay } from '@/ui/form/dayFields';

const came = eventFields('came');
const heads = () => wholeField(0, 10_000);

/** What an arrival asks for. */
export const ARRIVAL_FIELDS = {
  count: wholeField(1, 10_000),
  lengthCm: came.lengthCm,
  on: pastDay(todayIso),
  tank: came.tank,
  origin: came.origin,
  as: choiceField(['group', 'individuals']),
  from: came.from,
  names: noteField(),
  note: came.note,
  way: came.way,
  deadOnArrival: heads(),
  ordered: came.ordered,
  males: heads().optional(),
  females: heads().optional(),
  rest: choiceField(['kept', 'closed']),
  daysInShop: came.daysInShop,
  bornAbout: came.bornAbout,
  seen: came.seen,
  others: heads(),
  stranger: came.species.optional(),
  until: comingDay(todayIso),
  nextTank: came.nextTank,
  claim: noteField().optional(),
};

export const BLANK_ARRIVAL = {
  from: '',
  names: '',
  note: '',
  way: '',
  deadOnArrival: 0,
  ordered: '',
  males: '',
  females: '',
  rest: 'kept',
  daysInShop: '',
  bornAbout: '',
  others: 0,
  stranger: '',
  until: '',
  nextTank: '',
  claim: '',
};

export type ArrivalForm = RoomForm<typeof ARRIVAL_FIELDS>;
