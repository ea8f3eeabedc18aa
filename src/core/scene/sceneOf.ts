import { castOf } from './cast';
import { type Stage, stageOf } from './stage';
import type { Cast, SceneGroup, SceneTank } from './tank';

/** A scene that is asked for. */
export interface SceneAsked {
  readonly tank: SceneTank;
  readonly groups: readonly SceneGroup[];
  /** A thumbnail: no grain, no hatching, fewer leaves. */
  readonly isSmall: boolean;
}

/** A tank drawn once, and where its fish are. */
export interface Scene {
  /** What stands in the water, in steps of `steps` a cm. */
  readonly art: string;
  readonly steps: number;
  /** Down from the rim to the surface; water over the ground; thickness of the panes. cm */
  readonly surface: number;
  readonly free: number;
  readonly pane: number;
  readonly casts: readonly Cast[];
}

/** A tank set up stays set up while its fish change. */
const stages = new Map<string, Stage>();
const KEPT = 60;

function stageFor(tank: SceneTank, isSmall: boolean): Stage {
  const key = JSON.stringify([tank, isSmall]);
  const had = stages.get(key);
  if (had) return had;
  const stage = stageOf(tank, isSmall);
  if (stages.size >= KEPT) stages.delete(stages.keys().next().value as string);
  stages.set(key, stage);
  return stage;
}

/** A scene: the tank, and the places of its groups. */
export function sceneOf({ tank, groups, isSmall }: SceneAsked): Scene {
  const stage = stageFor(tank, isSmall);
  const { surface, free, pane } = stage.ground;
  return { art: stage.art, steps: stage.steps, surface, free, pane, casts: castOf(stage, groups) };
}
