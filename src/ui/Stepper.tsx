import { useId, useState } from 'react';
import { classes } from './classes';

const STEP =
  'grid place-items-center shrink-0 border border-slate/60 text-[1.125rem] text-deep hover:bg-water disabled:opacity-40 size-7 max-desk:size-11 max-desk:max-[22rem]:size-9';

/** A number with one press up and down, and typed as well. What cannot be a number of them stays as typed and says what it wants. */
export function Stepper({
  value,
  onChange,
  label,
  least = 1,
  most = 999,
}: {
  readonly value: number;
  /** Told how to change it, so that presses that follow one another quickly add up. */
  readonly onChange: (how: (value: number) => number) => void;
  /** What is counted: "neon tetras". */
  readonly label: string;
  readonly least?: number;
  readonly most?: number;
}) {
  const id = useId();
  // What is being typed: it counts once it is left, or with Enter, so that a number of two digits is one change.
  const [typed, setTyped] = useState<string | null>(null);
  const isWrong = typed !== null && !(/^\d+$/.test(typed) && Number(typed) >= least && Number(typed) <= most);
  const step = (by: number): void => {
    setTyped(null);
    onChange((now) => Math.min(most, Math.max(least, now + by)));
  };
  const take = (): void => {
    // What cannot be one stays as it was typed, and says what it wants.
    if (typed === null || isWrong) return;
    if (Number(typed) !== value) onChange(() => Number(typed));
    setTyped(null);
  };
  return (
    <span className="inline-flex flex-col">
      <span className="inline-flex items-stretch" role="group" aria-label={label}>
        <button
          type="button"
          className={classes(STEP, 'border-r-0')}
          aria-label={`Fewer ${label}`}
          disabled={value <= least}
          onClick={() => step(-1)}
        >
          −
        </button>
        <input
          aria-label={`Number of ${label}`}
          inputMode="numeric"
          enterKeyHint="done"
          className="fig w-9 max-desk:w-12 max-desk:max-[22rem]:w-9 border border-slate/60 bg-panel text-center text-[0.9375rem] text-ink max-desk:text-[1rem] aria-[invalid=true]:border-buoy"
          aria-invalid={isWrong || undefined}
          aria-describedby={isWrong ? id : undefined}
          value={typed ?? value}
          onChange={({ target }) => setTyped(target.value.trim())}
          onFocus={({ target }) => target.select()}
          onBlur={take}
          onKeyDown={(event) => {
            if (event.key === 'Enter') take();
            else if (event.key === 'Escape') setTyped(null);
          }}
        />
        <button
          type="button"
          className={classes(STEP, 'border-l-0')}
          aria-label={`More ${label}`}
          disabled={value >= most}
          onClick={() => step(1)}
        >
          +
        </button>
      </span>
      {isWrong && (
        <span id={id} role="alert" className="text-[0.75rem] text-buoy">
          A whole number from {least} to {most}.
        </span>
      )}
    </span>
  );
}
