import type { Ref } from 'react';

/** So many numbers before and after the one that is shown. */
const REACH = 3;
/** Between not at all and wholly the browser only mixes layers anew; at either end it takes them apart. */
const [UNSEEN, SEEN] = ['0.001', '0.999'];

/**
 * A number over its field with those before and after it, of which one is seen: they are painted before a press, each on a layer of its own,
 * and a press only changes which of them is seen. That neither lays out nor paints anything. Read aloud is the field.
 */
export function Reel({
  ref,
  around,
  least,
  most,
}: {
  readonly ref: Ref<HTMLSpanElement>;
  readonly around: number;
  readonly least: number;
  readonly most: number;
}) {
  return (
    <span
      ref={ref}
      aria-hidden="true"
      className="fig pointer-events-none absolute inset-px text-[0.9375rem] text-ink max-desk:text-[1rem]"
    >
      {Array.from({ length: 2 * REACH + 1 }, (_, i) => around + i - REACH).map((number, i) => (
        <span
          key={i}
          className="absolute inset-0 grid place-items-center bg-panel pt-0.5 opacity-0 will-change-[opacity]"
        >
          {number >= least && number <= most ? number : ''}
        </span>
      ))}
    </span>
  );
}

/** Turns a reel so many numbers on from the one it was drawn around. Whether it holds that number; where it does not, none is seen. */
export function turnReel(reel: HTMLSpanElement | null, by: number): boolean {
  const seen = reel?.children[by + REACH];
  for (const one of reel?.children ?? []) (one as HTMLElement).style.opacity = one === seen ? SEEN : UNSEEN;
  return seen !== undefined;
}
