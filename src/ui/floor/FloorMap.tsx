'use client';

import { type KeyboardEvent, memo, type ReactNode, type Ref } from 'react';
import type { Piece, Point, Polygon } from '@/core/sightlines';
import { classes } from '../classes';
import { corners, PieceMark } from './PieceMark';

/** The ground of a holder on the map. */
export interface Ground {
  readonly id: string;
  readonly name: string;
  readonly colour: string;
  readonly shape: Polygon;
  readonly centre: Point;
  /** How sure it is; a guess is drawn with dots. */
  readonly sureness: 'a guess' | 'likely' | 'sure';
}

/** Rings within which so many contests an hour happen, the lowest first. */
export interface Level {
  readonly rings: readonly Polygon[];
}

interface Props {
  readonly lengthCm: number;
  readonly widthCm: number;
  readonly pieces: readonly Piece[];
  readonly levels?: readonly Level[];
  readonly contests?: readonly Point[];
  readonly grounds?: readonly Ground[];
  /** What a holder sees, and where it sits. */
  readonly seen?: Polygon | null;
  readonly holder?: Point | null;
  /** A place that is meant now. */
  readonly here?: Point | null;
  readonly label: string;
  readonly className?: string;
  /** Called with the place of a press, cm from the left and from the front. Arrows move the place that is meant now. */
  readonly onPress?: (at: Point) => void;
  readonly svgRef?: Ref<SVGSVGElement>;
  /** What lies over the map. */
  readonly children?: ReactNode;
}

/** An arrow moves the place that is meant by so much; with Shift by so much, cm. */
const [STEP_CM, FINE_CM] = [5, 1];
const ARROWS: Readonly<Record<string, Point>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

const DASHES = { 'a guess': '0.6 1.6', likely: '2.2 1.6', sure: '4 1.4' } as const;

/** The floor of a tank from above, front glass below, in true proportion: one map for every screen. */
export const FloorMap = memo(function FloorMap({
  lengthCm,
  widthCm,
  pieces,
  levels = [],
  contests = [],
  grounds = [],
  seen = null,
  holder = null,
  here = null,
  label,
  className,
  onPress,
  svgRef,
  children,
}: Props) {
  const text = lengthCm / 36;
  const keys = (event: KeyboardEvent): void => {
    const way = ARROWS[event.key];
    // Pieces on the map have keys of their own.
    if (!way || !onPress || event.target !== event.currentTarget) return;
    event.preventDefault();
    const step = event.shiftKey ? FINE_CM : STEP_CM;
    const [x, y] = here ?? holder ?? [lengthCm / 2, widthCm / 2];
    onPress([
      Math.min(lengthCm, Math.max(0, x + way[0] * step)),
      Math.min(widthCm, Math.max(0, y + way[1] * step)),
    ]);
  };
  return (
    <svg
      ref={svgRef}
      role="group"
      aria-label={label}
      viewBox={`0 0 ${lengthCm} ${widthCm}`}
      className={classes('block w-full border-2 border-slate bg-(--scene-sand)', className)}
      {...(onPress && { tabIndex: 0, onKeyDown: keys })}
      onPointerDown={
        onPress
          ? (event) => {
              const box = event.currentTarget.getBoundingClientRect();
              onPress([
                ((event.clientX - box.left) / box.width) * lengthCm,
                widthCm - ((event.clientY - box.top) / box.height) * widthCm,
              ]);
            }
          : undefined
      }
    >
      {seen && (
        <>
          <rect
            width={lengthCm}
            height={widthCm}
            fill="var(--slate)"
            fillOpacity={0.16}
            pointerEvents="none"
          />
          <polygon points={corners(seen, widthCm)} fill="var(--scene-sand)" pointerEvents="none" />
        </>
      )}
      <g pointerEvents="none">
        {levels.map(({ rings }, i) =>
          rings.map((ring, k) => (
            <polygon
              key={`${i}.${k}`}
              points={corners(ring, widthCm)}
              fill="var(--deep)"
              fillOpacity={0.16}
              stroke="var(--deep)"
              strokeOpacity={0.5}
              strokeWidth={0.25}
            />
          )),
        )}
      </g>
      <g pointerEvents="none">
        {pieces.map((piece, i) => (
          <PieceMark key={i} piece={piece} widthCm={widthCm} />
        ))}
      </g>
      <g pointerEvents="none">
        {contests.map(([x, y], i) => (
          <path
            key={i}
            d={`M${x - 0.8} ${widthCm - y - 0.8}l1.6 1.6m0-1.6l-1.6 1.6`}
            stroke="var(--ink)"
            strokeWidth={0.35}
          />
        ))}
        {grounds.map(({ id, name, colour, shape, centre, sureness }) => (
          <g key={id}>
            <polygon
              points={corners(shape, widthCm)}
              fill={colour}
              fillOpacity={0.08}
              stroke={colour}
              strokeWidth={0.6}
              strokeDasharray={DASHES[sureness]}
            />
            <text
              x={centre[0]}
              y={widthCm - centre[1] + text / 3}
              fontSize={text}
              fontWeight={600}
              textAnchor="middle"
              fill={colour}
              stroke="var(--paper)"
              strokeWidth={text / 6}
              paintOrder="stroke"
            >
              {name}
            </text>
          </g>
        ))}
        {here && (
          <circle
            cx={here[0]}
            cy={widthCm - here[1]}
            r={2}
            fill="none"
            stroke="var(--buoy)"
            strokeWidth={0.7}
          />
        )}
        {holder && (
          <circle
            cx={holder[0]}
            cy={widthCm - holder[1]}
            r={1.8}
            fill="var(--buoy)"
            stroke="var(--paper)"
            strokeWidth={0.4}
          />
        )}
      </g>
      {children}
    </svg>
  );
});
