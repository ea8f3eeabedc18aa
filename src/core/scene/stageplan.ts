import type { Clutter } from './clutter';
import type { Ground } from './ground';
import type { SceneTank } from './tank';

/** A hole that fish hold: its middle, its width, and the ground before it. */
export interface Cave {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly ground: number;
  /** The side to which it opens, where it has one. */
  readonly out: 'left' | 'right' | null;
}

/** A shell: its mouth, the ground under it, and the side to which it opens. */
export interface Shell {
  readonly x: number;
  readonly y: number;
  readonly z: number;
  readonly ground: number;
  readonly out: 'left' | 'right';
}

/** What everything that stands in a tank shares while it is set up. */
export interface Setup {
  readonly tank: SceneTank;
  readonly ground: Ground;
  readonly clutter: Clutter;
  /** Dice of one part: a change of one thing does not move the others. */
  readonly dice: (part: string) => () => number;
  /** Whole drawing steps a cm. */
  readonly steps: number;
  readonly isSmall: boolean;
  /** Width of a hairline in cm. */
  readonly hair: number;
  /** The way the current goes, and how strong it is: -1 hard to the left, 0 still, 1 hard to the right. */
  readonly current: number;
  /** Puts a drawing at a depth: 0 at the back pane, 1 at the front glass. */
  readonly put: (z: number, art: string) => void;
  /** A drawing that is used again and again; returns its identifier. */
  readonly define: (name: string, make: (id: string) => string) => string;
  readonly caves: Cave[];
  readonly shells: Shell[];
  /** Places on which shrimps and ferns sit. */
  readonly perches: { readonly x: number; readonly y: number }[];
  /** Where floating plants hang. */
  readonly rafts: number[];
}
