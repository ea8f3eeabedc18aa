import { commonName, type Layer } from '../model';
import type { PlannedKind, RuleContext } from './context';
import { finding, type Finding } from './finding';
import { layerRoom } from './layerRoom';
import type { Rule } from './rule';
import { capital, figure, listSome, plural } from '../wording';

const LAYERS: readonly Layer[] = ['top', 'middle', 'bottom'];
/** The offer of a layer is the strictest rule of thumb, a third of the surface rule; practice goes far past it (from memory). */
const BUSY = 3;
export const CROWDED = 5;
/** A list lives in one layer when the others together take so little of it. */
const LEFT_OVER = 0.15;
/** Kinds that it takes before a list is said to be one-sided. */
const SEVERAL = 3;

const NAMES: Readonly<Record<Layer, string>> = {
  top: 'the surface',
  middle: 'mid-water',
  bottom: 'the bottom',
};

const livesIn = (kinds: readonly PlannedKind[], layer: Layer): readonly PlannedKind[] =>
  kinds.filter((kind) => kind.profile.layers[layer] >= 0.5);

function crowded(context: RuleContext, layer: Layer, used: number): readonly Finding[] {
  // Notes on the whole list are not what one newcomer is asked about.
  if (used < (context.focus === null ? BUSY : CROWDED)) return [];
  const those = livesIn(context.kinds, layer);
  return [
    finding('layer-crowding', {
      severity: used >= CROWDED ? 'caution' : 'note',
      species: those.map((kind) => kind.profile.id),
      text: `${capital(NAMES[layer])} is ${used >= CROWDED ? 'crowded' : 'busy'}: grown, the list uses ${figure(used)} times what the surface rule would give this layer${those.length > 1 ? ` (${listSome(those, (kind) => plural(commonName(kind.profile)))})` : ''}.`,
      part: layer,
      because: { layer, timesTheOffer: Number(used.toFixed(2)) },
      fixes: [{ text: 'Choose kinds of another layer, or fewer of these.' }],
      source: 'common practice (surface rule), split by layer from memory',
    }),
  ];
}

function oneSided(context: RuleContext, room: Readonly<Record<Layer, number>>): readonly Finding[] {
  const total = room.top + room.middle + room.bottom;
  const full = LAYERS.find((layer) => total > 0 && room[layer] / total >= 1 - LEFT_OVER);
  if (full === undefined || context.kinds.length < SEVERAL || context.focus !== null) return [];
  return [
    finding('layer-crowding', {
      severity: 'note',
      species: context.kinds.map((kind) => kind.profile.id),
      text: `Almost all of this list lives in one layer, ${NAMES[full]}: the rest of the water stays empty.`,
      part: full,
      because: { layer: full, share: Number((room[full] / total).toFixed(2)) },
      fixes: [{ text: 'Choose one kind for another layer.' }],
    }),
  ];
}

/** Layers that are crowded, and lists that live in one layer only. Judged at the lengths that all reach. */
export const layerCrowding: Rule = {
  name: 'layer-crowding',
  about: 'the whole tank',
  judge: (context) => {
    const room = layerRoom(context);
    return [...LAYERS.flatMap((layer) => crowded(context, layer, room[layer])), ...oneSided(context, room)];
  },
};
