import type { RoomDocument } from '../records';

/** Pictures of a room stand beside its record in a zip, `*.lomvik.zip`: `room.json` and `pictures/`. */
export const ROOM_FILE = 'room.json';
const FOLDER = 'pictures/';

const KINDS = { jpeg: 'jpg', png: 'png', webp: 'webp' } as const;
const DATA = /^data:image\/(jpeg|png|webp);base64,/;
/** Base 64 as it is written again after reading; anything else stays where it is. */
const WHOLE = /^(?:[A-Za-z0-9+/]{4})*(?:[A-Za-z0-9+/][AQgw]==|[A-Za-z0-9+/]{2}[AEIMQUYcgkosw048]=)?$/;

/** A picture taken out of its document: the name of its file, and what is in it as base 64. */
interface PictureFile {
  readonly name: string;
  readonly base64: string;
}

/** Documents with their pictures taken out, each replaced by the name of its file. */
export function withoutPictures(documents: readonly RoomDocument[]): {
  readonly documents: readonly RoomDocument[];
  readonly pictures: readonly PictureFile[];
} {
  const pictures: PictureFile[] = [];
  const rest = documents.map((document): RoomDocument => {
    if (document.kind !== 'photo' || document.body === null) return document;
    const match = DATA.exec(document.body.data);
    const base64 = match ? document.body.data.slice(match[0].length) : '';
    if (!match || base64 === '' || !WHOLE.test(base64)) return document;
    const name = `${FOLDER}${document.id}.${KINDS[match[1] as keyof typeof KINDS]}`;
    pictures.push({ name, base64 });
    return { ...document, body: { ...document.body, data: name } };
  });
  return { documents: rest, pictures };
}

/** A foreign room with the pictures of its zip put back; one whose file is missing stays as it is, and is refused by its check. */
export function withPictures(file: unknown, base64Of: (name: string) => string | null): unknown {
  if (
    file === null ||
    typeof file !== 'object' ||
    !Array.isArray((file as { documents?: unknown }).documents)
  )
    return file;
  const documents = (file as { documents: readonly unknown[] }).documents.map((document) => {
    const { kind, body } = (document ?? {}) as { kind?: unknown; body?: { data?: unknown } | null };
    const name = kind === 'photo' ? body?.data : undefined;
    if (typeof name !== 'string' || !name.startsWith(FOLDER)) return document;
    const base64 = base64Of(name);
    const ending = name.slice(name.lastIndexOf('.') + 1);
    const type = Object.entries(KINDS).find(([, known]) => known === ending)?.[0];
    return base64 === null || type === undefined
      ? document
      : { ...(document as object), body: { ...body, data: `data:image/${type};base64,${base64}` } };
  });
  return { ...file, documents };
}
