export { mergeRooms } from './mergeRooms';
export type { RoomContents } from './mergeRooms';
export { mergeLook } from './mergeLook';
export type { MergeLook, PartThatDiffers } from './mergeLook';
export { settle } from './settle';
export type { Contradiction, Settled } from './settle';
