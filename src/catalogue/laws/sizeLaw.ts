import { speciesRate } from '@/core/growth';
import { adultLengthCm, type TankFigure } from '@/core/model';
import { lawOf } from './law';

/** Height of water that the figures of a tank come to, cm: standard tanks are 20 to 90 high (common practice). */
const impliedHeight = ({ lengthCm, widthCm, litres }: TankFigure): number =>
  ((litres ?? 0) * 1000) / ((lengthCm ?? 1) * (widthCm ?? 1));
const LOW = 15;
const TALL = 90;

/** The usual tank is so many lengths of the fish long: three for a hulk that rests, a hundred for a snail (from memory). */
const FEWEST_LENGTHS = 3.2;
const MOST_LENGTHS = 40;

/** A mouth wider than this, as a share of the length, is that of a fish eater (mouth classes, from memory). */
const WIDE_MOUTH = 0.15;

/** Sizes that hang together: length, height, maturity, sale, growth, life, mouth and tank. */
export const sizeLaw = lawOf('size', ({ profile }) => {
  const { size, tank, mouth, life } = profile;
  const adult = adultLengthCm(profile);
  const lengths = (tank.middle.lengthCm ?? 0) / adult;
  const body = adult * size.depthRatio;
  return [
    [size.heightCm >= body * 0.75, 'size.heightCm', 'no less than three quarters of depth times length'],
    [size.heightCm <= body * 2.4, 'size.heightCm', 'no more than the body with fins as high again'],
    [
      size.matureCm >= adult * 0.3 && size.matureCm <= adult * 0.85,
      'size.matureCm',
      '0.3 to 0.85 of the grown length',
    ],
    [size.soldCm < adult * 0.85, 'size.soldCm', 'less than 0.85 of the grown length'],
    [
      speciesRate(profile) > 0.2 && speciesRate(profile) < 9,
      'size.monthsToGrown',
      'growth that a fish can have',
    ],
    [size.lifeYears[1] <= 12 || adult >= 7, 'size.lifeYears', 'at most 12 years for a fish under 7 cm'],
    [size.lifeYears[1] <= 30, 'size.lifeYears', 'at most 30 years'],
    [size.lifeYears[1] >= 4 || adult <= 8, 'size.lifeYears', 'at least 4 years for a fish over 8 cm'],
    [
      mouth.gapeRatio <= WIDE_MOUTH || mouth.eatsFish === 'any',
      'mouth.gapeRatio',
      'a mouth this wide eats fish',
    ],
    [mouth.gapeRatio >= 0.03 || life !== 'fish', 'mouth.gapeRatio', 'a mouth that can eat'],
    [lengths >= FEWEST_LENGTHS, 'tank.middle', `${FEWEST_LENGTHS} lengths of the fish or more`],
    [lengths <= MOST_LENGTHS, 'tank.middle', `${MOST_LENGTHS} lengths of the fish or fewer`],
    ...(['cautious', 'middle', 'tried'] as const).map(
      (name) =>
        [
          impliedHeight(tank[name]) >= LOW && impliedHeight(tank[name]) <= TALL,
          `tank.${name}`,
          `litres that fill its floor ${LOW} to ${TALL} cm high`,
        ] as const,
    ),
    ...(['lengthCm', 'litres'] as const).map(
      (name) =>
        [
          (tank.cautious[name] ?? 0) >= (tank.middle[name] ?? 0) &&
            (tank.middle[name] ?? 0) >= (tank.tried[name] ?? 0),
          'tank.middle',
          'between the strict and the lenient tank',
        ] as const,
    ),
  ];
});
