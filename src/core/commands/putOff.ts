import type { Change } from '../gate';
import type { DocumentId } from '../kernel';
import { editOf, type Documents } from './ofTank';

export const PUT_OFF = 'put-off' as DocumentId;

/** Something due waits until a day; what has come due again is forgotten. Days are `YYYY-MM-DD`. */
export const putOff = (
  documents: Documents,
  {
    key,
    until,
    why,
    today,
  }: { readonly key: string; readonly until: string; readonly why: string; readonly today: string },
): readonly Change[] =>
  editOf(documents, 'put-off', PUT_OFF, { items: [] }, ({ items }) => ({
    items: [...items.filter((one) => one.key !== key && one.until > today), { key, until, why }],
  }));
