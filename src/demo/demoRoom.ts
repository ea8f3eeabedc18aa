import { placeText } from '@/core/floor';
import { DAY_MS, type EntryId, type ResidentId } from '@/core/kernel';
import type { RoomDocument } from '@/core/records';
import type { Dated, Entry } from '@/core/events';
import { DEMO_TANKS, demoDocuments } from './demoTanks';
import { demoReturns } from './demoReturns';
import { demoScore } from './demoScore';
import { demoStory } from './demoStory';
import { demoWater } from './demoWater';

/** A small repeatable source of chance (Lehmer), so that the demo is the same every day. */
function chance(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
}

/** Who lives in Skerry, with how often each wins: the keeper's record has to find that out. */
const FIGHTERS = [
  { id: 'demo-amber', nerve: 0.92 },
  { id: 'demo-saffron', nerve: 0.7 },
  { id: 'demo-tawny', nerve: 0.45 },
  { id: 'demo-ladder', nerve: 0.6 },
  { id: 'demo-rung', nerve: 0.35 },
  { id: 'demo-slate', nerve: 0.25 },
  { id: 'demo-inky', nerve: 0.15 },
] as const;

const PLACES = ['left, floor', 'middle, floor', 'right, floor', 'right, floor', 'middle, top'] as const;
/** Where those who hold ground quarrel, cm from the left and from the front. */
const GROUNDS: Readonly<Record<string, readonly [number, number]>> = {
  'demo-amber': [112, 18],
  'demo-ladder': [34, 18],
  'demo-slate': [72, 20],
};
/** Up to this watch places were told by thirds of the tank; then by a press on the floor map. */
const BY_THIRDS = 3;

function placeFor(winner: string, watch: number, roll: number): string {
  if (watch < BY_THIRDS) return PLACES[Math.floor(roll * PLACES.length)]!;
  const [x, y] = GROUNDS[winner] ?? [88, 20];
  const turn = roll * 61;
  const away = 4 + 14 * ((roll * 7) % 1);
  return placeText([x + Math.cos(turn) * away, Math.max(3, y + Math.sin(turn) * away * 0.6)]);
}

const KINDS = ['chase', 'chase', 'chase', 'nip', 'flare', 'lock', 'ram'] as const;

/** Watches of the last five weeks: how many days ago, how long, how many contests. */
const WATCHES = [
  [33, 20, 9],
  [30, 15, 7],
  [27, 20, 8],
  [23, 15, 6],
  [20, 20, 9],
  [17, 10, 0],
  [13, 20, 6],
  [10, 15, 4],
  [6, 20, 5],
  [2, 15, 3],
] as const;

/** Watches before them, around the days for which the dominant fish sat behind a divider. */
const EARLIER = [
  [54, 20, 9],
  [51, 15, 7],
  [47, 15, 2],
  [41, 20, 8],
  [38, 15, 6],
] as const;
const BOXED_ON = 47;

function contests(
  on: (daysAgo: number, minutes?: number) => string,
  watches: readonly (readonly [daysAgo: number, minutes: number, count: number])[],
  name: string,
  seed: number,
): readonly Dated[] {
  const next = chance(seed);
  return watches.flatMap(([daysAgo, minutes, count], index) => {
    const watch = `${name}-${index + 1}`;
    const fighters = daysAgo === BOXED_ON ? FIGHTERS.slice(1) : FIGHTERS;
    const chases = Array.from({ length: count }, (_, i): Dated => {
      // The boldest is in nearly every second quarrel.
      const a = fighters[next() < 0.45 ? 0 : Math.floor(next() * fighters.length)]!;
      const others = fighters.filter((fighter) => fighter !== a);
      const b = others[Math.floor(next() * others.length)]!;
      const aWins = next() < a.nerve / (a.nerve + b.nerve) + (a.nerve > b.nerve ? 0.22 : -0.22);
      const [winner, loser] = aWins ? [a.id, b.id] : [b.id, a.id];
      return {
        type: 'chased',
        on: on(daysAgo, 1 + Math.floor(((i + 0.5) * (minutes - 1)) / count)),
        tank: DEMO_TANKS.skerry,
        watch,
        winner: winner as ResidentId,
        loser: loser as ResidentId,
        what: KINDS[Math.floor(next() * KINDS.length)]!,
        place: placeFor(winner, index, next()),
        trigger: next() < 0.3 ? 'feeding' : 'none seen',
      };
    });
    return [
      ...chases,
      {
        type: 'watched',
        on: on(daysAgo, minutes),
        tank: DEMO_TANKS.skerry,
        watch,
        minutes,
        note: daysAgo === 17 ? 'Lights just on, everyone quiet.' : '',
      } satisfies Dated,
    ];
  });
}

/**
 * A room of made-up tanks, keepers and shops, dated back from the day it is opened.
 *
 * `today` is an ISO date; the same day gives the same room.
 */
export function demoRoom(today: string): {
  readonly documents: readonly RoomDocument[];
  readonly entries: readonly Entry[];
} {
  const evening = Date.parse(`${today}T18:30:00.000Z`);
  const on = (daysAgo: number, minutes = 0): string =>
    new Date(evening - daysAgo * DAY_MS + minutes * 60_000).toISOString();
  const score = demoScore(on);
  const named = new Map(score.map(({ event, id }) => [event, id]));
  const happened = [
    ...score.map(({ event }) => event),
    ...demoStory(on),
    ...demoReturns(on),
    ...contests(on, EARLIER, 'demo-earlier', 4_711),
    ...contests(on, WATCHES, 'demo-watch', 20_261),
    ...demoWater(on),
  ].sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
  const entries = happened.map((event, index) => ({
    ...event,
    id: named.get(event) ?? (`demo-${String(index + 1).padStart(3, '0')}` as EntryId),
    seq: index + 1,
    recorded: event.on,
  }));
  return { documents: demoDocuments(), entries };
}
