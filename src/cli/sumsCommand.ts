import { posteriorRate, posteriorShare, rateLimits, shareLimits } from '@/core/stats';
import { type Answer, failed, json } from './answer';

/** What a number of a sum has to be. */
interface Asked {
  readonly name: string;
  readonly is: 'a whole number from 0 to 1000000' | 'a number above 0';
}
const whole = (name: string): Asked => ({ name, is: 'a whole number from 0 to 1000000' });
const above = (name: string): Asked => ({ name, is: 'a number above 0' });

interface Sum {
  readonly asks: readonly Asked[];
  /** More of the first than of the second were seen: the places of both among the numbers. */
  readonly within?: readonly [part: number, all: number];
  readonly of: (...numbers: number[]) => unknown;
}

const SUMS: Readonly<Record<string, Sum>> = {
  share: {
    asks: [whole('K'), whole('N')],
    within: [0, 1],
    of: (k = 0, n = 0) => shareLimits(k, n),
  },
  rate: {
    asks: [whole('EVENTS'), above('HOURS')],
    of: (events = 0, hours = 0) => ({ garwood: rateLimits(events, hours) }),
  },
  'posterior-rate': {
    asks: [above('SHAPE'), above('RATE'), whole('EVENTS'), above('HOURS')],
    of: (shape = 0, rate = 0, events = 0, hours = 0) => posteriorRate({ shape, rate }, { events, hours }),
  },
  'posterior-share': {
    asks: [above('A'), above('B'), whole('K'), whole('N')],
    within: [2, 3],
    of: (a = 0, b = 0, k = 0, n = 0) => posteriorShare({ a, b }, { k, n }),
  },
};

/** Beyond so many nobody counted, and the sums of whole numbers take long. */
const MOST = { counted: 1e6, measured: 1e9 };
function readNumber({ is }: Asked, text: string | undefined): number | null {
  const value = text === undefined || text.trim() === '' ? NaN : Number(text);
  const fits =
    is === 'a number above 0'
      ? value > 0 && value <= MOST.measured
      : Number.isInteger(value) && value >= 0 && value <= MOST.counted;
  return fits ? value : null;
}
const found = (text: string | undefined): string => (text === undefined ? 'nothing' : JSON.stringify(text));

/** Limits of what was counted. `lives` answers a file of lives. */
export function sumsCommand([name, ...texts]: readonly string[], lives: (file: string) => Answer): Answer {
  if (name === 'survival')
    return texts[0] === undefined
      ? failed('sums survival: needs a CSV file of lives. Found nothing.')
      : lives(texts[0]);
  const sum = name !== undefined && Object.hasOwn(SUMS, name) ? SUMS[name] : undefined;
  if (!sum)
    return failed(
      `sums: needs one of ${[...Object.keys(SUMS), 'survival'].join(', ')}. Found ${found(name)}.`,
    );
  const numbers = sum.asks.map((asked, i) => readNumber(asked, texts[i]));
  const faults = sum.asks.flatMap((asked, i) =>
    numbers[i] === null ? [`sums ${name}: ${asked.name} needs ${asked.is}. Found ${found(texts[i])}.`] : [],
  );
  if (texts.length > sum.asks.length)
    faults.push(`sums ${name}: needs ${sum.asks.length} numbers. Found ${texts.length}.`);
  if (faults.length > 0) return failed(...faults);
  const given = numbers as readonly number[];
  if (sum.within) {
    const [part, all] = [given[sum.within[0]] as number, given[sum.within[1]] as number];
    if (part > all || (name === 'share' && all === 0))
      return failed(`sums ${name}: needs no more than N of K, and N above 0. Found ${part} of ${all}.`);
  }
  return json(sum.of(...given));
}
