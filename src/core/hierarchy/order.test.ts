import fixture from '@/testing/fixtures/elo.json';
import type { EntryId, ResidentId, TankId } from '../kernel/schema/ids';
import type { Standing } from '../events/roomAt';
import type { Resident } from '../events/room';
import { ELO_START, eloExpectation, eloLadder, eloTrace } from './eloLadder';
import { ladderOf } from './ladderOf';

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
    for (const rung of eloLadder(contests)) expect(rung.rating).toBeCloseTo(final[rung.id]!, 8);
  });

  it('makes and loses no points', () => {
    const contests = Array.from({ length: 40 }, (_, i) => ({
      winner: 'abc'[i % 3]!,
      loser: 'bcd'[(i * 5) % 3]!,
      on: '',
    })).filter((one) => one.winner !== one.loser);
    const ladder = eloLadder(contests);
    expect(ladder.reduce((sum, rung) => sum + rung.rating, 0)).toBeCloseTo(ladder.length * ELO_START, 8);
  });
});

describe('ladderOf', () => {
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

  it('keeps unknown pairs unknown and leaves out who was in no contest', () => {
    const ladder = ladderOf(
      [chased('a', 'b'), chased('a', 'b', 't', 1), chased('b', 'c', 'other', 2)],
      't',
      ['a', 'b', 'c'].map(resident),
    );
    expect(ladder.rungs.map((rung) => rung.id)).toEqual(['a', 'b']);
    expect(ladder.unmet).toEqual(['c']);
    expect([ladder.unknownPairs, ladder.pairs]).toEqual([2, 3]);
    expect(ladder.few).toBe(true);
    expect(ladder.wins.get('a')?.get('b')).toBe(2);
  });

  it('takes off the ladder who has left, and what a group does to itself', () => {
    const ladder = ladderOf(
      [chased('a', 'b'), chased('c', 'a', 't', 1), chased('b', 'b', 't', 2)],
      't',
      ['a', 'b'].map(resident),
    );
    expect(ladder.rungs.map((rung) => rung.id)).toEqual(
      ['b', 'a'].sort(
        (x, y) => ladder.rungs.findIndex((r) => r.id === x) - ladder.rungs.findIndex((r) => r.id === y),
      ),
    );
    expect(ladder.rungs.some((rung) => rung.id === 'c')).toBe(false);
    expect(ladder.contests).toHaveLength(2);
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

  it('F83, common practice: a boss put away for some days no longer leads when it is back', () => {
    const before = ladderOf(boss, 't', ['boss', 'b'].map(resident));
    expect(before.rungs[0]?.id).toBe('boss');
    const course = [...boss, moved('boss', 'spare', '2026-01-05'), moved('boss', 't', '2026-01-12')];
    const back = ladderOf(course, 't', ['boss', 'b'].map(resident));
    expect(back.unmet).toEqual(['boss']);
    expect(back.trace).toHaveLength(3);
    const beaten = ladderOf(
      [...course, { ...chased('b', 'boss', 't', 8), on: '2026-01-13' }],
      't',
      ['boss', 'b'].map(resident),
    );
    expect(beaten.rungs.map((rung) => rung.id)).toEqual(['b', 'boss']);
    expect(beaten.rungs[1]).toMatchObject({ wins: 0, losses: 1 });
  });

  it('keeps the rating of a fish that was out for a day only, and of one moved to where it was', () => {
    const course = [...boss, moved('boss', 'spare', '2026-01-05'), moved('boss', 't', '2026-01-06')];
    expect(ladderOf(course, 't', ['boss', 'b'].map(resident)).rungs[0]?.id).toBe('boss');
    expect(
      ladderOf([...boss, moved('boss', 't', '2026-01-20')], 't', ['boss', 'b'].map(resident)).rungs[0]?.id,
    ).toBe('boss');
  });
});
