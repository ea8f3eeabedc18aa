import { whenIn } from '../kernel/time/when';
import { cameOf, chasedOf, happened, memberOf, watchedOf } from '@/testing/happened';
import type { Standing } from '../events/roomAt';
import { applyEvent } from '../events/events';
import { EMPTY_ROOM, residentsOf } from '../events/room';
import { patternsOf } from './patterns';
import { watchesOf } from './watches';
import { at, four } from '@/testing/watches';

describe('patterns', () => {
  const patterns = (happenings: Standing[], today = '2026-03-30') => {
    const room = [...happenings].reduce(applyEvent, EMPTY_ROOM);
    return patternsOf({
      lengthCm: 120,
      watches: watchesOf(happenings, 'T'),
      happenings,
      residents: residentsOf(room, 'T'),
      daysSince: whenIn(today, 'UTC').daysSince,
      femalesPerMale: () => 2,
    });
  };
  const names = (happenings: Standing[], today?: string) =>
    patterns(happenings, today).map((one) => one.name);
  const fights = (list: readonly (readonly [string, string, Record<string, unknown>?])[]): Standing[] => [
    ...list.map(([winner, loser, more], i) => chasedOf(at(10, 18, i), winner, loser, more)),
    watchedOf(at(10, 19), 60),
  ];
  const many = (n: number, winner: string, loser: string, more?: Record<string, unknown>) =>
    Array.from({ length: n }, () => [winner, loser, more] as const);

  it('names a dominant fish with its share, the even share and what else it could be', () => {
    const [dominant] = patterns([
      four,
      ...fights([...many(6, 'a', 'b'), ...many(5, 'a', 'c'), ...many(5, 'a', 'd'), ...many(2, 'b', 'c')]),
    ]);
    expect(dominant).toMatchObject({
      name: 'one boss',
      who: ['a'],
      sure: 'clear',
      because: { contests: 18, own: 16 },
    });
    expect(dominant!.because.evenShare).toBe(0.25);
  });
  it('names a victim, and is silent where all share alike or too little was seen', () => {
    expect(
      names([four, ...fights([...many(5, 'a', 'd'), ...many(5, 'b', 'd'), ...many(5, 'c', 'd')])]),
    ).toContain('one victim');
    expect(
      names([
        four,
        ...fights(
          ['ab', 'bc', 'cd', 'da', 'ac', 'bd', 'ba', 'cb', 'dc', 'ad', 'ca', 'db'].map(
            (two) => [two[0]!, two[1]!] as const,
          ),
        ),
      ]),
    ).toEqual([]);
    expect(names([four, ...fights(many(4, 'a', 'b'))])).toEqual([]);
  });
  it('calls nobody dominant by contests that neither won, and names the two that lock again and again', () => {
    const undecided = { what: 'lock', undecided: true };
    const found = names([four, ...fights(many(14, 'a', 'b', undecided))]);
    expect(found).toContain('duel');
    expect(found).not.toContain('one boss');
    expect(found).not.toContain('one victim');
  });
  it('counts one of a group on another in the rates, and calls no group dominant', () => {
    const shoal = cameOf(at(1, 12), [{ ...memberOf('g'), individual: false, count: 6 }, memberOf('a')]);
    const happenings = [shoal, ...fights(many(14, 'g', 'g'))];
    expect(watchesOf(happenings, 'T')[0]!.contests).toHaveLength(14);
    expect(names(happenings)).not.toContain('one boss');
    // A fish against itself is a slip.
    expect(watchesOf([shoal, ...fights(many(3, 'a', 'a'))], 'T')[0]!.contests).toEqual([]);
  });
  it('names too few females from what is known of the sexes, and only where males chase their own', () => {
    const sexedAs = (...sexes: readonly ('male' | 'female' | 'unknown')[]) =>
      cameOf(
        at(1),
        sexes.map((sex, i) => ({ ...memberOf('abcd'[i]!), sex })),
      );
    const chases = fights([...many(7, 'a', 'c'), ...many(7, 'b', 'a')]);
    const found = patterns([sexedAs('male', 'male', 'female', 'female'), ...chases]).find(
      ({ name }) => name === 'too few females',
    );
    expect(found).toMatchObject({
      who: ['a', 'b'],
      sure: 'likely',
      because: { contests: 14, own: 14, males: 2, females: 2, unsexed: 0, wanted: 2 },
    });
    // Those that nobody sexed may be the females.
    expect(names([sexedAs('male', 'unknown', 'unknown', 'female'), ...chases])).not.toContain(
      'too few females',
    );
    // A female that rules is another matter.
    const byFemale = fights(many(14, 'c', 'a'));
    expect(names([sexedAs('male', 'male', 'female', 'female'), ...byFemale])).not.toContain(
      'too few females',
    );
  });
  it('names a duel when both win, not when one always does', () => {
    expect(
      names([four, ...fights([...many(6, 'a', 'b'), ...many(6, 'b', 'a'), ...many(2, 'c', 'd')])]),
    ).toContain('duel');
    expect(names([four, ...fights([...many(12, 'a', 'b'), ...many(2, 'c', 'd')])])).not.toContain('duel');
  });
  it('F88, common practice: names a pair on guard against all, in one place', () => {
    const paired = happened({ type: 'paired', on: at(5), first: 'a', second: 'b' });
    const fry = happened({ type: 'fry', on: at(8), species: 'labidochromis-caeruleus', seen: 9 });
    const fight = fights([
      ...many(5, 'a', 'c', { place: 'left' }),
      ...many(5, 'b', 'd', { place: 'left' }),
      ...many(4, 'c', 'd'),
    ]);
    const [guard] = patterns([four, paired, fry, ...fight]);
    expect(guard).toMatchObject({ name: 'pair on guard', who: ['a', 'b'], sure: 'clear' });
    expect(names([four, ...fight])).not.toContain('pair on guard');
  });
  it('F86, common practice: names a newcomer that all pick on, for three weeks', () => {
    const old = cameOf(
      '2026-01-02T18:00:00.000Z',
      ['a', 'b', 'c', 'd'].map((id) => memberOf(id)),
    );
    const late = cameOf(at(9), [memberOf('e')]);
    const fight = fights([...many(5, 'a', 'e'), ...many(5, 'b', 'e'), ...many(4, 'c', 'e')]);
    expect(names([old, late, ...fight], '2026-03-12')).toContain('newcomer picked on');
    expect(names([old, late, ...fight], '2026-05-12')).not.toContain('newcomer picked on');
  });
  it('names feeding, the light and one side when they are noted', () => {
    const ring = ['ab', 'bc', 'cd', 'da', 'ac', 'bd', 'ba', 'cb', 'dc', 'ad', 'ca', 'db'];
    const noted = (more: Record<string, unknown>) =>
      fights(ring.map((two) => [two[0]!, two[1]!, more] as const));
    expect(names([four, ...noted({ trigger: 'feeding' })])).toEqual(['feeding time']);
    expect(names([four, ...noted({ trigger: 'light' })])).toEqual(['lights']);
    expect(
      names([
        four,
        ...fights(ring.map((two, i) => [two[0]!, two[1]!, { place: i < 10 ? 'left' : 'right' }] as const)),
      ]),
    ).toEqual(['to one side']);
  });
  it('F87, common practice: five that hold ground are too many, two corners held are fine', () => {
    const holds = (...ids: string[]) =>
      ids.map((id) =>
        happened({ type: 'saw', on: at(9), resident: id, what: 'holds ground', place: 'left' }),
      );
    const eight = cameOf(
      at(1),
      ['a', 'b', 'c', 'd', 'e', 'f'].map((id) => memberOf(id)),
    );
    expect(names([eight, ...holds('a', 'b', 'c', 'd', 'e')])).toEqual(['too many holders']);
    expect(names([eight, ...holds('a', 'b')])).toEqual([]);
  });
  it('F14, common practice: a lone torn fish may bite itself', () => {
    const alone = cameOf(at(1), [memberOf('a')]);
    const torn = happened({ type: 'saw', on: at(9), resident: 'a', what: 'torn', place: '' });
    const [own] = patterns([alone, torn, watchedOf(at(10), 90)]);
    expect(own).toMatchObject({ name: 'torn, nobody seen', who: ['a'] });
    expect(own!.alone).toBe(true);
  });
});
