type Counts = readonly [number, number, number];

const NAMES = ['top', 'middle', 'bottom'] as const;

/** "5 at the top, 11 mid-water, 19 at the bottom". */
export const layersInWords = ([top, middle, bottom]: Counts): string =>
  `${top} at the top, ${middle} mid-water, ${bottom} at the bottom`;

/** How many animals each layer has, at its height beside the glass. `tops`: shares of the height of the drawing. */
export function LayerLabels({ counts, tops }: { readonly counts: Counts; readonly tops: readonly number[] }) {
  return NAMES.map((name, i) => (
    <span
      key={name}
      className="fig pointer-events-none absolute right-0 -translate-y-1/2 bg-panel/75 px-1 text-[0.6875rem] leading-4 text-slate"
      style={{ top: `${(tops[i] as number) * 100}%` }}
    >
      {counts[i]} {name}
    </span>
  ));
}
