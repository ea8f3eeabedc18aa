export { random } from './curve';
export { DRESS_KEYS, dressOf } from './dress';
export type { Dress, DressKey, Wearer } from './dress';
export { animalOf } from './dressed';
export type { Detail } from './easel';
export { markingsOf } from './markingsOf';
export { plainDress } from './plainDress';
export { flatOf, plateOf, prefixOf } from './plate';
export type { Flat, Plate } from './plate';
