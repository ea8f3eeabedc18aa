import type { Point } from './curve';

/** A fin along the back or the belly: its type, from and to (x), how high it stands and how far it leans back. */
export interface EdgeFin {
  readonly type: string;
  readonly from: number;
  readonly to: number;
  readonly height: number;
  readonly sweep: number;
}

/** A tail fin: its type, length, half of its spread, and its lower half against the upper. */
export interface TailFin {
  readonly type: string;
  readonly length: number;
  readonly spread: number;
  readonly lower: number;
}

/** A paired fin: where its base begins, its length, and the angles of its first and last ray (0 to the tail, -90 down). */
export interface PairedFin {
  readonly x: number;
  readonly length: number;
  readonly angles: readonly [number, number];
}

/** A thread for a pelvic fin: where it begins, its length, how far it hangs, its width. */
export interface Threads {
  readonly x: number;
  readonly length: number;
  readonly drop: number;
  readonly width: number;
}

/** A barbel or bristle: root, and how far its tip lies from it; `bow` bends it. */
export interface Feeler {
  readonly root: Point;
  readonly reach: Point;
  readonly bow: number;
}

/**
 * The build of an animal, before it is dressed: outline, anchors, fins.
 *
 * All in % of the standard length: x from the snout tip (0) to the tail root (100), heights from the axis.
 */
export interface Build {
  /** The tip of the snout; its height is the level of the mouth. */
  readonly snout: Point;
  /** Stations of the back and of the belly: x and height, in pairs. */
  readonly top: readonly number[];
  readonly bottom: readonly number[];
  /** The axis bent as a wave: height, length of the wave, where it begins. */
  readonly bend?: readonly [number, number, number];
  /** Drawn length where there is no tail fin. */
  readonly total?: number;
  readonly eye?: readonly [x: number, y: number, radius: number];
  /** Length of the line of the mouth and how far it falls. */
  readonly mouth?: readonly [number, number];
  /** Rear edge of the gill cover. */
  readonly gill?: number;
  /** Where scales begin, their size, and how strongly they are hinted. */
  readonly scales?: readonly [number, number, number];
  readonly dorsal?: EdgeFin;
  readonly dorsal2?: EdgeFin;
  readonly anal?: EdgeFin;
  readonly tail?: TailFin;
  readonly adipose?: readonly [x: number, length: number, height: number];
  readonly pelvic?: PairedFin;
  readonly threads?: Threads;
  readonly pectoral?: PairedFin & { readonly level: number };
  readonly barbels?: readonly Feeler[];
  readonly bristles?: readonly Feeler[];
  readonly sucker?: readonly [x: number, length: number, drop: number];
  /** Parts that a family has of its own, behind the body and in front of it. */
  readonly behind?: readonly string[];
  readonly front?: readonly string[];
}

/** A marking as its dress says it: its name, its colour and what departs from its defaults. */
export interface Marking {
  readonly name: string;
  readonly colour: string;
  readonly numbers: Readonly<Record<string, readonly number[]>>;
  readonly colours: Readonly<Record<string, string>>;
}

/** The paint of a fin: colours from base to margin, how opaque, and marks upon it. */
export interface FinPaint {
  readonly colours: readonly string[];
  readonly opacity: number;
  readonly marks: readonly Marking[];
}

export const FIN_NAMES = ['dorsal', 'dorsal2', 'anal', 'tail', 'pelvic', 'pectoral', 'adipose'] as const;
export type FinName = (typeof FIN_NAMES)[number];

/** An animal ready to be drawn: its build, dressed. */
export interface Animal {
  readonly build: Build;
  /** Colours of the back, the flank and the belly. */
  readonly tone: readonly [string, string, string];
  readonly eyeRing: string;
  readonly fins: Readonly<Partial<Record<FinName, FinPaint>>> & { readonly all: FinPaint };
  readonly barbelColour: string;
  readonly markings: readonly Marking[];
  /** How dark the upper edge of the body is, 0 to 1. */
  readonly shade: number;
}
