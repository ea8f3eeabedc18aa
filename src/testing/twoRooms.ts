import { landDocument } from '@/core/gate/landDocument';
import type { DocumentId, EntryId, ResidentId, TankId } from '@/core/kernel/schema/ids';
import type { RoomContents } from '@/core/merge/mergeRooms';
import { type DocumentBodies, documentOf, type RoomDocument } from '@/core/records';
import type { Dated, Entry } from '@/core/events';
import { cameAs, tankPut } from './tabs';

/** Noon of a day of March 2027. */
export const at = (day: number): string => `2027-03-${String(day).padStart(2, '0')}T12:00:00.000Z`;
export const entry = (id: string, day: number, dated: Dated): Entry => ({
  ...dated,
  id: id as EntryId,
  seq: day,
  recorded: at(day),
});
/** A document that was changed on a day. */
export function put(document: RoomDocument, day: number, current?: RoomDocument): RoomDocument {
  const landed = landDocument({ kind: 'put', document }, current, at(day));
  if (!landed.ok) throw new Error('not landed');
  return landed.document;
}
export const made = (id: string): RoomDocument => {
  const change = tankPut(id, 'Fen');
  if (change.kind !== 'put') throw new Error('no document');
  return put(change.document, 1);
};
export const tank = made('T');
export const list = (males: number, count: number): DocumentBodies['draft'] => ({
  tank: 'T' as TankId,
  name: 'List',
  groups: [{ key: 'g', group: { species: 'pterophyllum-scalare', count, males } }],
});
export const draft = put(documentOf('draft', 'draft-T' as DocumentId, list(1, 4)), 1);
export const came = entry('came', 1, cameAs('shoal', at(1), 6));
/** A room with a tank, a draft and six fish. */
export const begun: RoomContents = { documents: [tank, draft], entries: [came] };

export const renamed = (name: string, day: number): RoomDocument =>
  put({ ...tank, body: { ...tank.body, name } } as RoomDocument, day, tank);
export const died = (id: string, day: number): Entry =>
  entry(id, day, {
    type: 'died',
    on: at(day),
    resident: 'shoal' as ResidentId,
    count: 6,
    how: 'found',
    cause: '',
    note: '',
  });
