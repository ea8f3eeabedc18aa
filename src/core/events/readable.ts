import type { Loose } from '../journal';
import { quickCheck } from '../kernel';
import { EVENT_TYPES, isEventType, schemaOf, type Entry } from './events';

/** Parts that an entry of each kind cannot do without. */
const PARTS = new Map<string, readonly string[]>(
  EVENT_TYPES.map((type) => [
    type,
    Object.entries(
      (
        schemaOf(type) as unknown as {
          fields: Record<string, { spec?: { optional?: boolean; nullable?: boolean } }>;
        }
      ).fields,
    )
      .filter(([, { spec }]) => spec !== undefined && spec.optional !== true && spec.nullable !== true)
      .map(([name]) => name),
  ]),
);

const loose = ({ id, type, on }: Entry, why: Loose['why']): Loose => ({
  id: String(id),
  type: String(type),
  on: String(on),
  why,
});

/**
 * Why an entry cannot be read; null when it can. A glance at its parts, made at every reading of a journal: what was written
 * has passed the gate, and what a fault of the disk or a stray program has damaged is looked at in full by `isDamaged`.
 */
export function unreadable(entry: Entry): Loose | null {
  if (typeof entry.id !== 'string' || typeof entry.on !== 'string') return loose(entry, 'no name or moment');
  if (entry.type === 'corrected') return null;
  const parts = PARTS.get(entry.type);
  if (!parts) return loose(entry, 'unknown type');
  const said = entry as unknown as Record<string, unknown>;
  for (const name of parts) if (said[name] == null) return loose(entry, 'damaged');
  return null;
}

/** Whether something in an entry is damaged, looked at in full. */
export function isDamaged(entry: Entry): boolean {
  if (entry === null || typeof entry !== 'object' || unreadable(entry) !== null) return true;
  const said = entry.type === 'corrected' ? entry.replacement : entry;
  if (said === null) return typeof (entry as { target?: unknown }).target !== 'string';
  if (typeof said !== 'object' || !isEventType(said.type) || typeof said.on !== 'string') return true;
  return quickCheck(schemaOf(said.type))?.(said) === false;
}
