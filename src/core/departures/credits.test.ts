import { happened } from '@/testing/happened';
import { sumCredits } from './credits';

const gone = (credit: string) =>
  happened({
    type: 'rehomed',
    on: '2026-02-01T12:00:00.000Z',
    resident: 'a',
    count: 1,
    reason: 'surplus',
    taker: 'Maren',
    credit,
  });

describe('what takers gave in return', () => {
  it('is summed where it is a number, and counted where it is something else', () => {
    const given = ['12', 'credit 5.50', '3,25 in shop credit', 'a swap', '', '  '];
    expect(sumCredits(given.map(gone))).toEqual({ total: 20.75, counted: 3, other: 1 });
  });
});
