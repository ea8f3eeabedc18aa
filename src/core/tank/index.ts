export { ASK_ENGINEER_L, USUAL_FLOOR_LOAD_KPA } from './filledMass';
export type { FurnishedTank } from './furnishedTank';
export { DERIVED, furnishTank } from './furnishTank';
export { USUAL_CLEARANCE_CM, fishFirst, sameFootprint, sizesForPlace } from './placeFits';
export type { Place, ApproachAnswer } from './placeFits';
export { TAP_NITRATE_MGL, USUAL_ROUTINE } from './tankDefaults';
export { tankFigures } from './tankFigures';
export type { TankFigures } from './tankFigures';
