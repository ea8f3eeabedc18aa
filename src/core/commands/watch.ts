import { appendOf, type Change, correctionOf, datedOf, type Stamp } from '../gate';
import {
  type Dated,
  type Entry,
  type EventBodies,
  MAY_END_UNDECIDED,
  readSomebody,
  type Sign,
  type Trigger,
} from '../events';
import type { DocumentId, EntryId, ResidentId, TankId } from '../kernel';
import type { DocumentBodies } from '../records';
import { putChange } from './documentChanges';
import { freshId } from './made';

export type Watching = DocumentBodies['watching'];

/** One watch runs at a time in a room. */
export const WATCHING = 'watching' as DocumentId;

/** A watch longer than a day is a clock that was forgotten: minutes, as the journal takes them. */
const LONGEST_MINUTES = 1440;

/** Seconds watched so far, `now` in ms since the epoch. */
export function watchedSeconds(watching: Watching, now: number): number {
  const running =
    watching.runningSince === null ? 0 : Math.max(0, now - Date.parse(watching.runningSince)) / 1000;
  return watching.countedSeconds + running;
}

export function startWatch(tank: TankId, stamp: Stamp): { readonly watch: string; readonly change: Change } {
  const on = stamp.now();
  const watch = freshId<string>(stamp);
  return {
    watch,
    change: putChange('watching', WATCHING, {
      tank,
      watch,
      startedOn: on,
      countedSeconds: 0,
      runningSince: on,
    }),
  };
}

/** Stops the clock, or lets it go on; the seconds counted so far stay. */
export function pauseOrResume(watching: Watching, stamp: Stamp): Change {
  const now = stamp.now();
  const next: Watching =
    watching.runningSince === null
      ? { ...watching, runningSince: now }
      : { ...watching, countedSeconds: watchedSeconds(watching, Date.parse(now)), runningSince: null };
  return putChange('watching', WATCHING, next);
}

/** Minutes that a watch came to, to the hundredth. */
export const minutesOf = (watching: Watching, now: number): number =>
  Math.min(LONGEST_MINUTES, Math.round((watchedSeconds(watching, now) / 60) * 100) / 100);

/** Ends a watch: its minutes up to a moment, now where none is said, go into the journal. */
export function finishWatch(
  watching: Watching,
  note: string,
  stamp: Stamp,
  on: string = stamp.now(),
): readonly Change[] {
  const { tank, watch } = watching;
  const minutes = minutesOf(watching, Date.parse(on));
  return [
    appendOf({ type: 'watched', on, tank, minutes, note, watch }, stamp),
    putChange('watching', WATCHING, null),
  ];
}

/** Somebody passes by: what is seen counts no minutes. */
export interface InPassing {
  /** When it was seen: now, or on an earlier day. */
  readonly seenOn: string;
}
/** The watch that runs, none yet, or none wanted. */
export type AtTheGlass = Watching | InPassing | null;

/** What was seen at the glass; a watch is started for it when none runs, except in passing. */
function seen(
  watching: AtTheGlass,
  tank: TankId,
  stamp: Stamp,
  say: (watch: string, on: string) => Dated,
): readonly Change[] {
  const now = stamp.now();
  if (watching && 'seenOn' in watching) return [appendOf(say('', watching.seenOn), stamp)];
  if (watching) return [appendOf(say(watching.watch, now), stamp)];
  const begun = startWatch(tank, stamp);
  return [begun.change, appendOf(say(begun.watch, now), stamp)];
}

export interface Contest {
  readonly tank: TankId;
  readonly winner: ResidentId;
  readonly loser: ResidentId;
  readonly place: string;
  readonly trigger: Trigger | null;
}

/** One fish chased another. */
export const logContest = (
  watching: AtTheGlass,
  { tank, winner, loser, place, trigger }: Contest,
  stamp: Stamp,
): readonly Change[] =>
  seen(watching, tank, stamp, (watch, on) => ({
    type: 'chased',
    on,
    tank,
    watch,
    winner,
    loser,
    what: 'chase',
    place,
    ...(trigger === null ? {} : { trigger }),
  }));

/** Something seen of a fish, or of nobody in particular, without a contest. `nameOf` says who one is that cannot be told from its like. */
export const logSign = (
  watching: AtTheGlass,
  {
    tank,
    who,
    what,
    place,
    nameOf,
  }: {
    readonly tank: TankId;
    readonly who: ResidentId | null;
    readonly what: Sign;
    readonly place: string;
    readonly nameOf: (id: string) => string;
  },
  stamp: Stamp,
): readonly Change[] => {
  const told = who !== null && readSomebody(who) === null;
  return seen(watching, tank, stamp, (watch, on) => ({
    type: 'saw',
    on,
    tank,
    resident: told ? who : null,
    what,
    place,
    watch,
    note: who !== null && !told ? nameOf(who) : '',
  }));
};

/** What an entry says by now, after what corrected it last; null where it is not there, or struck out. */
function saidNow(entries: readonly Entry[], id: EntryId): Dated | null {
  for (let at = entries.length - 1; at >= 0; at -= 1) {
    const entry = entries[at] as Entry;
    if (entry.type === 'corrected' && entry.target === id) return entry.replacement;
    if (entry.id === id) {
      const { seq: _seq, ...own } = entry;
      return datedOf(own);
    }
  }
  return null;
}

/**
 * More is said of a contest or a sign, as it stands when the command's turn comes: of two presses, one right after the other, both
 * hold.
 */
export function tellMore(
  entries: readonly Entry[],
  id: EntryId,
  more: Partial<Omit<EventBodies['chased'], 'type'>>,
  stamp: Stamp,
): readonly Change[] {
  const said = saidNow(entries, id);
  if (said?.type !== 'chased' && said?.type !== 'saw') return [];
  // Who locks jaws or stands off has not won by that.
  const undecided =
    said.type === 'chased' && more.what !== undefined && more.what !== said.what
      ? { undecided: MAY_END_UNDECIDED.has(more.what) }
      : {};
  return [correctionOf(id, said.on, { ...said, ...undecided, ...more } as Dated, stamp)];
}
