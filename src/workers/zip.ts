import { strToU8, Unzip, UnzipInflate, Zip, ZipDeflate, ZipPassThrough } from 'fflate';
import { ROOM_FILE, withPictures } from '@/core/formats';
import { type Expected, type Outcome, parseJson } from '@/core/kernel';

const SIGNATURE = [0x50, 0x4b, 0x03, 0x04] as const;
/** A zip of ours unpacks to no more than this; a larger one is made to fill the memory. */
const LARGEST_BYTES = 1024 * 1024 * 1024;

const isZip = (bytes: Uint8Array): boolean => SIGNATURE.every((byte, i) => bytes[i] === byte);

function base64Of(bytes: Uint8Array): string {
  let text = '';
  for (let i = 0; i < bytes.length; i += 0x8000)
    text += String.fromCharCode(...bytes.subarray(i, i + 0x8000));
  return btoa(text);
}

const bytesOf = (base64: string): Uint8Array =>
  Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));

const refused = (expected: Expected): Outcome<never> => ({
  ok: false,
  faults: [{ path: '', expected, received: { is: 'damage' } }],
});

/** The files of a zip by name; stops before they fill the memory. */
function unpack(bytes: Uint8Array): Outcome<ReadonlyMap<string, Uint8Array>> {
  const files = new Map<string, Uint8Array[]>();
  let size = 0;
  let broken = false;
  const unzip = new Unzip((file) => {
    const parts: Uint8Array[] = [];
    files.set(file.name, parts);
    file.ondata = (error, data) => {
      if (error) broken = true;
      size += data?.length ?? 0;
      if (size > LARGEST_BYTES) {
        broken = true;
        file.terminate();
      } else if (data) parts.push(data);
    };
    file.start();
  });
  unzip.register(UnzipInflate);
  try {
    for (let i = 0; i < bytes.length && !broken; i += 0x10000)
      unzip.push(bytes.subarray(i, i + 0x10000), i + 0x10000 >= bytes.length);
  } catch {
    broken = true;
  }
  if (broken) return refused({ is: 'zip' });
  return {
    ok: true,
    value: new Map([...files].map(([name, parts]) => [name, joined(parts)])),
  };
}

function joined(parts: readonly Uint8Array[]): Uint8Array {
  const whole = new Uint8Array(parts.reduce((sum, part) => sum + part.length, 0));
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
}

/** The room in a zip with its pictures put back, as a foreign value; null when the bytes are no zip at all. */
export function readZip(bytes: Uint8Array): Outcome<unknown> | null {
  if (!isZip(bytes)) return null;
  const files = unpack(bytes);
  if (!files.ok) return files;
  const room = files.value.get(ROOM_FILE);
  if (!room) return refused({ is: 'zip', holding: ROOM_FILE });
  const parsed = parseJson(new TextDecoder().decode(room));
  if (!parsed.ok) return parsed;
  return {
    ok: true,
    value: withPictures(parsed.value, (name) => {
      const picture = files.value.get(name);
      return picture ? base64Of(picture) : null;
    }),
  };
}

/** A zip of one text in pieces and pictures beside it. Pictures are packed already. */
export function writeZip(
  name: string,
  pieces: readonly string[],
  pictures: readonly { readonly name: string; readonly base64: string }[],
): Promise<Blob> {
  return new Promise((resolve, reject) => {
    const parts: BlobPart[] = [];
    const zip = new Zip((error, data, final) => {
      if (error) return reject(error);
      parts.push(data);
      if (final) resolve(new Blob(parts, { type: 'application/zip' }));
    });
    const text = new ZipDeflate(name, { level: 6 });
    zip.add(text);
    pieces.forEach((piece, i) => text.push(strToU8(piece), i === pieces.length - 1));
    for (const picture of pictures) {
      const file = new ZipPassThrough(picture.name);
      zip.add(file);
      file.push(bytesOf(picture.base64), true);
    }
    zip.end();
  });
}
