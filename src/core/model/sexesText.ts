/** Males and females of a group; either is undefined where nobody knows it. */
export interface Sexes {
  readonly males: number | undefined;
  readonly females: number | undefined;
}

/** More of one sex than this is a slip. */
const MOST = 10_000;
const MALES = /(?<![-\d.])(\d+)\s*(?:males?(?![a-z])|m(?![a-z])|♂)/i;
const FEMALES = /(?<![-\d.])(\d+)\s*(?:females?(?![a-z])|f(?![a-z])|♀)/i;
/** "1:3", "1/3", "1+3": males first, as keepers write a ratio. */
const PAIR = /^\s*(\d+)\s*[:/+]\s*(\d+)\s*$/;

/**
 * Males and females as a keeper writes them; null for a text that says neither. An empty one says that nobody knows.
 *
 * @example readSexes('1 m, 3 f') // { males: 1, females: 3 }
 * @example readSexes('1:3') // { males: 1, females: 3 }
 * @example readSexes('some') // null
 */
export function readSexes(text: string): Sexes | null {
  if (text.trim() === '') return { males: undefined, females: undefined };
  const pair = PAIR.exec(text);
  const [males, females] = pair ? [pair[1], pair[2]] : [MALES.exec(text)?.[1], FEMALES.exec(text)?.[1]];
  const known = [males, females].map((one) => (one === undefined ? undefined : Number(one)));
  const left = text.replace(PAIR, '').replace(MALES, '').replace(FEMALES, '');
  if (known.every((one) => one === undefined) || /[a-z\d]/i.test(left.replace(/\band\b/gi, ''))) return null;
  return known.some((one) => one !== undefined && one > MOST) ? null : { males: known[0], females: known[1] };
}

/** "1 m, 3 f"; empty where nobody knows. */
export const writeSexes = ({ males, females }: Partial<Sexes>): string =>
  males === undefined && females === undefined ? '' : `${males ?? 0} m, ${females ?? 0} f`;
