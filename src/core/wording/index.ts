export { describeEvent } from './describeEvent';
export type { Names } from './describeEvent';
export { The, capital, countOf, figure, list, listSome, plural, span, the } from './words';
