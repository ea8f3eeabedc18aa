import type { Standing, Step } from '@/core/events';
import { type SimStep, type SimTank, swimIn } from '@/core/simulate';
import { cameOf, chasedOf, happened, memberOf, watchedOf } from '../happened';

const DAY_MS = 86_400_000;
const BEGAN = Date.parse('2026-01-01T08:00:00.000Z');
const moment = (ms: number): string => new Date(BEGAN + ms).toISOString();

/** What a keeper did between two watches: in the record, and in the tank, which may know nothing of it. */
export interface SimulatedStep {
  readonly afterWatch: number;
  readonly recorded: Step;
  readonly done: SimStep | null;
}

/** The name of a simulated fish in the record. */
export const nameOfSim = (id: number): string => `fish-${id}`;

/**
 * What a keeper who misses nothing writes down of a simulated tank: one watch a day of so many minutes each, a step in between where
 * one is taken. The simulated hours follow each other at once, whatever the days between: two days lie on either side of a step.
 */
export function simulatedRecord(
  tank: SimTank,
  seed: number,
  watches: readonly number[],
  step: SimulatedStep | null = null,
): readonly Standing[] {
  const swim = swimIn(tank, seed);
  const record: Standing[] = [
    cameOf(
      moment(-DAY_MS),
      tank.fish.map(({ id }) => memberOf(nameOfSim(id))),
    ),
  ];
  let day = 0;
  watches.forEach((minutes, i) => {
    const [from, seen] = [swim.at, swim.contests.length];
    swim.go(minutes * 60);
    for (const { at, winner, loser, what } of swim.contests.slice(seen))
      record.push(
        chasedOf(moment(day * DAY_MS + (at - from) * 1000), nameOfSim(winner), nameOfSim(loser), { what }),
      );
    record.push(watchedOf(moment(day * DAY_MS + minutes * 60_000 + 1000), minutes));
    day += 1;
    if (step?.afterWatch !== i + 1) return;
    day += 2;
    record.push(happened({ type: 'stepped-in', on: moment(day * DAY_MS), step: step.recorded }));
    day += 3;
    if (step.done) swim.step(step.done);
  });
  return record;
}
