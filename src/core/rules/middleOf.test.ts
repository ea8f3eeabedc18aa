import fc from 'fast-check';
import { middleOf } from './middleOf';

describe('water to propose', () => {
  it.each([
    [[12, 15.4], 13.5],
    [[6.5, 6.8], 6.5],
    [[6.6, 6.9], 6.8],
    [[6.1, 6.4], 6.3],
    [[6.7, 6.7], 6.7],
    // Hardness that was typed in ppm.
    [[8.93, 8.99], 8.96],
    [[6.251, 6.2515], 6.25125],
  ] as const)('%p is %p', (range, wanted) => expect(middleOf(range)).toBeCloseTo(wanted, 10));
  it('lies within the range, whatever that is', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 40, noNaN: true }),
        (a, b) => {
          const [low, high] = [Math.min(a, b), Math.max(a, b)];
          expect(middleOf([low, high])).toBeGreaterThanOrEqual(low);
          expect(middleOf([low, high])).toBeLessThanOrEqual(high);
        },
      ),
    ));
});
