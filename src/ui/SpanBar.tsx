interface Props {
  /** Where the bar begins and ends, in shares of the whole, 0 to 1. */
  readonly from: number;
  readonly to: number;
  /** What is most likely, as a mark on the bar. */
  readonly at?: number | undefined;
  /** What it is held against: full, or as before. */
  readonly against?: number;
  readonly warn?: boolean;
}

const share = (value: number): number => Math.max(0, Math.min(1, value)) * 100;

/** A span on a line, with a mark on it and what it is held against. The figures stand beside it. */
export function SpanBar({ from, to, at, against, warn = false }: Props) {
  const upright = (x: number, top: number, width: number, dash?: string) => (
    <line
      x1={x}
      x2={x}
      y1={top}
      y2={12 - top}
      stroke="var(--ink)"
      strokeWidth={width}
      strokeDasharray={dash}
      vectorEffect="non-scaling-stroke"
    />
  );
  const level = (x1: number, x2: number, ink: string, width: number) => (
    <line x1={x1} x2={x2} y1={6} y2={6} stroke={ink} strokeWidth={width} vectorEffect="non-scaling-stroke" />
  );
  return (
    <svg viewBox="0 0 100 12" className="h-3 w-full min-w-24" preserveAspectRatio="none" aria-hidden="true">
      {level(0, 100, 'var(--line)', 1)}
      {level(share(from), share(to), warn ? 'var(--buoy)' : 'var(--deep)', 4)}
      {against !== undefined && upright(share(against), 0, 1, '2 2')}
      {at !== undefined && upright(share(at), 1, 2)}
    </svg>
  );
}
