import { listed, madeUp } from '@/testing/madeUp';
import type { Place, PlannedGroup } from './context';
import { lineUpReason } from './finding';
import { groundHolders, holdersOf } from './ground';
import { groupsAsOne } from './groupsAsOne';
import { maturesInMonths } from './maturity';

const profile = madeUp('amatitlania-nigrofasciata', 'one', {
  company: { mode: 'pair', groundCm2: 1000, pairs: 'no', ownKind: { male: 3, female: 3 } },
});
const group = (given: Partial<PlannedGroup>): PlannedGroup => ({ ...listed(profile).groups[0]!, ...given });
const range = profile.water.wild;
const asOne = (...groups: readonly Partial<PlannedGroup>[]) => groupsAsOne(profile, range, groups.map(group));

describe('groups counted as one', () => {
  it('add up heads and the sexes that are known', () => {
    expect(asOne({ count: 2, males: 1 }, { count: 3, males: null })).toMatchObject({ count: 5, males: 1 });
    expect(asOne({ males: null }, { males: null }).males).toBeNull();
  });
  it('are as long as the longest, and as short as the shortest', () =>
    expect(asOne({ lengthCm: 4, judgedCm: 9 }, { lengthCm: 6, judgedCm: 8 })).toMatchObject({
      largestCm: 6,
      smallestCm: 4,
      judgedCm: 9,
    }));
  it('leave with the last of them, or not at all', () => {
    expect(asOne({ leavesInMonths: 3 }, { leavesInMonths: 5 }).leavesInMonths).toBe(5);
    expect(asOne({ leavesInMonths: 3 }, { leavesInMonths: null }).leavesInMonths).toBeNull();
  });
});

describe('those that hold ground', () => {
  it.each<[string, Partial<PlannedGroup>, number]>([
    ['a couple of killers, one', { count: 2, males: 1, females: 1 }, 1],
    ['two females, both', { count: 2, males: 0, females: 2 }, 2],
    ['two males, both', { count: 2, males: 2, females: 0 }, 2],
    ['a couple and one that nobody sexed, all', { count: 3, males: 1, females: 1 }, 3],
    ['a female and one that nobody sexed, both', { count: 2, males: 0, females: 1 }, 2],
    ['a male and one that nobody sexed, both', { count: 2, males: 1, females: 0 }, 2],
  ])('of %s', (_what, given, holders) => expect(groundHolders(listed(profile, given))).toBe(holders));
  it('of a group one in three, unless some of them are strangers', () => {
    const angels = madeUp('pterophyllum-scalare', 'angels', {
      company: { mode: 'group', groundCm2: 1000, pairs: 'guards', ownKind: { male: 1, female: 1 } },
    });
    const six = listed(angels, { count: 6 });
    expect(groundHolders(six)).toBe(2);
    const groups = [true, false].map((grownTogether) => ({ ...six.groups[0]!, grownTogether }));
    expect(groundHolders({ ...six, groups })).toBe(3);
  });
  it('of males that display none: they have no ground to run out of', () => {
    const peacock = madeUp('aulonocara-baenschi', 'peacock', { company: { groundCm2: 900, mode: 'harem' } });
    const place = { tank: { figures: { footprintCm2: 5000 } } } as unknown as Place;
    expect(holdersOf(listed(peacock, { count: 4 }), place)).toBeNull();
    expect(holdersOf(listed(profile, { count: 4 }), place)).toEqual({ holders: 4, fit: 5 });
  });
});

it('one that leaves in the month in which it matures has matured; one that leaves before never does', () => {
  const young = { lengthCm: profile.size.matureCm / 3 };
  const months = maturesInMonths(listed(profile, young))!;
  expect(months).toBeGreaterThan(0);
  const leaving = (leavesInMonths: number) => maturesInMonths(listed(profile, { ...young, leavesInMonths }));
  expect([leaving(months + 1), leaving(months), leaving(months - 1)]).toEqual([months, months, null]);
});

it('why a line-up does without a species is a note on it', () =>
  expect(lineUpReason('one', { says: 'line-up/fits too' })).toEqual({
    severity: 'note',
    species: ['one'],
    fact: { says: 'line-up/fits too' },
    from: null,
  }));
