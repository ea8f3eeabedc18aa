/** A point of a fin's margin: where along the base (0 to 1), how high, how far it leans back, whether it is a corner. */
export type MarginPoint = readonly [u: number, height: number, sweep: number, corner?: boolean];

/** A type of fin along the back or the belly. */
export interface EdgeFinType {
  readonly margin: readonly MarginPoint[];
  /** The share of the base whose rays are spines and stand out; less below where the back and the belly differ. */
  readonly spines?: number;
  readonly spinesBelow?: number;
  /** Long soft fins have an uneven edge. */
  readonly isRippled?: boolean;
}

/** A type of tail fin: points from the upper ray to the middle (mirrored below), or to the lower ray. */
export interface TailFinType {
  readonly margin: readonly MarginPoint[];
  readonly isWhole?: boolean;
  readonly isLong?: boolean;
}
