export type { DueFact, DueItem, SpareFact } from './dueItem';
export { dueId, dueItems, dueKey } from './dueItems';
export { spareWarning } from './waterDue';
