export { minutesNeededInSteps, scoreReading, stepTriedInSteps } from './reading';
export type { Judged, Logged, ReadingScore } from './reading';
export { SIM_STEPS, swimIn } from './swim';
export type { SimStep, Swim } from './swim';
export { SIM_TRIGGERS, simTank } from './tank';
export type { SimTank, SimTrigger } from './tank';
