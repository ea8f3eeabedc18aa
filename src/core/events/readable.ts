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

/**
 * Why an entry cannot be read; null when it can. A glance at its parts, made at every reading of a journal: what was written
 * has passed the gate, and what a fault of the disk or a stray program has damaged is looked at in full by `damageOf`.
 */
export function unreadable(entry: Entry): string | null {
  if (typeof entry.id !== 'string' || typeof entry.on !== 'string')
    return `${String(entry.id)}: an entry without a name or a day`;
  if (entry.type === 'corrected') return null;
  const parts = PARTS.get(entry.type);
  if (!parts) return `${entry.id}: an entry type that this Lomvik does not know`;
  const said = entry as unknown as Record<string, unknown>;
  for (const name of parts)
    if (said[name] == null) return `${entry.id}: a damaged entry of type ${entry.type}`;
  return null;
}

/** What is damaged in an entry, looked at in full; null when it is whole. */
export function damageOf(entry: Entry): string | null {
  if (entry === null || typeof entry !== 'object') return 'no entry at all';
  const glance = unreadable(entry);
  if (glance !== null) return glance;
  const said = entry.type === 'corrected' ? entry.replacement : entry;
  if (said === null)
    return typeof (entry as { target?: unknown }).target === 'string'
      ? null
      : `${entry.id}: a correction of nothing`;
  if (typeof said !== 'object') return `${entry.id}: a damaged correction`;
  if (!isEventType(said.type)) return `${entry.id}: a correction to a type that this Lomvik does not know`;
  if (typeof said.on !== 'string') return `${entry.id}: a correction without a day`;
  const check = quickCheck(schemaOf(said.type));
  return check === null || check(said) ? null : `${entry.id}: a damaged entry of type ${said.type}`;
}
