export { approachName } from './approaches';
export { METRIC } from './quantities';
export { sayingsFor } from './sayings';
export type { Sayings } from './sayings';
export { monthName } from './words';
