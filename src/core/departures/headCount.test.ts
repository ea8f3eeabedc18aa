import { catalogue } from '@/testing/tabs';
import { cameOf, chasedOf, happened, memberOf } from '@/testing/happened';
import { applyEvent, EMPTY_ROOM, residentsOf, type Standing } from '../events';
import type { SpeciesProfile } from '../model';
import { headCount, hidesByNature } from './headCount';

const day = (n: number): string => new Date(Date.UTC(2026, 0, n, 12)).toISOString();
const KIND = 'labidochromis-caeruleus';
const open = catalogue.byId.get(KIND)!;
/** The same kind, were it shy or out at night. */
const like = (habits: Partial<SpeciesProfile['habits']>): SpeciesProfile => ({
  ...open,
  habits: { ...open.habits, ...habits },
});
const shoal = cameOf(day(1), [memberOf('shoal', 10)]);
const counted = (n: number, seen: number, more: object = {}): Standing =>
  happened({ type: 'counted', on: day(n), species: KIND, seen, ...more });
const saw = (n: number, resident: string | null): Standing =>
  happened({ type: 'saw', on: day(n), resident, what: 'flashing', place: '' });

const read = (happenings: readonly Standing[], profile = open) => {
  const room = happenings.reduce(applyEvent, EMPTY_ROOM);
  return headCount(profile, residentsOf(room, 'T'), happenings, 'T', (moment) =>
    Math.round((Date.parse(day(31)) - Date.parse(moment)) / 86_400_000),
  );
};

describe('a species between the record and what is seen', () => {
  it('before the first count nobody can say', () => {
    expect(read([shoal])).toMatchObject({
      species: KIND,
      onRecord: 10,
      counts: [],
      lastSeen: null,
      lastSeenDays: null,
      unaccounted: null,
      usuallySeen: null,
      allThere: null,
      dwindling: false,
      unseen: [],
      hidden: false,
    });
  });

  it('all are there when as many were seen as are on record', () => {
    expect(read([shoal, counted(3, 10)])).toMatchObject({ unaccounted: 0, allThere: 1, dwindling: false });
  });

  // Tables of the binomial distribution: n = 10, p = 0.9 and p = 0.5.
  it.each([
    [8, 0.2639],
    [5, 0.0016],
    [9, 0.6513],
  ])('%d of ten in the open: all are there with a chance of %d', (seen, chance) =>
    expect(read([shoal, counted(3, seen)]).allThere).toBeCloseTo(chance, 4),
  );
  it.each([
    [3, 0.1719],
    [5, 0.623],
    [0, 0.001],
  ])('%d of ten that hide: %d', (seen, chance) =>
    expect(read([shoal, counted(3, seen)], like({ shyness: 3 })).allThere).toBeCloseTo(chance, 4),
  );

  it('goes by what was usually seen, from two counts before the last on, and never for sure', () => {
    const halves = [counted(2, 5), counted(3, 5)];
    expect(read([shoal, counted(2, 5), counted(4, 5)]).usuallySeen).toBeNull();
    expect(read([shoal, ...halves, counted(4, 3)])).toMatchObject({ usuallySeen: 0.5 });
    expect(read([shoal, ...halves, counted(4, 3)]).allThere).toBeCloseTo(0.1719, 4);
    expect(read([shoal, counted(2, 10), counted(3, 10), counted(4, 9)]).usuallySeen).toBe(0.98);
    expect(read([shoal, counted(2, 0), counted(3, 0), counted(4, 3)]).usuallySeen).toBe(0);
    // More seen than on record: the record was short.
    expect(read([shoal, counted(2, 12), counted(3, 6), counted(4, 9)]).usuallySeen).toBeCloseTo(18 / 22, 12);
  });

  it('is seen last by a count above nothing, or by name', () => {
    const lastSeen = (...happenings: readonly Standing[]) => read([shoal, ...happenings]).lastSeen;
    expect(lastSeen(counted(3, 4), counted(5, 0))).toBe(day(3));
    expect(lastSeen(saw(8, 'shoal'), counted(3, 4))).toBe(day(8));
    expect(lastSeen(counted(3, 4), saw(8, null))).toBe(day(3));
    expect(lastSeen(counted(3, 4), saw(8, 'other'))).toBe(day(3));
    expect(lastSeen(chasedOf(day(6), 'shoal', 'other'))).toBe(day(6));
    expect(lastSeen(chasedOf(day(6), 'other', 'shoal'))).toBe(day(6));
    expect(lastSeen(chasedOf(day(6), 'other', 'another'))).toBeNull();
    expect(lastSeen(happened({ type: 'measured', on: day(7), resident: 'shoal', lengthCm: 5 }))).toBe(day(7));
    expect(lastSeen(happened({ type: 'measured', on: day(7), resident: 'other', lengthCm: 5 }))).toBeNull();
    expect(lastSeen(counted(9, 0, { who: ['other', 'shoal'] }))).toBe(day(9));
    expect(lastSeen(counted(9, 0, { who: ['other'] }))).toBeNull();
    expect(lastSeen(happened({ type: 'named', on: day(9), resident: 'shoal', name: 'x' }))).toBeNull();
    expect(read([shoal, counted(11, 4)]).lastSeenDays).toBe(20);
  });

  it('names those that were not ticked, of those that were here by then, and only while some are missed', () => {
    const three = cameOf(day(1), [memberOf('a'), memberOf('b'), memberOf('c'), memberOf('group', 2)]);
    const late = cameOf(day(9), [memberOf('late')]);
    const sameMoment = cameOf(day(4), [memberOf('just')]);
    expect(read([three, counted(4, 2, { who: ['a'] }), late]).unseen).toEqual(['b', 'c']);
    expect(read([three, sameMoment, counted(4, 2, { who: ['a'] })]).unseen).toEqual(['b', 'c', 'just']);
    expect(read([three, counted(4, 5, { who: ['a'] })]).unseen).toEqual([]);
    expect(read([three, counted(4, 2)]).unseen).toEqual([]);
  });

  it('dwindles when three counts or more fall by a sixth and nobody knows where to', () => {
    const falls = (...seen: readonly number[]): boolean =>
      read([shoal, ...seen.map((one, i) => counted(2 + i, one))]).dwindling;
    expect(falls(10, 9, 8)).toBe(true);
    expect(falls(10, 8, 8)).toBe(true);
    expect(falls(10, 9)).toBe(false);
    expect(falls(10, 7, 8)).toBe(false);
    expect(falls(9, 9, 8)).toBe(false);
    expect(falls(9, 9, 9)).toBe(false);
    // The last four counts are looked at.
    expect(falls(2, 10, 9, 9, 8)).toBe(true);
    expect(falls(2, 10, 9, 8)).toBe(false);
  });
  it('does not dwindle when what left is off the record', () => {
    const rehomed = happened({
      type: 'rehomed',
      on: day(3),
      resident: 'shoal',
      count: 3,
      reason: 'surplus',
      taker: 'Maren',
      credit: '',
    });
    expect(read([shoal, counted(2, 10), rehomed, counted(4, 7), counted(5, 7)])).toMatchObject({
      dwindling: false,
      unaccounted: 0,
    });
  });

  it('hides when it is shy or out at night', () => {
    const seen = (shyness: 0 | 1 | 2 | 3, nightActive: boolean) =>
      hidesByNature(like({ shyness, nightActive }));
    expect([seen(1, false), seen(2, false), seen(3, false), seen(0, true)]).toEqual([
      false,
      true,
      true,
      true,
    ]);
  });
});
