import { gzipSync } from 'node:zlib';
import { SHIPPED_SPECIES } from '@/catalogue';
import { writeBackup } from '@/core/formats';
import { atOnce, type EntryId, type ResidentId, type TankId } from '@/core/kernel';
import { mergeRooms, type RoomContents, settle } from '@/core/merge';
import { buildCatalogue } from '@/core/model';
import { documentOf } from '@/core/records';
import type { Entry } from '@/core/events';

const DAY_MS = 86_400_000;
const BEGUN = Date.UTC(2020, 0, 1);
const NOW = '2046-01-01T00:00:00.000Z';
const moment = (n: number, off = 0): string => new Date(BEGUN + n * 600_000 + off).toISOString();

const came: Entry = {
  type: 'came',
  on: new Date(BEGUN - DAY_MS).toISOString(),
  tank: 'T' as TankId,
  species: 'labidochromis-caeruleus',
  members: Array.from({ length: 12 }, (_, i) => ({
    id: `f${i}` as ResidentId,
    name: `Fish ${i}`,
    count: 1,
    individual: true,
    sex: 'unknown' as const,
    males: null,
    females: null,
  })),
  lengthCm: 6,
  origin: 'unknown',
  from: '',
  note: '',
  id: 'came' as EntryId,
  seq: 1,
  recorded: new Date(BEGUN - DAY_MS).toISOString(),
};

/** A contest, the usual entry of a long record. */
const contest = (n: number, device: string, off: number): Entry => ({
  type: 'chased',
  on: moment(n, off),
  tank: 'T' as TankId,
  watch: '',
  winner: `f${n % 12}` as ResidentId,
  loser: `f${(n + 1 + (n % 11)) % 12}` as ResidentId,
  what: 'chase',
  place: '',
  id: `${device}${n}` as EntryId,
  seq: n + 2,
  recorded: moment(n, off),
});

/** A room of so many entries, of which the last tenth was written on this device alone. */
function roomOf(entries: number, device: string, off: number): RoomContents {
  const shared = Math.floor(entries * 0.9);
  const tank = documentOf(
    'tank',
    'T' as never,
    {
      name: 'Holm',
      purpose: 'display',
      order: 1,
      tank: { lengthCm: 150, widthCm: 60, heightCm: 60 },
      water: {},
      routine: { changeFraction: 0.4, everyDays: 7 },
      practice: {},
    } as never,
  );
  return {
    documents: [tank],
    entries: [
      came,
      ...Array.from({ length: entries }, (_, n) =>
        n < shared ? contest(n, 's', 0) : contest(n, device, off),
      ),
    ],
  };
}

/** Two devices that each wrote a tenth since they met: how long the union takes, how long asking whether it makes sense, and how large a file is. */
export function mergeBench() {
  const catalogue = buildCatalogue(SHIPPED_SPECIES);
  const result: Record<string, unknown> = {};
  const took: number[] = [];
  for (const entries of [1000, 10_000, 100_000]) {
    const [a, b] = [roomOf(entries, 'a', 0), roomOf(entries, 'b', 1000)];
    let started = performance.now();
    const merged = mergeRooms(a, b);
    const mergeMs = performance.now() - started;
    started = performance.now();
    const settled = atOnce(settle(merged, a, b, { catalogue, now: NOW }));
    const settleMs = performance.now() - started;
    const text = writeBackup(settled.documents, settled.entries, NOW);
    took.push(mergeMs);
    result[entries] = {
      merged: settled.entries.length,
      aside: settled.aside.length,
      mergeMs: Math.round(mergeMs),
      settleMs: Math.round(settleMs),
      fileKB: Math.round(text.length / 1024),
      zippedKB: Math.round(gzipSync(text).length / 1024),
    };
  }
  return { ...result, ratio100kTo10k: Number(((took[2] ?? 0) / Math.max(1, took[1] ?? 1)).toFixed(1)) };
}
