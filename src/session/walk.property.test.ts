import fc from 'fast-check';
import { readBackup } from '@/core/formats/backup';
import { BACKUP_VERSION } from '@/core/migrate';
import { correctionOf, type Change } from '@/core/gate/change';
import type { Entry } from '@/core/events/events';
import { roomAt } from '@/core/events/roomAt';
import { canonicalJson } from '@/core/kernel/schema/canonicalJson';
import { anyArrival, anyDocument, anyEvent } from '@/testing/anyRoom';
import { append, catalogue, counter, openTab, placeWithTanks } from '@/testing/tabs';
import { memoryPlace, memoryStore } from '@/store/memory/memoryStore';
import { roomWork } from '@/workers/roomWork';
import type { Session } from './types';

type Step =
  | { readonly kind: 'event'; readonly event: Parameters<typeof append>[1] }
  | { readonly kind: 'put'; readonly document: Extract<Change, { kind: 'put' }>['document'] }
  | { readonly kind: 'correct'; readonly pick: number; readonly event: Parameters<typeof append>[1] | null }
  | { readonly kind: 'undo' | 'redo' };

const step: fc.Arbitrary<Step> = fc.oneof(
  { weight: 3, arbitrary: anyArrival.map((event) => ({ kind: 'event' as const, event })) },
  { weight: 6, arbitrary: anyEvent.map((event) => ({ kind: 'event' as const, event })) },
  { weight: 4, arbitrary: anyDocument.map((document) => ({ kind: 'put' as const, document })) },
  {
    weight: 2,
    arbitrary: fc.record({
      kind: fc.constant('correct' as const),
      pick: fc.nat(50),
      event: fc.option(fc.oneof(anyEvent, anyArrival), { nil: null }),
    }),
  },
  { weight: 2, arbitrary: fc.constantFrom({ kind: 'undo' as const }, { kind: 'redo' as const }) },
);

async function take(session: Session, entries: readonly Entry[], done: Step): Promise<void> {
  switch (done.kind) {
    case 'event':
      await session.run('an event', [append(session, done.event)]);
      return;
    case 'put':
      await session.run('a document', [{ kind: 'put', document: done.document }]);
      return;
    case 'correct': {
      const target = entries[done.pick % Math.max(1, entries.length)];
      if (target)
        await session.run('a correction', [correctionOf(target.id, target.on, done.event, session.stamp)]);
      return;
    }
    case 'undo':
      await session.undo();
      return;
    case 'redo':
      await session.redo();
  }
}

const bodies = (place: ReturnType<typeof memoryPlace>): string =>
  canonicalJson(
    [...place.documents.values()]
      .map(({ id, kind, body }) => ({ id, kind, body }))
      .sort((a, b) => (a.id < b.id ? -1 : 1)),
  );

jest.setTimeout(120_000);

describe('a random walk of commands', () => {
  it('leaves a room that can be saved, and opened in an empty room as the same', async () => {
    let entriesWritten = 0;
    await fc.assert(
      fc.asyncProperty(fc.array(step, { minLength: 5, maxLength: 30 }), async (steps) => {
        const place = await placeWithTanks();
        const session = await openTab(place);
        for (const one of steps) await take(session, place.entries, one);
        entriesWritten += place.entries.length;
        expect(canonicalJson(session.state.getState().room)).toBe(canonicalJson(roomAt(place.entries)));

        const now = (): string => '2027-06-02T12:00:00.000Z';
        const saved = await roomWork(() => memoryStore(place), now).save('own', () => {});
        const same = await roomWork(() => memoryStore(place), now).look(saved.blob, 'own', () => {});
        expect(same).toMatchObject({ kind: 'room', changes: { same: true } });
        const empty = memoryPlace();
        const other = roomWork(() => memoryStore(empty), now);
        const look = await other.look(saved.blob, 'own', () => {});
        expect(look).toMatchObject({ kind: 'room', leftOut: 0, faults: [] });
        expect(await other.replace('own', 'a file')).toBe(true);
        expect(bodies(empty)).toBe(bodies(place));
        expect(canonicalJson(empty.entries)).toBe(canonicalJson(place.entries));
        expect(canonicalJson(roomAt(empty.entries))).toBe(canonicalJson(session.state.getState().room));
      }),
      { numRuns: 60 },
    );
    // The gate refuses much of what is made up; what passes must be enough to mean something.
    expect(entriesWritten).toBeGreaterThan(200);
  });

  it('is the same room when it is read again by another tab', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(step, { minLength: 3, maxLength: 15 }), async (steps) => {
        const place = await placeWithTanks();
        const session = await openTab(place);
        for (const one of steps) await take(session, place.entries, one);
        const again = await openTab(place, 'z');
        expect(canonicalJson(again.state.getState().room)).toBe(canonicalJson(session.state.getState().room));
        expect(again.state.getState().aside).toEqual([]);
      }),
      { numRuns: 40 },
    );
  });

  it('writes nothing that the reader of files would refuse, entry by entry', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(anyEvent, { minLength: 1, maxLength: 6 }), async (events) => {
        const place = await placeWithTanks();
        const session = await openTab(place);
        for (const event of events) {
          const outcome = await session.run('an event', [append(session, event)]);
          const file = {
            format: 'lomvik',
            version: BACKUP_VERSION,
            exportedOn: '',
            documents: [...place.documents.values()],
            entries: [...place.entries, { ...event, id: counter('x').id(), seq: 99, recorded: event.on }],
          };
          const accepted = readBackup(
            JSON.parse(JSON.stringify(file)),
            catalogue,
            '2027-06-02T12:00:00.000Z',
          ).ok;
          // What was written is in the file twice, under another name: an arrival cannot come a second time.
          if (outcome.kind === 'refused') expect(accepted).toBe(false);
        }
      }),
      { numRuns: 60 },
    );
  });
});
