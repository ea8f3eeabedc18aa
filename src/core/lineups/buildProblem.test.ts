import { catalogue, TODAY } from '@/testing/plans';
import { file, wish } from '@/testing/lineups/asked';
import { assess, type Assessment } from '../assess';
import { buildProblem, pairKey, planWith, stopOf } from './buildProblem';
import type { WishesFile } from './wishes';

const built = (asked: WishesFile) => buildProblem(asked, catalogue, TODAY);
/** Odessa barbs trouble honey gouramis; corydoras trouble neither. */
const BARBS = [
  wish('pethia-padamya', { counts: [8] }),
  wish('corydoras-sterbai', { counts: [6] }),
  wish('trichogaster-chuna', { counts: [2] }),
];

describe('a wish list as figures', () => {
  it('gives each wish its numbers: those told, those of its sexes, or the smallest and the comfortable group', () => {
    const { candidates } = built(
      file([
        wish('paracheirodon-innesi', { counts: [12, 12, 15] }),
        wish('pelvicachromis-pulcher', { males: 1, females: 1 }),
        wish('corydoras-sterbai', { counts: [] }),
      ]),
    );
    const { smallestGroup, comfortableGroup } = catalogue.byId.get('corydoras-sterbai')!.company;
    expect(candidates.map(({ group }) => group.count)).toEqual([12, 15, 2, smallestGroup, comfortableGroup]);
    expect(candidates.map(({ group }) => group.males)).toEqual([
      undefined,
      undefined,
      1,
      undefined,
      undefined,
    ]);
  });

  it('gives no sexes to a number that is less than they are, and takes no species that was not checked', () => {
    const { candidates, dropped } = built(
      file([wish('pelvicachromis-pulcher', { counts: [2, 6], males: 1, females: 2 })]),
    );
    expect(candidates.map(({ group: { males, females } }) => [males, females])).toEqual([
      [undefined, undefined],
      [1, 2],
    ]);
    expect(dropped).toEqual([]);
    expect(() => built(file([wish('danio-rerio'), wish('no such fish')]))).toThrow('wishes[1].species');
  });

  it('takes one number of a wish, and one of those that must be there', () => {
    const { problem } = built(
      file([
        wish('paracheirodon-innesi', { counts: [12, 15], mustHave: true }),
        wish('pelvicachromis-pulcher', { counts: [2], mustHave: true }),
        wish('corydoras-sterbai', { counts: [6, 8] }),
      ]),
    );
    expect(problem.oneOf).toEqual([
      [0, 1],
      [3, 4],
    ]);
    expect(problem.required).toEqual([[0, 1], [2]]);
    // Numbers of one wish need no word that they exclude each other.
    expect(problem.conflicts).toEqual([]);
  });

  it('names what excludes two groups, in whichever order they are asked for', () => {
    const { problem, why } = built(
      file([
        wish('paracheirodon-innesi', { counts: [12] }),
        wish('corydoras-sterbai', { counts: [6] }),
        wish('pterophyllum-scalare', { counts: [5] }),
      ]),
    );
    expect(problem.conflicts).toEqual([[0, 2]]);
    expect(why.get(pairKey(2, 0))).toMatchObject({
      rule: 'predation',
      species: ['pterophyllum-scalare', 'paracheirodon-innesi'],
    });
    expect(pairKey(0, 2)).not.toBe(pairKey(1, 2));
  });

  it('counts what a group has against it by itself, short of a stop', () => {
    const asked = file([
      wish('paracheirodon-innesi', { counts: [3, 12] }),
      wish('botia-striata', { counts: [3, 6] }),
      wish('betta-splendens', { counts: [1] }),
    ]);
    const { candidates } = built(asked);
    const found = candidates.map(
      ({ group }) =>
        assess(planWith(asked, [group]), catalogue, TODAY).findings.filter(
          ({ severity }) => severity === 'caution',
        ).length,
    );
    expect(candidates.map(({ trouble }) => trouble)).toEqual(found);
    expect(Math.max(...found)).toBeGreaterThan(Math.min(...found));
  });

  it('takes off so much for each problem of a group and for each between two of the list', () => {
    const { candidates, loss } = built(file(BARBS, { trouble: 0.5 }));
    const alone = candidates.map(({ trouble }) => trouble * 0.5);
    expect(candidates.map((_, i) => loss!([i]))).toEqual(alone);
    const between = (a: number, b: number) => loss!([a, b]) - alone[a]! - alone[b]!;
    const cautions = (a: number, b: number) => {
      const pair = [candidates[a]!.group, candidates[b]!.group];
      return assess(planWith(file([]), pair), catalogue, TODAY).findings.filter(
        ({ severity, species }) =>
          severity === 'caution' && pair.every((group) => species.includes(group.species)),
      ).length;
    };
    expect(cautions(0, 2)).toBeGreaterThan(0);
    for (const [a, b] of [
      [0, 1],
      [0, 2],
      [1, 2],
    ] as const)
      expect(between(a, b)).toBeCloseTo(cautions(a, b) * 0.5, 9);
    const all = alone.reduce((sum, one) => sum + one) + between(0, 1) + between(0, 2) + between(1, 2);
    expect(loss!([0, 1, 2])).toBeCloseTo(all, 9);
    expect(built(file(BARBS)).loss).toBeUndefined();
  });

  it('takes a problem between two for a stop where the list is to be calm, unless both must be there', () => {
    const conflicts = (kept: readonly number[], calm: boolean) =>
      built(
        file(
          BARBS.map((one, i) => ({ ...one, mustHave: kept.includes(i) })),
          { calm },
        ),
      ).problem.conflicts;
    expect(conflicts([], false)).toEqual([]);
    expect(conflicts([], true)).toEqual([[0, 2]]);
    expect(conflicts([0], true)).toEqual([[0, 2]]);
    expect(conflicts([0, 2], true)).toEqual([]);
  });

  it('says what is too big for the tank before what follows from it', () => {
    const of = (...findings: { readonly rule: string; readonly severity: string }[]) =>
      stopOf({ findings } as unknown as Assessment)?.rule;
    expect(of({ rule: 'nitrate', severity: 'stop' }, { rule: 'tank-size', severity: 'stop' })).toBe(
      'tank-size',
    );
    expect(of({ rule: 'tank-size', severity: 'caution' }, { rule: 'nitrate', severity: 'stop' })).toBe(
      'nitrate',
    );
    expect(of({ rule: 'tank-size', severity: 'caution' })).toBeUndefined();
  });
});
