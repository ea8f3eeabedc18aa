import type { RuleContext } from './context';

/** How much a layer offers for each cm2 of footprint: cm of fish (common practice's surface rule, split by layer; from memory). */
const CM_PER_CM2 = 2.54 / (12 * 2.54 * 2.54);
const LAYERS = ['top', 'middle', 'bottom'] as const;

/** Share of the room of each layer that a list uses; 1 is full. Length x share of time, over a third of the surface rule. */
export function layerRoom(context: RuleContext): Record<(typeof LAYERS)[number], number> {
  const offer = (context.tank.figures.footprintCm2 * CM_PER_CM2) / LAYERS.length;
  const used = { top: 0, middle: 0, bottom: 0 };
  for (const kind of context.kinds) {
    for (const group of kind.groups) {
      for (const layer of LAYERS) used[layer] += group.count * group.judgedCm * kind.profile.layers[layer];
    }
  }
  return offer > 0
    ? { top: used.top / offer, middle: used.middle / offer, bottom: used.bottom / offer }
    : used;
}
