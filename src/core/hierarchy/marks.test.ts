import { whenIn } from '../kernel/time/when';
import { cameOf, chasedOf, happened, memberOf } from '@/testing/happened';
import type { ResidentId } from '../kernel/schema/ids';
import { applyEvent } from '../events/events';
import { EMPTY_ROOM, residentsOf } from '../events/room';
import { eloTrace } from './eloRanking';
import { courseOf, rankingFrom } from './rankingOf';
import { newcomerPaths, newcomersAmong, hierarchyMarks } from './marks';
import { packCourse, placeFrom, unpackCourse } from './packedCourse';

const at = (day: number, minute = 0): string => new Date(Date.UTC(2026, 2, day, 18, minute)).toISOString();
const happenings = [
  cameOf(at(1), [memberOf('a'), memberOf('b')]),
  chasedOf(at(2), 'a', 'b', { what: 'pin', bad: 2 }),
  happened({ type: 'moved', on: at(3), resident: 'b', tank: 'U' }),
  chasedOf(at(3, 5), 'x', 'y', { tank: 'U' }),
  happened({ type: 'moved', on: at(12), resident: 'b', tank: 'T' }),
  cameOf(at(13), [memberOf('new')]),
  chasedOf(at(14), 'a', 'new'),
  chasedOf(at(14, 1), 'b', 'new'),
  chasedOf(at(15), 'new', 'b'),
  happened({ type: 'stepped-in', on: at(16), step: 'rearranged' }),
  happened({ type: 'died', on: at(17), resident: 'a', count: 1, how: 'found', cause: '' }),
];
const room = happenings.reduce(applyEvent, EMPTY_ROOM);
const residents = residentsOf(room, 'T');

describe('a packed course', () => {
  it('unpacks to what it was: contests, returns and weights in their order', () => {
    const { packed, on } = packCourse(happenings, { tank: 'T', weighted: true });
    const course = courseOf(happenings, { tank: 'T' });
    expect(
      unpackCourse(packed).map((one) => ('back' in one ? one.back : `${one.winner}>${one.loser}`)),
    ).toEqual(course.map((one) => ('back' in one ? one.back : `${one.winner}>${one.loser}`)));
    expect(on).toEqual(course.map((one) => one.on));
    expect(Array.from(packed.weight)).toEqual([6, 1, 1, 1, 1]);
    const ids = residents.map((one) => one.id);
    expect(rankingFrom(unpackCourse(packed), ids).ranked).toEqual(rankingFrom(course, ids).ranked);
  });
  it('knows what neither won, and what two did in a tank from before', () => {
    const course = [
      chasedOf(at(2), 'a', 'b'),
      chasedOf(at(3), 'b', 'a', { undecided: true }),
      chasedOf(at(4), 'a', 'b', { tank: 'U' }),
      chasedOf(at(5), 'a', 'z', { tank: 'U' }),
    ];
    const asked = { tank: 'T', together: new Set(['a', 'b']) };
    const { packed, before } = packCourse(course, asked) as ReturnType<typeof packCourse> & {
      before: number;
    };
    expect(before).toBe(1);
    expect(unpackCourse(packed).map((one) => ('winner' in one ? Boolean(one.undecided) : null))).toEqual([
      false,
      true,
      false,
    ]);
    expect(courseOf(course, asked).map((one) => 'isBefore' in one)).toEqual([false, false, true]);
  });
  it('begins where it is told to', () => {
    expect(packCourse(happenings, { tank: 'T', from: at(14) }).packed.first).toHaveLength(3);
    expect(placeFrom(['a', 'c', 'c', 'e'], 'c')).toBe(1);
    expect(placeFrom(['a', 'c'], 'z')).toBe(2);
  });
});

describe('marks and newcomers', () => {
  it('tells who came, who left and what was changed, in this tank alone', () => {
    expect(
      hierarchyMarks(happenings, 'T').map((mark) =>
        mark.kind === 'step' ? `step ${mark.step}` : `${mark.kind} ${mark.who.join(', ')} ${mark.how}`,
      ),
    ).toEqual([
      'came a, b came',
      'left b moved out',
      'came b moved in',
      'came new came',
      'step rearranged',
      'left a died',
    ]);
  });
  it('leaves out what befell its fish elsewhere, and says how one came back', () => {
    const gone = (day: number, type: 'died' | 'rehomed') =>
      happened({
        type,
        on: at(day),
        resident: 'a',
        count: 1,
        how: 'missing',
        taker: 'Maren',
        reason: 'other',
      });
    const back = (day: number, what: string, tank: string) =>
      happened({ type: 'back-again', on: at(day), resident: 'a', what, count: 1, tank });
    expect(
      hierarchyMarks(
        [
          cameOf(at(1), [memberOf('a')]),
          gone(2, 'died'),
          back(3, 'found alive', 'T'),
          gone(4, 'rehomed'),
          back(5, 'returned', 'Q'),
          gone(6, 'rehomed'),
        ],
        'T',
      ).map((mark) => (mark.kind === 'step' ? mark.step : mark.how)),
    ).toEqual(['came', 'died', 'found alive', 'rehomed']);
  });
  it('takes a fish that was here and moves within for no newcomer, and asks nothing of fish of other tanks', () => {
    const moved = (day: number, resident: string, tank: string) =>
      happened({ type: 'moved', on: at(day), resident, tank });
    const marks = hierarchyMarks(
      [
        cameOf(at(1), [memberOf('a'), memberOf('b')]),
        cameOf(at(1), [memberOf('x')], { tank: 'U' }),
        moved(2, 'a', 'T'),
        moved(3, 'x', 'V'),
        happened({ type: 'rehomed', on: at(4), resident: 'x', count: 1, taker: 'Maren', reason: 'other' }),
        happened({ type: 'stepped-in', on: at(5), step: 'rearranged', tank: 'U' }),
        happened({ type: 'back-again', on: at(6), resident: 'a', what: 'found again', count: 1, tank: 'T' }),
        happened({ type: 'noted', on: at(7), resident: null, text: 'fed' }),
        happened({ type: 'back-again', on: at(8), resident: 'b', what: 'returned', count: 1, tank: 'T' }),
      ],
      'T',
    );
    expect(marks).toEqual([
      { on: at(1), kind: 'came', how: 'came', who: ['a', 'b'] },
      { on: at(8), kind: 'came', how: 'returned', who: ['b'] },
    ]);
  });
  it('calls a fish a newcomer for sixty days, unless it came with the first', () => {
    const when = whenIn('2026-05-20', 'UTC');
    const living = (id: string, day: string) => ({
      id: id as ResidentId,
      inTankSince: `${day}T12:00:00.000Z`,
    });
    const fresh = (...residents: readonly ReturnType<typeof living>[]) =>
      newcomersAmong(residents, when, () => 4).map(({ id, days, since }) => [id, days, since]);
    // Not in the order of their coming.
    expect(
      fresh(
        living('late', '2026-05-10'),
        living('old', '2026-01-10'),
        living('edge', '2026-03-21'),
        living('past', '2026-03-20'),
        living('with', '2026-01-10'),
      ),
    ).toEqual([
      ['late', 10, 4],
      ['edge', 60, 4],
    ]);
    expect(fresh(living('a', '2026-05-10'), living('b', '2026-05-10'))).toEqual([]);
    expect(fresh()).toEqual([]);
  });
  it('follows each newcomer by its own contests, from its coming on', () => {
    const contest = (n: number, winner: string, loser: string) => ({ on: String(n), winner, loser });
    const trace = eloTrace([
      contest(0, 'a', 'new'),
      contest(1, 'new', 'b'),
      contest(2, 'a', 'b'),
      contest(3, 'b', 'new'),
    ]);
    const [path] = newcomerPaths(trace, [{ id: 'new', days: 7, since: 1 }]);
    expect(path).toEqual({
      id: 'new',
      days: 7,
      wins: 1,
      losses: 1,
      ratings: [1000, trace[1]!.winnerAfter, trace[3]!.loserAfter],
    });
  });
  it('follows a newcomer from the mean it starts at, and only what it did since it came', () => {
    const { packed, on } = packCourse(happenings, { tank: 'T' });
    const fresh = newcomersAmong(residents, whenIn('2026-03-20', 'UTC'), (moment) => placeFrom(on, moment));
    expect(fresh).toEqual([{ id: 'new', days: 7, since: 2 }]);
    const [path] = newcomerPaths(eloTrace(unpackCourse(packed)), fresh);
    expect(path).toMatchObject({ wins: 1, losses: 2 });
    expect(path!.ratings[0]).toBe(1000);
    expect(path!.ratings).toHaveLength(4);
  });
});
