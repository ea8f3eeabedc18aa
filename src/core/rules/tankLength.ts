import type { Rule } from './rule';
import { judgeTank } from './tankSize';

export const tankLength: Rule = {
  name: 'tank-length',
  judge: (context) =>
    judgeTank(context, {
      rule: 'tank-length',
      name: 'lengthCm',
      noun: 'length',
      unit: 'cm',
      of: () => context.tank.figures.outside.lengthCm,
      power: 1,
      why: ' to swim',
    }),
};
