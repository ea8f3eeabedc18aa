import fc from 'fast-check';
import { canonicalJson } from '@/core/kernel/schema/canonicalJson';
import { catalogue } from '@/testing/plans';
import { WISH_LISTS } from '@/testing/lineups/wishLists';
import { buildProblem } from './buildProblem';
import type { WishesFile } from './wishes';

/** Days of one month: the same answer, and nothing kept from the one for the other. */
const [TODAY, OTHER_DAY] = ['2026-11-23', '2026-11-24'] as const;

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
});
