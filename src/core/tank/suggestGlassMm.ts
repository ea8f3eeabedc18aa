import type { Cm } from '../kernel';

/** Panes that tanks of this water height usually have; from memory, a suggestion and never an engineering figure. */
const BY_HEIGHT: readonly (readonly [number, number])[] = [
  [30, 4],
  [40, 6],
  [50, 8],
  [60, 10],
  [75, 12],
  [Infinity, 15],
];

/** A long pane bends more: one step thicker from this length on (from memory). */
const LONG_PANE_CM = 120;
const STEP_MM = 2;

/**
 * A likely pane thickness in mm when the keeper gives none, from height and length in cm.
 * @example suggestGlassMm(120, 50) // 10
 */
export function suggestGlassMm(lengthCm: Cm, heightCm: Cm): number {
  const base = BY_HEIGHT.find(([height]) => heightCm <= height)?.[1] ?? 15;
  return lengthCm >= LONG_PANE_CM ? base + STEP_MM : base;
}
