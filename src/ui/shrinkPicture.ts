/** Larger files are not even tried. */
const MOST_BYTES = 80 * 1024 * 1024;
/** The longer side of a kept picture, and how hard it is pressed. */
const LONG_SIDE = 900;
const QUALITIES = [0.8, 0.6, 0.45] as const;
const MOST_CHARACTERS = 600_000;

export type Shrunk =
  { readonly ok: true; readonly data: string } | { readonly ok: false; readonly why: string };

const refused = (why: string): Shrunk => ({
  ok: false,
  why: `${why} Nothing was saved.`,
});

/** A picture of any size made small enough to be kept with the room: a JPEG as a data address. */
export async function shrinkPicture(file: File): Promise<Shrunk> {
  if (file.size > MOST_BYTES)
    return refused(`${file.name} has ${Math.round(file.size / 1024 / 1024)} MB; at most 80 can be read.`);
  let whole: ImageBitmap;
  try {
    whole = await createImageBitmap(file);
  } catch {
    return refused(`${file.name} could not be read as a picture. JPEG, PNG and WebP can.`);
  }
  const scale = Math.min(1, LONG_SIDE / Math.max(whole.width, whole.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(whole.width * scale));
  canvas.height = Math.max(1, Math.round(whole.height * scale));
  canvas.getContext('2d')?.drawImage(whole, 0, 0, canvas.width, canvas.height);
  whole.close();
  for (const quality of QUALITIES) {
    const data = canvas.toDataURL('image/jpeg', quality);
    if (data.length <= MOST_CHARACTERS) return { ok: true, data };
  }
  return refused(`${file.name} stays too large even when it is made small.`);
}
