import type { Dated, Member } from '@/core/events/events';
import type { Standing } from '@/core/events/roomAt';
import type { EntryId, ResidentId, TankId } from '@/core/kernel/schema/ids';

let next = 0;
type Said = { readonly [key: string]: unknown; readonly type: Dated['type']; readonly on: string };

/** An event as it stands in a journal of a test: tank T and empty notes unless it says more. */
export const happened = (event: Said): Standing =>
  ({
    tank: 'T' as TankId,
    note: '',
    id: `h${(next += 1)}` as EntryId,
    seq: next,
    corrected: false,
    ...event,
  }) as unknown as Standing;

export const memberOf = (id: string, count = 1): Member => ({
  id: id as ResidentId,
  name: id,
  count,
  individual: count === 1,
  sex: 'unknown',
  males: null,
  females: null,
});

export const cameOf = (
  on: string,
  members: readonly Member[],
  more: Record<string, unknown> = {},
): Standing =>
  happened({
    type: 'came',
    on,
    species: 'labidochromis-caeruleus',
    members: [...members],
    lengthCm: 6,
    origin: 'tank-bred',
    from: 'a shop',
    ...more,
  });

export const chasedOf = (
  on: string,
  winner: string,
  loser: string,
  more: Record<string, unknown> = {},
): Standing => happened({ type: 'chased', on, watch: '', winner, loser, what: 'chase', place: '', ...more });

export const watchedOf = (on: string, minutes: number): Standing =>
  happened({ type: 'watched', on, minutes });
