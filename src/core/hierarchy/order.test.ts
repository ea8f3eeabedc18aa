import fixture from '@/testing/fixtures/elo.json';
import type { EntryId, ResidentId, TankId } from '../kernel/schema/ids';
import type { Standing } from '../events/roomAt';
import type { Resident } from '../events/room';
import { ELO_START, eloExpectation, eloRanking, eloTrace } from './eloRanking';
import { chasedOf, happened } from '@/testing/happened';
import { somebodyId } from '../events/somebody';
import { seededChance } from '../stats/seededChance';
import { winTable } from '../stats/winTable';
import { rankingCertainty } from './certainty';
import { pairsToWatch } from './pairsToWatch';
import { courseOf, rankingFrom, rankingOf } from './rankingOf';

describe('Elo rating', () => {
  it.each(fixture.expectation.map((row) => [row.diff, row.logistic] as const))(
    'expects of a lead of %d what the logistic curve says',
    (diff, expected) => {
      expect(eloExpectation(ELO_START + diff, ELO_START)).toBeCloseTo(expected, 12);
    },
  );

  it('follows a sequence of thirty contests among five, step by step', () => {
    const [sequence] = fixture.sequences;
    const contests = sequence!.sequence.map(([winner, loser], i) => ({
      winner: String(winner),
      loser: String(loser),
      on: String(i),
    }));
    const trace = eloTrace(contests);
    sequence!.trace.forEach(([expected, winner, loser], i) => {
      expect(trace[i]!.expected).toBeCloseTo(expected!, 10);
      expect(trace[i]!.winnerAfter).toBeCloseTo(winner!, 8);
      expect(trace[i]!.loserAfter).toBeCloseTo(loser!, 8);
    });
    const final = sequence!.final as unknown as Record<string, number>;
    for (const one of eloRanking(contests)) expect(one.rating).toBeCloseTo(final[one.id]!, 8);
  });

  it('makes and loses no points', () => {
    const contests = Array.from({ length: 40 }, (_, i) => ({
      winner: 'abc'[i % 3]!,
      loser: 'bcd'[(i * 5) % 3]!,
      on: '',
    })).filter((one) => one.winner !== one.loser);
    const ranking = eloRanking(contests);
    expect(ranking.reduce((sum, one) => sum + one.rating, 0)).toBeCloseTo(ranking.length * ELO_START, 8);
  });
});

describe('rankingOf', () => {
  const resident = (id: string): Resident => ({ id: id as ResidentId }) as Resident;
  const chased = (winner: string, loser: string, tank = 't', n = 0): Standing => ({
    type: 'chased',
    on: `2026-01-0${n + 1}`,
    id: `${winner}${loser}${n}` as EntryId,
    seq: n,
    corrected: false,
    tank: tank as TankId,
    watch: '',
    winner: winner as ResidentId,
    loser: loser as ResidentId,
    what: 'chase',
    place: '',
  });

  it('leaves out who was in no contest', () => {
    const ranking = rankingOf(
      [chased('a', 'b'), chased('a', 'b', 't', 1), chased('b', 'c', 'other', 2)],
      't',
      ['a', 'b', 'c'].map(resident),
    );
    expect(ranking.ranked.map((one) => one.id)).toEqual(['a', 'b']);
    expect(ranking.unmet).toEqual(['c']);
    expect(ranking.few).toBe(true);
    expect(ranking.wins.get('a')?.get('b')).toBe(2);
  });

  it('takes off the ranking who has left, and what a group does to itself', () => {
    const ranking = rankingOf(
      [chased('a', 'b'), chased('c', 'a', 't', 1), chased('b', 'b', 't', 2)],
      't',
      ['a', 'b'].map(resident),
    );
    expect(ranking.ranked.map((one) => one.id)).toEqual(['a', 'b']);
    expect(ranking.contests).toHaveLength(2);
  });

  const moved = (who: string, tank: string, on: string): Standing => ({
    type: 'moved',
    on,
    id: `${who}${on}` as EntryId,
    seq: 0,
    corrected: false,
    resident: who as ResidentId,
    tank: tank as TankId,
    note: '',
  });
  const boss = [0, 1, 2].map((n) => chased('boss', 'b', 't', n));

  it('F83, common practice: a dominant fish put away for some days no longer leads when it is back', () => {
    const before = rankingOf(boss, 't', ['boss', 'b'].map(resident));
    expect(before.ranked[0]?.id).toBe('boss');
    const course = [...boss, moved('boss', 'spare', '2026-01-05'), moved('boss', 't', '2026-01-12')];
    const back = rankingOf(course, 't', ['boss', 'b'].map(resident));
    expect(back.unmet).toEqual(['boss']);
    expect(back.trace).toHaveLength(3);
    const beaten = rankingOf(
      [...course, { ...chased('b', 'boss', 't', 8), on: '2026-01-13' }],
      't',
      ['boss', 'b'].map(resident),
    );
    expect(beaten.ranked.map((one) => one.id)).toEqual(['b', 'boss']);
    expect(beaten.ranked[1]).toMatchObject({ wins: 0, losses: 1 });
  });

  it('keeps the rating of a fish that was out for a day only, and of one moved to where it was', () => {
    const course = [...boss, moved('boss', 'spare', '2026-01-05'), moved('boss', 't', '2026-01-06')];
    expect(rankingOf(course, 't', ['boss', 'b'].map(resident)).ranked[0]?.id).toBe('boss');
    expect(
      rankingOf([...boss, moved('boss', 't', '2026-01-20')], 't', ['boss', 'b'].map(resident)).ranked[0]?.id,
    ).toBe('boss');
  });

  describe('after a move', () => {
    const two = ['boss', 'b'].map(resident);
    const story = [...boss, moved('boss', 'new', '2026-01-10'), moved('b', 'new', '2026-01-10')];
    const together = new Set(['boss', 'b']);
    it('begins with what is known of those who came, marked as from before', () => {
      expect(courseOf(story, { tank: 'new' })).toEqual([]);
      const course = courseOf(story, { tank: 'new', together });
      expect(course).toHaveLength(3);
      expect(course.every((one) => 'isBefore' in one && one.isBefore)).toBe(true);
      expect(rankingFrom(course, ['boss', 'b']).ranked[0]?.id).toBe('boss');
      expect(rankingOf(story, 'new', two).ranked).toEqual([]);
    });
    it('leaves out contests with those who stayed behind', () => {
      const more = [...story, { ...chased('b', 'c', 't', 4), on: '2026-01-05' }];
      expect(courseOf(more, { tank: 'new', together })).toHaveLength(3);
    });
  });

  it('asks for one span, with those who left where they are asked for', () => {
    const course = courseOf([...boss, { ...chased('b', 'gone', 't', 5), on: '2026-01-20' }], {
      tank: 't',
      from: '2026-01-02',
      to: '2026-01-20T23:59:59.999Z',
    });
    expect(course).toHaveLength(3);
    expect(rankingFrom(course, ['boss', 'b', 'gone']).ranked.map(({ id }) => id)).toContain('gone');
    expect(courseOf(boss, { tank: 't', to: '2026-01-02' })).toHaveLength(2);
  });

  it('starts a fish that its taker gave back anew, after days away', () => {
    const gone = { ...moved('boss', 't', '2026-01-05'), type: 'rehomed', count: 1 } as unknown as Standing;
    const back = {
      ...moved('boss', 't', '2026-02-05'),
      type: 'back-again',
      what: 'returned',
    } as unknown as Standing;
    expect(rankingOf([...boss, gone, back], 't', ['boss', 'b'].map(resident)).unmet).toEqual(['boss']);
  });
});

describe('what a ranking rests on', () => {
  const two = (n: number) =>
    Array.from({ length: n }, (_, i) => ({ winner: 'a', loser: 'b', on: String(i) }));
  it('is little below ten contests a fish that stands on it, and nothing where none does', () => {
    expect(rankingFrom(two(19), ['a', 'b']).few).toBe(true);
    expect(rankingFrom(two(20), ['a', 'b']).few).toBe(false);
    expect(rankingFrom([], ['a', 'b']).few).toBe(false);
    expect(rankingFrom(two(1), ['c']).few).toBe(false);
  });
  it('counts each pair: who won, and both ways what neither won', () => {
    const open = { winner: 'b', loser: 'a', on: '9', undecided: true };
    const { wins, undecided } = rankingFrom([...two(2), open, { back: 'c', on: '9' }], ['a', 'b']);
    expect([...wins].map(([id, row]) => [id, ...row])).toEqual([['a', ['b', 2]]]);
    expect([...undecided].map(([id, row]) => [id, ...row])).toEqual([
      ['b', ['a', 1]],
      ['a', ['b', 1]],
    ]);
  });
  it('puts fish of one rating in the order of their names', () => {
    const open = [
      { winner: 'b', loser: 'a', on: '1', undecided: true },
      { winner: 'd', loser: 'c', on: '2' },
    ];
    expect(eloRanking(open).map(({ id, rating }) => [id, rating])).toEqual([
      ['d', 1050],
      ['a', 1000],
      ['b', 1000],
      ['c', 950],
    ]);
    expect(rankingFrom(open, ['a', 'b']).ranked[0]).toMatchObject({ undecided: 1, wins: 0, losses: 0 });
  });
  const at = (day: number): string => `2026-02-${String(day).padStart(2, '0')}`;
  const back = (day: number, what: string) =>
    happened({ type: 'back-again', on: at(day), resident: 'a', what, tank: 'T' });
  const away = (day: number) => happened({ type: 'rehomed', on: at(day), resident: 'a', count: 1 });
  it('is a return from three days away no sooner than on the fourth, and only of one who met somebody', () => {
    const met = chasedOf(at(1), 'a', 'b');
    const returns = (...happenings: readonly Standing[]): number =>
      courseOf(happenings, { tank: 'T' }).filter((one) => 'back' in one).length;
    expect(returns(met, away(2), back(5, 'returned'))).toBe(0);
    expect(returns(met, away(2), back(6, 'returned'))).toBe(1);
    expect(returns(away(2), back(6, 'returned'))).toBe(0);
    expect(returns(met, back(9, 'returned'))).toBe(0);
    // Found alive: it was here all the time.
    expect(returns(met, away(2), back(9, 'found alive'))).toBe(0);
    // Away twice: what counts is since when.
    const moved = (day: number) => happened({ type: 'moved', on: at(day), resident: 'a', tank: 'U' });
    expect(returns(met, moved(2), moved(5), back(6, 'returned'))).toBe(1);
    expect(
      returns(met, moved(2), happened({ type: 'noted', on: at(9), resident: 'a', tank: 'T', text: '' })),
    ).toBe(0);
  });
  it('leaves out fish that nobody could tell from their like, each side alone', () => {
    const some = somebodyId({ species: 'labidochromis-caeruleus', sex: 'male' });
    const contests = [chasedOf(at(1), 'a', some), chasedOf(at(2), some, 'a'), chasedOf(at(3), 'a', 'b')];
    expect(courseOf(contests, { tank: 'T' })).toEqual([{ winner: 'a', loser: 'b', on: at(3) }]);
  });
  it('keeps what neither won, and the weight where that is asked for', () => {
    const contest = chasedOf(at(1), 'a', 'b', { undecided: true, what: 'pin', bad: 2 });
    expect(courseOf([contest], { tank: 'T' })).toEqual([
      { winner: 'a', loser: 'b', on: at(1), undecided: true },
    ]);
    expect(courseOf([contest], { tank: 'T', weighted: true })).toEqual([
      { winner: 'a', loser: 'b', on: at(1), undecided: true, weight: 6 },
    ]);
  });
});

describe('pairs to watch next', () => {
  it('teach by how open their order is and how seldom they met; hardly anything is not worth a watch', () => {
    const wins = [
      [0, 2, 0, 0],
      [1, 0, 0, 9],
      [0, 0, 0, 0],
      [0, 0, 0, 0],
    ];
    const above = [
      [0.5, 0.5, 0.5, 0.99],
      [0.5, 0.5, 0.9, 0.5],
      [0.5, 0.1, 0.5, 0.5],
      [0.01, 0.5, 0.5, 0.5],
    ];
    const table = { ids: ['a', 'b', 'c', 'd'], wins };
    const watched = (most: number) =>
      pairsToWatch(table, { above, places: [] }, most).map(({ pair, met }) => [...pair, met]);
    // 4 a (1 - a) / (1 + met): ac and cd 1, bc 0.36, ab 0.25, bd 0.1, ad 0.0396.
    expect(watched(9)).toEqual([
      ['a', 'c', 0],
      ['c', 'd', 0],
      ['b', 'c', 0],
      ['a', 'b', 3],
      ['b', 'd', 9],
    ]);
    expect(watched(1)).toEqual([['a', 'c', 0]]);
  });
  it('are those whose order is the least sure, never met first', () => {
    const table = winTable([
      ...Array.from({ length: 20 }, () => ({ winner: 'a', loser: 'b' })),
      ...Array.from({ length: 6 }, () => ({ winner: 'a', loser: 'c' })),
      ...Array.from({ length: 6 }, () => ({ winner: 'b', loser: 'd' })),
      { winner: 'a', loser: 'd' },
    ]);
    const pairs = pairsToWatch(table, rankingCertainty(table, seededChance(2)));
    expect(pairs[0]!.met).toBe(0);
    expect(pairs[0]!.pair.join('')).toMatch(/^(bc|cd)$/);
    expect(pairs.map(({ pair }) => pair.join(''))).not.toContain('ab');
    expect(pairs.length).toBeLessThanOrEqual(3);
  });
});
