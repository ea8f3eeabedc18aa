import {
  applyEvent,
  type Dated,
  definitionOf,
  effectiveInSteps,
  EMPTY_ROOM,
  type Entry,
  type Room,
  schemaOf,
} from '../events';
import { type Fault, faultOf, valueAt } from '../kernel';
import type { Catalogue } from '../model';
import { missingReferences, type There } from './references';

/** An entry that cannot be true beside the others, and why. */
export interface Contradiction {
  readonly id: string;
  readonly type: string;
  readonly on: string;
  readonly faults: readonly Fault[];
}

/** The parts of the world that the journal itself does not tell. */
export type World = Omit<There, 'hasResident'>;

/** The world of these documents. A tank that was removed is still one that entries may speak of. */
export const worldOf = (
  documents: Readonly<Record<string, { readonly kind: string }>>,
  catalogue: Catalogue,
): World => ({
  hasTank: (id) => Object.hasOwn(documents, id) && documents[id]?.kind === 'tank',
  catalogue,
});

/** What in a happening contradicts the room as it is at that moment. */
export function sense(event: Dated, room: Room, world: World): readonly Fault[] {
  const there: There = { ...world, hasResident: (id) => Object.hasOwn(room.residents, id) };
  const missing = missingReferences(schemaOf(event.type), event, there);
  const own = definitionOf(event.type).sense?.(event, room) ?? [];
  return missing.length === 0 ? own : own.length === 0 ? missing : [...missing, ...own];
}

/** Corrections of nothing: the entry that they speak of is not in the journal. */
function strayCorrections(entries: readonly Entry[]): readonly Contradiction[] {
  let happenings: Set<string> | null = null;
  const stray: Contradiction[] = [];
  for (const entry of entries) {
    if (entry.type !== 'corrected') continue;
    happenings ??= new Set(entries.filter(({ type }) => type !== 'corrected').map(({ id }) => id));
    if (!happenings.has(entry.target))
      stray.push({
        id: entry.id,
        type: entry.type,
        on: entry.on,
        faults: [faultOf('target', { is: 'known', what: 'entry' }, entry.target)],
      });
  }
  return stray;
}

/** So many entries are folded before the fold can pause. */
const ENTRIES_A_STEP = 1500;

/** So many letters of an ISO moment tell its day, and its minute. */
const DAY = 10;
const MINUTE = 16;

const isStranger = ({ expected }: Fault): boolean => expected.is === 'known' && expected.what === 'resident';

/** Says of one who was not there yet when it came: both dates help to find the slip. */
function withArrival(
  faults: readonly Fault[],
  event: Dated,
  came: ReadonlyMap<string, string>,
): readonly Fault[] {
  return faults.map((fault) => {
    const id = valueAt(event, fault.path);
    const on = typeof id === 'string' && isStranger(fault) ? came.get(id) : undefined;
    if (on === undefined) return fault;
    // Two moments of one day are told apart by the hour.
    const digits = on.slice(0, 10) === event.on.slice(0, 10) ? MINUTE : DAY;
    return faultOf('on', { is: 'arrived by', on: on.slice(0, digits) }, event.on.slice(0, digits));
  });
}

function arrivals(events: readonly Dated[]): ReadonlyMap<string, string> {
  const came = new Map<string, string>();
  for (const event of events) {
    const members =
      event.type === 'came'
        ? event.members
        : event.type === 'born'
          ? [event.member]
          : event.type === 'split'
            ? event.into
            : [];
    for (const { id } of members) if (!came.has(id)) came.set(id, event.on);
  }
  return came;
}

/** What a journal says of the room, and which of its entries cannot be true beside the others. */
export interface Judged {
  readonly room: Room;
  /** In the order in which they happened. */
  readonly contradictions: readonly Contradiction[];
}

/**
 * Folds a journal and holds every entry against the room of its own moment; with pauses. With `leaveOut` what contradicts
 * is not applied, so that what is left agrees with itself.
 */
export function* judgeJournal(
  entries: readonly Entry[],
  world: World,
  { leaveOut = false }: { readonly leaveOut?: boolean } = {},
): Generator<undefined, Judged> {
  const { standing } = yield* effectiveInSteps(entries);
  const all: Contradiction[] = [...strayCorrections(entries)];
  let came: ReadonlyMap<string, string> | null = null;
  let room = EMPTY_ROOM;
  for (const [i, event] of standing.entries()) {
    const faults = sense(event, room, world);
    if (faults.length > 0) {
      came ??= arrivals(standing);
      all.push({ id: event.id, type: event.type, on: event.on, faults: withArrival(faults, event, came) });
    }
    if (!leaveOut || faults.length === 0) room = applyEvent(room, event);
    if (i % ENTRIES_A_STEP === ENTRIES_A_STEP - 1) yield;
  }
  return { room, contradictions: all };
}
