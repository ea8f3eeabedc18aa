import type { Solution } from './podium';

export interface Solved {
  /** Best first; among lists of one value the search keeps those it meets first, in a fixed order. */
  readonly best: readonly Solution[];
  /** Nothing better exists: the whole space was searched or bounded away. */
  readonly proven: boolean;
  /** No list that was not looked at can be worth more than this; the least of the best when proven. */
  readonly bound: number;
  /** Nodes of the search tree that were entered. */
  readonly searched: number;
  /** Solutions that `accept` refused although their value was among the best. */
  readonly refused: number;
}

export interface SolveOptions {
  /** How many to find. */
  readonly best: number;
  /** Asked of each solution that would be among the best; a refused one is dropped and counted. */
  readonly accept?: (items: readonly number[]) => boolean;
  /** Lists of one key count as one, the best of them: `distinct` tells what makes two lists different. */
  readonly distinct?: ((items: readonly number[]) => string) | undefined;
  /** What a list loses for what speaks against it together; never less than 0. */
  readonly loss?: ((items: readonly number[]) => number) | undefined;
  /** Solutions worth no more than this are not wanted. */
  readonly floor?: number;
  /** The search stops unproven after so many nodes. */
  readonly mostNodes?: number;
  /** Asked every few thousand nodes; the search stops unproven when it says so. */
  readonly stop?: () => boolean;
  /** Told of every solution that enters the best, as the search goes. */
  readonly onBetter?: (best: readonly Solution[]) => void;
}
