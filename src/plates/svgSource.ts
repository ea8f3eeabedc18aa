import type { Plate } from '@/core/plates';

/** Colours that a picture takes from the page. */
export interface PageInks {
  readonly text: string;
  /** What stands for black on the page's paper; empty where black does. */
  readonly plate: string;
}

/** A picture as an SVG file of this width and height in px, in the inks of the page, as the address of an image. */
export function svgSource(
  { inner, viewBox }: Plate,
  width: number,
  height: number,
  { text, plate }: PageInks,
): string {
  const style = `color:${text}${plate ? `;--plate-ink:${plate}` : ''}`;
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${viewBox.join(' ')}" width="${width}" height="${height}" style="${style}">${inner}</svg>`;
  return `data:image/svg+xml,${encodeURIComponent(svg)}`;
}

const SOURCES = new WeakMap<Plate, Map<string, string>>();

/** The same at the picture's own size, made once: a page that shows a picture many times draws it once. */
export function ownSource(plate: Plate, inks: PageInks): string {
  const made = SOURCES.get(plate) ?? new Map<string, string>();
  SOURCES.set(plate, made);
  const key = `${inks.text} ${inks.plate}`;
  const source = made.get(key) ?? svgSource(plate, plate.viewBox[2], plate.viewBox[3], inks);
  made.set(key, source);
  return source;
}
