import type { Rule } from './rule';
import { judgeTank } from './tankSize';

export const tankHeight: Rule = {
  name: 'tank-height',
  judge: (context) =>
    judgeTank(context, {
      rule: 'tank-height',
      name: 'heightCm',
      of: () => context.tank.figures.outside.heightCm,
      power: 1,
    }),
};
