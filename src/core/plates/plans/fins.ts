import type { Build, EdgeFin, Feeler, PairedFin, TailFin, Threads } from '../animal';

/** A fin along the back or the belly. */
export const edge = (type: string, from: number, to: number, height: number, sweep = 1): EdgeFin => ({
  type,
  from,
  to,
  height,
  sweep,
});

export const tail = (type: string, length: number, spread: number, lower = 1): TailFin => ({
  type,
  length,
  spread,
  lower,
});

export const pelvic = (x: number, length: number, first = -62, last = -22): PairedFin => ({
  x,
  length,
  angles: [first, last],
});

export const pectoral = (
  x: number,
  level: number,
  length: number,
  first = 20,
  last = -36,
): NonNullable<Build['pectoral']> => ({ x, level, length, angles: [first, last] });

export const threads = (x: number, length: number, drop = 0.5, width = 0.9): Threads => ({
  x,
  length,
  drop,
  width,
});

/** Feelers, each as x, y of its root and how far the tip lies from it; a fifth number bows it. */
export const feelers = (
  ...list: readonly (readonly [number, number, number, number, number?])[]
): readonly Feeler[] => list.map(([x, y, dx, dy, bow = 0]) => ({ root: [x, y], reach: [dx, dy], bow }));
