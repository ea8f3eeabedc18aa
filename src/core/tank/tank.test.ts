import density from '@/testing/fixtures/density.json';
import { catalogue } from '@/testing/plans';
import { STANDARD_TANKS } from '@/catalogue/standardTanks';
import { furnishTank } from './furnishTank';
import { suggestGlassMm } from './suggestGlassMm';
import { tankBox } from './tankBox';
import { tankFigures } from './tankFigures';
import { leastTank, tanksFor } from './tanksFor';
import { waterDensity } from './waterDensity';

const tank = {
  lengthCm: 120,
  widthCm: 50,
  heightCm: 50,
  inside: false,
  glassMm: 10,
  waterLineCm: 46,
  substrate: 'sand',
  substrateCm: 4,
  hardscapeFraction: 0,
  filterLph: 1000,
  shape: 'box' as const,
  bowCm: 0,
};

describe('tankBox', () => {
  it('takes the glass off an outside measure and puts it on an inside one', () => {
    expect(tankBox(tank).inside).toEqual({ lengthCm: 118, widthCm: 48, heightCm: 49 });
    expect(tankBox({ ...tank, inside: true }).outside).toEqual({ lengthCm: 122, widthCm: 52, heightCm: 51 });
  });

  it('comes back to where it began', () => {
    const { inside } = tankBox(tank);
    expect(tankBox({ ...tank, ...inside, inside: true }).outside).toEqual({
      lengthCm: 120,
      widthCm: 50,
      heightCm: 50,
    });
  });
});

describe('tankFigures', () => {
  const figures = tankFigures(tank);
  it('counts net water between substrate and water line', () => {
    expect(figures.footprintCm2).toBe(118 * 48);
    expect(figures.waterDepthCm).toBe(42);
    expect(figures.netL).toBeCloseTo((42 * 118 * 48) / 1000, 9);
    expect(figures.grossL).toBe(300);
    expect(figures.freeSwimCm).toBeCloseTo(Math.sqrt(118 ** 2 + 48 ** 2), 9);
  });
  it('takes rock and wood out of the water', () => {
    expect(tankFigures({ ...tank, hardscapeFraction: 0.25 }).netL).toBeCloseTo(figures.netL * 0.75, 9);
  });
  it('never counts water above the rim or below the sand', () => {
    expect(tankFigures({ ...tank, waterLineCm: 80 }).waterDepthCm).toBe(45);
    expect(tankFigures({ ...tank, substrateCm: 60 }).netL).toBe(0);
  });
  it('F03, common practice: the metric sizes hold what keepers say', () => {
    for (const [l, w, h, litres] of [
      [60, 30, 30, 54],
      [80, 35, 40, 112],
      [100, 40, 50, 200],
      [120, 40, 50, 240],
      [120, 50, 50, 300],
      [150, 50, 60, 450],
      [150, 60, 60, 540],
    ] as const) {
      expect(tankFigures({ ...tank, lengthCm: l, widthCm: w, heightCm: h }).grossL).toBe(litres);
    }
  });
});

describe('waterDensity', () => {
  it.each(density.rows as [number, number, number][])(
    'at %d °C agrees with Kell 1975 and, within 0.005, with TEOS-10',
    (t, kell, teos) => {
      expect(waterDensity(t)).toBeCloseTo(kell, 6);
      expect(Math.abs(waterDensity(t) - teos)).toBeLessThan(0.006);
    },
  );
});

describe('filled mass', () => {
  it('adds up, and presses on the floor as force over area', () => {
    const { mass } = tankFigures(tank);
    expect(mass.totalKg).toBeCloseTo(
      mass.waterKg + mass.glassKg + mass.substrateKg + mass.hardscapeKg + mass.standKg,
      9,
    );
    expect(mass.floorKPa).toBeCloseTo((mass.totalKg * 9.80665) / 0.6 / 1000, 9);
    expect(mass.floorPsf / mass.floorKPa).toBeCloseTo(20.885, 3);
  });
  it('weighs the glass by hand: five panes of 10 mm at 2.5 kg a litre', () => {
    const shell = 120 * 50 * 50 - 118 * 48 * 49;
    expect(tankFigures(tank).mass.glassKg).toBeCloseTo((shell / 1000) * 2.5, 9);
  });
});

describe('the mass of a round tank', () => {
  const round = tankFigures({ ...tank, shape: 'round' });
  const box = tankFigures(tank);
  it('presses by its own foot: the same mass of water over each square centimetre as the box', () => {
    expect(round.mass.waterKg / box.mass.waterKg).toBeCloseTo(Math.PI / 4, 12);
    expect(round.mass.glassKg / box.mass.glassKg).toBeCloseTo(Math.PI / 4, 12);
    expect(round.mass.floorKPa).toBeCloseTo(box.mass.floorKPa, 9);
  });
});

describe('furnishTank', () => {
  const size = { lengthCm: 180, widthCm: 60, heightCm: 60 };
  it('fills in what follows from the measures, and says which parts those are', () => {
    const { furnished, assumed } = furnishTank({ ...size, filterLph: 900 });
    expect(furnished).toMatchObject({ waterLineCm: 58, glassMm: 12, filterLph: 900, substrate: 'sand' });
    expect([...assumed]).toEqual([
      'inside',
      'glassMm',
      'substrate',
      'waterLineCm',
      'substrateCm',
      'hardscapeFraction',
    ]);
  });
  it('makes a tank that was corrected the same as one that was made so', () => {
    const small = { lengthCm: 76.2, widthCm: 30.48, heightCm: 45.72 };
    expect(furnishTank({ ...small, ...size })).toEqual(furnishTank(size));
  });
});

describe('suggestGlassMm', () => {
  it('grows with height and with length', () => {
    expect(suggestGlassMm(60, 30)).toBeLessThan(suggestGlassMm(60, 60));
    expect(suggestGlassMm(60, 50)).toBeLessThan(suggestGlassMm(150, 50));
  });
});

describe('tanksFor', () => {
  const of = (...ids: string[]) => ids.map((id) => catalogue.byId.get(id)!);
  it('asks the most that any species asks, measure by measure', () => {
    const least = leastTank(of('paracheirodon-innesi', 'pterophyllum-scalare'), 'middle');
    const angel = catalogue.byId.get('pterophyllum-scalare')!.tank.middle;
    expect(least).toEqual({
      lengthCm: angel.lengthCm,
      widthCm: angel.widthCm,
      heightCm: angel.heightCm,
      litres: angel.litres,
    });
  });
  it('gives sizes that satisfy every measure, smallest first', () => {
    const least = leastTank(of('labidochromis-caeruleus'), 'tried');
    const sizes = tanksFor(
      least,
      STANDARD_TANKS.filter((size) => size.name.includes('US gal')),
    );
    expect(sizes[0]?.name).toBe('55 US gal');
    const volumes = sizes.map((size) => size.lengthCm * size.widthCm * size.heightCm);
    expect(volumes).toEqual([...volumes].sort((a, b) => a - b));
  });
  it('gives nothing when nothing is large enough', () => {
    expect(tanksFor(leastTank(of('potamotrygon-motoro'), 'cautious'), STANDARD_TANKS)).toEqual([]);
  });
});
