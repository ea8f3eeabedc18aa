export { templateOf, TEMPLATES } from './templates';
export { densityOf, ringsOf, SQUARE_CM } from './density';
export { COLUMNS, exactPlace, type Place, placeOf, placeText, ROWS, sectionOf } from './place';
export { groundOf, HOLDS_WEIGHT, type Sighting, territoryOf, WON_WEIGHT } from './territory';
export { settle, type Settler } from './settle';
