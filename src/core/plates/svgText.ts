import { withAlpha } from './pigments';

/** A number as short as a drawing needs it: "-.5", "12.25". */
export const short = (n: number, digits = 1): string =>
  String(Math.round(n * 10 ** digits) / 10 ** digits).replace(/^(-?)0\./, '$1.');

/** Numbers in a row; a minus parts them as well as a space does. */
export const joined = (numbers: readonly number[]): string =>
  numbers.reduce((text, n, i) => text + (i > 0 && n >= 0 ? ' ' : '') + String(n), '');

export type Attributes = Readonly<Record<string, string | number | undefined>>;

const isHex = (value: unknown): value is string => typeof value === 'string' && /^#\w+$/.test(value);

/** Attributes as text. Colour and opacity become one value where the colour is a plain one; full opacity is left out. */
export function attributes(given: Attributes): string {
  return Object.entries(given)
    .map(([name, value]) => {
      if (value === undefined) return '';
      const base = name.replace('-opacity', '');
      if (base !== name && (value === 1 || isHex(given[base]))) return '';
      const opacity = given[`${name}-opacity`];
      const text =
        isHex(value) && typeof opacity === 'number'
          ? withAlpha(value, opacity)
          : typeof value === 'number'
            ? short(value, 2)
            : value;
      return ` ${name}="${text}"`;
    })
    .join('');
}
