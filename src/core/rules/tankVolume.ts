import type { Rule } from './rule';
import { judgeTank } from './tankSize';

export const tankVolume: Rule = {
  name: 'tank-volume',
  leaveFor: 'too big',
  judge: (context) =>
    judgeTank(context, {
      rule: 'tank-volume',
      name: 'litres',
      of: () => context.tank.figures.grossL,
      power: 2,
    }),
};
