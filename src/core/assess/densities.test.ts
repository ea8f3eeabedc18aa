import { catalogue, plan, TANKS } from '@/testing/plans';
import type { PlanGroup } from '../model';
import { assess } from './assess';
import { buildContext } from './buildContext';
import { densities, type DensityChoice } from './densities';

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

describe('what an approach costs', () => {
  const loadOf = (groups: readonly PlanGroup[], riftDensity: 'roomy' | 'dense') =>
    buildContext(plan(TANKS.us125, groups, { practice: { riftDensity } }), catalogue, TODAY).context;

  it('is that of the whole list, in the shares that it has now, by largest remainder', () => {
    const { roomy } = by(
      plan(TANKS.us125, [harem('aulonocara-baenschi', 2), harem('copadichromis-azureus', 7)]),
    );
    // 24 in 2 : 7 are 5.33 and 18.67: the larger remainder gets the last fish.
    expect(roomy.openWater).toEqual({ now: 9, upTo: 24 });
    const full = loadOf([harem('aulonocara-baenschi', 5), harem('copadichromis-azureus', 19)], 'roomy');
    expect(roomy.nitrateMgLWeek).toBeCloseTo(full.load.nitrateMgLWeek, 9);
  });
  it('leaves no species out, however few there are of it', () => {
    const { roomy } = by(
      plan(TANKS.us125, [harem('aulonocara-baenschi', 1), harem('copadichromis-azureus', 60)]),
    );
    expect(roomy.openWater?.upTo).toBe(24);
    const full = loadOf([harem('aulonocara-baenschi', 1), harem('copadichromis-azureus', 23)], 'roomy');
    expect(roomy.nitrateMgLWeek).toBeCloseTo(full.load.nitrateMgLWeek, 9);
  });
  it('counts one of each at least in a tank that holds fewer than there are kinds', () => {
    const { roomy } = by(plan(TANKS.us10, PEACOCKS));
    expect(roomy.openWater?.upTo).toBe(3);
  });

  /** The peak of a routine, from the series of repeated dilution by itself: it is kept up until nothing moves. */
  const peakOf = (fraction: number, everyDays: number, perDay: number, tap: number): number => {
    let now = tap;
    for (let change = 0; change < 400; change += 1)
      now = (now + perDay * everyDays) * (1 - fraction) + tap * fraction;
    return now + perDay * everyDays;
  };
  // What keepers do, from a quarter a week to half of it twice a week (common practice).
  const ROUTINES = [
    [0.25, 7],
    [0.4, 7],
    [0.5, 7],
    [0.25, 3],
    [0.5, 4],
  ] as const;
  const expected = ({ nitrateMgLWeek }: DensityChoice, tap: number) => {
    const perDay = nitrateMgLWeek / 7;
    const peaks = ROUTINES.map(([fraction, everyDays]) => ({
      routine: { fraction, everyDays },
      peak: peakOf(fraction, everyDays, perDay, tap),
    }));
    const holds = peaks.find(({ peak }) => peak <= 40);
    const shown = holds ?? peaks[peaks.length - 1]!;
    return {
      routine: holds?.routine ?? null,
      peakMgL: expect.closeTo(shown.peak, 6),
      missedMgL: expect.closeTo(shown.peak + perDay * shown.routine.everyDays, 6),
    };
  };
  const TAPS = [0, 10, 20, 30, 60];
  const small = (nitrateTapMgL: number) =>
    by(
      plan({ ...TANKS.us55, plants: 'dense' }, [harem('pseudotropheus-saulosi', 9)], {
        water: { nitrateTapMgL },
      }),
    );
  it.each(TAPS)('is the lightest routine that holds nitrate, with %d mg/L in the tap', (tap) => {
    const { roomy, dense } = small(tap);
    for (const one of [roomy, dense]) expect(one).toMatchObject(expected(one, tap));
  });
  it('is each of them, and none, over the taps of that test', () => {
    const all = TAPS.flatMap((tap) =>
      Object.values(small(tap)).map(({ routine }) => JSON.stringify(routine)),
    );
    expect(new Set(all).size).toBe(ROUTINES.length + 1);
  });
  it('names the verdict, the stops and the cautions that the list as it stands gets by it', () => {
    const groups = [...PEACOCKS, harem('paracheirodon-innesi', 8)];
    const choices = by(plan(TANKS.us55, groups));
    for (const density of ['roomy', 'dense'] as const) {
      const whole = assess(
        plan(TANKS.us55, groups, { practice: { riftDensity: density } }),
        catalogue,
        TODAY,
      );
      const count = (severity: string) => whole.findings.filter((one) => one.severity === severity).length;
      expect(count('stop')).toBeGreaterThan(0);
      expect(count('caution')).toBeGreaterThan(0);
      expect(choices[density]).toMatchObject({
        verdict: whole.today,
        stops: count('stop'),
        cautions: count('caution'),
      });
    }
  });
  it.each([
    [undefined, [false, false]],
    ['roomy', [true, false]],
    ['dense', [false, true]],
  ] as const)('is current where all go by it: both kinds, %s chosen', (riftDensity, current) => {
    const practice = riftDensity ? { practice: { riftDensity } } : {};
    const { roomy, dense } = by(plan(TANKS.us125, [...PEACOCKS, ...MBUNA], practice));
    expect([roomy.current, dense.current]).toEqual(current);
  });
  it('is offered for as many of one kind as of the other', () =>
    expect(
      densities(
        plan(TANKS.us125, [harem('aulonocara-baenschi', 2), harem('maylandia-estherae', 2)]),
        catalogue,
        TODAY,
      ),
    ).toHaveLength(2));
});
