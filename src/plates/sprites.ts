import type { Plate } from '@/core/plates';
import { handsRest } from '@/workers/handsRest';
import { type PageInks, svgSource } from './svgSource';

/** A length on the page is rounded up to the next of these steps, so that one bitmap serves fish of like size. */
const STEP = 1.25;
/** Bitmaps of more pictures than this are not kept. */
const KEPT = 800;
/** Those who wait are told after so many bitmaps, and after the last. */
const TOLD = 6;

async function bitmapOf(plate: Plate, scale: number, inks: PageInks): Promise<CanvasImageSource> {
  const width = Math.max(1, Math.ceil(plate.viewBox[2] * scale));
  const height = Math.max(1, Math.ceil(plate.viewBox[3] * scale));
  const image = new Image();
  image.src = svgSource(plate, width, height, inks);
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  canvas.getContext('2d')?.drawImage(image, 0, 0, width, height);
  // A bitmap is put down faster than a canvas.
  return createImageBitmap(canvas);
}

const names = new WeakMap<Plate, number>();
let named = 0;

/** A number for each picture. */
function nameOf(plate: Plate): number {
  const had = names.get(plate);
  if (had !== undefined) return had;
  names.set(plate, ++named);
  return named;
}

const drawn = new Map<string, CanvasImageSource>();
const waiting = new Set<string>();
const listeners = new Set<() => void>();

/** Bitmaps of pictures, each drawn once at a size; a canvas puts many of them down in a frame. */
export const SPRITES = {
  /** The bitmap for a length in px of the screen, or null while it is drawn. */
  get(plate: Plate, lengthPx: number, inks: PageInks): CanvasImageSource | null {
    const step = Math.ceil(Math.log(Math.max(4, lengthPx)) / Math.log(STEP));
    const key = `${nameOf(plate)} ${step} ${inks.text} ${inks.plate}`;
    const had = drawn.get(key);
    if (had) return had;
    if (!waiting.has(key)) {
      waiting.add(key);
      void handsRest()
        .then(() => bitmapOf(plate, STEP ** step / plate.length, inks))
        // A browser that cannot draw it leaves a gap; nothing else fails.
        .catch(() => document.createElement('canvas'))
        .then((bitmap) => {
          drawn.set(key, bitmap);
          if (drawn.size > KEPT) drawn.delete(drawn.keys().next().value as string);
          waiting.delete(key);
          if (waiting.size % TOLD === 0) for (const tell of [...listeners]) tell();
        });
    }
    return null;
  },
  listen(tell: () => void): () => void {
    listeners.add(tell);
    return () => listeners.delete(tell);
  },
};
