import { ladderCertainty, rungsOf, type Certainty } from '@/core/order/certainty';
import { orderMeasures, type OrderMeasures } from '@/core/order/orderMeasures';
import { davidsScore } from '@/core/stats/davidsScore';
import { seededChance } from '@/core/stats/seededChance';
import { winTable, type Win } from '@/core/stats/winTable';

export interface OrderAnswer {
  readonly measures: OrderMeasures;
  /** The fish in the order in which `certainty` has them. */
  readonly ids: readonly string[];
  readonly certainty: Certainty;
  /** Names by rung, those that cannot be told apart together. */
  readonly rungs: readonly (readonly string[])[];
  readonly tookMs: number;
}

/** The same contests give the same answer. */
const SEED = 20_261;

/** What the order worker does; plain functions, so that a test and a bench can call them without a worker. */
export const orderWork = {
  /** Every measure of an order, with how sure it is. */
  order: (contests: readonly Win[], among: readonly string[], rounds?: number): OrderAnswer => {
    const started = performance.now();
    const chance = seededChance(SEED);
    const measures = orderMeasures(contests, chance, among);
    const table = winTable(contests, among);
    const certainty = ladderCertainty(table, chance, rounds);
    const rungs = rungsOf(davidsScore(table).normalised, certainty.above).map((rung) =>
      rung.map((index) => table.ids[index] as string),
    );
    return { measures, ids: table.ids, certainty, rungs, tookMs: performance.now() - started };
  },
};
export type OrderWork = typeof orderWork;
