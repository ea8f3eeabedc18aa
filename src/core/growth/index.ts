export { growthBand, lengthBand } from './growthBand';
export { lengthsByMonth } from './lengthsByMonth';
export { HORIZON_MONTHS, lengthAfterMonths, monthsToGrownAt, monthsUntilLength } from './speciesGrowth';
export { speciesRate } from './speciesGrowth';
