import { applyEvent, EMPTY_ROOM, type Room, type Standing } from '../events';

/** A count of a species on a day, with the number on record then. */
export interface Count {
  readonly on: string;
  readonly seen: number;
  readonly onRecord: number;
  /** Who was seen, where they were ticked by name. */
  readonly who: readonly string[] | null;
}

/** The counts of a species in a tank, and what is open since the last. */
export interface CountHistory {
  readonly counts: readonly Count[];
  /**
   * On record at the last count and not seen in it, as far as nothing since has accounted for them; negative when more were
   * seen than were on record. Null before the first count.
   */
  readonly open: number | null;
}

const NEVER: CountHistory = { counts: [], open: null };

const headsIn = (room: Room, tank: string, species: string): number =>
  Object.values(room.residents).reduce(
    (sum, one) => (one.tank === tank && one.species === species ? sum + one.count : sum),
    0,
  );

/** What is missing cannot be more than what is on record; a surplus is what it is. */
const within = (open: number, heads: number): number => Math.min(open, heads);

/** Towards nothing, not beyond. */
const towardsZero = (open: number, change: number): number => {
  const next = open + change;
  return open > 0 ? Math.max(0, next) : open < 0 ? Math.min(0, next) : 0;
};

/** How an event changes what is open in the tank in which its fish are. */
function accountedBy(event: Standing, open: number, before: number, after: number): number {
  switch (event.type) {
    // A body that is found, or a fish that is given up, is one of the missing first.
    case 'died':
      return open > 0 ? towardsZero(open, -event.count) : open;
    // The record was brought to what was counted.
    case 'recounted':
      return towardsZero(open, after - before);
    // Young that are kept were the surplus.
    case 'born':
      return open < 0 ? towardsZero(open, after - before) : open;
    default:
      return open;
  }
}

const HISTORIES = new WeakMap<readonly Standing[], ReadonlyMap<string, CountHistory>>();

const keyOf = (tank: string, species: string): string => `${tank}|${species}`;

/** Histories of all tanks and species, in one walk over the journal; worked out once for all that ask. */
function historiesOf(happenings: readonly Standing[]): ReadonlyMap<string, CountHistory> {
  const known = HISTORIES.get(happenings);
  if (known) return known;
  const histories = new Map<string, CountHistory>();
  let room: Room = EMPTY_ROOM;
  const settle = (tank: string, species: string, event: Standing, before: number, after: number): void => {
    const key = keyOf(tank, species);
    const history = histories.get(key);
    if (!history || history.open === null) return;
    histories.set(key, { ...history, open: within(accountedBy(event, history.open, before, after), after) });
  };
  for (const event of happenings) {
    // A contest moves nobody.
    if (event.type === 'chased' || event.type === 'saw' || event.type === 'watched') continue;
    if (event.type === 'counted') {
      const { tank, on, seen, species, who } = event;
      const key = keyOf(tank, species);
      const onRecord = headsIn(room, tank, species);
      const { counts } = histories.get(key) ?? NEVER;
      histories.set(key, {
        counts: [...counts, { on, seen, onRecord, who: who ?? null }],
        open: onRecord - seen,
      });
      continue;
    }
    const before =
      'resident' in event && typeof event.resident === 'string' ? room.residents[event.resident] : undefined;
    const next = applyEvent(room, event);
    if (before) {
      const { tank, species } = before;
      const own = histories.get(keyOf(tank, species));
      const left = headsIn(next, tank, species);
      settle(tank, species, event, headsIn(room, tank, species), left);
      // When the last of them left for a tank that never counted its own, their counts go with them.
      if (own && event.type === 'moved' && event.tank !== tank && left === 0) {
        const there = keyOf(event.tank, species);
        if (!histories.has(there)) histories.set(there, own);
        histories.delete(keyOf(tank, species));
      }
    } else if (event.type === 'born')
      settle(
        event.tank,
        event.species,
        event,
        headsIn(room, event.tank, event.species),
        headsIn(next, event.tank, event.species),
      );
    room = next;
  }
  HISTORIES.set(happenings, histories);
  return histories;
}

/** The counts of a species in a tank; those that were counted elsewhere before they all moved here too. */
export const countHistory = (happenings: readonly Standing[], tank: string, species: string): CountHistory =>
  historiesOf(happenings).get(keyOf(tank, species)) ?? NEVER;
