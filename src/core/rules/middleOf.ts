import type { Span } from './facts';

/** The roundest figures are tried first: halves, tenths, hundredths. */
const PARTS = [2, 10, 100] as const;

/**
 * Water to propose: the middle of what all share, to the half where such a half lies within it, else to the tenth or the
 * hundredth, else as it is. Never outside the range, which may be a single point. In the unit of the range.
 * @example middleOf([6.6, 6.9]) // 6.8
 */
export function middleOf([low, high]: Span): number {
  const middle = (low + high) / 2;
  return (
    PARTS.map((parts) => Math.round(middle * parts) / parts).find((round) => round >= low && round <= high) ??
    middle
  );
}
