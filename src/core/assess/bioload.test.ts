import { catalogue, plan, TANKS, TODAY } from '@/testing/plans';
import { bodyMass, nitrateMade } from '../fish';
import { bioloadOf, shareOf } from './bioload';
import { buildContext } from './buildContext';

const neon = catalogue.byId.get('paracheirodon-innesi')!;
const shrimp = catalogue.all.find(({ life }) => life !== 'fish')!;
const place = (plants: 'none' | 'some' | 'dense') =>
  buildContext(plan({ ...TANKS.us75, plants }, []), catalogue, TODAY).context;
const FIVE_AND_TWO = [
  { profile: neon, count: 5, lengthCm: 3 },
  { profile: neon, count: 2, lengthCm: 4 },
  { profile: shrimp, count: 10, lengthCm: 2 },
];

describe('what some animals weigh, make and measure', () => {
  it('is the sum over each of them; lengths are those of fish alone', () => {
    const share = shareOf(FIVE_AND_TWO, 25);
    const { shape } = neon.size;
    expect(share.massG).toBeCloseTo(
      5 * bodyMass(shape, 3) + 2 * bodyMass(shape, 4) + 10 * bodyMass(shrimp.size.shape, 2),
      9,
    );
    expect(share.nitrateMgDay).toBeCloseTo(
      5 * nitrateMade(neon, 3, 25) + 2 * nitrateMade(neon, 4, 25) + 10 * nitrateMade(shrimp, 2, 25),
      9,
    );
    expect(share.lengthCm).toBeCloseTo(23, 9);
  });
});

describe('what it comes to in a tank', () => {
  const { tank, routine } = place('none');
  const shares = [
    { massG: 100, nitrateMgDay: 300, lengthCm: 200 },
    { massG: 50, nitrateMgDay: 200, lengthCm: 100 },
  ];
  it('adds shares up', () =>
    expect(bioloadOf(shares, tank, 0, routine)).toEqual(
      bioloadOf([{ massG: 150, nitrateMgDay: 500, lengthCm: 300 }], tank, 0, routine),
    ));
  it('goes by the water that is in the tank, by the week, less what plants take up', () => {
    const load = bioloadOf(shares, tank, 0, routine);
    expect(load.massG).toBe(150);
    expect(load.nitrateMgLWeek).toBeCloseTo((500 / tank.figures.netL) * 7, 9);
    const week = (plants: 'some' | 'dense') =>
      bioloadOf(shares, place(plants).tank, 0, routine).nitrateMgLWeek;
    expect(week('some') / load.nitrateMgLWeek).toBeCloseTo(0.9, 9);
    expect(week('dense') / load.nitrateMgLWeek).toBeCloseTo(0.75, 9);
  });
  it('peaks before a change, over what the tap brings', () => {
    const changed = { ...routine, changeFraction: 0.5, everyDays: 8 };
    const perDay = 500 / tank.figures.netL;
    expect(bioloadOf(shares, tank, 12, changed).nitratePeakMgL).toBeCloseTo(12 + (perDay * 8) / 0.5, 9);
  });
  // An inch of fish to a US gallon, and to twelve square inches of surface: rules of thumb (common practice).
  it('is a share of the two rules of thumb', () => {
    const load = bioloadOf(shares, tank, 0, routine);
    const [inches, gallons] = [300 / 2.54, tank.figures.netL / 3.785411784];
    expect(load.lengthRule).toBeCloseTo(inches / gallons, 9);
    expect(load.surfaceRule).toBeCloseTo(inches / (tank.figures.footprintCm2 / 2.54 ** 2 / 12), 9);
  });
  it('is nothing in a tank without water or floor', () => {
    const dry = { ...tank, figures: { ...tank.figures, netL: 0, footprintCm2: 0 } };
    expect(bioloadOf(shares, dry, 7, routine)).toEqual({
      massG: 150,
      nitrateMgLWeek: 0,
      nitratePeakMgL: 7,
      lengthRule: 0,
      surfaceRule: 0,
    });
  });
});
