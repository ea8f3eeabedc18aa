import { ammoniaFraction, mixingRemaining, oxygenSaturation, pressureAtm, steadyState } from '@/core/water';

/** A number that a calculator takes: its name on the command line, its bounds, what it is without being given. */
interface Taken {
  readonly name: string;
  readonly least: number;
  readonly most: number;
  readonly whole?: boolean;
  readonly usual?: number;
}

interface Calculator {
  readonly takes: readonly Taken[];
  readonly answer: (value: (name: string) => number, discard: boolean) => Readonly<Record<string, number>>;
}

const VOLUME = { least: 1e-6, most: 1e6 };

/** The water calculators of the command line, by name. */
const CALCULATORS: Readonly<Record<string, Calculator>> = {
  ammonia: {
    takes: [
      { name: 't', least: 0, most: 40 },
      { name: 'ph', least: 3, most: 11 },
      { name: 'tan', least: 0, most: 1000 },
    ],
    answer: (value) => {
      const fraction = ammoniaFraction(value('t'), value('ph'));
      return { fraction, unIonisedMgL: fraction * value('tan') };
    },
  },
  oxygen: {
    takes: [
      { name: 't', least: 0, most: 40 },
      { name: 'altitude', least: -500, most: 5000, usual: 0 },
    ],
    answer: (value) => ({ saturationMgL: oxygenSaturation(value('t'), pressureAtm(value('altitude'))) }),
  },
  mix: {
    takes: [
      { name: 'v', ...VOLUME },
      { name: 'add', least: 0, most: 1e6 },
      { name: 'rounds', least: 0, most: 1000, whole: true },
    ],
    answer: (value, discard) => ({
      remaining: mixingRemaining(value('v'), value('add'), value('rounds'), discard),
    }),
  },
  routine: {
    takes: [
      { name: 'rate', least: 0, most: 1000 },
      { name: 'fraction', least: 1e-6, most: 1 },
      { name: 'days', least: 1e-6, most: 365 },
      { name: 'tap', least: 0, most: 1000, usual: 0 },
    ],
    answer: (value) => {
      const { after, before } = steadyState(
        { fraction: value('fraction'), everyDays: value('days') },
        value('rate'),
        value('tap'),
      );
      return { after, before };
    },
  },
};

/** Every option that a calculator takes, for the reader of the command line. */
export const WATER_OPTIONS: readonly string[] = [
  ...new Set(Object.values(CALCULATORS).flatMap((one) => one.takes.map((taken) => taken.name))),
];

type Calculated =
  | { readonly ok: true; readonly value: Readonly<Record<string, number>> }
  | { readonly ok: false; readonly errors: readonly string[] };

/** One calculation. Errors: every option that is missing or out of bounds, by name. `--rate` is mg/L a day. */
export function waterCommand(
  name: string | undefined,
  given: Readonly<Record<string, string | undefined>>,
  discard: boolean,
): Calculated {
  const calculator = name === undefined ? undefined : CALCULATORS[name];
  if (!calculator)
    return {
      ok: false,
      errors: [
        `water: needs one of ${Object.keys(CALCULATORS).join(', ')}. Found ${JSON.stringify(name ?? '')}.`,
      ],
    };
  const values = new Map<string, number>();
  const errors = calculator.takes.flatMap(({ name: option, least, most, whole = false, usual }) => {
    const text = given[option];
    const value = text === undefined ? usual : text.trim() === '' ? NaN : Number(text);
    const fine =
      value !== undefined && value >= least && value <= most && (!whole || Number.isInteger(value));
    if (fine) values.set(option, value);
    return fine
      ? []
      : [
          `water ${name}: --${option}: needs ${whole ? 'a whole number' : 'a number'} from ${least} to ${most}. Found ${text === undefined ? 'nothing' : JSON.stringify(text)}.`,
        ];
  });
  return errors.length > 0
    ? { ok: false, errors }
    : { ok: true, value: calculator.answer((option) => values.get(option) as number, discard) };
}
