import type { Rule } from './rule';
import { judgeTank } from './tankSize';

export const tankHeight: Rule = {
  name: 'tank-height',
  judge: (context) =>
    judgeTank(context, {
      rule: 'tank-height',
      name: 'heightCm',
      noun: 'height',
      unit: 'cm',
      of: () => context.tank.figures.outside.heightCm,
      power: 1,
      why: ' for their fins',
    }),
};
