import type { Fault } from '@/core/kernel';
import { faultLine } from '@/words/en';
import { classes } from './classes';

/** So many faults are shown; a foreign file has thousands of the same. */
const SHOWN = 12;

interface Props {
  readonly faults: readonly Fault[];
  /** How many more there are than are given here. */
  readonly more?: number;
  readonly className?: string;
}

/** What is wrong with a file, line by line: the place, what it needs, what stood there. */
export function FaultList({ faults, more = 0, className }: Props) {
  const lines = [...new Set(faults.map(faultLine))];
  const rest = Math.max(0, lines.length - SHOWN) + more;
  return (
    <>
      <ul className={classes('fig mt-1 text-[0.8125rem]', className)}>
        {lines.slice(0, SHOWN).map((line) => (
          <li key={line} className="break-words">
            {line}
          </li>
        ))}
      </ul>
      {rest > 0 && <p className="text-slate">and {rest} more</p>}
    </>
  );
}
