import { changed, type Conflict, mergeThree, saysSame } from '../kernel';
import { recordOf, type RoomDocument } from '../records';
import type { Change } from './change';
import { documentWith, registersOfDocument, shapeOf } from './clocked';

/** What a document becomes when a change lands on what is kept by then, or where both sides changed the same part. */
export type Landed =
  | { readonly ok: true; readonly document: RoomDocument }
  | { readonly ok: false; readonly document: RoomDocument; readonly conflicts: readonly Conflict[] };

/**
 * Lands a change on the document as it is kept at that moment. What came in between from another tab is merged: fields by
 * field, lists by entry; where both changed the same part nothing lands, and the parts are named. Parts that it changes are
 * said `now`, an ISO moment.
 */
export function landDocument(
  change: Extract<Change, { kind: 'put' }>,
  current: RoomDocument | undefined,
  now: string,
): Landed {
  const { document, base } = change;
  const next = (body: unknown): RoomDocument =>
    documentWith(
      document,
      changed(current ? registersOfDocument(current) : new Map(), body, now, shapeOf(document)),
      (current?.rev ?? 0) + 1,
    );
  const untouched =
    base === undefined ||
    (base === null ? (current?.body ?? null) === null : base.rev === current?.rev && sameBody(base, current));
  if (untouched) return { ok: true, document: next(document.body) };
  const [was, theirs] = [base?.body ?? null, current?.body ?? null];
  if (document.body === null && isTakeBack(base) && current && sameBody(base, current))
    return { ok: true, document: next(null) };
  const mine =
    document.body === null && isTakeBack(base)
      ? withoutOwn(base.body, recordOf(document.kind).itemKeys)
      : document.body;
  const { value, conflicts } = mergeThree(was, mine, theirs, recordOf(document.kind).itemKeys);
  return conflicts.length > 0
    ? { ok: false, document: current ?? document, conflicts }
    : { ok: true, document: next(value) };
}

/** A document made by a command that is taken back has this revision as its base: what came since stays. */
export const TAKE_BACK = 0;
const isTakeBack = (base: RoomDocument | null | undefined): base is RoomDocument => base?.rev === TAKE_BACK;

/** What is left of a document when the command that made it takes its own part back: lists without its entries. */
function withoutOwn(body: RoomDocument['body'], itemKeys: Readonly<Record<string, string>>): unknown {
  return { ...body, ...Object.fromEntries(Object.keys(itemKeys).map((list) => [list, []])) };
}

const sameBody = (a: RoomDocument, b: RoomDocument): boolean => saysSame(a.body, b.body);
