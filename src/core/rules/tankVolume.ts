import type { Rule } from './rule';
import { judgeTank, SIZE } from './tankSize';

export const tankVolume: Rule = {
  name: 'tank-volume',
  leaveFor: 'too big',
  severities: [SIZE],
  ofOne: judgeTank('litres'),
};
