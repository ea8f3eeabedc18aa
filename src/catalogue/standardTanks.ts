import type { Cm, UnitChoice } from '@/core/kernel';

/** A tank as makers sell it: outside measures in cm. Names are nominal volumes; makers differ (common practice). */
export interface StandardTank {
  readonly name: string;
  readonly lengthCm: Cm;
  readonly widthCm: Cm;
  readonly heightCm: Cm;
}

const inches = (name: string, l: number, w: number, h: number): StandardTank => ({
  name,
  lengthCm: Number((l * 2.54).toFixed(1)),
  widthCm: Number((w * 2.54).toFixed(1)),
  heightCm: Number((h * 2.54).toFixed(1)),
});
const cm = (name: string, lengthCm: Cm, widthCm: Cm, heightCm: Cm): StandardTank => ({
  name,
  lengthCm,
  widthCm,
  heightCm,
});

/** Sold in the United States, by nominal US gallons. */
const US_TANKS: readonly StandardTank[] = [
  inches('3 US gal', 12, 8, 8),
  inches('5 US gal', 16, 8, 10),
  inches('10 US gal', 20, 10, 12),
  inches('12 US gal long', 36, 9, 9),
  inches('20 US gal high', 24, 12, 16),
  inches('20 US gal long', 30, 12, 12),
  inches('29 US gal', 30, 12, 18),
  inches('40 US gal breeder', 36, 18, 16),
  inches('55 US gal', 48, 13, 21),
  inches('75 US gal', 48, 18, 21),
  inches('90 US gal', 48, 18, 24),
  inches('120 US gal', 48, 24, 24),
  inches('125 US gal', 72, 18, 21),
  inches('150 US gal', 72, 18, 28),
  inches('180 US gal', 72, 24, 25),
  inches('220 US gal', 72, 24, 30),
  inches('240 US gal', 96, 24, 24),
  inches('265 US gal', 84, 24, 30),
  inches('300 US gal', 96, 24, 30),
  inches('360 US gal', 96, 30, 30),
];
/** Sold in Britain by their length, beside metric ones. */
const UK_TANKS: readonly StandardTank[] = [
  inches('UK 2 ft', 24, 12, 15),
  inches('UK 3 ft', 36, 12, 15),
  inches('UK 4 ft', 48, 15, 18),
  inches('UK 5 ft', 60, 18, 20),
  inches('UK 6 ft', 72, 18, 24),
  inches('UK 6 ft x 2 ft x 2 ft', 72, 24, 24),
];
/** Sold wherever tanks are measured in centimetres. */
const METRIC_TANKS: readonly StandardTank[] = [
  cm('30 cm cube', 30, 30, 30),
  cm('45 cm cube', 45, 45, 45),
  cm('60 cm cube', 60, 60, 60),
  cm('60 x 30 x 30 cm', 60, 30, 30),
  cm('80 x 35 x 40 cm', 80, 35, 40),
  cm('100 x 40 x 50 cm', 100, 40, 50),
  cm('120 x 40 x 50 cm', 120, 40, 50),
  cm('120 x 50 x 50 cm', 120, 50, 50),
  cm('150 x 50 x 60 cm', 150, 50, 60),
  cm('150 x 60 x 60 cm', 150, 60, 60),
  cm('180 x 60 x 60 cm', 180, 60, 60),
  cm('200 x 60 x 60 cm', 200, 60, 60),
  cm('240 x 90 x 70 cm', 240, 90, 70),
  cm('300 x 120 x 70 cm', 300, 120, 70),
];

/** All of them: whatever a keeper calls his tank, it is known. */
export const STANDARD_TANKS: readonly StandardTank[] = [...US_TANKS, ...UK_TANKS, ...METRIC_TANKS];

/** Those that are sold where a keeper measures in these units: what is proposed to him is among them. */
export function tanksSold({ length, volume }: UnitChoice): readonly StandardTank[] {
  if (volume === 'gal') return US_TANKS;
  return length === 'in' ? [...UK_TANKS, ...METRIC_TANKS] : METRIC_TANKS;
}

/** All of them, those first that are sold where he is. */
export function tanksToChoose(units: UnitChoice): readonly StandardTank[] {
  const sold = tanksSold(units);
  return [...sold, ...STANDARD_TANKS.filter((tank) => !sold.includes(tank))];
}
