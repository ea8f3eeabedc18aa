'use client';

import { memo, useId } from 'react';
import type { Scene, SceneTank } from '@/core/scene';
import { classes } from '../classes';

interface Props {
  readonly tank: SceneTank;
  /** What stands in it; the bare glass until it is drawn. */
  readonly scene: Scene | null;
  /** The part of the plane that is shown: left, top, width, height; cm. */
  readonly frame: readonly [number, number, number, number];
  /** One px, in cm. */
  readonly hair: number;
  readonly isSmall: boolean;
  /** Animals at the top, in the middle and at the bottom: a fuller layer is tinted more. */
  readonly layers: readonly [number, number, number] | null;
  readonly tickCm?: number | undefined;
}

/** Tint of the fullest layer. */
const FULLEST = 0.09;

/** A tank without its fish: lamp, water, what stands in it, panes, lid and ticks. A layer of its own that fish do not touch. */
export const TankDrawing = memo(function TankDrawing({
  tank,
  scene,
  frame,
  hair,
  isSmall,
  layers,
  tickCm,
}: Props) {
  const id = useId();
  const { lengthCm, heightCm } = tank;
  const [left, top] = frame;
  const [margin, head] = [-left, -top];
  const pane = scene?.pane ?? 0.6;
  const surface = scene?.surface ?? Math.max(1, heightCm - tank.waterLineCm);
  return (
    <svg
      // Fish move over the large one; the small ones stand still, and a layer of their own would cost each frame.
      className={classes('block size-full [max-height:inherit]', !isSmall && 'will-change-transform')}
      viewBox={frame.join(' ')}
      aria-hidden="true"
    >
      <defs>
        <linearGradient id={`${id}l`} x2="0" y2="1">
          <stop stopColor="var(--scene-light)" stopOpacity={Math.min(0.6, tank.lightHours / 16)} />
          <stop offset={0.75} stopColor="var(--scene-light)" stopOpacity={0} />
        </linearGradient>
        <clipPath id={`${id}c`}>
          <rect width={lengthCm} height={heightCm - pane / 2} />
        </clipPath>
      </defs>
      {tank.lightHours > 0 && (
        <rect
          x={lengthCm * 0.14}
          y={-head * 0.85}
          width={lengthCm * 0.72}
          height={head * 0.35}
          fill="var(--lamp)"
          fillOpacity={0.3}
          stroke="var(--lamp)"
          strokeWidth={hair}
        />
      )}
      <rect y={surface} width={lengthCm} height={Math.max(0, heightCm - surface)} fill="var(--water)" />
      <rect y={surface} width={lengthCm} height={Math.max(0, heightCm - surface)} fill={`url(#${id}l)`} />
      <g clipPath={`url(#${id}c)`}>
        {scene &&
          layers?.map((count, third) => (
            <rect
              key={third}
              y={surface + (scene.free * third) / 3}
              width={lengthCm}
              height={scene.free / 3}
              fill="var(--deep)"
              fillOpacity={(FULLEST * count) / Math.max(1, ...layers)}
            />
          ))}
        {scene && !isSmall && (
          <path
            d={[1, 2].map((third) => `M0 ${surface + (scene.free * third) / 3}H${lengthCm}`).join('')}
            stroke="var(--deep)"
            strokeOpacity={0.22}
            strokeWidth={hair}
            strokeDasharray={`${6 * hair}`}
          />
        )}
        {scene && (
          <g transform={`scale(${1 / scene.steps})`} dangerouslySetInnerHTML={{ __html: scene.art }} />
        )}
      </g>
      <path
        d={`M0 0V${heightCm}H${lengthCm}V0H${lengthCm - pane}V${heightCm - pane}H${pane}V0Z`}
        fill="var(--slate)"
        fillOpacity={isSmall ? 0.6 : 0.28}
        stroke="var(--slate)"
        strokeWidth={hair}
      />
      <path
        d={`M${pane} ${surface}H${lengthCm - pane}`}
        stroke="var(--deep)"
        strokeWidth={hair * 1.6}
        strokeOpacity={0.75}
      />
      {tank.lid && (
        <path
          d={`M${-margin / 2} ${-head * 0.25}H${lengthCm + margin / 2}`}
          stroke="var(--slate)"
          strokeOpacity={0.45}
          strokeWidth={isSmall ? hair : hair * 4}
        />
      )}
      {tickCm !== undefined && (
        <path
          d={Array.from({ length: Math.floor(lengthCm / tickCm + 1e-9) + 1 }, (_, i) => {
            const long = i % 5 === 0 ? 2.4 : 1.4;
            return `M${i * tickCm} ${heightCm + 0.5}v${long}`;
          }).join('')}
          stroke="var(--slate)"
          strokeWidth={hair}
        />
      )}
    </svg>
  );
});
