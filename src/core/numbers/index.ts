export {
  atLeastChance,
  expectedSurplus,
  oddOneOutChance,
  oneMaleChance,
  pairChance,
  ratioChance,
  smallestPurchase,
  twoMalesChance,
} from './juveniles';
