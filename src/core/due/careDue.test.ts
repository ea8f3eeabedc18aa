import type { Resident, Room } from '../events';
import { whenIn } from '../kernel';
import { boxesDue, claimsDue, countedBySpecies, riskDue, staysDue, careDue, type Care } from './careDue';

const when = whenIn('2026-05-20T10:00:00.000Z', 'UTC');
const at = (day: number): string => `2026-05-${String(day).padStart(2, '0')}T10:00:00.000Z`;
const one = (id: string, more: object = {}): Resident =>
  ({
    id,
    name: id,
    species: 'danio-rerio',
    tank: 'T',
    count: 1,
    inTankSince: at(1),
    nextTank: '',
    until: null,
    quarantine: 'done',
    ...more,
  }) as unknown as Resident;
const room = (...residents: readonly Resident[]): Room => ({
  residents: Object.fromEntries(residents.map((resident) => [resident.id, resident])),
  tanks: {},
  loose: [],
});

describe('care that comes round', () => {
  it('is told from a week before its day', () => {
    const care = (...lastOn: readonly string[]): Care =>
      ({
        tank: 'T',
        items: lastOn.map((on) => ({ what: 'filter', everyDays: 30, lastOn: on })),
      }) as unknown as Care;
    expect(careDue(care('2026-04-27', '2026-04-28', '2026-04-10'), when)).toEqual([
      {
        tank: 'T',
        kind: 'care',
        fact: { says: 'care', what: 'filter', lastOn: '2026-04-27', everyDays: 30 },
        overdueDays: -7,
      },
      {
        tank: 'T',
        kind: 'care',
        fact: { says: 'care', what: 'filter', lastOn: '2026-04-10', everyDays: 30 },
        overdueDays: 10,
      },
    ]);
  });
});

describe('homes for a time', () => {
  const leaves = (
    until: string,
    count: number,
    overdueDays: number,
    nextTank = '',
    species = 'danio-rerio',
  ) => ({
    tank: 'T',
    kind: 'stay',
    fact: { says: 'leaves', species, count, until, nextTank },
    overdueDays,
  });
  it('are told from three weeks before their end, those of one kind and day together', () => {
    const june = { until: '2026-06-10' };
    expect(
      staysDue(
        'T',
        room(
          one('a', { ...june, count: 4 }),
          one('b', { ...june, count: 2, nextTank: 'Quay' }),
          one('c', { ...june, nextTank: 'Fen' }),
          one('d', { ...june, species: 'corydoras-aeneus' }),
          one('e', { until: '2026-05-10' }),
          one('f', { until: '2026-06-11' }),
          one('g'),
          one('h', { ...june, tank: 'U' }),
        ),
        when,
      ),
    ).toEqual([
      leaves('2026-06-10', 1, -21, '', 'corydoras-aeneus'),
      leaves('2026-06-10', 7, -21, 'Quay'),
      leaves('2026-05-10', 1, 10),
    ]);
  });
});

describe('fish in a box', () => {
  it('are asked about on the day that was said, or after three days', () => {
    const boxed = (id: string, until: string | null) => one(id, { boxed: { since: at(10), until } });
    const item = (name: string, overdueDays: number) => ({
      tank: 'T',
      kind: 'boxed',
      fact: { says: 'boxed', name, species: 'danio-rerio', since: at(10) },
      overdueDays,
    });
    expect(boxesDue('T', room(boxed('a', null), boxed('b', '2026-05-25'), one('c')), when)).toEqual([
      item('a', 7),
      item('b', -5),
    ]);
  });
});

describe('claims with sellers', () => {
  it('are asked about after a week', () => {
    const claims = [{ from: 'Pier', about: '2 dead on arrival', since: at(11) }];
    const there = { ...room(), tanks: { T: { claims }, U: {} } } as unknown as Room;
    expect(claimsDue('T', there, when)).toEqual([
      {
        tank: 'T',
        kind: 'claim',
        fact: { says: 'claim', from: 'Pier', about: '2 dead on arrival' },
        overdueDays: 2,
      },
    ]);
    expect(claimsDue('U', there, when)).toEqual([]);
    expect(claimsDue('nowhere', there, when)).toEqual([]);
  });
});

describe('those that came without quarantine', () => {
  const fresh = (id: string, since: string, more: object = {}) =>
    one(id, { quarantine: 'none', inTankSince: since, ...more });
  it('are a risk for four weeks from the last of them', () => {
    const residents = [
      fresh('a', '2026-05-05T10:00:00.000Z', { count: 6 }),
      fresh('b', '2026-05-02T10:00:00.000Z', { count: 2 }),
      fresh('c', '2026-05-05T09:00:00.000Z', { species: 'corydoras-aeneus' }),
      fresh('old', '2026-04-22T10:00:00.000Z'),
      one('kept apart', { inTankSince: '2026-05-19T10:00:00.000Z' }),
    ];
    expect(riskDue('T', room(...residents), when)).toEqual([
      {
        tank: 'T',
        kind: 'risk',
        fact: {
          says: 'risk',
          newcomers: [
            { species: 'corydoras-aeneus', count: 1 },
            { species: 'danio-rerio', count: 8 },
          ],
          until: '2026-06-02',
        },
        overdueDays: -13,
      },
    ]);
    expect(riskDue('T', room(fresh('old', '2026-04-22T10:00:00.000Z')), when)).toEqual([]);
    expect(riskDue('T', room(fresh('just', '2026-04-23T10:00:00.000Z')), when)).toMatchObject([
      { overdueDays: -1 },
    ]);
  });
  it('are counted by species, in the order in which they live there', () =>
    expect(
      countedBySpecies([
        one('a', { species: 'z', count: 2 }),
        one('b', { species: 'a' }),
        one('c', { species: 'z' }),
      ]),
    ).toEqual([
      { species: 'z', count: 3 },
      { species: 'a', count: 1 },
    ]));
});
