/** A tank seen from above, in true proportion: glass, free swim along the diagonal. cm. */
export function TankTop({
  lengthCm,
  widthCm,
  glassMm,
  className,
}: {
  readonly lengthCm: number;
  readonly widthCm: number;
  readonly glassMm: number;
  readonly className?: string;
}) {
  const pane = glassMm / 10;
  return (
    <svg
      role="img"
      aria-label={`Seen from above: ${lengthCm} by ${widthCm} cm`}
      viewBox={`-3 -3 ${lengthCm + 6} ${widthCm + 6}`}
      className={className}
      preserveAspectRatio="xMidYMid meet"
    >
      <rect
        x={0}
        y={0}
        width={lengthCm}
        height={widthCm}
        fill="var(--panel)"
        stroke="var(--slate)"
        strokeWidth={0.5}
      />
      <rect
        x={pane}
        y={pane}
        width={Math.max(0, lengthCm - 2 * pane)}
        height={Math.max(0, widthCm - 2 * pane)}
        fill="var(--sand)"
      />
      <line
        x1={pane}
        y1={pane}
        x2={lengthCm - pane}
        y2={widthCm - pane}
        stroke="var(--deep)"
        strokeWidth={0.35}
        strokeDasharray="2 1.5"
      />
    </svg>
  );
}
