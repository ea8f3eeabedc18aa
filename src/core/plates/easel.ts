import type { Animal } from './animal';
import type { Outline } from './outline';
import { type Pen, UNITS } from './pen';
import { hexOf, withAlpha } from './pigments';
import { type Attributes, attributes, short } from './svgText';

/** How much is drawn: outline and main colours; markings; fin rays, scales and shading as well. */
export type Detail = 'mark' | 'glass' | 'plate';

/** A step of a gradient: where (0 to 1), colour, opacity. */
export type Step = readonly [at: number, colour: string, opacity: number];

/** What everything that draws on one picture shares: the animal, the pen, and the definitions of the picture. */
export interface Easel {
  readonly animal: Animal;
  readonly outline: Outline;
  readonly pen: Pen;
  readonly detail: Detail;
  /** Width of a hairline in drawing units. */
  readonly hair: number;
  readonly definitions: Definitions;
}

/** Definitions of one picture, each once. */
export class Definitions {
  private readonly known = new Map<string, readonly [id: string, text: string]>();

  constructor(private readonly prefix: string) {}

  /** The identifier of a definition, made when it is first asked for. */
  id(key: string, make: (id: string) => string): string {
    const had = this.known.get(key);
    if (had) return had[0];
    const id = this.prefix + this.known.size.toString(36);
    this.known.set(key, [id, '']);
    this.known.set(key, [id, make(id)]);
    return id;
  }

  /** A linear gradient: across the shape where no line is given, else from one place of the paper to another. */
  linear(steps: readonly Step[], line: Attributes, isOnPaper: boolean): string {
    const units = isOnPaper ? { gradientUnits: 'userSpaceOnUse' } : {};
    const id = this.id(
      JSON.stringify([steps, line]),
      (own) =>
        `<linearGradient id="${own}"${attributes({ ...units, ...line })}>${stepsText(steps)}</linearGradient>`,
    );
    return `url(#${id})`;
  }

  radial(steps: readonly Step[], circle: Attributes): string {
    const id = this.id(
      JSON.stringify([steps, circle]),
      (own) =>
        `<radialGradient id="${own}" gradientUnits="userSpaceOnUse"${attributes(circle)}>${stepsText(steps)}</radialGradient>`,
    );
    return `url(#${id})`;
  }

  get text(): string {
    return [...this.known.values()].map(([, text]) => text).join('');
  }
}

export const stepsText = (steps: readonly Step[]): string =>
  steps
    .map(
      ([at, colour, opacity]) =>
        `<stop${at ? ` offset="${short(at, 2)}"` : ''} stop-color="${withAlpha(colour.startsWith('#') ? colour : hexOf(colour), opacity)}"/>`,
    )
    .join('');

export const isFine = (easel: Easel): boolean => easel.detail === 'plate';
export const isRough = (easel: Easel): boolean => easel.detail === 'mark';

/** A length in % as drawing units. */
export const units = (percent: number): number => percent * UNITS;

export const path = (d: string, given: Attributes): string => `<path d="${d}"${attributes(given)}/>`;

export const group = (given: Attributes, inner: string): string =>
  inner === '' ? '' : `<g${attributes(given)}>${inner}</g>`;

/** Strokes of one colour with round ends. */
export const roundStroke = (colour: string, width: number, opacity: number): Attributes => ({
  fill: 'none',
  stroke: colour,
  'stroke-width': units(width),
  'stroke-opacity': opacity,
  'stroke-linecap': 'round',
});

/** A hairline in the colour of the page's text. */
export const hairline = ({ hair }: Easel, opacity: number): Attributes => ({
  stroke: 'currentColor',
  'stroke-opacity': opacity,
  'stroke-width': hair,
});

/** A field of so many spots of a size: below the finest detail fewer and larger. */
export const fieldOf = (easel: Easel, count: number, size: number): readonly [number, number] =>
  isFine(easel) ? [count, size] : [Math.ceil(count * 0.6), size * 1.25];
