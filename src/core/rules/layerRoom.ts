import type { RuleContext } from './context';

/** How much a layer offers for each cm2 of footprint: cm of fish (common practice's surface rule, split by layer; from memory). */
const CM_PER_CM2 = 2.54 / (12 * 2.54 * 2.54);
const LAYERS = ['top', 'middle', 'bottom'] as const;

/** Share of the room of each layer that a list uses; 1 is full. Length x share of time, over a third of the surface rule. */
export function layerRoom(context: RuleContext): Record<(typeof LAYERS)[number], number> {
  const offer = (context.tank.figures.footprintCm2 * CM_PER_CM2) / LAYERS.length;
  let [top, middle, bottom] = [0, 0, 0];
  for (const { groups, profile } of context.planned) {
    let lengthCm = 0;
    for (const group of groups) lengthCm += group.count * group.judgedCm;
    top += lengthCm * profile.layers.top;
    middle += lengthCm * profile.layers.middle;
    bottom += lengthCm * profile.layers.bottom;
  }
  return offer > 0
    ? { top: top / offer, middle: middle / offer, bottom: bottom / offer }
    : { top, middle, bottom };
}
