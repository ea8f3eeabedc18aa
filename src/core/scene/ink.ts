import type { Setup } from './stageplan';

const short = (v: number): string => String(Math.round(v * 100) / 100);

export type Given = Readonly<Record<string, string | number | undefined>>;

export const given = (attributes: Given): string =>
  Object.entries(attributes)
    .map(([name, value]) =>
      value === undefined ? '' : ` ${name}="${typeof value === 'number' ? short(value) : value}"`,
    )
    .join('');

/** A path; widths of lines are given in cm. */
export const path = (
  { steps }: Pick<Setup, 'steps'>,
  d: string,
  { 'stroke-width': width, ...rest }: Given,
): string =>
  d === ''
    ? ''
    : `<path d="${d}"${given({ ...rest, 'stroke-width': typeof width === 'number' ? width * steps : width })}/>`;

export const group = (attributes: Given, inner: string): string =>
  inner === '' ? '' : `<g${given(attributes)}>${inner}</g>`;

/** A drawing made elsewhere, placed: cm, degrees, and how much larger (mirrored where negative). */
export const used = (
  { steps }: Pick<Setup, 'steps'>,
  id: string,
  x: number,
  y: number,
  turn: number,
  scaleX: number,
  scaleY: number,
): string =>
  `<use href="#${id}" transform="translate(${Math.round(x * steps)} ${Math.round(y * steps)})rotate(${Math.round(turn)})scale(${short(scaleX)} ${short(scaleY)})"/>`;

const named = (name: string): string => `var(--scene-${name})`;

/** A colour of the scene; one that stands farther away takes on the water. */
export const tone = (name: string, away = 0): string =>
  away > 0 ? `color-mix(in srgb,${named(name)} ${Math.round((1 - away) * 100)}%,var(--water))` : named(name);
