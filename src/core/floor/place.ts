import type { Point } from '../sightlines';

/** Thirds of the length, as records name them. */
export const COLUMNS = ['left', 'middle', 'right'] as const;
export const ROWS = ['top', 'floor'] as const;

/** Where on the floor something happened, and how exactly that is known: a standard deviation in cm each way. */
export interface Place {
  readonly at: Point;
  readonly spread: readonly [along: number, across: number];
}

/** A point of the floor as records keep it: cm from the left pane and from the front glass. */
export const placeText = ([x, y]: Point): string =>
  `${Math.round(x)} cm from the left, ${Math.round(y)} cm from the front`;

const EXACT = /^(\d+(?:\.\d+)?) cm from the left, (\d+(?:\.\d+)?) cm from the front$/;
/** The point of the floor that a record names exactly, cm from the left pane and from the front glass; else null. */
export function exactPlace(text: string): Point | null {
  const exact = EXACT.exec(text);
  return exact ? [Number(exact[1]), Number(exact[2])] : null;
}

/** The third of the length in which a place lies, "left", "middle" or "right"; other places are called as they are. */
export function sectionOf(text: string, lengthCm: number): string {
  const exact = exactPlace(text);
  if (!exact) return text;
  const third = Math.min(COLUMNS.length - 1, Math.floor((exact[0] / lengthCm) * COLUMNS.length));
  return `${COLUMNS[third] as string}, floor`;
}

/** A finger on the map is this far off, cm (from memory). */
const FINGER_CM = 3;
/** An even spread over a length has this standard deviation: one over the root of twelve. */
const EVEN = 1 / Math.sqrt(12);

/**
 * Where a record says that something happened: an exact point, or a third of the length as older records have it, whose
 * middle stands for it with the spread of the whole third. Null where no place of the floor is told.
 *
 * @param text as it was written: "left, floor", "40 cm from the left, 12 cm from the front"
 * @param lengthCm inside of the tank, cm
 * @example placeOf('left, floor', 120, 40)?.at // [20, 20]
 */
export function placeOf(text: string, lengthCm: number, widthCm: number): Place | null {
  const exact = exactPlace(text);
  if (exact) {
    const at: Point = [Math.min(lengthCm, exact[0]), Math.min(widthCm, exact[1])];
    return { at, spread: [FINGER_CM, FINGER_CM] };
  }
  const [column = '', row = ''] = text.split(',').map((part) => part.trim());
  const third = (COLUMNS as readonly string[]).indexOf(column);
  if (third < 0 || (row !== '' && !(ROWS as readonly string[]).includes(row))) return null;
  return {
    at: [(lengthCm * (third + 0.5)) / 3, widthCm / 2],
    spread: [(lengthCm / 3) * EVEN, widthCm * EVEN],
  };
}
