import { dayOf } from '@/session/today';
import {
  type Dated,
  effective,
  type Entry,
  residentsOfEvent,
  type Standing,
  tankOfEvent,
  trackTanks,
  unreadable,
} from '@/core/events';
import { foldName } from '@/core/model';

/** One line of the diary: what stands, or what was struck out. */
export interface DiaryRow {
  readonly event: Standing;
  readonly struck: boolean;
  readonly text: string;
  /** The tanks that it is about: where it happened, or where those that it tells of were before and after it. */
  readonly tanks: readonly string[];
}

export interface DiaryFilter {
  readonly tank: string | null;
  readonly words: string;
  readonly struck: boolean;
  readonly contests: boolean;
}

/** What corrections made of an entry before it was struck out. */
function lastWords(entries: readonly Entry[]): ReadonlyMap<string, Dated> {
  const said = new Map<string, Dated>();
  for (const entry of entries)
    if (entry.type === 'corrected' && entry.replacement) said.set(entry.target, entry.replacement);
  return said;
}

/** Everything that was written down, newest first, as sentences; entries that were struck out only when asked for. */
export function diaryRows(entries: readonly Entry[], tell: (event: Dated) => string): readonly DiaryRow[] {
  const standing = effective(entries);
  const kept = new Set(standing.map((event) => event.id));
  const said = lastWords(entries);
  const struck = entries.flatMap((entry): Standing[] =>
    entry.type !== 'corrected' && !kept.has(entry.id) && unreadable(entry) === null
      ? [{ ...(said.get(entry.id) ?? entry), id: entry.id, seq: entry.seq, corrected: true }]
      : [],
  );
  const track = trackTanks();
  let tankOf: (id: string) => string | undefined = () => undefined;
  const tanksOf = (event: Dated): readonly string[] =>
    [tankOfEvent(event), ...residentsOfEvent(event).map(tankOf)].flatMap((tank) => tank ?? []);
  const placed = standing.map((event) => {
    const before = tanksOf(event);
    tankOf = track(event);
    return { event, struck: false, tanks: [...before, ...tanksOf(event)] };
  });
  return [...placed, ...struck.map((event) => ({ event, struck: true, tanks: tanksOf(event) }))]
    .sort((a, b) => (a.event.on < b.event.on ? 1 : a.event.on > b.event.on ? -1 : b.event.seq - a.event.seq))
    .map((row) => ({ ...row, text: tell(row.event) }));
}

/** Rows that a filter lets through. A tank takes in what happened there and to those who lived there then. */
export function filterRows(rows: readonly DiaryRow[], filter: DiaryFilter): readonly DiaryRow[] {
  const words = foldName(filter.words).split(' ').filter(Boolean);
  return rows.filter(({ event, struck, text, tanks }) => {
    if (struck && !filter.struck) return false;
    if (event.type === 'chased' && !filter.contests) return false;
    if (filter.tank !== null && !tanks.includes(filter.tank)) return false;
    const folded = words.length > 0 ? foldName(`${text} ${dayOf(event.on)}`) : '';
    return words.every((word) => folded.includes(word));
  });
}
