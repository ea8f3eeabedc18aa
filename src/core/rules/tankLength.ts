import type { Rule } from './rule';
import { judgeTank, SIZE } from './tankSize';

export const tankLength: Rule = {
  name: 'tank-length',
  leaveFor: 'too big',
  severities: [SIZE],
  ofOne: judgeTank('lengthCm'),
};
