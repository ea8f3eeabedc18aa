import fc from 'fast-check';
import { canonicalJson } from '@/core/kernel/schema/canonicalJson';
import { catalogue } from '@/testing/plans';
import { file as wishesFor } from '@/testing/lineups/asked';
import { WISH_LISTS } from '@/testing/lineups/wishLists';
import { planGroups } from '../assess';
import type { PlannedGroup } from '../rules';
import { buildProblem, planWith } from './buildProblem';
import { judgedBefore } from './judgedBefore';
import type { WishesFile } from './wishes';

/** Days of one month: the same answer, and nothing kept from the one for the other. */
const [TODAY, OTHER_DAY] = ['2026-11-23', '2026-11-24'] as const;

const EMPTY = planWith(wishesFor([]), []);

const said = (file: WishesFile, today: string): string => {
  const { problem, candidates, dropped, why } = buildProblem(file, catalogue, today);
  return canonicalJson({
    problem,
    troubles: candidates.map(({ trouble }) => trouble),
    dropped,
    why: [...why],
  });
};

describe('what was judged before', () => {
  it('changes no answer, whichever wishes come, go and change their numbers in between', () => {
    const lists = Object.values(WISH_LISTS);
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: lists.length - 1 }),
        fc.infiniteStream(fc.integer({ min: 0, max: 1000 })),
        (at, chance) => {
          const file = lists[at] as WishesFile;
          const next = (): number => chance.next().value as number;
          const some = (): WishesFile => ({
            ...file,
            practice: next() % 3 === 0 ? { males: 'all-male' } : file.practice,
            wishes: file.wishes
              .filter(() => next() % 3 > 0)
              .slice(0, 8)
              .map((wish) =>
                next() % 2 === 0 && !wish.males && !wish.females
                  ? { ...wish, counts: [1 + (next() % 8)], weight: 1 + (next() % 3) }
                  : wish,
              ),
          });
          const asked = [some(), some(), some()];
          for (const one of asked) said(one, TODAY);
          const last = asked[0] as WishesFile;
          expect(said(last, TODAY)).toBe(said(last, OTHER_DAY));
        },
      ),
      { numRuns: 30 },
    );
  });

  it('holds only in the same tank and water', () => {
    const file = Object.values(WISH_LISTS)[0] as WishesFile;
    const hot = { ...file, water: { ...file.water, temperatureC: 32 } };
    said(file, TODAY);
    expect(said(hot, TODAY)).toBe(said(hot, OTHER_DAY));
    expect(said(hot, TODAY)).not.toBe(said(file, TODAY));
  });

  it('is asked once in a tank, and once more when four others were asked about since', () => {
    const tank = (lengthCm: number) => judgedBefore({ ...EMPTY, tank: { ...EMPTY.tank, lengthCm } }, TODAY);
    const [danios, tetras] = ['danio-rerio', 'paracheirodon-innesi'].map(
      (species) => planGroups({ groups: [{ species, count: 6 }] }, catalogue, TODAY)[0]!,
    ) as [PlannedGroup, PlannedGroup];
    const times: [number, number] = [0, 0];
    const ask = (lengthCm: number): readonly [number, number] => {
      const alone = tank(lengthCm).alone(danios, () => `judged ${(times[0] += 1)}`);
      expect(alone).toMatch(/^judged/);
      const pair = tank(lengthCm).pair(danios, tetras, () => ((times[1] += 1), []));
      expect(pair).toEqual([]);
      return [...times];
    };
    expect([ask(50), ask(50), ask(60), ask(70), ask(80), ask(50)].at(-1)).toEqual([4, 4]);
    // 60 was asked about the longest ago: it makes room for 90, 50 does not.
    expect([ask(90), ask(50), ask(60)]).toEqual([
      [5, 5],
      [5, 5],
      [6, 6],
    ]);
  });

  it('is asked in either order of a pair, and of a species beside itself each time', () => {
    const before = judgedBefore({ ...EMPTY, tank: { ...EMPTY.tank, lengthCm: 111 } }, TODAY);
    const of = (species: string) => planGroups({ groups: [{ species, count: 6 }] }, catalogue, TODAY)[0]!;
    const [danios, tetras] = [of('danio-rerio'), of('paracheirodon-innesi')];
    let times = 0;
    for (const [a, b] of [
      [danios, tetras],
      [tetras, danios],
      [danios, tetras],
      [danios, danios],
      [danios, danios],
    ] as const)
      before.pair(a, b, () => ((times += 1), []));
    expect(times).toBe(4);
  });
});
