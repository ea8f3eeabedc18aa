export { growthBand, lengthBand } from './growthBand';
export { lengthsByMonth } from './lengthsByMonth';
export { HORIZON_MONTHS, lengthAfterMonths, monthsUntilLength } from './speciesGrowth';
export { speciesRate } from './speciesGrowth';
