import { cameOf, happened, memberOf } from '@/testing/happened';
import type { Standing } from '../events/roomAt';
import { livesOf, withoutIncidents } from './lives';
import { lossWarnings } from './lossWarnings';

const day = (n: number): string => new Date(Date.UTC(2026, 0, n, 12)).toISOString();
const died = (on: number, resident: string, count = 1, more: Record<string, unknown> = {}): Standing =>
  happened({ type: 'died', on: day(on), resident, count, how: 'found', cause: '', ...more });

describe('a warning that a shop loses more', () => {
  const batch = (shop: string, n: number, losses: number, incident = ''): Standing[] => [
    cameOf(day(1), [memberOf(shop, n)], { from: shop }),
    ...Array.from({ length: losses }, (_, i) => died(3 + i, shop, 1, incident ? { incident } : {})),
  ];
  it('is given when it does, with few data said to be few', () => {
    const told = lossWarnings(livesOf([...batch('Pier', 10, 6), ...batch('Club', 20, 0)], '2026-03-01'), [
      'source',
    ]);
    expect(told).toEqual([
      expect.objectContaining({ by: 'source', name: 'Pier', died: 6, lives: 10, few: true }),
    ]);
    expect(told[0]!.expected).toBeLessThan(3);
  });
  it('blames no shop for one accident that took many', () => {
    expect(
      lossWarnings(
        livesOf([...batch('Pier', 10, 6, 'no dechlorinator'), ...batch('Club', 20, 0)], '2026-03-01'),
        ['source'],
      ),
    ).toEqual([]);
    const lives = livesOf(batch('Pier', 10, 6, 'x'), '2026-03-01');
    expect(withoutIncidents(lives).filter((life) => life.died)).toHaveLength(0);
  });
  const told = (...batches: readonly Standing[][]) =>
    lossWarnings(livesOf(batches.flat(), '2026-03-01'), ['source']).map(({ name, died: lost, few }) => [
      name,
      lost,
      few,
    ]);
  it('is given from three deaths on, and is of many data from eight on', () => {
    expect(told(batch('Pier', 3, 3), batch('Club', 60, 0))).toEqual([['Pier', 3, true]]);
    expect(told(batch('Pier', 2, 2), batch('Club', 60, 0))).toEqual([]);
    expect(told(batch('Pier', 12, 8), batch('Club', 30, 0))).toEqual([['Pier', 8, false]]);
    expect(told(batch('Pier', 12, 7), batch('Club', 30, 0))).toEqual([['Pier', 7, true]]);
  });
  it('names nobody where nobody is known, nor where there are no others', () => {
    expect(told(batch('', 10, 6), batch('Club', 20, 0))).toEqual([]);
    expect(told(batch('Pier', 10, 6))).toEqual([]);
  });
  it('names the worst first, each held to what remains of those that were looked at (Holm)', () => {
    expect(told(batch('Pier', 20, 9), batch('Harbour', 20, 16), batch('Club', 40, 0))).toEqual([
      ['Harbour', 16, false],
    ]);
  });
  it('is not given where shops lose alike', () => {
    expect(
      lossWarnings(livesOf([...batch('Pier', 10, 3), ...batch('Club', 10, 3)], '2026-03-01'), ['source']),
    ).toEqual([]);
  });
});

/** The keeper lives by Coordinated Universal Time. */
