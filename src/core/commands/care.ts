import { appendOf, type Change, type Stamp } from '../gate';
import type { TankId } from '../kernel';
import type { DocumentBodies } from '../records';
import { editOf, ofTank, type Documents } from './ofTank';

type Items = DocumentBodies['care']['items'];

const editCare = (documents: Documents, tank: TankId, remake: (items: Items) => Items): readonly Change[] =>
  editOf(documents, 'care', ofTank('care', tank), { tank, items: [] }, (body) => ({
    ...body,
    items: remake(body.items),
  }));

/** Maintenance from today on, every so many days; one of the same name gives way. `today` is `YYYY-MM-DD`. */
export const addCare = (
  documents: Documents,
  tank: TankId,
  { what, everyDays, today }: { readonly what: string; readonly everyDays: number; readonly today: string },
): readonly Change[] =>
  editCare(documents, tank, (items) => [
    ...items.filter((one) => one.what !== what),
    { what, everyDays, lastOn: today },
  ]);

/** Care was done on a day (`YYYY-MM-DD`): it comes round again, and the diary says so. */
export const doneCare = (
  documents: Documents,
  tank: TankId,
  { what, on, day }: { readonly what: string; readonly on: string; readonly day: string },
  stamp: Stamp,
): readonly Change[] => [
  ...editCare(documents, tank, (items) =>
    items.map((one) => (one.what === what ? { ...one, lastOn: day } : one)),
  ),
  appendOf({ type: 'noted', on, tank, text: `${what}.` }, stamp),
];

/** Care that no longer comes round. */
export const dropCare = (documents: Documents, tank: TankId, what: string): readonly Change[] =>
  editCare(documents, tank, (items) => items.filter((one) => one.what !== what));
