import { useId, useLayoutEffect, useRef, useState } from 'react';
import { afterPaint } from './afterPaint';
import { classes } from './classes';
import { Reel, turnReel } from './Reel';

const STEP =
  'grid place-items-center shrink-0 border border-slate/60 text-[1.125rem] text-deep hover:bg-water disabled:opacity-40 size-7 max-desk:size-11 max-desk:max-[22rem]:size-9';

/** Where the keeper's hand is: its pointer, and what has the focus. */
interface Hand {
  readonly isOver: boolean;
  readonly on: 'field' | 'button' | null;
}

/** A number with one press up and down, and typed as well. What cannot be a number of them stays as typed and says what it wants. */
export function Stepper({
  value,
  onChange,
  label,
  least = 1,
  most = 999,
}: {
  readonly value: number;
  /** Told how to change it, so that presses that follow one another quickly add up; gives when that has happened or was refused. */
  readonly onChange: (how: (value: number) => number) => unknown;
  /** What is counted: "neon tetras". */
  readonly label: string;
  readonly least?: number;
  readonly most?: number;
}) {
  const id = useId();
  // What is being typed: it counts once it is left, or with Enter, so that a number of two digits is one change.
  const [typed, setTyped] = useState<string | null>(null);
  const isWrong = typed !== null && !(/^\d+$/.test(typed) && Number(typed) >= least && Number(typed) <= most);
  // What presses make of it is seen at once, without a drawing of the page; all else comes after it is painted.
  const field = useRef<HTMLInputElement>(null);
  const reel = useRef<HTMLSpanElement>(null);
  const [hand, setHand] = useState<Hand>({ isOver: false, on: null });
  const pressed = useRef<number | null>(null);
  const onTheirWay = useRef(0);
  // New each time, so that the field is drawn anew even where nothing came of a press.
  const [{ ahead }, setAhead] = useState<{ readonly ahead: number | null }>({ ahead: null });
  const shown = ahead ?? value;
  const step = (by: number): void => {
    const stepped = (now: number): number => Math.min(most, Math.max(least, now + by));
    const next = stepped(pressed.current ?? shown);
    pressed.current = next;
    if (!turnReel(reel.current, next - shown) && field.current) field.current.value = String(next);
    onTheirWay.current += 1;
    const arrived = (): void => {
      onTheirWay.current -= 1;
      if (onTheirWay.current > 0) return;
      pressed.current = null;
      setAhead({ ahead: null });
    };
    afterPaint(() => {
      setTyped(null);
      setAhead({ ahead: pressed.current });
      void Promise.resolve(onChange(stepped)).then(arrived, arrived);
    });
  };
  // Drawn anew around what is shown, it stands where the last press left it.
  useLayoutEffect(() => {
    turnReel(reel.current, (pressed.current ?? shown) - shown);
  });
  const take = (): void => {
    // What cannot be one stays as it was typed, and says what it wants.
    if (typed === null || isWrong) return;
    if (Number(typed) !== shown) onChange(() => Number(typed));
    setTyped(null);
  };
  return (
    <span className="inline-flex flex-col">
      <span
        className="inline-flex items-stretch"
        role="group"
        aria-label={label}
        onPointerEnter={() => setHand((now) => ({ ...now, isOver: true }))}
        onPointerLeave={() => setHand((now) => ({ ...now, isOver: false }))}
        onFocus={({ target }) =>
          setHand((now) => ({ ...now, on: target === field.current ? 'field' : 'button' }))
        }
        onBlur={() => setHand((now) => ({ ...now, on: null }))}
      >
        <button
          type="button"
          className={classes(STEP, 'border-r-0')}
          aria-label={`Fewer ${label}`}
          disabled={shown <= least}
          onClick={() => step(-1)}
        >
          −
        </button>
        {/* A number that changes lays out nothing but itself, as its box has a size of its own. */}
        <span className="relative h-7 w-9 max-desk:h-11 max-desk:w-12 max-desk:max-[22rem]:size-9">
          <input
            ref={field}
            aria-label={`Number of ${label}`}
            inputMode="numeric"
            enterKeyHint="done"
            className="fig block size-full border border-slate/60 bg-panel text-center [contain:strict] text-[0.9375rem] text-ink max-desk:text-[1rem] aria-[invalid=true]:border-buoy"
            aria-invalid={isWrong || undefined}
            aria-describedby={isWrong ? id : undefined}
            value={typed ?? shown}
            onChange={({ target }) => setTyped(target.value.trim())}
            onFocus={({ target }) => target.select()}
            onBlur={take}
            onKeyDown={(event) => {
              if (event.key === 'Enter') take();
              else if (event.key === 'Escape') setTyped(null);
            }}
          />
          {typed === null && hand.on !== 'field' && (hand.isOver || hand.on === 'button') && (
            <Reel ref={reel} around={shown} least={least} most={most} />
          )}
        </span>
        <button
          type="button"
          className={classes(STEP, 'border-l-0')}
          aria-label={`More ${label}`}
          disabled={shown >= most}
          onClick={() => step(1)}
        >
          +
        </button>
      </span>
      {isWrong && (
        <span id={id} role="alert" className="w-0 min-w-full text-[0.75rem] whitespace-normal text-buoy">
          A whole number from {least} to {most}.
        </span>
      )}
    </span>
  );
}
