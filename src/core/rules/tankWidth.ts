import type { Rule } from './rule';
import { judgeTank, SIZE } from './tankSize';

export const tankWidth: Rule = {
  name: 'tank-width',
  leaveFor: 'too big',
  severities: [SIZE],
  ofOne: judgeTank('widthCm'),
};
