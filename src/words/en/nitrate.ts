import type { nitrateRate } from '@/core/water';
import { tenth } from './quantities';

/** What was measured against what was expected, in a sentence that says how sure it is. */
export function sayNitrateMeasured(
  {
    rate,
    predicted,
    factor,
  }: {
    readonly rate: ReturnType<typeof nitrateRate>;
    /** mg/L a day. */
    readonly predicted: number;
    readonly factor: number | null;
  },
  unit: string,
): string {
  const week = (perDay: number): string => tenth(perDay * 7);
  if (!rate) return `Test twice, a week apart. Until then ${week(predicted)} ${unit} a week is an estimate.`;
  if (rate.rises === 1)
    return `One pair of tests: ${week(rate.perDay)} ${unit} a week, without limits yet; predicted ${week(predicted)}.`;
  const sure = `${week(rate.perDay)} ${unit} a week (95% limits ${week(rate.low)} to ${week(rate.high)}, ${rate.rises} pairs of tests${rate.setAside > 0 ? `, ${rate.setAside} far off and given little weight` : ''})`;
  return `Measured ${sure}; predicted ${week(predicted)}.${
    factor === null
      ? predicted > 0
        ? ' They are too far apart for one tank: check the tests and the stock list.'
        : ''
      : ` This tank makes ${Math.round(factor * 100)}% of the prediction; the forecast uses that.`
  }`;
}
