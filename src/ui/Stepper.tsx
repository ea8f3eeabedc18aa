import { useState } from 'react';
import { INPUT } from './Field';
import { classes } from './classes';

const STEP =
  'grid place-items-center border border-slate/60 text-[18px] text-deep hover:bg-water disabled:opacity-40 size-8 max-desk:size-11';

/** A number with one press up and down, and typed as well. What cannot be a number of them is marked, and gone on leaving. */
export function Stepper({
  value,
  onChange,
  label,
  least = 1,
  most = 999,
}: {
  readonly value: number;
  readonly onChange: (value: number) => void;
  /** What is counted: "neon tetras". */
  readonly label: string;
  readonly least?: number;
  readonly most?: number;
}) {
  // What is being typed, until it is a number that can be.
  const [typed, setTyped] = useState<string | null>(null);
  const go = (next: number): void => {
    if (next >= least && next <= most) onChange(next);
  };
  const type = (text: string): void => {
    setTyped(text);
    if (/^\d+$/.test(text)) go(Number(text));
  };
  return (
    <span className="inline-flex items-stretch" role="group" aria-label={label}>
      <button
        type="button"
        className={classes(STEP, 'border-r-0')}
        aria-label={`One ${label} fewer`}
        disabled={value <= least}
        onClick={() => go(value - 1)}
      >
        −
      </button>
      <input
        aria-label={`Number of ${label}`}
        inputMode="numeric"
        enterKeyHint="done"
        className={classes(INPUT, 'fig w-12 rounded-none border-slate/60 text-center text-[15px]')}
        aria-invalid={(typed !== null && Number(typed) !== value) || undefined}
        value={typed ?? value}
        onChange={({ target }) => type(target.value.trim())}
        onFocus={({ target }) => target.select()}
        onBlur={() => setTyped(null)}
      />
      <button
        type="button"
        className={classes(STEP, 'border-l-0')}
        aria-label={`One ${label} more`}
        disabled={value >= most}
        onClick={() => go(value + 1)}
      >
        +
      </button>
    </span>
  );
}
