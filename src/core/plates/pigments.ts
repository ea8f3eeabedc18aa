/** The palette: natural pigments that hold on light and on dark paper. */
export const PIGMENTS = {
  ink: '#262b2e',
  soot: '#453e39',
  umber: '#5c4735',
  bistre: '#80613f',
  cocoa: '#6e4a34',
  olive: '#6f6c48',
  moss: '#87905f',
  leaf: '#5f8a45',
  lime: '#b5bf4a',
  sand: '#d8c8a2',
  straw: '#e2cf8c',
  tan: '#c2a274',
  fawn: '#b8895c',
  bone: '#efe9da',
  pearl: '#e6e8e4',
  silver: '#c4cac9',
  steel: '#93a0a5',
  slate: '#62717a',
  gold: '#cfa03c',
  lemon: '#f0c92f',
  amber: '#dc9630',
  apricot: '#e5a56b',
  orange: '#de7029',
  copper: '#c0703c',
  rust: '#b3542c',
  red: '#c53a2d',
  crimson: '#9c2537',
  wine: '#6d2433',
  rose: '#da918a',
  pink: '#e8b3ae',
  blush: '#ebcaba',
  sky: '#8cc4da',
  azure: '#3f92c8',
  cobalt: '#2d5ca8',
  navy: '#25386a',
  midnight: '#1a2340',
  turquoise: '#36b3b8',
  teal: '#2b7f85',
  jade: '#3fa078',
  ice: '#cfe4ec',
  lilac: '#a99cc4',
  violet: '#6c5d95',
  white: '#fbfaf5',
  clear: '#aeb9ba',
} as const;

export type Pigment = keyof typeof PIGMENTS;

export const PIGMENT_NAMES = Object.keys(PIGMENTS) as readonly Pigment[];

/** Whether a word names a colour: a pigment, or two of them mixed half and half ("rust~bone"). */
export const isColour = (word: string): boolean =>
  word.split('~').length <= 2 && word.split('~').every((part) => Object.hasOwn(PIGMENTS, part));

const channels = (hex: string): readonly number[] =>
  [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16));

/**
 * The colour that a word names, as "#rrggbb".
 *
 * Errors: throws where no pigment has that name.
 * @example hexOf('ink') // '#262b2e'
 */
export function hexOf(colour: string): string {
  const hexes = colour.split('~').map((name) => {
    if (!isColour(name)) throw new Error(`No pigment is called "${name}".`);
    return PIGMENTS[name as Pigment];
  });
  const [first, second] = hexes as [string, string?];
  if (second === undefined) return first;
  const [a, b] = [channels(first), channels(second)];
  return `#${a
    .map((v, i) =>
      Math.round((v + (b[i] as number)) / 2)
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;
}

/** A colour with its opacity in one value: "#rrggbbaa". */
export const withAlpha = (hex: string, alpha: number): string =>
  alpha >= 1
    ? hex
    : hex +
      Math.round(Math.max(0, alpha) * 255)
        .toString(16)
        .padStart(2, '0');

/** Black in fins is lifted by a dark page; a black bar on a bright body is not. */
export const finHexOf = (colour: string): string =>
  colour === 'ink' ? `var(--plate-ink,${PIGMENTS.ink})` : hexOf(colour);
