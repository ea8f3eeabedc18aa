import { useWords } from '@/session/react/useWords';
import type { Cm, Mm } from '@/core/kernel';
import type { TankShape } from '@/core/model';

/** The outline of a footprint in the box around it, front below. cm. */
function outline(shape: TankShape, x: number, y: number, length: number, width: number, bow: number): string {
  const right = x + length;
  const front = y + width;
  switch (shape) {
    case 'box':
      return `M${x} ${y}H${right}V${front}H${x}Z`;
    case 'bow-front':
      // A parabola whose middle stands out by the bow: the control point lies twice as far.
      return `M${x} ${y}H${right}V${front - bow}Q${x + length / 2} ${front + bow} ${x} ${front - bow}Z`;
    case 'corner':
      return `M${x} ${y}H${right}A${length} ${width} 0 0 1 ${x} ${front}Z`;
    case 'round':
      return `M${x} ${y + width / 2}A${length / 2} ${width / 2} 0 0 1 ${right} ${y + width / 2}A${length / 2} ${width / 2} 0 0 1 ${x} ${y + width / 2}Z`;
  }
}

/** A tank seen from above, in true proportion: glass, and the longest free swim. cm. */
export function TankTop({
  lengthCm,
  widthCm,
  glassMm,
  shape = 'box',
  bowCm = 0,
  className,
}: {
  readonly lengthCm: Cm;
  readonly widthCm: Cm;
  readonly glassMm: Mm;
  readonly shape?: TankShape | undefined;
  readonly bowCm?: Cm | undefined;
  readonly className?: string;
}) {
  const words = useWords();
  const pane = glassMm / 10;
  return (
    <svg
      role="img"
      aria-label={`Seen from above: ${shape === 'box' ? '' : `${shape}, `}${words.tank('length', lengthCm)} by ${words.tank('length', widthCm)}`}
      viewBox={`-3 -3 ${lengthCm + 6} ${widthCm + 6}`}
      className={className}
      preserveAspectRatio="xMidYMid meet"
    >
      <path
        d={outline(shape, 0, 0, lengthCm, widthCm, bowCm)}
        fill="var(--panel)"
        stroke="var(--slate)"
        strokeWidth={0.5}
      />
      <path
        d={outline(
          shape,
          pane,
          pane,
          Math.max(0, lengthCm - 2 * pane),
          Math.max(0, widthCm - 2 * pane),
          bowCm,
        )}
        fill="var(--sand)"
      />
      <line
        x1={pane}
        y1={shape === 'round' ? widthCm / 2 : shape === 'corner' ? widthCm - pane : pane}
        x2={lengthCm - pane}
        y2={shape === 'round' ? widthCm / 2 : shape === 'corner' ? pane : widthCm - pane - bowCm}
        stroke="var(--deep)"
        strokeWidth={0.35}
        strokeDasharray="2 1.5"
      />
    </svg>
  );
}
