import type { Animal, Build } from './animal';
import { bodyText, eyeText } from './bodyLayer';
import { drawnLength } from './dressed';
import { Definitions, type Detail, type Easel, units } from './easel';
import { finsBehind, finsInFront, finsOf } from './finLayer';
import { outlineOf } from './outline';
import { PARTS } from './parts';
import { type Box, Pen } from './pen';
import { short } from './svgText';

/** A picture of an animal. */
export interface Plate {
  /** Everything within the `svg` element. */
  readonly inner: string;
  /** The extent in drawing units. */
  readonly viewBox: readonly [x: number, y: number, width: number, height: number];
  /** Drawing units from the snout tip to the tip of the tail. */
  readonly length: number;
}

/** A flat shape of an animal. */
export interface Flat {
  readonly d: string;
  /** Drawing units from the snout tip to the tip of the tail. */
  readonly length: number;
  readonly box: Box;
}

const TOLERANCE: Readonly<Record<Detail, number>> = { mark: 0.7, glass: 0.4, plate: 0.2 };
/** A margin about the drawing, in drawing units. */
const MARGIN = 5;

/** An identifier that two different pictures do not share: a hash of what is drawn. */
export function prefixOf(text: string): string {
  let code = 7;
  for (let i = 0; i < text.length; i++) code = (code * 31 + text.charCodeAt(i)) % 2176782336;
  return `p${code.toString(36)}`;
}

const partsText = (easel: Easel, names: readonly string[] | undefined): string =>
  (names ?? []).map((name) => PARTS[name]?.(easel) ?? '').join('');

/** How far the axis is lifted at x, or null where it is straight. */
function bendOf({ bend }: Build): ((x: number) => number) | null {
  if (!bend || bend[0] === 0) return null;
  const [height, wave, start] = bend;
  return (x) => height * Math.sin(((x - start) / wave) * 2 * Math.PI);
}

/**
 * A picture of an animal as SVG, the same each time.
 *
 * @param lengthPx the length from snout to tail tip on the page, in px: it decides how wide a hairline is
 * @param id a text that two different pictures on a page do not share
 * @example plateOf(animalOf({ plan: 'tetra', tone: 'olive silver pearl' }), 'glass', 64, 'neon').inner
 */
export function plateOf(animal: Animal, detail: Detail, lengthPx: number, id: string): Plate {
  const { build } = animal;
  const total = drawnLength(build);
  const scale = lengthPx / units(total);
  const pen = new Pen(TOLERANCE[detail], bendOf(build));
  const easel: Easel = {
    animal,
    outline: outlineOf(build),
    pen,
    detail,
    hair: Number(short(Math.max(0.2, (detail === 'plate' ? 0.6 : 0.5) / scale))),
    definitions: new Definitions(prefixOf(id + detail)),
  };
  const behind = finsBehind(easel) + partsText(easel, build.behind);
  const body = bodyText(easel);
  const eye = build.eye ? eyeText(easel, build.eye) : '';
  const front = finsInFront(easel) + partsText(easel, build.front);
  const [left, top, right, bottom] = pen.reach;
  return {
    inner: `<defs>${easel.definitions.text}</defs>${behind}${body}${eye}${front}`,
    viewBox: [left - MARGIN, top - MARGIN, right - left + 2 * MARGIN, bottom - top + 2 * MARGIN],
    length: units(total),
  };
}

/** An animal as one flat shape: its body and its fins, for drawings in the colours of a list. */
export function flatOf(animal: Animal): Flat {
  const { build } = animal;
  const pen = new Pen(TOLERANCE.mark, bendOf(build));
  const outline = outlineOf(build);
  const d =
    finsOf(outline, build)
      .map(([, fin]) => pen.path(fin.outline(), true))
      .join('') + pen.path([outline.segments], true);
  return { d, length: units(drawnLength(build)), box: pen.reach };
}

/** A picture as a whole SVG text, so long on the page. */
export function plateSvg(animal: Animal, detail: Detail, lengthPx: number, id: string): string {
  const { inner, viewBox, length } = plateOf(animal, detail, lengthPx, id);
  const scale = lengthPx / length;
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${viewBox.join(' ')}" width="${short(viewBox[2] * scale)}" height="${short(viewBox[3] * scale)}">${inner}</svg>`;
}
