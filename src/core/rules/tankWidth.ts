import type { Rule } from './rule';
import { judgeTank } from './tankSize';

export const tankWidth: Rule = {
  name: 'tank-width',
  judge: (context) =>
    judgeTank(context, {
      rule: 'tank-width',
      name: 'widthCm',
      noun: 'front-to-back width',
      unit: 'cm',
      of: () => context.tank.figures.outside.widthCm,
      power: 1,
      why: ' to turn round',
    }),
};
