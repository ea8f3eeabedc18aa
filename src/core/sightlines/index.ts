export { PIECES, bestBreak, isInSight, mapChange, shapeOf, sightFrom } from './sightlines';
export type { BestBreak, Piece } from './sightlines';
export type { Floor, Point, Polygon } from './visiblePolygon';
