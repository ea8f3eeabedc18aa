/**
 * How days and figures are written for one reader: in English, in the order and with the signs of his country ("29 Nov 2026", "Nov 29, 2026";
 * "1.5", "1,5"). The page sets it once, before anything is drawn; files and the command line keep the default.
 */
const DEFAULT = 'en-GB';

interface Writing {
  readonly days: string;
  readonly figures: string;
  /** What was made already: making one costs a thousand times what using it does. */
  readonly made: Map<string, Intl.DateTimeFormat | Intl.NumberFormat>;
}

const writingIn = (days: string, figures: string): Writing => ({ days, figures, made: new Map() });
let writing = writingIn(DEFAULT, DEFAULT);

/** English as it is written in the country of a language; day before month where that English is not known. */
function englishOf(language: Intl.Locale): string {
  const region = language.region ?? (language.language === 'en' ? undefined : language.maximize().region);
  if (!region) return DEFAULT;
  const wanted = `en-${region}`;
  return new Intl.DateTimeFormat(wanted).resolvedOptions().locale === wanted ? wanted : DEFAULT;
}

/** The first tag that can be read; undefined where none can. */
function firstRead(languages: readonly string[]): Intl.Locale | undefined {
  for (const tag of languages) {
    try {
      return new Intl.Locale(tag);
    } catch {
      // A browser may name a language that no standard knows: the next one is taken.
    }
  }
  return undefined;
}

/**
 * Days and figures from now on as readers of these languages write them, the first that can be read. Bare "en" and none keep the default.
 * @example writeFor(['de-DE']); fixed(1.5, 1) // '1,5'
 */
export function writeFor(languages: readonly string[]): void {
  const language = firstRead(languages);
  const bare = !language || (language.language === 'en' && !language.region);
  writing = bare
    ? writingIn(DEFAULT, DEFAULT)
    : writingIn(englishOf(language), `${language.baseName}-u-nu-latn`);
}

function made<T extends Intl.DateTimeFormat | Intl.NumberFormat>(key: string, make: () => T): T {
  const known = writing.made.get(key) as T | undefined;
  if (known) return known;
  const fresh = make();
  writing.made.set(key, fresh);
  return fresh;
}

/** The parts of a day or moment that are written. */
const DAY = { day: 'numeric', month: 'short' } as const;
const FORMS = {
  day: DAY,
  dayOfYear: { ...DAY, year: 'numeric' },
  wholeDay: { day: 'numeric', month: 'long', year: 'numeric' },
  shortMonth: { month: 'short' },
  month: { month: 'short', year: 'numeric' },
  wholeMonth: { month: 'long', year: 'numeric' },
  clock: { timeStyle: 'short' },
} as const satisfies Record<string, Intl.DateTimeFormatOptions>;

const DAY_LENGTH = 10;
const MONTH_LENGTH = 7;

/** A month, a day or a moment of a file; days and months are the same everywhere, a moment is told on the clock of the place. */
function write(form: keyof typeof FORMS, at: string): string {
  const isDay = at.length <= DAY_LENGTH;
  const format = made(
    `${form} ${isDay}`,
    () => new Intl.DateTimeFormat(writing.days, { ...FORMS[form], ...(isDay ? { timeZone: 'UTC' } : {}) }),
  );
  if (!isDay) return format.format(new Date(at));
  return format.format(new Date(`${at.length === MONTH_LENGTH ? `${at}-15` : at}T12:00:00Z`));
}

/** "24 Nov", of a day or a moment */
export const dayWords = (at: string): string => write('day', at);
/** "24 Nov 2026" */
export const dayOfYear = (at: string): string => write('dayOfYear', at);
/** "24 November 2026" */
export const wholeDay = (at: string): string => write('wholeDay', at);
/** "Nov", of a month, day or moment */
export const shortMonth = (at: string): string => write('shortMonth', at);
/** A month of a file, `2027-06`, as "Jun 2027" */
export const monthName = (at: string): string => write('month', at);
/** "June 2027" */
export const wholeMonth = (at: string): string => write('wholeMonth', at);
/** "18:05", "6:05 PM" */
export const clockTime = (moment: string): string => write('clock', moment);
/** "24 Nov, 18:05" */
export const momentWords = (moment: string): string => `${dayWords(moment)}, ${clockTime(moment)}`;

/** The year of a day, or of a moment on the clock of the place. */
const yearOf = (at: string): number =>
  at.length <= DAY_LENGTH ? Number(at.slice(0, 4)) : new Date(at).getFullYear();

/** A day, `2026-11-24`, or the keeper's own day of a moment, as "24 Nov"; with its year where it is not this one. */
export const dayName = (at: string, now: number = Date.now()): string =>
  yearOf(at) === new Date(now).getFullYear() ? dayWords(at) : dayOfYear(at);

/** "24 Nov, 18:05"; with its year where it is not this one. */
export const momentName = (moment: string, now: number = Date.now()): string =>
  `${dayName(moment, now)}, ${clockTime(moment)}`;

/** A figure with so many places behind its decimal sign, no more and no fewer; minus and all. */
export const fixed = (value: number, places: number): string =>
  made(
    `fixed ${places}`,
    () =>
      new Intl.NumberFormat(writing.figures, {
        minimumFractionDigits: places,
        maximumFractionDigits: places,
        useGrouping: false,
        signDisplay: 'negative',
      }),
  ).format(value);

/** A figure with at most so many places. */
export const upTo = (value: number, places: number): string =>
  made(
    `up to ${places}`,
    () =>
      new Intl.NumberFormat(writing.figures, {
        maximumFractionDigits: places,
        useGrouping: false,
        signDisplay: 'negative',
      }),
  ).format(value);

/** A plain figure as it is, to a millionth. */
export const plain = (value: number): string => upTo(value, 6);

/** A large figure with its thousands apart: "1,250". */
export const grouped = (value: number): string =>
  made('grouped', () => new Intl.NumberFormat(writing.figures, { maximumFractionDigits: 2 })).format(value);
