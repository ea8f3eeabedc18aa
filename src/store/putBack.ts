import { mergeThree, saysSame } from '@/core/kernel';
import { recordOf, type RoomDocument } from '@/core/records';
import type { Contents, Previous } from './port';

const byId = <T extends { readonly id: string }>(all: readonly T[]): ReadonlyMap<string, T> =>
  new Map(all.map((one) => [one.id, one]));

/** One document: as it was before the file, with what was changed since the file took its place. */
function documentBack(
  was: RoomDocument | undefined,
  file: RoomDocument | undefined,
  now: RoomDocument | undefined,
): RoomDocument | null {
  const like = now ?? was ?? file;
  if (!like) return null;
  const [before, then, current] = [was?.body ?? null, file?.body ?? null, now?.body ?? null];
  if (saysSame(then, current)) return was ?? null;
  const { value, conflicts } = mergeThree(then, before, current, recordOf(like.kind).itemKeys);
  // Where both sides say something else, what was written last stays.
  const body = conflicts.length > 0 ? current : value;
  return { ...like, body } as RoomDocument;
}

/** The room as it was before a file took its place, together with everything that was written after that. */
export function putBackContents({ before, file }: Previous, now: Contents): Contents {
  const [was, then, current] = [byId(before.documents), byId(file.documents), byId(now.documents)];
  const documents = [...new Set([...was.keys(), ...then.keys(), ...current.keys()])].flatMap((id) => {
    const document = documentBack(was.get(id), then.get(id), current.get(id));
    return document ? [document] : [];
  });
  const seen = new Set<string>([...before.entries.map(({ id }) => id), ...file.entryIds]);
  const since = now.entries.filter(({ id }) => !seen.has(id));
  const entries = [...before.entries, ...since].map((entry, i) => ({ ...entry, seq: i + 1 }));
  return { documents, entries };
}
