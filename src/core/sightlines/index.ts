export { LARGEST_PIECE_CM, PIECES, bestBreak, isInSight, mapChange, shapeOf, sightFrom } from './sightlines';
export type { BestBreak, Piece } from './sightlines';
export type { Floor, Point, Polygon } from './visiblePolygon';
