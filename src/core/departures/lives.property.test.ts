import { whenIn } from '../kernel/time/when';
import fc from 'fast-check';
import { cameOf, chasedOf, happened, memberOf, watchedOf } from '@/testing/happened';
import { effectsIn } from '../aggression/stepEffect';
import { patternsOf } from '../aggression/patterns';
import { tally, watchesOf } from '../aggression/watches';
import { applyEvent } from '../events/events';
import type { Standing } from '../events/roomAt';
import { EMPTY_ROOM, residentsOf } from '../events/room';
import { FORTNIGHT_DAYS, fortnightOf, GROUPINGS, livesBy, livesOf } from './lives';
import { lossWarnings } from './lossWarnings';

const at = (day: number, minute = 0): string => new Date(Date.UTC(2026, 0, day, 12, minute)).toISOString();
const day = fc.integer({ min: 1, max: 200 });
const groups = ['a', 'b', 'c'] as const;
const who = fc.constantFrom(...groups);
const few = fc.integer({ min: 1, max: 6 });

/** Three batches from two shops, then losses and departures in the order of time. */
const story = fc
  .tuple(
    fc.tuple(few, few, few),
    fc.array(fc.tuple(day, who, few, fc.constantFrom('died', 'rehomed', 'recounted'), fc.boolean()), {
      maxLength: 20,
    }),
  )
  .map(([heads, losses]): readonly Standing[] => [
    ...groups.map((id, i) => cameOf(at(1, i), [memberOf(id, heads[i])], { from: i === 0 ? 'Pier' : 'Club' })),
    ...losses
      .sort(([x], [y]) => x - y)
      .map(([on, resident, count, type, incident], i) =>
        type === 'died'
          ? happened({
              type,
              on: at(on + 1, i),
              resident,
              count,
              how: 'found',
              cause: '',
              incident: incident ? 'one' : '',
            })
          : type === 'rehomed'
            ? happened({ type, on: at(on + 1, i), resident, count, reason: 'other', taker: 'x', credit: '' })
            : happened({ type: 'recounted', on: at(on + 1, i), resident, count: 0, why: 'lost unseen' }),
      ),
  ]);

describe('lives, whatever happened', () => {
  it('are as many as heads that came, none after its end, each in one group of every grouping', () => {
    fc.assert(
      fc.property(story, (happenings) => {
        const lives = livesOf(happenings, '2026-12-31');
        const came = happenings.reduce(
          (sum, event) =>
            sum + (event.type === 'came' ? event.members.reduce((n, one) => n + one.count, 0) : 0),
          0,
        );
        expect(lives).toHaveLength(came);
        for (const life of lives) expect(life.end).toBeGreaterThan(life.start);
        for (const by of GROUPINGS)
          expect([...livesBy(lives, by).values()].reduce((sum, group) => sum + group.length, 0)).toBe(came);
        const { lostEarly, livedOn, lostLater } = fortnightOf(lives);
        expect(lostEarly + lostLater).toBe(lives.filter((life) => life.died).length);
        expect(livedOn).toBe(lives.filter((life) => life.end > FORTNIGHT_DAYS).length);
      }),
    );
  });
  it('warn of nobody who lost less than was to be expected', () => {
    fc.assert(
      fc.property(story, (happenings) => {
        for (const warning of lossWarnings(livesOf(happenings, '2026-12-31'))) {
          expect(warning.died).toBeGreaterThan(warning.expected);
          expect(warning.p).toBeLessThanOrEqual(0.05);
        }
      }),
    );
  });
});

/** Watches with contests, and steps, in the order of time. */
const watched = fc
  .array(
    fc.tuple(fc.integer({ min: 1, max: 60 }), fc.array(fc.tuple(who, who), { maxLength: 12 }), fc.boolean()),
    { maxLength: 14 },
  )
  .map((days): readonly Standing[] => [
    cameOf(
      at(0),
      groups.map((id) => memberOf(id)),
    ),
    ...[...new Map(days.map((one) => [one[0], one] as const)).values()]
      .sort(([x], [y]) => x - y)
      .flatMap(([on, contests, step]) => [
        ...contests.map(([winner, loser], i) => chasedOf(at(on, i), winner, loser)),
        watchedOf(at(on, 20), 20),
        ...(step ? [happened({ type: 'stepped-in', on: at(on, 40), step: 'rearranged' })] : []),
      ]),
  ]);

describe('rates, whatever was watched', () => {
  it('count each contest between two once, and no minute twice', () => {
    fc.assert(
      fc.property(watched, (happenings) => {
        const { events, minutes } = tally(watchesOf(happenings, 'T'));
        expect(events).toBe(
          happenings.filter((event) => event.type === 'chased' && event.winner !== event.loser).length,
        );
        expect(minutes).toBe(20 * happenings.filter((event) => event.type === 'watched').length);
      }),
    );
  });
  it('say helped only when the upper limit lies below as before, worse only above', () => {
    fc.assert(
      fc.property(watched, (happenings) => {
        for (const effect of effectsIn(happenings, 'T', '2026-12-31')) {
          const [low, high] = effect.ratio.interval;
          if (effect.verdict === 'helped') expect(high).toBeLessThan(1);
          if (effect.verdict === 'worse') expect(low).toBeGreaterThan(1);
        }
      }),
    );
  });
  it('read no pattern from fewer than five contests', () => {
    fc.assert(
      fc.property(watched, (happenings) => {
        const room = happenings.reduce(applyEvent, EMPTY_ROOM);
        const watches = watchesOf(happenings, 'T');
        const patterns = patternsOf({
          femalesPerMale: () => 3,
          lengthCm: 120,
          watches,
          happenings,
          residents: residentsOf(room, 'T'),
          daysSince: whenIn('2026-03-20', 'UTC').daysSince,
        });
        if (tally(watches).events < 5) expect(patterns).toEqual([]);
        for (const pattern of patterns)
          expect(pattern.who.length + (pattern.because.contests ?? 0)).toBeGreaterThan(0);
      }),
    );
  });
});
