import { whenIn } from '../kernel/time/when';
import { cameOf, chasedOf, happened, memberOf } from '@/testing/happened';
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
