import type { Rule } from './rule';
import { judgeTank, SIZE } from './tankSize';

export const tankHeight: Rule = {
  name: 'tank-height',
  leaveFor: 'too big',
  severities: [SIZE],
  ofOne: judgeTank('heightCm'),
};
