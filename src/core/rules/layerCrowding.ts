import type { Layer } from '../model';
import type { PlannedSpecies, RuleContext } from './context';
import { finding, type Finding } from './finding';
import { advise } from './fixes';
import { layerRoom } from './layerRoom';
import type { Rule } from './rule';
import { otherwise, severityTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'home/layer': { readonly layer: Layer; readonly crowded: boolean };
    'home/one layer': { readonly layer: Layer };
  }
}

const LAYERS: readonly Layer[] = ['top', 'middle', 'bottom'];
/** The offer of a layer is the strictest rule of thumb, a third of the surface rule; practice goes far past it (from memory). */
const BUSY = 3;
export const CROWDED = 5;
/** A list lives in one layer when the others together take so little of it. */
const LEFT_OVER = 0.15;
/** Species that it takes before a list is said to be one-sided. */
const SEVERAL = 3;

/** Times what the surface rule would give the layer. */
const SEVERITY = severityTable<number>(
  'Grown fish of one layer against its third of the surface rule',
  [
    { when: `${CROWDED} times it`, holds: (used) => used >= CROWDED, severity: 'caution' },
    { when: `${BUSY} times it`, holds: (used) => used >= BUSY, severity: 'note' },
  ],
  'The surface rule split by layers; the limits are from memory.',
);
const ONE_SIDED = severityTable(
  `${SEVERAL} species and more, nearly all in one layer`,
  [otherwise('note')],
  'From memory.',
);

const livesIn = (planned: readonly PlannedSpecies[], layer: Layer): readonly PlannedSpecies[] =>
  planned.filter((species) => species.profile.layers[layer] >= 0.5);

function crowded(context: RuleContext, layer: Layer, used: number): readonly Finding[] {
  const severity = SEVERITY.of(used);
  // Notes on the whole list are not what one newcomer is asked about.
  if (severity === null || (severity === 'note' && context.focus !== null)) return [];
  const those = livesIn(context.planned, layer);
  return [
    finding('layer-crowding', {
      severity,
      species: those.map((species) => species.profile.id),
      fact: { says: 'home/layer', layer, crowded: severity === 'caution' },
      part: layer,
      because: { layer, timesTheOffer: Number(used.toFixed(2)) },
      fixes: [advise('other layer')],
      source: 'common practice (surface rule), split by layer from memory',
    }),
  ];
}

function oneSided(context: RuleContext, room: Readonly<Record<Layer, number>>): readonly Finding[] {
  const total = room.top + room.middle + room.bottom;
  const full = LAYERS.find((layer) => room[layer] / total >= 1 - LEFT_OVER);
  if (full === undefined || context.planned.length < SEVERAL || context.focus !== null) return [];
  return [
    finding('layer-crowding', {
      severity: 'note',
      species: context.planned.map((species) => species.profile.id),
      fact: { says: 'home/one layer', layer: full },
      part: full,
      because: { layer: full, share: Number((room[full] / total).toFixed(2)) },
      fixes: [advise('one for another layer')],
    }),
  ];
}

/** Layers that are crowded, and lists that live in one layer only. Judged at the lengths that all reach. */
export const layerCrowding: Rule = {
  name: 'layer-crowding',
  about: 'the whole tank',
  severities: [SEVERITY, ONE_SIDED],
  judge: (context) => {
    const room = layerRoom(context);
    return [...LAYERS.flatMap((layer) => crowded(context, layer, room[layer])), ...oneSided(context, room)];
  },
};
