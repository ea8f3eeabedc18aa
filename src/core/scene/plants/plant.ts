import type { Setup } from '../stageplan';
import { tone } from '../ink';

/** A clump of one habit: rooted at x and a depth, of a shade (0 far, 2 near), so high. Returns its drawing. */
export type Plant = (
  setup: Setup,
  roll: () => number,
  at: { readonly x: number; readonly z: number; readonly shade: 0 | 1 | 2; readonly high: number },
) => string;

/** The green of a clump, with a thin line around its leaves where there is room for one. */
export const green = ({ isSmall, hair }: Setup, shade: 0 | 1 | 2) =>
  isSmall
    ? { fill: tone(`green-${shade}`) }
    : {
        fill: tone(`green-${shade}`),
        stroke: tone('green-line'),
        'stroke-width': hair * 0.7,
        'stroke-opacity': shade === 0 ? 0.3 : 0.55,
      };
