import { catalogue, plan, TANKS } from '@/testing/plans';
import { densities } from './densities';

const TODAY = '2026-05-20';
const harem = (species: string, count: number) => ({ species, count });
const PEACOCKS = [
  harem('aulonocara-baenschi', 5),
  harem('copadichromis-azureus', 5),
  harem('protomelas-taeniolatus', 5),
];
const MBUNA = [harem('labidochromis-caeruleus', 8), harem('maylandia-estherae', 8)];

const by = (file: ReturnType<typeof plan>) => {
  const [roomy, dense] = densities(file, catalogue, TODAY);
  if (!roomy || !dense) throw new Error('no choice');
  return { roomy, dense };
};

describe('roomy and dense', () => {
  it('F90: gives the roomy number of peacocks and haps, and more of them dense', () => {
    const { roomy, dense } = by(plan(TANKS.us125, PEACOCKS));
    expect(roomy.openWater).toEqual({ now: 15, upTo: expect.any(Number) });
    expect(Math.abs((roomy.openWater?.upTo ?? 0) - 25)).toBeLessThanOrEqual(1);
    expect(dense.openWater?.upTo).toBeGreaterThan(35);
    expect([roomy.rockDwellers, roomy.current, dense.current]).toEqual([null, true, false]);
  });

  it('F91: asks more changes and filtration of the dense one, and says what a missed change does', () => {
    const { roomy, dense } = by(plan(TANKS.us125, PEACOCKS));
    expect(dense.nitrateMgLWeek).toBeGreaterThan(roomy.nitrateMgLWeek);
    expect(dense.turnoverPerHour).toBeGreaterThan(roomy.turnoverPerHour);
    for (const one of [roomy, dense]) expect(one.missedMgL).toBeGreaterThan(one.peakMgL);
    const share = (one: typeof roomy) =>
      one.routine ? one.routine.fraction / one.routine.everyDays : Infinity;
    expect(share(dense)).toBeGreaterThanOrEqual(share(roomy));
  });

  it('takes rock dwellers for dense where nobody chose, 20 to 25 in a four-foot 55', () => {
    const { roomy, dense } = by(plan(TANKS.us55, MBUNA));
    expect(dense.current).toBe(true);
    expect(dense.rockDwellers?.upTo).toBeGreaterThanOrEqual(20);
    expect(dense.rockDwellers?.upTo).toBeLessThanOrEqual(25);
    expect(roomy.rockDwellers?.upTo).toBeLessThan(dense.rockDwellers?.upTo ?? 0);
  });

  it('lets both share a tank as they do now', () => {
    const together = by(plan(TANKS.us125, [...PEACOCKS, ...MBUNA])).dense;
    const alone = by(plan(TANKS.us125, PEACOCKS)).dense;
    expect(together.openWater?.upTo).toBeLessThan(alone.openWater?.upTo ?? 0);
  });

  it('says what the list is called by each', () => {
    const many = PEACOCKS.map(({ species }) => harem(species, 11));
    const { roomy, dense } = by(plan(TANKS.us125, many));
    expect(dense.cautions).toBeLessThan(roomy.cautions);
  });

  it('has nothing to choose without Lake Malawi cichlids', () =>
    expect(densities(plan(TANKS.us55, [harem('paracheirodon-innesi', 10)]), catalogue, TODAY)).toEqual([]));
});
