import { whenIn } from '../kernel/time/when';
import { cameOf, chasedOf, happened, memberOf } from '@/testing/happened';
import { catalogue } from '@/testing/plans';
import { applyEvent } from '../events/events';
import type { Standing } from '../events/roomAt';
import type { DocumentBodies } from '../records/documents';
import { lifeStory } from './lifeStory';
import { EMPTY_ROOM, residentsOf } from '../events/room';
import { beforeDeath } from './beforeDeath';
import { headCount } from './headCount';
import { fortnightOf, livesBy, livesOf } from './lives';

const day = (n: number): string => new Date(Date.UTC(2026, 0, n, 12)).toISOString();
const died = (on: number, resident: string, count = 1, more: Record<string, unknown> = {}): Standing =>
  happened({ type: 'died', on: day(on), resident, count, how: 'found', cause: '', ...more });
const rehomed = (on: number, resident: string, count = 1): Standing =>
  happened({ type: 'rehomed', on: day(on), resident, count, reason: 'surplus', taker: 'Maren', credit: '' });
const dayOf = (moment: string): string => moment.slice(0, 10);
const roomOf = (happenings: readonly Standing[]) => happenings.reduce(applyEvent, EMPTY_ROOM);

describe('lives', () => {
  const happenings = [
    cameOf(day(1), [memberOf('shoal', 6)], { from: 'Pier' }),
    cameOf(day(3), [memberOf('solo')], { from: 'Club' }),
    died(5, 'shoal', 2),
    rehomed(20, 'shoal', 1),
    died(30, 'solo'),
  ];
  const lives = livesOf(happenings, '2026-02-20');
  it('count head by head: dead, gone alive, and still here', () => {
    expect(lives).toHaveLength(7);
    expect(lives.filter((life) => life.died).map((life) => Math.round(life.end))).toEqual([4, 4, 27]);
    expect(lives.filter((life) => !life.died)).toHaveLength(4);
    expect(livesBy(lives, 'source').get('Pier')).toHaveLength(6);
  });
  it('keep the first fortnight apart (the trade counts it so)', () => {
    expect(fortnightOf(lives)).toEqual({ came: 7, lostEarly: 2, livedOn: 5, lostLater: 1 });
  });
  it('know in what state they were taken, and how long they had been in the shop', () => {
    const seen = [
      'eats',
      'fins whole',
      'belly not sunken',
      'back not thin',
      'few scratches',
      'active',
      'is the kind ordered',
    ];
    const of = (more: Record<string, unknown>) =>
      livesOf([cameOf(day(1), [memberOf('x')], more)], '2026-02-01').map((life) => [
        life.condition,
        life.rested,
      ])[0];
    expect(of({ seen, daysInShop: 9 })).toEqual(['all well', 'rested']);
    expect(of({ seen: seen.slice(1), daysInShop: 1 })).toEqual(['not all well', 'fresh']);
    expect(of({})).toEqual([null, null]);
  });
  it('say nothing of days to come', () => {
    expect(livesOf(happenings, '2026-01-10').filter((life) => life.died)).toHaveLength(2);
  });
  it('enter late when they were written down late', () => {
    const late = { ...cameOf(day(1), [memberOf('x')]), recorded: day(11) };
    expect(livesOf([late, died(40, 'x')], '2026-03-01')[0]).toMatchObject({ start: 10, died: true });
    expect(livesOf([late, died(5, 'x')], '2026-03-01')[0]).toMatchObject({ start: 0, died: true });
  });
  it('take heads lost unseen for deaths, heads that never were for none', () => {
    const count = (why: string) =>
      livesOf(
        [
          cameOf(day(1), [memberOf('s', 5)]),
          happened({ type: 'recounted', on: day(9), resident: 's', count: 3, why }),
        ],
        '2026-02-01',
      ).filter((life) => life.died).length;
    expect([count('lost unseen'), count('missed before')]).toEqual([2, 0]);
  });
});

describe('the fortnight before a death', () => {
  const body = {
    water: { temperatureC: 25, ph: 7 },
    routine: { everyDays: 7 },
  } as unknown as DocumentBodies['tank'];
  const causes = (...happenings: Standing[]) =>
    beforeDeath({
      happenings,
      resident: 'a',
      tank: 'T',
      on: day(60),
      body,
      oldYears: null,
      cameOn: day(1),

      dayOf,
    }).possible.map((one) => one.says);
  const came = cameOf(day(1), [memberOf('a'), memberOf('b')]);
  it('knows a heater that failed, and who moved in from another tank', () => {
    expect(causes(came, happened({ type: 'equipment-fault', on: day(58), what: 'heater stuck on' }))).toEqual(
      ['equipment'],
    );
    const old = cameOf(day(2), [memberOf('q')], { tank: 'Q' });
    const joins = happened({ type: 'moved', on: day(52), resident: 'q', tank: 'T' });
    expect(causes(came, old, joins)).toEqual(['joined']);
    expect(causes(came, old, happened({ type: 'moved', on: day(30), resident: 'q', tank: 'T' }))).toEqual([]);
  });
  it('looks at the tank that the fish was in then: what went wrong elsewhere did not touch it', () => {
    const fault = (on: number, tank: string): Standing =>
      happened({ type: 'equipment-fault', on: day(on), what: 'power cut', tank });
    const moves = happened({ type: 'moved', on: day(55), resident: 'a', tank: 'T' });
    const before = cameOf(day(1), [memberOf('a')], { tank: 'U' });
    expect(causes(before, fault(50, 'U'), moves)).toEqual(['equipment', 'moved']);
    expect(causes(before, fault(50, 'T'), moves)).toEqual(['moved']);
    expect(causes(before, moves, fault(57, 'U'))).toEqual(['moved']);
  });
  it('gathers what may have been behind it, each with its evidence', () => {
    expect(
      causes(
        came,
        happened({
          type: 'water-changed',
          on: day(59),
          fraction: 0.5,
          checked: ['heater on again', 'lid closed', 'temperature matched'],
        }),
      ),
    ).toEqual(['chlorine']);
    expect(
      causes(came, happened({ type: 'tested', on: day(58), ammoniaMgL: 1, ph: 8, temperatureC: 25 })),
    ).toEqual(['ammonia', 'pH jump']);
    expect(
      causes(came, happened({ type: 'tested', on: day(58), ammoniaMgL: 0.1, ph: 6.8, temperatureC: 25 })),
    ).toEqual([]);
    expect(causes(came, ...[55, 56, 57].map((on) => chasedOf(day(on), 'b', 'a')))).toEqual(['bullied']);
    expect(causes(came, cameOf(day(50), [memberOf('new')], { quarantine: 'none' }))).toEqual(['brought in']);
    expect(
      causes(came, happened({ type: 'saw', on: day(57), resident: 'a', what: 'bloated', place: '' })),
    ).toEqual(['illness']);
    expect(
      causes(
        came,
        happened({
          type: 'water-changed',
          on: day(40),
          fraction: 0.5,
          checked: ['dechlorinated', 'heater on again', 'lid closed', 'temperature matched'],
        }),
      ),
    ).toEqual(['missed changes']);
  });
  it('leaves out what is older, and what happened in another tank', () => {
    expect(
      causes(
        came,
        happened({ type: 'treated', on: day(30), what: 'salt' }),
        happened({ type: 'treated', on: day(59), what: 'salt', tank: 'U' }),
      ),
    ).toEqual([]);
  });
  it('thinks of transport and of age', () => {
    const soon = beforeDeath({
      happenings: [came],
      resident: 'a',
      tank: 'T',
      on: day(6),
      body,
      oldYears: null,
      cameOn: day(1),

      dayOf,
    });
    expect(soon.possible.map((one) => one.says)).toEqual(['arrival']);
    const old = beforeDeath({
      happenings: [came],
      resident: 'a',
      tank: 'T',
      on: '2029-02-01T12:00:00.000Z',
      body,
      oldYears: 2,
      cameOn: day(1),

      dayOf,
    });
    expect(old.possible.map((one) => one.says)).toContain('old age');
  });
});

describe('head counts', () => {
  const counted = (on: number, seen: number, species = 'paracheirodon-innesi') =>
    happened({ type: 'counted', on: day(on), species, seen });
  const count = (species: string, heads: number, ...more: Standing[]) => {
    const happenings = [cameOf(day(1), [memberOf('s', heads)], { species }), ...more];
    return headCount(
      catalogue.byId.get(species)!,
      residentsOf(roomOf(happenings), 'T'),
      happenings,
      'T',
      whenIn('2026-03-01', 'UTC').daysSince,
    );
  };
  it('finds a shoal that dwindles before half are gone', () => {
    const shoal = count(
      'paracheirodon-innesi',
      14,
      counted(10, 14),
      counted(20, 13),
      counted(30, 12),
      counted(40, 11),
    );
    expect(shoal).toMatchObject({ onRecord: 14, unaccounted: 3, dwindling: true });
    expect(
      count('paracheirodon-innesi', 14, counted(10, 14), counted(20, 12), counted(30, 14)).dwindling,
    ).toBe(false);
  });
  it('calls no shoal dwindling for those that left with a record', () => {
    const shoal = count(
      'paracheirodon-innesi',
      14,
      counted(10, 14),
      rehomed(12, 's', 4),
      counted(20, 10),
      counted(30, 10),
    );
    expect(shoal).toMatchObject({ onRecord: 10, unaccounted: 0, dwindling: false });
  });
  it('holds each count against the record of its day, so that those who left do not make the rest look shy', () => {
    const shoal = count(
      'paracheirodon-innesi',
      20,
      counted(10, 20),
      rehomed(12, 's', 10),
      counted(20, 10),
      counted(30, 10),
      counted(40, 6),
    );
    expect(shoal).toMatchObject({ onRecord: 10, unaccounted: 4, usuallySeen: 0.98 });
    expect(shoal.counts.map((one) => one.onRecord)).toEqual([20, 10, 10, 10]);
    expect(shoal.allThere).toBeLessThan(0.01);
  });
  it('takes hidden species as such', () => {
    const hidden = count(
      'pangio-kuhlii',
      8,
      counted(10, 4, 'pangio-kuhlii'),
      counted(20, 5, 'pangio-kuhlii'),
      counted(30, 4, 'pangio-kuhlii'),
    );
    expect(hidden.hidden).toBe(true);
    expect(hidden.allThere).toBeGreaterThan(0.1);
    const open = count(
      'danio-rerio',
      10,
      counted(10, 10, 'danio-rerio'),
      counted(20, 10, 'danio-rerio'),
      counted(30, 5, 'danio-rerio'),
    );
    expect(open.allThere).toBeLessThan(0.01);
  });
  describe('are held against the record of their own moment, and carried by what happened since', () => {
    const danio = 'danio-rerio';
    const more = (n: number, on: number): Standing =>
      cameOf(day(on), [memberOf(`n${on}`, n)], { species: danio });
    const recounted = (on: number, to: number, why: string) =>
      happened({ type: 'recounted', on: day(on), resident: 's', count: to, why });
    const short = counted(10, 8, danio);
    it.each<[string, Standing[], number, number]>([
      ['ten more came since', [short, more(10, 12)], 20, 2],
      ['one of the missing was found dead', [short, died(12, 's')], 9, 1],
      ['both were found dead', [short, died(12, 's', 2)], 8, 0],
      ['three died, one of them not missing', [short, died(12, 's', 3)], 7, 0],
      ['some of those seen left with a record', [short, rehomed(12, 's', 4)], 6, 2],
      ['nearly all left', [short, rehomed(12, 's', 9)], 1, 1],
      ['the record was brought to the count', [short, recounted(12, 8, 'lost unseen')], 8, 0],
      ['half of it was', [short, recounted(12, 9, 'lost unseen')], 9, 1],
      ['a later count found all', [short, counted(20, 10, danio)], 10, 0],
      ['a surplus was written in as young', [counted(10, 14, danio), recounted(12, 14, 'born here')], 14, 0],
      ['a surplus stays when one dies', [counted(10, 12, danio), died(12, 's')], 9, -2],
    ])('%s', (_, story, onRecord, unaccounted) =>
      expect(count(danio, 10, ...story)).toMatchObject({ onRecord, unaccounted }),
    );
    it('walk with the fish when all of them move to another tank', () => {
      const story = [
        cameOf(day(1), [memberOf('a'), memberOf('b'), memberOf('c')], { species: danio }),
        counted(10, 2, danio),
        ...['a', 'b', 'c'].map((resident) => happened({ type: 'moved', on: day(20), resident, tank: 'U' })),
      ];
      const inTank = (tank: string) =>
        headCount(
          catalogue.byId.get(danio)!,
          residentsOf(roomOf(story), tank),
          story,
          tank,
          whenIn('2026-03-01', 'UTC').daysSince,
        );
      expect(inTank('U')).toMatchObject({ onRecord: 3, unaccounted: 1, counts: [{ seen: 2, onRecord: 3 }] });
      expect(inTank('T')).toMatchObject({ counts: [], unaccounted: null });
    });
    it('say by name who was not seen', () => {
      const story = [
        cameOf(day(1), [memberOf('a'), memberOf('b'), memberOf('c')], { species: danio }),
        happened({ type: 'counted', on: day(10), species: danio, seen: 2, who: ['a', 'c'] }),
        cameOf(day(12), [memberOf('d')], { species: danio }),
      ];
      expect(
        headCount(
          catalogue.byId.get(danio)!,
          residentsOf(roomOf(story), 'T'),
          story,
          'T',
          whenIn('2026-03-01', 'UTC').daysSince,
        ),
      ).toMatchObject({ unaccounted: 1, unseen: ['b'] });
    });
  });
  it('says when more are seen than there should be, and when nobody ever looked', () => {
    expect(count('poecilia-reticulata', 4, counted(30, 9, 'poecilia-reticulata')).unaccounted).toBe(-5);
    expect(count('poecilia-reticulata', 4)).toMatchObject({ counts: [], unaccounted: null });
  });
});

describe('the story of a fish', () => {
  it('goes back to the group it was split off from, and no further than that', () => {
    const happenings = [
      cameOf(day(1), [memberOf('g', 4)]),
      happened({ type: 'measured', on: day(5), resident: 'g', lengthCm: 6.5 }),
      happened({ type: 'split', on: day(9), resident: 'g', into: [memberOf('one')] }),
      happened({ type: 'measured', on: day(12), resident: 'g', lengthCm: 9 }),
      happened({ type: 'measured', on: day(13), resident: 'one', lengthCm: 8 }),
      happened({ type: 'moved', on: day(14), resident: 'one', tank: 'U' }),
    ];
    const story = lifeStory(happenings, roomOf(happenings), 'one')!;
    expect(story.from).toEqual(['g']);
    expect(story.lengths.map((one) => one.lengthCm)).toEqual([6, 6.5, 8]);
    expect(story.tanks.map((one) => one.tank)).toEqual(['T', 'U']);
    expect(lifeStory(happenings, roomOf(happenings), 'nobody')).toBeNull();
  });
});
