import type { Cm } from '../kernel';
import { type Resident, residentsOfEvent, type Room, type Standing } from '../events';

/** Everything that a fish or a shoal went through. */
export interface LifeStory {
  readonly resident: Resident;
  /** The group it was split off from, and so on back; their story is its own until then. */
  readonly from: readonly string[];
  readonly events: readonly Standing[];
  /** Lengths as measured, the length it came with first. cm. */
  readonly lengths: readonly { readonly on: string; readonly lengthCm: Cm }[];
  /** Tanks it lived in, with the moment it came to each. */
  readonly tanks: readonly { readonly tank: string; readonly on: string }[];
}

/** Whom a resident was split off from; null when it came or was born. */
function parentOf(
  happenings: readonly Standing[],
  id: string,
): { readonly id: string; readonly on: string } | null {
  for (const event of happenings)
    if (event.type === 'split' && event.into.some((part) => part.id === id))
      return { id: event.resident, on: event.on };
  return null;
}

/** The story of a resident, with that of the group it came from until it was split off. Null when nobody of that name came. */
export function lifeStory(happenings: readonly Standing[], room: Room, id: string): LifeStory | null {
  const resident = room.residents[id];
  if (!resident) return null;
  const from: string[] = [];
  let parts: Standing[] = happenings.filter((event) => residentsOfEvent(event).includes(id));
  for (let parent = parentOf(happenings, id); parent !== null; parent = parentOf(happenings, parent.id)) {
    const { id: own, on } = parent;
    from.push(own);
    parts = [
      ...happenings.filter(
        (event) => residentsOfEvent(event).includes(own) && event.on <= on && !parts.includes(event),
      ),
      ...parts,
    ];
  }
  const lengths = parts.flatMap((event) =>
    event.type === 'came' || event.type === 'born' || event.type === 'measured'
      ? [{ on: event.on, lengthCm: event.lengthCm }]
      : [],
  );
  const tanks = parts.flatMap((event) =>
    event.type === 'came' || event.type === 'born' || event.type === 'moved'
      ? [{ tank: event.tank, on: event.on }]
      : [],
  );
  return { resident, from, events: parts, lengths, tanks };
}
