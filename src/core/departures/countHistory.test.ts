import { cameOf, chasedOf, happened, memberOf } from '@/testing/happened';
import type { Standing } from '../events';
import { countHistory } from './countHistory';

const day = (n: number): string => new Date(Date.UTC(2026, 0, n, 12)).toISOString();
const KIND = 'labidochromis-caeruleus';
const shoal = cameOf(day(1), [memberOf('shoal', 10)]);
const counted = (n: number, seen: number, more: object = {}): Standing =>
  happened({ type: 'counted', on: day(n), species: KIND, seen, ...more });
const died = (n: number, count: number, resident = 'shoal'): Standing =>
  happened({ type: 'died', on: day(n), resident, count, how: 'found', cause: '' });
const recounted = (n: number, count: number): Standing =>
  happened({ type: 'recounted', on: day(n), resident: 'shoal', count, why: 'lost unseen' });
const rehomed = (n: number, count: number): Standing =>
  happened({
    type: 'rehomed',
    on: day(n),
    resident: 'shoal',
    count,
    reason: 'surplus',
    taker: 'Maren',
    credit: '',
  });
const born = (n: number, count: number, more: object = {}): Standing =>
  happened({
    type: 'born',
    on: day(n),
    species: KIND,
    member: memberOf(`young ${n}`, count),
    lengthCm: 1,
    ...more,
  });
const moved = (n: number, resident: string, tank: string): Standing =>
  happened({ type: 'moved', on: day(n), resident, tank });

const open = (...happenings: readonly Standing[]): number | null =>
  countHistory([shoal, ...happenings], 'T', KIND).open;

describe('counts of a species', () => {
  it('stand beside what was on record on their day, with who was ticked by name', () => {
    expect(countHistory([shoal], 'T', KIND)).toEqual({ counts: [], open: null });
    const others = cameOf(day(1), [memberOf('d', 5)], { species: 'danio-rerio' });
    expect(
      countHistory([shoal, others, counted(3, 8), died(4, 1), counted(5, 9, { who: ['x'] })], 'T', KIND),
    ).toEqual({
      counts: [
        { on: day(3), seen: 8, onRecord: 10, who: null },
        { on: day(5), seen: 9, onRecord: 9, who: ['x'] },
      ],
      open: 0,
    });
    expect(countHistory([shoal, counted(3, 8)], 'U', KIND).open).toBeNull();
    expect(countHistory([shoal, counted(3, 8)], 'T', 'danio-rerio').open).toBeNull();
  });

  it('give the same answer for the same journal', () => {
    const happenings = [shoal, counted(3, 8)];
    expect(countHistory(happenings, 'T', KIND)).toBe(countHistory(happenings, 'T', KIND));
  });
});

describe('what is open after a count', () => {
  it('is who was not seen; a body that is found, or a fish that is given up, is one of them', () => {
    expect(open(counted(3, 8))).toBe(2);
    expect(open(counted(3, 8), died(4, 1))).toBe(1);
    expect(open(counted(3, 8), died(4, 2))).toBe(0);
    expect(open(counted(3, 8), died(4, 3))).toBe(0);
  });

  it('is a surplus where more were seen: deaths do not account for it, young that are kept do', () => {
    expect(open(counted(3, 12))).toBe(-2);
    expect(open(counted(3, 12), died(4, 1))).toBe(-2);
    expect(open(counted(3, 12), born(4, 1))).toBe(-1);
    expect(open(counted(3, 12), born(4, 5))).toBe(0);
    // Young are none of those that are missing, nor a surplus where nothing is open.
    expect(open(counted(3, 8), born(4, 3))).toBe(2);
    expect(open(counted(3, 10), born(4, 3))).toBe(0);
    // Young of another tank are none of these.
    expect(open(counted(3, 12), born(4, 1, { tank: 'U' }))).toBe(-2);
  });

  it('goes towards nothing when the record is brought to what was counted, and not beyond', () => {
    expect(open(counted(3, 8), recounted(4, 9))).toBe(1);
    expect(open(counted(3, 8), recounted(4, 5))).toBe(0);
    expect(open(counted(3, 12), recounted(4, 11))).toBe(-1);
    expect(open(counted(3, 12), recounted(4, 15))).toBe(0);
    expect(open(counted(3, 10), recounted(4, 8))).toBe(0);
  });

  it('is never more than what is on record', () => {
    expect(open(counted(3, 2), rehomed(4, 7))).toBe(3);
    expect(open(counted(3, 2), rehomed(4, 1))).toBe(8);
  });

  it('is not touched by what moves nobody', () => {
    const quiet = [
      chasedOf(day(4), 'a', 'b'),
      happened({ type: 'saw', on: day(4), resident: 'shoal', what: 'torn' }),
      happened({ type: 'watched', on: day(4), minutes: 5 }),
      happened({ type: 'noted', on: day(4), text: 'fed' }),
    ];
    expect(open(counted(3, 8), ...quiet)).toBe(2);
  });
});

describe('counts of fish that move', () => {
  it('go with the last of them to a tank that never counted its own', () => {
    const all = [shoal, counted(3, 8), moved(4, 'shoal', 'U')];
    expect(countHistory(all, 'U', KIND)).toMatchObject({ open: 2, counts: [{ seen: 8 }] });
    expect(countHistory(all, 'T', KIND)).toEqual({ counts: [], open: null });
  });

  it('stay where some of them stay', () => {
    const one = cameOf(day(2), [memberOf('one')]);
    const all = [shoal, one, counted(3, 9), moved(4, 'one', 'U')];
    expect(countHistory(all, 'T', KIND).open).toBe(2);
    expect(countHistory(all, 'U', KIND).open).toBeNull();
  });

  it('do not take the place of counts that are there', () => {
    const there = cameOf(day(2), [memberOf('there', 4)], { tank: 'U' });
    const all = [shoal, there, counted(3, 4, { tank: 'U' }), counted(3, 8), moved(4, 'shoal', 'U')];
    expect(countHistory(all, 'U', KIND)).toMatchObject({ open: 0, counts: [{ seen: 4 }] });
    expect(countHistory(all, 'T', KIND).open).toBeNull();
  });

  it('stay with fish that move within their tank, or die out there', () => {
    expect(countHistory([shoal, counted(3, 8), moved(4, 'shoal', 'T')], 'T', KIND).open).toBe(2);
    expect(countHistory([shoal, counted(3, 8), died(4, 10)], 'T', KIND)).toMatchObject({
      open: 0,
      counts: [{ seen: 8 }],
    });
  });
});
