import type { Rule } from './rule';
import { judgeTank } from './tankSize';

export const tankWidth: Rule = {
  name: 'tank-width',
  leaveFor: 'too big',
  judge: (context) =>
    judgeTank(context, {
      rule: 'tank-width',
      name: 'widthCm',
      of: () => context.tank.figures.outside.widthCm,
      power: 1,
    }),
};
