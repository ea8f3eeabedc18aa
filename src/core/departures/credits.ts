import type { Standing } from '../events';

/** What takers gave for fish, as far as it was a number. */
export interface Credits {
  readonly total: number;
  /** Departures with a number in return, and those with something else. */
  readonly counted: number;
  readonly other: number;
}

/** The first number of what was given in return: "12.50 credit", "credit 5"; null where there is none. */
const amountOf = (credit: string): number | null => {
  const [number] = /\d+(?:[.,]\d{1,2})?/.exec(credit) ?? [];
  return number === undefined ? null : Number(number.replace(',', '.'));
};

/**
 * Sums what takers gave in return. Swaps and kind words are counted, not summed; whether all numbers are of one currency only
 * the keeper knows.
 *
 * @example sumCredits([]) // { total: 0, counted: 0, other: 0 }
 */
export function sumCredits(happenings: readonly Standing[]): Credits {
  const given = happenings.flatMap((event) =>
    event.type === 'rehomed' && event.credit.trim() !== '' ? [amountOf(event.credit)] : [],
  );
  const amounts = given.filter((one) => one !== null);
  return {
    total: Math.round(amounts.reduce((sum, one) => sum + one, 0) * 100) / 100,
    counted: amounts.length,
    other: given.length - amounts.length,
  };
}
