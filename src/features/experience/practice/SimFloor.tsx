'use client';

import { type Ref, useImperativeHandle, useRef } from 'react';
import type { SimTank, Swim } from '@/core/simulate';
import { LINE_INKS } from '@/ui/chart/lines';
import { letterOf } from './usePractice';

const MARGIN_CM = 5;
/** A grid line every so many cm. */
const GRID_CM = 10;

export interface FloorHandle {
  readonly draw: (swim: Swim) => void;
}

const inkOf = (id: number): string => `var(--${LINE_INKS[id % LINE_INKS.length]})`;

/** The floor of a simulated tank from above, with its fish; `draw` moves them without the page. */
export function SimFloor({
  tank: { lengthCm, widthCm, fish },
  handle,
  truth = false,
  chosen,
}: {
  readonly tank: SimTank;
  readonly handle?: Ref<FloorHandle>;
  /** The grounds are shown. */
  readonly truth?: boolean;
  readonly chosen?: number | null;
}) {
  const marks = useRef<(SVGGElement | null)[]>([]);
  const bodies = useRef<(SVGPathElement | null)[]>([]);
  useImperativeHandle(handle, () => ({
    draw: ({ places, facing, aside }) => {
      fish.forEach(({ id }) => {
        const mark = marks.current[id];
        if (!mark) return;
        // The front glass is below.
        mark.setAttribute(
          'transform',
          `translate(${places[2 * id]!.toFixed(2)} ${(widthCm - places[2 * id + 1]!).toFixed(2)})`,
        );
        mark.setAttribute('visibility', aside.has(id) ? 'hidden' : 'visible');
        bodies.current[id]?.setAttribute('transform', `scale(${facing[id]} 1)`);
      });
    },
  }));
  const lines = (length: number): readonly number[] =>
    Array.from({ length: Math.floor(length / GRID_CM) }, (_, i) => (i + 1) * GRID_CM);
  return (
    <svg
      viewBox={`${-MARGIN_CM} ${-MARGIN_CM} ${lengthCm + 2 * MARGIN_CM} ${widthCm + 2 * MARGIN_CM}`}
      className="block w-full border border-line bg-panel"
      role="img"
      aria-label={`The floor of a simulated tank from above, with ${fish.length} fish`}
    >
      <rect width={lengthCm} height={widthCm} fill="none" stroke="var(--edge)" strokeWidth={0.5} />
      {lines(lengthCm).map((x) => (
        <line key={`x${x}`} x1={x} x2={x} y1={0} y2={widthCm} stroke="var(--line)" strokeWidth={0.15} />
      ))}
      {lines(widthCm).map((y) => (
        <line key={`y${y}`} y1={y} y2={y} x1={0} x2={lengthCm} stroke="var(--line)" strokeWidth={0.15} />
      ))}
      {/* What lies behind the glass is cut off. */}
      <svg width={lengthCm} height={widthCm}>
        {truth &&
          fish.map(
            ({ id, ground }) =>
              ground && (
                <g key={id}>
                  <circle
                    cx={ground.x}
                    cy={widthCm - ground.y}
                    r={ground.radius}
                    fill={inkOf(id)}
                    fillOpacity={0.12}
                    stroke={inkOf(id)}
                    strokeWidth={0.4}
                    strokeDasharray="2 1.4"
                  />
                  <text
                    x={ground.x}
                    y={widthCm - ground.y + 1.5}
                    fontSize={4}
                    textAnchor="middle"
                    fill="var(--ink)"
                  >
                    {letterOf(id)}
                  </text>
                </g>
              ),
          )}
      </svg>
      {!truth &&
        fish.map(({ id }) => (
          <g key={id} ref={(node) => void (marks.current[id] = node)}>
            <path
              ref={(node) => void (bodies.current[id] = node)}
              d="M5 0C3.8 2.2 0 2.6 -2.8 0.6L-5 2L-4.4 0L-5 -2L-2.8 -0.6C0 -2.6 3.8 -2.2 5 0Z"
              fill={inkOf(id)}
              stroke={chosen === id ? 'var(--ink)' : 'none'}
              strokeWidth={0.8}
            />
            <text y={1.2} fontSize={3.4} textAnchor="middle" fill="var(--paper)" fontWeight={700}>
              {letterOf(id)}
            </text>
          </g>
        ))}
    </svg>
  );
}
