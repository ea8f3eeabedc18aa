import fc from 'fast-check';
import { mergeRooms, type RoomContents, settle } from '@/core/merge';
import { appendOf, correctionOf } from '@/core/gate';
import type { Dated } from '@/core/events';
import { roomAt } from '@/core/events/roomAt';
import { atOnce, canonicalJson, type EntryId } from '@/core/kernel';
import type { RoomDocument } from '@/core/records';
import { anyArrival, anyDocument, anyEvent } from '@/testing/anyRoom';
import { cameAs, catalogue, ready, tankPut } from '@/testing/tabs';
import { memoryPlace, memoryStore, type MemoryPlace } from '@/store/memory/memoryStore';
import { roomWork } from '@/workers/roomWork';
import { openSession } from './session';
import type { Session } from './types';

jest.setTimeout(3_600_000);

const contents = (place: MemoryPlace): RoomContents => ({
  documents: [...place.documents.values()],
  entries: place.entries,
});
const copyOf = (room: RoomContents): MemoryPlace => {
  const place = memoryPlace();
  const { documents, entries } = JSON.parse(JSON.stringify(room)) as RoomContents;
  place.documents = new Map(documents.map((one) => [one.id, one]));
  place.entries = [...entries];
  return place;
};
const text = (room: RoomContents): string =>
  canonicalJson({ ...room, documents: [...room.documents].sort((a, b) => (a.id < b.id ? -1 : 1)) });

/** A device with a clock of its own, minutes off. */
function device(place: MemoryPlace, name: string, clock: { now: number }, off: number): Promise<Session> {
  let n = 0;
  return ready(
    openSession({
      store: memoryStore(place),
      catalogue,
      tab: name,
      stamp: {
        id: () => `${name}${(n += 1)}-${clock.now}` as EntryId,
        now: () => new Date(clock.now + off).toISOString(),
      },
    }),
  );
}

const step = fc.oneof(
  { weight: 3, arbitrary: anyArrival.map((event) => ({ event })) },
  { weight: 5, arbitrary: anyEvent.map((event) => ({ event })) },
  { weight: 5, arbitrary: anyDocument.map((document) => ({ document })) },
  { weight: 2, arbitrary: fc.nat(50).map((pick) => ({ pick })) },
);
interface Step {
  readonly event?: Dated;
  readonly document?: RoomDocument;
  readonly pick?: number;
}

async function take(session: Session, place: MemoryPlace, one: Step): Promise<void> {
  if (one.event) await session.run('an event', [appendOf(one.event, session.stamp)]);
  else if (one.document) await session.run('a document', [{ kind: 'put', document: one.document }]);
  else {
    const target = place.entries[(one.pick ?? 0) % Math.max(1, place.entries.length)];
    if (target && target.type !== 'corrected')
      await session.run('struck out', [correctionOf(target.id, target.on, null, session.stamp)]);
  }
}

/** A room with a past, as more devices have it. */
async function past(): Promise<RoomContents> {
  const place = memoryPlace();
  const clock = { now: Date.UTC(2027, 0, 1) };
  const one = await device(place, 'p', clock, 0);
  await one.run('tanks', [tankPut('T'), tankPut('U')]);
  await one.run('fish', [appendOf(cameAs('shoal', '2026-12-01T12:00:00.000Z', 9), one.stamp)]);
  return contents(place);
}

/** What a device made of its past by some steps. */
async function after(
  begun: RoomContents,
  name: string,
  off: number,
  steps: readonly Step[],
): Promise<RoomContents> {
  const place = copyOf(begun);
  const clock = { now: Date.UTC(2027, 0, 2) };
  const session = await device(place, name, clock, off);
  for (const one of steps) {
    clock.now += 60_000;
    await take(session, place, one);
  }
  return contents(place);
}

/** Waits until a page that was told of another room shows it. */
async function shown(session: Session, place: MemoryPlace): Promise<void> {
  const ids = place.entries.map(({ id }) => id).join();
  for (let tries = 0; ; tries += 1) {
    const { entries, status } = session.state.getState();
    if (entries?.map(({ id }) => id).join() === ids) break;
    if (tries > 500) throw new Error(`${status}: ${entries?.map(({ id }) => id).join()} is not ${ids}`);
    await new Promise((resolve) => setTimeout(resolve, 1));
  }
  await ready(session);
}

const RUNS = Number(process.env.MERGE_RUNS ?? 40);
/** The long trial says its seed; otherwise each run has one of its own, and tells it when it fails. */
const SEEDED = process.env.SEED === undefined ? {} : { seed: Number(process.env.SEED) };
const steps = fc.array(step, { maxLength: 8 });

describe('rooms of several devices, merged', () => {
  it('are the same in any order and grouping, and once is as good as twice; nothing is left out (property)', async () => {
    const begun = await past();
    let written = 0;
    await fc.assert(
      fc.asyncProperty(steps, steps, steps, async (one, other, third) => {
        const [a, b, c] = await Promise.all([
          after(begun, 'a', 0, one),
          after(begun, 'b', 240_000, other),
          after(begun, 'c', -3_600_000, third),
        ]);
        const whole = mergeRooms(mergeRooms(a, b), c);
        expect(text(mergeRooms(b, a))).toBe(text(mergeRooms(a, b)));
        expect(text(mergeRooms(a, mergeRooms(b, c)))).toBe(text(whole));
        expect(text(mergeRooms(whole, whole))).toBe(text(whole));
        expect(text(mergeRooms(whole, b))).toBe(text(whole));
        const ids = new Set([a, b, c].flatMap(({ entries }) => entries.map(({ id }) => id)));
        expect(new Set(whole.entries.map(({ id }) => id))).toEqual(ids);
        // What one device alone did is there as that device has it.
        expect(canonicalJson(roomAt(mergeRooms(a, begun).entries))).toBe(canonicalJson(roomAt(a.entries)));
        written += ids.size;
        // What can be opened of it, and what contradicts, are all of it.
        const settled = atOnce(settle(whole, a, b, { catalogue, now: '2027-06-02T12:00:00.000Z' }));
        expect(settled.entries.length + settled.aside.filter(({ what }) => what === 'entry').length).toBe(
          ids.size,
        );
      }),
      { numRuns: RUNS, ...SEEDED },
    );
    expect(written).toBeGreaterThan(RUNS * 3);
  });
});

describe('a month on a phone and a laptop', () => {
  it('with files exchanged every few days ends equal and complete (property)', async () => {
    const begun = await past();
    const days = fc.array(fc.tuple(fc.array(step, { maxLength: 3 }), fc.array(step, { maxLength: 3 })), {
      minLength: 30,
      maxLength: 30,
    });
    await fc.assert(
      fc.asyncProperty(days, fc.integer({ min: 2, max: 5 }), async (month, every) => {
        const clock = { now: Date.UTC(2027, 1, 1) };
        const now = (): string => new Date(clock.now).toISOString();
        const [phone, laptop] = [copyOf(begun), copyOf(begun)];
        const hands = [
          await device(phone, 'phone', clock, 0),
          await device(laptop, 'laptop', clock, 420_000),
        ] as const;
        const written = new Set<string>();
        const carry = async (from: MemoryPlace, to: MemoryPlace): Promise<void> => {
          const file = await roomWork(() => memoryStore(from), now).save('own', () => {});
          const there = roomWork(() => memoryStore(to), now);
          expect(await there.look(file.blob, 'own', () => {})).toMatchObject({ kind: 'room', leftOut: 0 });
          expect(await there.merge('own', 'from the other device')).toBe(true);
          await shown(to === phone ? hands[0] : hands[1], to);
        };
        for (const [day, [one, other]] of month.entries()) {
          for (const [place, session, steps] of [
            [phone, hands[0], one],
            [laptop, hands[1], other],
          ] as const)
            for (const each of steps) {
              clock.now += 3_600_000;
              await take(session, place, each);
            }
          for (const place of [phone, laptop]) for (const { id } of place.entries) written.add(id);
          if (day % every === every - 1 || day === month.length - 1) {
            await carry(phone, laptop);
            await carry(laptop, phone);
          }
        }
        expect(text(contents(phone))).toBe(text(contents(laptop)));
        const there = new Set<string>([
          ...phone.entries.map(({ id }) => id),
          ...[...phone.aside.values()].map(({ raw }) => (raw as { id: string }).id),
        ]);
        expect([...written].filter((id) => !there.has(id))).toEqual([]);
        // Each device shows what its journal says.
        for (const session of hands)
          expect(canonicalJson(session.state.getState().room)).toBe(canonicalJson(roomAt(phone.entries)));
      }),
      { numRuns: Math.ceil(RUNS / 8), endOnFailure: true, ...SEEDED },
    );
  });
});
