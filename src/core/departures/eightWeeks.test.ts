import { cameOf, chasedOf, happened, memberOf } from '@/testing/happened';
import { catalogue } from '@/testing/plans';
import { effectsIn } from '../aggression/stepEffect';
import { watchesOf } from '../aggression/watches';
import { applyEvent } from '../events/events';
import { EMPTY_ROOM, residentsOf } from '../events/room';
import type { Standing } from '../events/roomAt';
import { courseOf, rankingFrom } from '../hierarchy/rankingOf';
import { whenIn } from '../kernel/time/when';
import { headCount } from './headCount';
import { fortnightOf, livesBy, livesOf } from './lives';

/**
 * Eight weeks of a made-up rock tank, entered as a keeper would. Day 0 is 1 March 2026; every figure below is worked out by
 * hand from this list.
 *
 * | day | what                                                                                   |
 * | 0   | eight fish into A from Pier; nine ordered, one dead in the bag                          |
 * | 3   | 20 minutes: a over b 6, a over c 2, c over b 1, a and d lock jaws, undecided: 10        |
 * | 7   | 20 minutes: a over b 5, a over d 3, b over c 1: 9                                       |
 * | 10  | a behind a divider in A                                                                 |
 * | 13  | 20 minutes: c over b 2; a flares at c through the glass (no contest of the tank)        |
 * | 17  | a out again                                                                             |
 * | 21  | 20 minutes: c over a 3, c over b 1: 4                                                   |
 * | 24  | 20 minutes: a over b 2, c over a 2: 4                                                   |
 * | 25  | 7 of 8 counted                                                                          |
 * | 28  | h found dead                                                                            |
 * | 30  | a larger tank: all seven to B                                                           |
 * | 33  | 20 minutes in B: c over a 1                                                             |
 * | 36  | 20 quiet minutes in B                                                                   |
 * | 40  | g goes to Maren; 45: she gives it back                                                  |
 * | 50  | f dies                                                                                  |
 * | 56  | today                                                                                   |
 */
const SPECIES = 'chindongo-demasoni';
const at = (day: number, hour = 12, minute = 0): string =>
  new Date(Date.UTC(2026, 2, 1 + day, hour, minute)).toISOString();
const watched = (
  day: number,
  tank: string,
  list: readonly (readonly [number, string, string, object?])[],
): Standing[] => [
  ...list.flatMap(([n, winner, loser, more], k) =>
    Array.from({ length: n }, (_, i) =>
      chasedOf(at(day, 18, k), winner, loser, {
        tank,
        watch: `w${day}`,
        on: at(day, 18, k * 3 + i / 60),
        ...more,
      }),
    ),
  ),
  happened({ type: 'watched', on: at(day, 18, 20), tank, minutes: 20, watch: `w${day}` }),
];
const ALL = ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'];
const story: readonly Standing[] = [
  cameOf(
    at(0),
    ALL.map((id) => memberOf(id)),
    { tank: 'A', species: SPECIES, from: 'Pier', ordered: 9, deadOnArrival: 1 },
  ),
  ...watched(3, 'A', [
    [6, 'a', 'b'],
    [2, 'a', 'c'],
    [1, 'c', 'b'],
    [1, 'a', 'd', { what: 'lock', undecided: true }],
  ]),
  ...watched(7, 'A', [
    [5, 'a', 'b'],
    [3, 'a', 'd'],
    [1, 'b', 'c'],
  ]),
  happened({ type: 'stepped-in', on: at(10, 20), tank: 'A', step: 'box or divider', who: 'a' }),
  ...watched(13, 'A', [
    [2, 'c', 'b'],
    [1, 'a', 'c', { what: 'flare' }],
  ]),
  happened({
    type: 'back-again',
    on: at(17, 20),
    tank: 'A',
    resident: 'a',
    what: 'out of the box',
    count: 1,
  }),
  ...watched(21, 'A', [
    [3, 'c', 'a'],
    [1, 'c', 'b'],
  ]),
  ...watched(24, 'A', [
    [2, 'a', 'b'],
    [2, 'c', 'a'],
  ]),
  happened({ type: 'counted', on: at(25), tank: 'A', species: SPECIES, seen: 7 }),
  happened({ type: 'died', on: at(28), resident: 'h', count: 1, how: 'found', cause: '' }),
  happened({ type: 'stepped-in', on: at(30, 9), tank: 'A', step: 'larger tank' }),
  ...ALL.slice(0, 7).map((resident) => happened({ type: 'moved', on: at(30), resident, tank: 'B' })),
  ...watched(33, 'B', [[1, 'c', 'a']]),
  ...watched(36, 'B', []),
  happened({
    type: 'rehomed',
    on: at(40),
    resident: 'g',
    count: 1,
    reason: 'surplus',
    taker: 'Maren',
    credit: '',
  }),
  happened({ type: 'back-again', on: at(45), tank: 'B', resident: 'g', what: 'returned', count: 1 }),
  happened({ type: 'died', on: at(50), resident: 'f', count: 1, how: 'found', cause: '' }),
];
const now = at(56);
const room = story.reduce(applyEvent, EMPTY_ROOM);

describe('eight weeks of a rock tank', () => {
  it('leave nothing that does not fit, and six fish in B', () => {
    expect(room.loose).toEqual([]);
    expect(residentsOf(room, 'B').map(({ id }) => id)).toEqual(['a', 'b', 'c', 'd', 'e', 'g']);
    expect(residentsOf(room, 'A')).toEqual([]);
  });
  it('watches: contests and heads, without what happened through the glass', () => {
    const of = (tank: string) =>
      watchesOf(story, tank).map((one) => [one.minutes, one.contests.length, one.fish]);
    expect(of('A')).toEqual([
      [20, 10, 8],
      [20, 9, 8],
      [20, 2, 7],
      [20, 4, 8],
      [20, 4, 8],
    ]);
    expect(of('B')).toEqual([
      [20, 1, 7],
      [20, 0, 7],
    ]);
  });
  it('interventions: before, while and after; the larger tank by what was seen in it', () => {
    const [larger, box] = effectsIn(story, 'A', now);
    expect(box).toMatchObject({
      before: { events: 19, minutes: 40 },
      during: { events: 2, minutes: 20 },
      after: { events: 8, minutes: 40 },
    });
    expect(box!.ratio.ratio).toBeCloseTo(8 / 19, 10);
    expect(larger).toMatchObject({ before: { events: 8, minutes: 40 }, after: { events: 1, minutes: 40 } });
    expect(larger!.ratio.ratio).toBeCloseTo(1 / 8, 10);
  });
  it('hierarchy: what is known of those in B, marked as from before, undecided apart', () => {
    const here = residentsOf(room, 'B').map(({ id }) => id);
    const course = courseOf(story, { tank: 'B', together: new Set(here) });
    expect(course).toHaveLength(31);
    expect(course.filter((one) => 'isBefore' in one && one.isBefore)).toHaveLength(30);
    const { wins, undecided, ranked } = rankingFrom(course, here);
    const won = (one: string, other: string): number => wins.get(one)?.get(other) ?? 0;
    expect([
      won('a', 'b'),
      won('a', 'c'),
      won('a', 'd'),
      won('c', 'b'),
      won('b', 'c'),
      won('c', 'a'),
    ]).toEqual([13, 3, 3, 4, 1, 6]);
    expect(undecided.get('d')?.get('a')).toBe(1);
    expect(ranked.map(({ id }) => id).sort()).toEqual(['a', 'b', 'c', 'd']);
  });
  it('head counts: seven of eight, the eighth found dead, all of it gone along to B', () => {
    const count = headCount(
      catalogue.byId.get(SPECIES)!,
      residentsOf(room, 'B'),
      story,
      'B',
      whenIn(now, 'UTC').daysSince,
    );
    expect(count).toMatchObject({ onRecord: 6, unaccounted: 0, counts: [{ seen: 7, onRecord: 8 }] });
  });
  it('losses: by shop with the one in the bag, by tank by the days in it, one that came back counted once', () => {
    const lives = livesOf(story, now);
    const pier = livesBy(lives, 'source').get('Pier')!;
    expect(fortnightOf(pier)).toEqual({ came: 9, lostEarly: 1, livedOn: 8, lostLater: 2 });
    const days = (tank: string) => {
      const own = livesBy(lives, 'tank').get(tank)!;
      return [
        Math.round(own.reduce((sum, { start, end }) => sum + end - start, 0)),
        own.filter(({ died }) => died).length,
      ];
    };
    // A: h 28, seven 30 each. B: five 26 each, f 20, g 10 and 11.
    expect(days('A')).toEqual([28 + 7 * 30, 1]);
    expect(days('B')).toEqual([5 * 26 + 20 + 10 + 11, 1]);
  });
});
