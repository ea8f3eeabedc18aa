export { layerCounts } from './layerCounts';
export { sceneOf } from './sceneOf';
export type { Scene, SceneAsked } from './sceneOf';
export type { Cast, FloorPiece, Habit, Place, SceneTank } from './tank';
