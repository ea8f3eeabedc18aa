import { catalogue, TODAY } from '@/testing/plans';
import { file, wish } from '@/testing/lineups/asked';
import { lineUps } from './lineUps';

const plannedSpecies = (groups: readonly { readonly species: string }[] = []) =>
  groups.map((group) => group.species).sort();

describe('calm line-ups', () => {
  const wishes = [
    wish('pethia-padamya', { weight: 3 }),
    wish('corydoras-sterbai'),
    wish('trichogaster-chuna', { weight: 2 }),
  ];
  const kinds = (calm: boolean) =>
    plannedSpecies(lineUps(file(wishes, { calm }), catalogue, TODAY).lineUps[0]?.groups);
  it('do not put Odessa barbs beside a shy gourami, where others are let think twice', () => {
    expect(kinds(false)).toEqual(['corydoras-sterbai', 'pethia-padamya', 'trichogaster-chuna']);
    expect(kinds(true)).not.toEqual(expect.arrayContaining(['pethia-padamya', 'trichogaster-chuna']));
  });
  it('say nothing against species that must both be there', () => {
    const locked = wishes.map((one) => ({ ...one, mustHave: true }));
    expect(lineUps(file(locked, { calm: true }), catalogue, TODAY).lineUps).not.toHaveLength(0);
  });
});

describe('problems in the value of a line-up', () => {
  const wishes = [
    wish('pethia-padamya', { weight: 3 }),
    wish('corydoras-sterbai'),
    wish('trichogaster-chuna', { weight: 2 }),
  ];
  const best = (trouble: number | undefined) =>
    lineUps(file(wishes, trouble === undefined ? {} : { trouble }), catalogue, TODAY).lineUps[0]!;
  it('weigh as much as the keeper says: little keeps a doubtful pair, much parts it', () => {
    expect(plannedSpecies(best(undefined).groups)).toContain('trichogaster-chuna');
    expect(plannedSpecies(best(0.1).groups)).toContain('trichogaster-chuna');
    expect(plannedSpecies(best(5).groups)).not.toEqual(
      expect.arrayContaining(['pethia-padamya', 'trichogaster-chuna']),
    );
  });
  it('decide between lists of one value when they weigh nothing', () => {
    const cautions = (one: ReturnType<typeof best>) =>
      one.assessment.findings.filter(({ severity }) => severity === 'caution').length;
    const even = wishes.map(({ species }) => wish(species, { counts: [6] }));
    const all = lineUps(file(even, { trouble: 0 }), catalogue, TODAY).lineUps;
    const first = all[0]!;
    for (const other of all.filter(({ value }) => first.value - value < 1e-3))
      expect(cautions(first)).toBeLessThanOrEqual(cautions(other));
    expect(best(0).value).toBeCloseTo(best(undefined).value, 4);
  });
  it('are asked of lists that differ in their species, when those are wanted', () => {
    const sets = lineUps(file(wishes, { trouble: 0.5 }), catalogue, TODAY, { bySpecies: true }).lineUps.map(
      ({ groups }) => plannedSpecies(groups).join(),
    );
    expect(sets.length).toBeGreaterThan(3);
    expect(new Set(sets).size).toBe(sets.length);
  });
});
