import type { Room } from '../events';
import { type Fault, under } from '../kernel';
import { bodySchemaOf, recordOf, type RoomDocument } from '../records';
import type { World } from './contradictions';
import { missingReferences } from './references';

/** What in a document contradicts itself or the room it is in; paths lead into its body. */
export function documentSense(
  document: RoomDocument,
  room: Room,
  world: World,
  now: string | null,
): readonly Fault[] {
  if (document.body === null) return [];
  const there = { ...world, hasResident: (id: string) => Object.hasOwn(room.residents, id) };
  const missing = missingReferences(bodySchemaOf(document.kind), document.body, there);
  const own = recordOf(document.kind).sense?.(document.body, { catalogue: world.catalogue, now }) ?? [];
  return under('body', [...missing, ...own]);
}
