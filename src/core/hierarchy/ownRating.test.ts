import fc from 'fast-check';
import { type Contest, ELO_START, type Return } from './eloRanking';
import { ownRating } from './ownRating';
import { rankingFrom } from './rankingOf';

const anyCourse: fc.Arbitrary<readonly (Contest | Return)[]> = fc
  .array(
    fc.oneof(
      { weight: 9, arbitrary: fc.tuple(fc.nat(4), fc.integer({ min: 1, max: 4 }), fc.boolean()) },
      { weight: 1, arbitrary: fc.tuple(fc.nat(4), fc.constant(0), fc.constant(false)) },
    ),
  )
  .map((steps) =>
    steps.map(([who, by, undecided], i) =>
      by === 0
        ? { back: `f${who}`, on: String(i) }
        : { winner: `f${who}`, loser: `f${(who + by) % 5}`, on: String(i), undecided },
    ),
  );

describe('the rating of one fish', () => {
  it('is what the ranking gives it, at each of its contests (property)', () =>
    fc.assert(
      fc.property(anyCourse, (course) => {
        const { ranked, trace } = rankingFrom(course, ['f0']);
        const own = ownRating(course, 'f0');
        const steps = trace.filter((step) => step.winner === 'f0' || step.loser === 'f0');
        expect(own.at.map(String)).toEqual(steps.map(({ on }) => on));
        expect(own.won).toBe(steps.filter((step) => step.winner === 'f0' && !step.undecided).length);
        expect(own.lost).toBe(steps.filter((step) => step.loser === 'f0' && !step.undecided).length);
        const cameBack = course.findLastIndex((one) => 'back' in one && one.back === 'f0');
        if (own.at.length > 0 && own.at.at(-1)! > cameBack)
          expect(own.ratings.at(-1)).toBe(ranked.find(({ id }) => id === 'f0')!.rating);
      }),
    ));
  // Elo 1978, k 100: an even contest moves half of k.
  it('moves by half of what is at stake where both stand alike', () =>
    expect(ownRating([{ winner: 'a', loser: 'b', on: '0' }], 'b')).toEqual({
      at: [0],
      ratings: [ELO_START - 50],
      won: 0,
      lost: 1,
    }));
});
