import type { Assessment } from '@/core/assess';
import { monthName } from './locale';

/** The verdict on a list. */
export const VERDICTS = { stop: 'Stop', caution: 'Caution', fits: 'Fits' } as const;

/** What becomes of a verdict: "until Jul 2027, then Stop". */
export const untilThen = ({ from, verdict }: NonNullable<Assessment['later']>): string =>
  `until ${monthName(from)}, then ${VERDICTS[verdict]}`;

/** What no verdict promises. */
export const NO_PROMISE = 'Fish differ: “fits” is no promise. Keep an exit plan.';
