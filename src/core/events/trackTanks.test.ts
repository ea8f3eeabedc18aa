import { cameOf, happened, memberOf } from '@/testing/happened';
import { trackTanks } from './trackTanks';

describe('where fish are, as events go by', () => {
  it('follows arrivals, moves, parts of a group, and those that came back', () => {
    const track = trackTanks();
    const after = (event: Parameters<typeof track>[0], ...ids: string[]) => ids.map(track(event));
    expect(after(cameOf('2026-01-01', [memberOf('a'), memberOf('g', 6)]), 'a', 'g', 'nobody')).toEqual([
      'T',
      'T',
      undefined,
    ]);
    expect(after(happened({ type: 'moved', on: '2026-01-02', resident: 'a', tank: 'U' }), 'a', 'g')).toEqual([
      'U',
      'T',
    ]);
    expect(
      after(
        happened({ type: 'split', on: '2026-01-03', resident: 'g', into: [memberOf('part', 2)] }),
        'part',
      ),
    ).toEqual(['T']);
    expect(
      after(
        happened({
          type: 'back-again',
          on: '2026-01-04',
          resident: 'a',
          what: 'returned',
          count: 1,
          tank: 'Q',
        }),
        'a',
      ),
    ).toEqual(['Q']);
    // What tells of nobody's place changes none.
    expect(after(happened({ type: 'watched', on: '2026-01-05', minutes: 5 }), 'a', 'g')).toEqual(['Q', 'T']);
  });
});
