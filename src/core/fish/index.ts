export { bodyMass } from './bodyMass';
export { FIT_LIMITS, mouthFit, mouthRatio } from './mouthFit';
export type { MouthFit } from './mouthFit';
export { feedPerDay, nitrateMade } from './nitrateMade';
