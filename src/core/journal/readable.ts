import { EVENT_BODIES, EVENT_TYPES, type Entry, type EventType } from '../events/events';

/** Parts that an entry of each kind cannot do without. */
const PARTS = new Map<string, readonly string[]>(
  EVENT_TYPES.map((type: EventType) => [
    type,
    Object.entries(EVENT_BODIES[type].fields)
      .filter(([, field]) => 'spec' in field && field.spec.optional !== true)
      .map(([name]) => name),
  ]),
);

/**
 * Why an entry cannot be read; null when it can. A quick look at its parts, for records that a fault of the disk or a
 * stray program has damaged: what comes in by a file or a form is validated in full before it is written.
 */
export function unreadable(entry: Entry): string | null {
  if (typeof entry.id !== 'string' || typeof entry.on !== 'string')
    return `${String(entry.id)}: an entry without a name or a day`;
  if (entry.type === 'corrected') return null;
  const parts = PARTS.get(entry.type);
  if (!parts) return `${entry.id}: a kind of entry that this Lomvik does not know`;
  const said = entry as unknown as Record<string, unknown>;
  for (const name of parts)
    if (said[name] === undefined) return `${entry.id}: a damaged entry of kind ${entry.type}`;
  return null;
}
