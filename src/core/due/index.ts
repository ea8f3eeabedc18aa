export type { DueItem } from './dueItem';
export { dueItems, dueKey } from './dueItems';
export { spareWarning } from './waterDue';
