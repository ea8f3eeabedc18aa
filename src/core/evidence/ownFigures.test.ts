import { cameOf, happened, memberOf } from '@/testing/happened';
import { catalogue } from '@/testing/plans';
import { adultLengthCm } from '../model';
import { posteriorRate } from '../stats';
import { longestMeasured, ownFigures, ownTemper, withOwnFigure } from './ownFigures';

const lab = catalogue.byId.get('labidochromis-caeruleus')!;
const withTemper = (mature: number, young = mature) => ({
  ...lab,
  company: { ...lab.company, temper: { young, mature } },
});
const [gentle, pushy, rough, deadly] = [0, 1, 2, 3].map((level) => withTemper(level)) as [
  typeof lab,
  typeof lab,
  typeof lab,
  typeof lab,
];
const LONG = 60;

describe('temper as this room saw it', () => {
  it('is the catalogue’s belief, as heavy as one contest, and what was watched', () => {
    const seen = { months: 1, started: 120, fishHours: 20 };
    expect(ownTemper(gentle, seen)).toEqual({
      said: 0,
      here: 2,
      saidRate: 0.1,
      seenRate: 6,
      fishHours: 20,
      together: posteriorRate({ shape: 1, rate: 10 }, { events: 120, hours: 20 }),
    });
    expect(ownTemper(gentle, { months: 1, started: 60, fishHours: 90 })?.here).toBe(1);
  });
  it('is rougher at once, milder only after a year that grown fish were watched for hours', () => {
    const quiet = { months: LONG, started: 0, fishHours: 60 };
    expect(ownTemper(rough, quiet)?.here).toBe(0);
    expect(ownTemper(rough, { ...quiet, months: lab.size.monthsToGrown - 1 })).toBeNull();
    // Nothing in fifteen hours would be milder by its limits, and is too short a look.
    expect(ownTemper(rough, { ...quiet, fishHours: 15 })).toBeNull();
    expect(ownTemper(rough, { months: 0, started: 0, fishHours: 60 })).toBeNull();
  });
  it('says nothing where it is the same, where limits reach over two levels, or where nobody watched', () => {
    expect(ownTemper(pushy, { months: LONG, started: 20, fishHours: 20 })).toBeNull();
    expect(ownTemper(gentle, { months: LONG, started: 2, fishHours: 4 })).toBeNull();
    expect(ownTemper(gentle, { months: LONG, started: 0, fishHours: 0 })).toBeNull();
    expect(ownTemper(rough, { months: LONG, started: 400, fishHours: 20 })).toBeNull();
  });
  it('never touches a killer, and makes none', () => {
    expect(ownTemper(deadly, { months: LONG, started: 0, fishHours: 500 })).toBeNull();
    expect(ownTemper(pushy, { months: LONG, started: 5000, fishHours: 20 })?.here).toBe(2);
  });
});

describe('figures of this room’s own fish', () => {
  const measured = (resident: string, lengthCm: number) =>
    happened({ type: 'measured', on: '2026-09-01T12:00:00.000Z', resident, lengthCm });
  const born = happened({
    type: 'born',
    on: '2026-02-01T12:00:00.000Z',
    tank: 'one',
    species: 'neolamprologus-leleupi',
    member: memberOf('young'),
    lengthCm: 1,
    note: '',
  } as never);
  it('know the longest fish of each species that was measured, young of the room’s own too', () =>
    expect([
      ...longestMeasured([
        cameOf('2026-01-01T12:00:00.000Z', [memberOf('a'), memberOf('b')], { lengthCm: 30 }),
        born,
        measured('a', 8),
        measured('b', 11),
        measured('a', 9),
        measured('young', 4),
        measured('nobody', 50),
      ]),
    ]).toEqual([
      [lab.id, 11],
      ['neolamprologus-leleupi', 4],
    ]));

  const adult = adultLengthCm(lab);
  const nothing = { grown: [], longestCm: undefined, withOthers: undefined };
  const score = (months: number, measuredCm: number) => ({
    resident: 'a',
    species: lab.id,
    on: '2026-09-01',
    months,
    firstCm: 3,
    measuredCm,
    expectedCm: 5,
  });
  it('stand beside the catalogue only where they contradict it', () => {
    expect(ownFigures(lab, nothing)).toEqual([]);
    // A ruler errs; a short fish may still grow.
    expect(ownFigures(lab, { ...nothing, longestCm: adult * 1.04 })).toEqual([]);
    expect(ownFigures(lab, { ...nothing, longestCm: adult * 0.5 })).toEqual([]);
    expect(ownFigures(lab, { ...nothing, longestCm: adult * 1.1 })).toEqual([
      { name: 'longestCm', said: adult, here: adult * 1.1 },
    ]);
    const [months] = ownFigures(lab, { ...nothing, grown: [score(24, 7)] });
    expect(months).toMatchObject({ name: 'monthsToGrown', said: lab.size.monthsToGrown, fish: 1 });
    expect(months!.here).toBeGreaterThan(lab.size.monthsToGrown * 1.15);
    expect(
      ownFigures(gentle, { ...nothing, withOthers: { months: 1, started: 120, fishHours: 20 } }),
    ).toMatchObject([{ name: 'temper', said: 0, here: 2 }]);
  });
  it('take the place of the catalogue’s when the keeper says so', () => {
    const months = { name: 'monthsToGrown', said: lab.size.monthsToGrown, here: 30, fish: 1 } as const;
    expect(withOwnFigure(lab, months)).toEqual({ ...lab, size: { ...lab.size, monthsToGrown: 30 } });
    const male = { ...lab, size: { ...lab.size, maleCm: 12, femaleCm: 9 } };
    expect(withOwnFigure(male, { name: 'longestCm', said: 12, here: 14 }).size).toEqual({
      ...male.size,
      maleCm: 14,
    });
    const alike = { ...lab, size: { ...lab.size, maleCm: 9, femaleCm: 9 } };
    expect(withOwnFigure(alike, { name: 'longestCm', said: 9, here: 10 }).size).toMatchObject({
      maleCm: 10,
      femaleCm: 10,
    });
    const seen = ownTemper(rough, { months: LONG, started: 0, fishHours: 60 })!;
    expect(withOwnFigure(rough, { name: 'temper', ...seen }).company.temper).toEqual({ young: 0, mature: 0 });
    const worse = ownTemper(withTemper(1, 0), { months: 1, started: 5000, fishHours: 20 })!;
    expect(withOwnFigure(withTemper(1, 0), { name: 'temper', ...worse }).company.temper).toEqual({
      young: 0,
      mature: 2,
    });
  });
});
