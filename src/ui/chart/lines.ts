import type { PointStyle } from 'chart.js';
import { upTo } from '@/words/en';

/** Inks of the app by name, as they stand in light and in dark. */
export const INKS = ['ink', 'slate', 'line', 'deep', 'kelp', 'lamp', 'buoy'] as const;
/** Inks for lines that stand for nothing but themselves, told apart by dashes too. */
export const LINE_INKS = ['line-1', 'line-2', 'line-3', 'line-4', 'line-5', 'line-6'] as const;
export type Ink = (typeof INKS)[number] | (typeof LINE_INKS)[number];

export interface Point {
  readonly x: number;
  readonly y: number;
}

/** One line of a chart, or a row of marks where it is bare. */
export interface ChartLine {
  readonly label: string;
  readonly points: readonly Point[];
  /** An ink by name, or a colour that the app gave to a fish. */
  readonly ink: Ink | `#${string}`;
  readonly dash?: readonly number[];
  readonly weight?: number;
  /** Radius of the mark at each point, px; none is drawn without it. */
  readonly dots?: number;
  readonly mark?: PointStyle;
  readonly bare?: boolean;
  readonly stepped?: boolean;
  /** A mark at its end tells the line where its colour does not. */
  readonly endMark?: boolean;
}

export interface Axis {
  /** What is measured, with its unit. */
  readonly label: string;
  readonly min?: number;
  readonly max?: number;
  readonly fromZero?: boolean;
  /** Each whole step bears its words. */
  readonly everyStep?: boolean;
  /** A value as it is written. */
  readonly write?: (value: number) => string;
}

/** A line from top to bottom: something happened there. */
export interface Upright {
  readonly at: number;
  readonly ink: Ink;
  readonly dash: readonly number[];
}

export interface ChartProps {
  /** What the chart shows, read aloud. */
  readonly label: string;
  readonly lines: readonly ChartLine[];
  readonly x: Axis;
  readonly y: Axis;
  readonly uprights?: readonly Upright[];
  /** Height, px. */
  readonly height?: number;
}

/** Digits of a value that nobody said how to write. */
const DIGITS = 1;
export const written = (axis: Axis, value: number): string => axis.write?.(value) ?? upTo(value, DIGITS);

/** The points of a chart as rows: where, then what each line says there; blank where it says nothing. */
export function tableOf({
  lines,
  x,
  y,
}: Pick<ChartProps, 'lines' | 'x' | 'y'>): readonly (readonly string[])[] {
  const places = [...new Set(lines.flatMap(({ points }) => points.map((point) => point.x)))].sort(
    (a, b) => a - b,
  );
  const columns = lines.map(({ points }) => new Map(points.map((point) => [point.x, point.y])));
  return places.map((place) => [
    written(x, place),
    ...columns.map((column) => {
      const value = column.get(place);
      return value === undefined ? '' : written(y, value);
    }),
  ]);
}
