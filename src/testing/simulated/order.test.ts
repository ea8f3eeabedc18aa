import { nameOfSim, simulatedRecord } from './record';
import { type SimTank, simTank } from '@/core/simulate';
import { seededChance, winTable } from '@/core/stats';
import { rankingCertainty } from '@/core/hierarchy/certainty';
import { hierarchyMeasures } from '@/core/hierarchy';
import { courseOf } from '@/core/hierarchy/rankingOf';

const SEEDS = Array.from({ length: 8 }, (_, i) => i + 1);
const FISH = 7;
const trueOrder = ({ fish }: SimTank): readonly string[] =>
  [...fish].sort((a, b) => b.strength - a.strength).map(({ id }) => nameOfSim(id));

/** A tank read from its record, beside what is true of it. */
function read(seed: number, watches: readonly number[]) {
  const tank = simTank(seed, FISH);
  const truth = trueOrder(tank);
  const contests = courseOf(simulatedRecord(tank, seed, watches), { tank: 'T' }).flatMap((one) =>
    'winner' in one ? [one] : [],
  );
  const { fish } = hierarchyMeasures(contests, seededChance(seed), truth);
  const table = winTable(contests, truth);
  return { truth, contests, fish, certainty: rankingCertainty(table, seededChance(seed), 400) };
}

/** The share of all pairs that stand in the right order. */
function pairsRight(order: readonly string[], truth: readonly string[]): number {
  let [right, all] = [0, 0];
  truth.forEach((above, at) =>
    truth.slice(at + 1).forEach((below) => {
      all += 1;
      if (order.indexOf(above) < order.indexOf(below)) right += 1;
    }),
  );
  return right / all;
}
const mean = (all: readonly number[]): number => all.reduce((sum, one) => sum + one, 0) / all.length;

describe('the order of simulated tanks, read from their records', () => {
  const long = SEEDS.map((seed) => read(seed, [60, 60, 60, 60, 60]));
  const short = SEEDS.map((seed) => read(seed, [10]));
  const davids = ({ fish, truth }: (typeof long)[number]): number =>
    pairsRight(
      fish.map(({ id }) => id),
      truth,
    );
  it('is the true one in nine of ten pairs after five hours, and less sure after ten minutes', () => {
    expect(mean(long.map(davids))).toBeGreaterThan(0.9);
    expect(mean(short.map(davids))).toBeLessThan(mean(long.map(davids)));
    expect(mean(short.map(davids))).toBeGreaterThan(0.6);
  });
  it('is nearly as good by Elo’s ratings', () => {
    const elo = ({ fish, truth }: (typeof long)[number]): number =>
      pairsRight(
        [...fish].sort((a, b) => b.elo - a.elo).map(({ id }) => id),
        truth,
      );
    expect(mean(long.map(elo))).toBeGreaterThan(0.85);
  });
  it('has the true place of a fish within its 95 % places nearly always', () => {
    const held = (of: typeof long): number =>
      mean(
        of.flatMap(({ truth, certainty }) =>
          truth.map((_, at) => {
            const [first, last] = certainty.places[at]!;
            return Number(first <= at + 1 && at + 1 <= last);
          }),
        ),
      );
    expect(held(long)).toBeGreaterThan(0.9);
    expect(held(short)).toBeGreaterThan(0.9);
  });
  it('says "above" of two only where that is nearly always true', () => {
    const claims = [...long, ...short].flatMap(({ truth, certainty }) =>
      truth.flatMap((_, i) =>
        truth.flatMap((__, j) => (certainty.above[i]![j]! >= 0.95 ? [Number(i < j)] : [])),
      ),
    );
    expect(claims.length).toBeGreaterThan(60);
    expect(mean(claims)).toBeGreaterThan(0.95);
  });
});
