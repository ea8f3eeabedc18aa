/** What stands on the floor, as the floor map has it: middle, length and depth in cm, y from the back pane. */
export interface FloorPiece {
  readonly kind: string;
  readonly x: number;
  readonly y: number;
  readonly lengthCm: number;
  readonly widthCm: number;
}

/** A tank as its scene is drawn from what the keeper said. Lengths in cm. */
export interface SceneTank {
  readonly lengthCm: number;
  readonly widthCm: number;
  readonly heightCm: number;
  /** From the inside of the bottom pane to the surface. */
  readonly waterLineCm: number;
  readonly substrate: string;
  readonly substrateCm: number;
  readonly lid: boolean;
  /** 0 where there is no lamp. */
  readonly lightHours: number;
  readonly plants: 'none' | 'some' | 'dense';
  readonly caves: number;
  readonly overhangs: number;
  readonly upright: number;
  readonly floating: number;
  readonly shells: number;
  /** Share of the water that rock and wood take. */
  readonly hardscape: number;
  /** The outflow of the filter: how often an hour it turns the water over, and where along the length it stands, where the floor map says so. Null without a filter. */
  readonly filter: { readonly turnover: number; readonly atX: number | null } | null;
  /** The floor map, where there is one. */
  readonly pieces: readonly FloorPiece[];
  /** What nobody said falls by these dice. */
  readonly seed: string;
}

/** How a species keeps to its place. */
export type Habit = 'tight' | 'loose' | 'pair' | 'single' | 'bottom' | 'perch' | 'cave' | 'surface';

/** A group of the scene, from the length it has at first to the length it grows to. */
export interface SceneGroup {
  readonly key: string;
  readonly count: number;
  readonly fromCm: number;
  readonly toCm: number;
  /** Height with fins over length. */
  readonly tall: number;
  /** Shares of its time at the top, in the middle and at the bottom. */
  readonly layers: readonly [number, number, number];
  readonly habit: Habit;
}

/** Where one animal is drawn. */
export interface Place {
  readonly x: number;
  /** Its middle; for one that rests, the ground under it. */
  readonly y: number;
  /** Degrees. */
  readonly tilt: number;
  /** How near the front glass: 0 at the back. */
  readonly z: number;
  readonly facing: 'left' | 'right';
  /** A little larger or smaller than its like. */
  readonly size: number;
  readonly isResting: boolean;
  /** What is left of this line (or right of it) is hidden in a cave. */
  readonly hidden: { readonly side: 'left' | 'right'; readonly x: number } | null;
}

/** The places of a group: where each animal is at first, and where grown. */
export interface Cast {
  readonly key: string;
  readonly from: readonly Place[];
  readonly to: readonly Place[];
}
