import { catalogue } from '@/testing/plans';
import hierarchy from '@/testing/fixtures/hierarchy.json';
import survival from '@/testing/fixtures/survival.json';
import { runCommand } from './runCommand';

const run = (args: string[], text = '') =>
  runCommand(args, { catalogue, today: '2026-11-23', readInput: () => text });
const answer = (args: string[], text = '') => JSON.parse(run(args, text).output);

/** A matrix of wins as contests, one line each. */
const csvOf = (wins: number[][]): string =>
  [
    'time,winner,loser',
    ...wins.flatMap((row, i) =>
      row.flatMap((won, j) => Array.from({ length: won }, (_, k) => `${k},f${i},f${j}`)),
    ),
  ].join('\n');

describe('order', () => {
  const [, sparse] = hierarchy.matrices;
  it('gives the measures of the reference', () => {
    const got = answer(['order', 'a.csv', '--seed', '7'], csvOf(sparse!.matrix));
    expect(got).toMatchObject({ contests: sparse!.n_contests, unknownPairs: sparse!.unknown_dyads });
    expect(got.steepness.value).toBeCloseTo(sparse!.davids_score.Dij_unobserved0.steepness, 10);
    expect(got.linearity.improvedH).toBeCloseTo(sparse!.landau.h_prime_exact, 10);
    expect(got.kendall.circularTriads).toBeCloseTo(sparse!.kendall.d, 10);
    for (const fish of got.fish)
      expect(fish.davidsScore).toBeCloseTo(
        sparse!.davids_score.Dij_unobserved0.DS[Number(fish.id.slice(1))]!,
        10,
      );
    expect(answer(['order', 'a.csv', '--seed', '7'], csvOf(sparse!.matrix))).toEqual(got);
  });
  it('weighs contests, and says why five fish have no p', () => {
    const got = answer(['order', '-'], 'time,winner,loser,weight\n1,a,b,3\n2,b,a,1\n3,b,c,\n');
    expect(got.fish.find((one: { id: string }) => one.id === 'a')).toMatchObject({ wins: 3, losses: 1 });
    expect(got.linearity).toMatchObject({ p: null, why: expect.stringContaining('five fish or fewer') });
    expect(got.bradleyTerry).toMatchObject({ strength: null, why: expect.any(String) });
  });
  it('names what is wrong by line and column, and takes nothing', () => {
    const { output, errors } = run(['order', 'a.csv'], 'time,winner,loser,weight\n1,a,a,1\n,a,b,-2\n3,,b\n');
    expect(output).toBe('');
    expect(errors).toEqual([
      expect.stringMatching(/^a\.csv: Line 4: 3 cells here, 4 in the heading/),
      expect.stringMatching(/^a\.csv: Line 2, loser: same fish as the winner/),
      expect.stringMatching(/^a\.csv: Line 3, time: nothing stands here/),
      expect.stringMatching(/^a\.csv: Line 3, weight: needs more than 0\. Found "-2"/),
    ]);
    expect(run(['order', 'a.csv'], 'winner,loser\na,b').errors[0]).toMatch(/Line 1: no column "time"/);
    expect(run(['order', 'a.csv'], 'time,winner,loser\n').errors[0]).toMatch(/at least one row/);
    expect(run(['order', 'a.csv', '--seed', 'x'], 'time,winner,loser\n1,a,b').errors[0]).toMatch(/^--seed/);
    expect(run(['order']).errors[0]).toMatch(/needs a CSV file/);
  });
});

describe('rate', () => {
  it('compares events in minutes, after over before', () => {
    const got = answer(['rate', '--before', '12/90', '--after', '3/80']);
    expect(got.beforePerHour).toBeCloseTo(8, 10);
    expect(got.ratio).toBeCloseTo(0.28125, 10);
    expect(got.interval[0]).toBeLessThan(got.ratio);
    expect(answer(['rate', '--before', '0/90', '--after', '3/80']).interval[1]).toBeNull();
  });
  it('names the option that cannot be read', () => {
    expect(run(['rate', '--before', '12', '--after', '3/0']).errors.slice(0, 2)).toEqual([
      expect.stringMatching(/^--before: needs events\/minutes.*Found "12"/),
      expect.stringMatching(/^--after: .*Found "3\/0"/),
    ]);
    expect(run(['rate']).errors[0]).toMatch(/^--before: .*Found nothing/);
  });
});

describe('survival', () => {
  const { time, status, group, chisq, p } = survival.logrank.freireich;
  const csv = ['group,start,end,event', ...time.map((t, i) => `${group[i]},0,${t},${status[i]}`)].join('\n');
  it('gives curves, medians and the log-rank test of the 6-mercaptopurine trial (Freireich et al. 1963)', () => {
    const got = answer(['survival', 'a.csv'], csv);
    expect(got.groups['6-MP']).toMatchObject({ median: 23 });
    expect(got.groups.placebo).toMatchObject({ median: 8 });
    expect(got.logRank.chiSquare).toBeCloseTo(chisq, 8);
    expect(got.logRank.p).toBeCloseTo(p, 8);
    expect(got.warnings).toEqual([]);
  });
  it('names bad rows', () => {
    const { errors } = run(['survival', 'a.csv'], 'group,start,end,event\na,3,3,1\n,x,4,2\n');
    expect(errors).toEqual([
      expect.stringMatching(/Line 2, end: needs more than \d+, the start/),
      expect.stringMatching(/Line 3, group: nothing stands here/),
      expect.stringMatching(/Line 3, start: needs a number from .* Found "x"/),
      expect.stringMatching(/Line 3, event: needs 1 or 0\. Found "2"/),
    ]);
  });
});
