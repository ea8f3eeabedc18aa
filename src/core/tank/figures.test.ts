import { filledMass } from './filledMass';
import { furnishTank } from './furnishTank';
import { fishFirst, sameFootprint, sizesForPlace } from './placeFits';
import { suggestGlassMm } from './suggestGlassMm';
import { footprintShare, tankBox } from './tankBox';
import { usualGlassMm, usualSubstrateCm, usualWaterLineCm } from './tankDefaults';
import { tankFigures } from './tankFigures';
import { tanksFor } from './tanksFor';

const tank = {
  lengthCm: 100,
  widthCm: 40,
  heightCm: 50,
  inside: false,
  glassMm: 10,
  waterLineCm: 46,
  substrate: 'sand',
  substrateCm: 4,
  hardscapeFraction: 0.1,
  filterLph: 1000,
  shape: 'box' as const,
  bowCm: 0,
};

describe('the mass of a filled tank, by hand', () => {
  // Inside 98 x 38 x 49 cm: 3724 cm², 42 cm of water. Water at 25 °C: 0.99705 kg/L (Kell 1975).
  const { mass, ...figures } = tankFigures(tank);
  it('adds up from its parts', () => {
    expect(figures).toMatchObject({ grossL: 200, footprintCm2: 3724, waterDepthCm: 42 });
    expect(figures.netL).toBeCloseTo(140.7672, 8);
    expect(mass.waterKg).toBeCloseTo(140.7672 * 0.997047, 3);
    expect(mass.glassKg).toBeCloseTo((200 - 182.476) * 2.5, 8);
    expect(mass.substrateKg).toBeCloseTo(14.896 * 2, 8);
    expect(mass.hardscapeKg).toBeCloseTo(15.6408 * 2.2, 8);
    expect(mass.standKg).toBeCloseTo(34, 8);
    expect(mass.totalKg).toBeCloseTo(140.351 + 43.81 + 29.792 + 34.41 + 34, 1);
  });
  it('presses on the floor under its own foot', () => {
    // 282.4 kg on 0.4 m²: 6.92 kPa, 144.6 psf.
    expect(mass.floorKPa).toBeCloseTo((mass.totalKg * 9.80665) / 400, 10);
    expect(mass.floorPsf / mass.floorKPa).toBeCloseTo(20.8854342, 6);
  });
  it('presses harder where the foot is smaller than the box around it', () => {
    const round = tankFigures({ ...tank, lengthCm: 40, shape: 'round' }).mass;
    const box = tankFigures({ ...tank, lengthCm: 40 }).mass;
    expect(round.totalKg).toBeLessThan(box.totalKg);
    expect(round.floorKPa).toBeCloseTo((round.totalKg * 9.80665) / (0.4 * 0.4 * (Math.PI / 4)) / 1000, 10);
  });
  it('takes each ground for what it weighs, and one that nobody knows for gravel', () => {
    const kg = (substrate: string): number => tankFigures({ ...tank, substrate }).mass.substrateKg / 14.896;
    expect(
      ['sand', 'fine-gravel', 'gravel', 'soil', 'rock', 'bare', 'marbles'].map((one) =>
        Number(kg(one).toFixed(6)),
      ),
    ).toEqual([2, 1.95, 1.9, 1.4, 2.1, 0, 1.9]);
  });
  it('goes by the warmth of the water', () => {
    const cold = filledMass(tank, { ...tankBox(tank), waterDepthCm: 42, footprintCm2: 3724, share: 1 }, 4);
    expect(cold.waterKg).toBeCloseTo(140.7672 * 0.999975, 3);
  });
});

describe('figures of a tank', () => {
  it('turn over what the filter moves in use, and nothing where no water is', () => {
    expect(tankFigures(tank).turnoverPerHour).toBeCloseTo(700 / 140.7672, 8);
    expect(tankFigures({ ...tank, substrateCm: 46 })).toMatchObject({
      netL: 0,
      waterDepthCm: 0,
      turnoverPerHour: 0,
    });
    expect(tankFigures({ ...tank, waterLineCm: 80 }).waterDepthCm).toBe(45);
  });
  it('leave the longest line to swim: the diagonal, or the length of an oval', () => {
    expect(tankFigures(tank).freeSwimCm).toBeCloseTo(Math.hypot(98, 38), 10);
    expect(tankFigures({ ...tank, shape: 'round' }).freeSwimCm).toBe(98);
    expect(tankFigures({ ...tank, shape: 'round', lengthCm: 40, widthCm: 90 }).freeSwimCm).toBe(88);
    expect(tankFigures({ ...tank, shape: 'corner' }).freeSwimCm).toBeCloseTo(Math.hypot(98, 38), 10);
  });
  it('cover of the box around them what their shape does', () => {
    expect(footprintShare('box', 60, 10)).toBe(1);
    expect(footprintShare('bow-front', 60, 15)).toBeCloseTo(55 / 60, 12);
    expect(footprintShare('corner', 60, 0)).toBeCloseTo(Math.PI / 4, 12);
    expect(tankBox({ ...tank, inside: true }).outside).toEqual({ lengthCm: 102, widthCm: 42, heightCm: 51 });
  });
});

describe('what a tank is taken to be', () => {
  it('has glass by its height, thicker from 120 cm on, and never so thick that nothing is inside', () => {
    expect([30, 30.1, 40, 50, 60, 75, 76].map((height) => suggestGlassMm(100, height))).toEqual([
      4, 6, 6, 8, 10, 12, 15,
    ]);
    expect([suggestGlassMm(119.9, 50), suggestGlassMm(120, 50)]).toEqual([8, 10]);
    const low = { lengthCm: 120, widthCm: 40, heightCm: 5 };
    expect([usualGlassMm(low, false), usualGlassMm(low, true)]).toEqual([5, 6]);
    expect(usualGlassMm({ ...low, heightCm: 0.5 }, false)).toBe(1);
  });
  it('has water and ground by its height', () => {
    expect([usualWaterLineCm(50), usualWaterLineCm(8)]).toEqual([48, 6.4]);
    expect([usualSubstrateCm(false, 48), usualSubstrateCm(false, 8), usualSubstrateCm(true, 48)]).toEqual([
      4, 2, 0,
    ]);
  });
  it('is bare without ground, and box-shaped where nobody says', () => {
    const { furnished } = furnishTank({ lengthCm: 100, widthCm: 40, heightCm: 50, substrate: 'bare' });
    expect(furnished).toMatchObject({
      substrate: 'bare',
      substrateCm: 0,
      inside: false,
      bowCm: 0,
      shape: 'box',
    });
    expect(
      furnishTank({ lengthCm: 100, widthCm: 40, heightCm: 50, inside: true, shape: 'bow-front', bowCm: 8 })
        .furnished,
    ).toMatchObject({ inside: true, bowCm: 8 });
  });
});

describe('sizes for a place', () => {
  const size = (lengthCm: number, widthCm: number, heightCm: number) => ({ lengthCm, widthCm, heightCm });
  const all = [size(80, 35, 50), size(80, 35, 40), size(60, 30, 36), size(100, 30, 30)];
  const place = { widthCm: null, clearanceCm: 0, depthCm: null, heightCm: null };
  it('stand by their footprint, then by their height', () => {
    expect(sizesForPlace(place, all).map(({ lengthCm, heightCm }) => `${lengthCm}/${heightCm}`)).toEqual([
      '60/36',
      '80/40',
      '80/50',
      '100/30',
    ]);
  });
  it('fit to the edge of the place, less what is left free on both sides', () => {
    const fit = (more: object): readonly string[] =>
      sizesForPlace({ ...place, ...more }, all).map(({ lengthCm, heightCm }) => `${lengthCm}/${heightCm}`);
    expect(fit({ widthCm: 80 })).toEqual(['60/36', '80/40', '80/50']);
    expect(fit({ widthCm: 79.94 })).toEqual(['60/36']);
    expect(fit({ widthCm: 80, clearanceCm: 10 })).toEqual(['60/36']);
    expect(fit({ depthCm: 30 })).toEqual(['60/36', '100/30']);
    expect(fit({ heightCm: 40 })).toEqual(['60/36', '80/40', '100/30']);
    expect(fit({ heightCm: 39.9 })).toEqual(['60/36', '100/30']);
  });
  it('of one footprint and other heights come lowest first', () => {
    const more = [
      size(80, 35, 60),
      size(81.4, 36.4, 30),
      size(81.5, 35, 70),
      size(80, 36.5, 70),
      size(80, 35, 51.4),
    ];
    expect(sameFootprint(size(80, 35, 50), [...all, ...more]).map(({ heightCm }) => heightCm)).toEqual([
      30, 40, 60,
    ]);
  });
  it('carry nothing where no fish is wished for', () => {
    const answers = fishFirst([], place, all);
    expect(answers.map(({ approach, carry, fit }) => [approach, carry, fit])).toEqual([
      ['cautious', [], []],
      ['middle', [], []],
      ['tried', [], []],
    ]);
    expect(answers[0]?.drivers).toEqual({ lengthCm: [], widthCm: [], heightCm: [], litres: [] });
  });
  it('satisfy a least tank within a fiftieth, by each measure and by volume, smallest first', () => {
    const least = (more: object) => ({
      lengthCm: null,
      widthCm: null,
      heightCm: null,
      litres: null,
      ...more,
    });
    const found = (more: object): readonly number[] =>
      tanksFor(least(more), all).map((one) => Math.round((one.lengthCm * one.widthCm * one.heightCm) / 1000));
    expect(found({})).toEqual([65, 90, 112, 140]);
    expect(found({ litres: 90 })).toEqual([90, 112, 140]);
    expect(found({ litres: 114.28 })).toEqual([112, 140]);
    expect(found({ litres: 114.3 })).toEqual([140]);
    expect(found({ lengthCm: 81.6 })).toEqual([90, 112, 140]);
    expect(found({ lengthCm: 81.7 })).toEqual([90]);
    expect(found({ widthCm: 35, heightCm: 50 })).toEqual([140]);
  });
});
