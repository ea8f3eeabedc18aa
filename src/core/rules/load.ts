import { finding } from './finding';
import type { Rule } from './rule';
import { figure } from '../wording';

/** Both rules of thumb are "only a guide": past twice what they allow even a guide is worth a thought (from memory). */
const FAR_OVER = 2;
/** Past so many times what both allow no keeper of any school goes (from memory). */
const ABSURD = 5;

/** The two old rules of fill, shown beside the nitrate budget, which alone can be measured. */
export const load: Rule = {
  name: 'load',
  judge: (context) => {
    const { lengthRule, surfaceRule } = context.load;
    if (context.kinds.length === 0) return [];
    const worst = Math.max(lengthRule, surfaceRule);
    const because = {
      lengthRule: Number(lengthRule.toFixed(2)),
      surfaceRule: Number(surfaceRule.toFixed(2)),
      massG: Math.round(context.load.massG),
    };
    const figures = `${figure(lengthRule * 100)} % by the length rule, ${figure(surfaceRule * 100)} % by the surface rule`;
    if (worst <= 1) {
      return [
        finding('load', {
          severity: 'good',
          species: [],
          text: `The fill is within both rules of thumb when grown: ${figures}.`,
          because,
          school: 'length and surface rules',
        }),
      ];
    }
    const least = Math.min(lengthRule, surfaceRule);
    return [
      finding('load', {
        severity: least > ABSURD ? 'stop' : least > FAR_OVER ? 'caution' : 'note',
        species: [],
        text: `When grown the list fills ${figures}. Both are only a guide; the nitrate a week is the one to measure.`,
        because,
        school: 'length and surface rules',
        fixes: [{ text: 'Fewer fish, smaller kinds or a larger tank.' }],
      }),
    ];
  },
};
