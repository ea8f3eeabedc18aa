import { draftChange, listChangeIn, putChange } from '@/core/commands/documentChanges';
import { correctionOf, type Change } from '@/core/gate/change';
import type { DocumentId, EntryId, ResidentId, TankId } from '@/core/kernel/schema/ids';
import type { DraftGroup, RoomDocument } from '@/core/records/documents';
import { memoryStore, type MemoryPlace } from '@/store/memory/memoryStore';
import type { Announcement } from '@/store/port';
import { append, cameAs, catalogue, counter, openTab, placeWithTanks, ready, tankPut } from '@/testing/tabs';
import { openSession } from './session';
import type { Session } from './types';

const T = 'T' as TankId;
const group = (key: string, species = 'danio-rerio', count = 6): DraftGroup => ({
  key,
  group: { species, count },
});
const listOf = (session: Session): readonly string[] => {
  const document = session.state.getState().documents['draft-T'];
  return document?.kind === 'draft' && document.body ? document.body.groups.map(({ key }) => key) : [];
};
const add = (session: Session, key: string) =>
  session.run(`Listed ${key}`, ({ documents }) => [
    listChangeIn(documents, T, (all) => [...all, group(key)]),
  ]);
const tabs = async (place: MemoryPlace): Promise<[Session, Session]> => [
  await openTab(place, 'a'),
  await openTab(place, 'b'),
];
const nameOf = (session: Session): string | undefined => {
  const document = session.state.getState().documents['T'];
  return document?.kind === 'tank' ? document.body?.name : undefined;
};
const rename = (session: Session, how: (body: { name: string; order: number }) => object) =>
  session.run('Tank changed', ({ documents }) => {
    const document = documents['T'];
    if (document?.kind !== 'tank' || !document.body) return [];
    return [putChange('tank', 'T' as DocumentId, { ...document.body, ...how(document.body) })];
  });

/** A tab that hears of other tabs only what `hear` tells it, when it tells it. */
async function deafTab(place: MemoryPlace, tab: string) {
  let listener: (announcement: Announcement) => void = () => {};
  const deaf = {
    ...memoryStore(place),
    onAnnouncement: (told: typeof listener) => {
      listener = told;
      return () => {};
    },
  };
  const session = await ready(openSession({ store: deaf, catalogue, stamp: counter(tab), tab }));
  return { session, hear: (announcement: Announcement) => listener(announcement) };
}

describe('two tabs on one list', () => {
  it('undo in one keeps what the other added', async () => {
    const [first, second] = await tabs(await placeWithTanks());
    await add(first, 'mine');
    await add(second, 'theirs');
    await first.undo();
    expect(listOf(first)).toEqual(['theirs']);
    expect(listOf(second)).toEqual(['theirs']);
  });
  it('keep both when they add at the same moment', async () => {
    for (let round = 0; round < 10; round += 1) {
      const place = await placeWithTanks();
      const [first, second] = await tabs(place);
      const outcomes = await Promise.all([add(first, 'mine'), add(second, 'theirs')]);
      expect(outcomes.map(({ kind }) => kind)).toEqual(['done', 'done']);
      expect([...listOf(first)].sort()).toEqual(['mine', 'theirs']);
      expect([...listOf(second)].sort()).toEqual(['mine', 'theirs']);
    }
  });
  it('merge different fields of one tank, and ask where both changed the same', async () => {
    const place = await placeWithTanks();
    const [first, second] = await tabs(place);
    const [a, b] = await Promise.all([
      rename(first, () => ({ name: 'Holm' })),
      rename(second, () => ({ order: 7 })),
    ]);
    expect([a.kind, b.kind]).toEqual(['done', 'done']);
    expect(place.documents.get('T')?.body).toMatchObject({ name: 'Holm', order: 7 });

    const [, late] = await Promise.all([
      rename(first, () => ({ name: 'Skerry' })),
      rename(second, () => ({ name: 'Fen' })),
    ]);
    if (late.kind !== 'changed') throw new Error(late.kind);
    expect(late.conflicts).toEqual([{ path: 'name', mine: 'Fen', theirs: 'Skerry' }]);
    expect(nameOf(second)).toBe('Skerry');
    expect((await late.keepMine()).kind).toBe('done');
    expect(nameOf(first)).toBe('Fen');
  });
  it('ask when one removes what the other changes', async () => {
    const [first, second] = await tabs(await placeWithTanks());
    const [, late] = await Promise.all([
      first.run('Removed', [putChange('tank', 'T' as DocumentId, null)]),
      rename(second, () => ({ name: 'Fen' })),
    ]);
    expect(late.kind).toBe('changed');
  });
});

describe('undo', () => {
  it('takes back the command that it is asked for, not the last one', async () => {
    const session = await openTab(await placeWithTanks());
    const first = await add(session, 'a');
    await add(session, 'b');
    await session.undo(first.kind === 'done' ? (first.id ?? '') : '');
    expect(listOf(session)).toEqual(['b']);
  });
  it('says why when the same was changed since, and changes nothing', async () => {
    const [first, second] = await tabs(await placeWithTanks());
    await rename(first, () => ({ name: 'Holm' }));
    await rename(second, () => ({ name: 'Fen' }));
    expect(await first.undo()).toMatchObject({
      kind: 'refused',
      why: 'document',
      conflicts: [{ path: 'name' }],
    });
    expect(nameOf(first)).toBe('Fen');
  });
  it('does not touch an entry that was corrected since', async () => {
    const place = await placeWithTanks();
    const [first, second] = await tabs(place);
    await first.run('in', [append(first, cameAs('x', '2026-04-02T10:00:00.000Z', 6))]);
    const { id } = place.entries[0]!;
    await second.run('corrected', [
      correctionOf(id, '2026-04-02T10:00:00.000Z', cameAs('x', '2026-04-02T10:00:00.000Z', 4), second.stamp),
    ]);
    expect(await first.undo()).toMatchObject({ kind: 'refused', why: 'entry' });
    expect(first.state.getState().room.residents['x']?.count).toBe(4);
  });
  it('does not take away an arrival that later entries depend on', async () => {
    const [first, second] = await tabs(await placeWithTanks());
    await first.run('in', [append(first, cameAs('x', '2026-04-02T10:00:00.000Z', 6))]);
    const measured = {
      type: 'measured',
      on: '2026-04-05T10:00:00.000Z',
      resident: 'x' as ResidentId,
      lengthCm: 5,
    } as const;
    await second.run('measured', [append(second, measured)]);
    const taken = await first.undo();
    expect(taken).toMatchObject({
      kind: 'refused',
      why: 'gate',
      refusal: { clashes: [{ type: 'measured', on: '2026-04-05T10:00:00.000Z' }] },
    });
    expect(first.state.getState().room.residents['x']?.lengthCm).toBe(5);
  });
  it('survives a reload, and so does redo', async () => {
    const place = await placeWithTanks();
    const before = await openTab(place, 'same');
    await add(before, 'a');
    await add(before, 'b');
    await before.undo();
    before.close();
    const after = await openTab(place, 'same');
    expect(after.state.getState()).toMatchObject({ undoLabel: 'Listed a', redoLabel: 'Listed b' });
    await after.redo();
    expect(listOf(after)).toEqual(['a', 'b']);
    await after.undo();
    await after.undo();
    expect(listOf(after)).toEqual([]);
    // Another tab has an undo of its own.
    expect((await openTab(place, 'other')).state.getState().undoLabel).toBeNull();
  });
  it('is emptied when the room is replaced elsewhere', async () => {
    const place = await placeWithTanks();
    const [first, second] = await tabs(place);
    await add(second, 'b');
    await first.replaceAll({ documents: [...place.documents.values()], entries: [] });
    await ready(second);
    expect(second.state.getState().undoLabel).toBeNull();
    expect(await second.undo()).toEqual({ kind: 'nothing' });
    expect(place.entries).toEqual([]);
  });
});

describe('one press', () => {
  it('repeated while the write runs is the same press', async () => {
    const place = await placeWithTanks();
    const session = await openTab(place);
    const press = () =>
      session.run('6 came', [append(session, cameAs(`x${place.entries.length}`, session.stamp.now(), 6))]);
    const [one, two, three] = await Promise.all([press(), press(), press()]);
    expect(place.entries).toHaveLength(1);
    expect([two, three]).toEqual([one, one]);
    // A later one is a press of its own.
    await session.run('a note', [
      append(session, { type: 'noted', on: session.stamp.now(), tank: T, text: 'fed' }),
    ]);
    await session.run('a note', [
      append(session, { type: 'noted', on: session.stamp.now(), tank: T, text: 'fed' }),
    ]);
    expect(place.entries).toHaveLength(3);
  });
  it('counts twice where it asks for something else', async () => {
    const session = await openTab(await placeWithTanks());
    const draft = (count: number): Change => draftChange(T, [group('k', 'danio-rerio', count)]);
    await session.run('listed', [draft(6)]);
    const more = () =>
      session.run('List changed', ({ documents }) => [
        listChangeIn(documents, T, (all) =>
          all.map((one) => ({ ...one, group: { ...one.group, count: one.group.count + 1 } })),
        ),
      ]);
    await Promise.all([more(), more(), more()]);
    const document = session.state.getState().documents['draft-T'];
    expect(document?.kind === 'draft' && document.body?.groups[0]?.group.count).toBe(9);
  });
});

describe('a gap between tabs', () => {
  it('is read once: no entry counts twice', async () => {
    const place = await placeWithTanks();
    const first = await openTab(place, 'a');
    await first.run('in', [append(first, cameAs('x', '2026-04-02T10:00:00.000Z', 8))]);
    const { session: second, hear } = await deafTab(place, 'b');
    const death = (on: string) =>
      ({
        type: 'died',
        on,
        resident: 'x' as ResidentId,
        count: 1,
        how: 'found',
        cause: '',
        note: '',
      }) as const;
    for (const day of ['03', '04', '05'])
      await first.run('dies', [append(first, death(`2026-04-${day}T10:00:00.000Z`))]);
    const told = (i: number) =>
      hear({ kind: 'committed', committed: { entries: [place.entries[i]!], documents: [], command: null } });
    // The first of the three was never told; then the others come, one of them twice.
    told(2);
    told(3);
    told(2);
    for (let i = 0; i < 50; i += 1) await new Promise((resolve) => setTimeout(resolve, 2));
    expect(second.state.getState().room.residents['x']?.count).toBe(5);
    expect((await second.journal()).map(({ seq }) => seq)).toEqual([1, 2, 3, 4]);
  });
});

describe('what tabs tell each other', () => {
  it('counts by what was written last, not by what was told last', async () => {
    const place = await placeWithTanks();
    const other = await openTab(place, 'a');
    const { session: late, hear } = await deafTab(place, 'l');
    const told: RoomDocument[] = [];
    for (const key of ['x', 'y', 'z']) {
      await add(other, key);
      told.push(other.state.getState().documents['draft-T'] as RoomDocument);
    }
    for (const at of [1, 2, 0, 1])
      hear({ kind: 'committed', committed: { entries: [], documents: [told[at]!], command: null } });
    for (let i = 0; i < 20; i += 1) await new Promise((resolve) => setTimeout(resolve, 2));
    expect(listOf(late)).toEqual(['x', 'y', 'z']);
    // A list that is changed here is changed from there on.
    await add(late, 'w');
    expect(listOf(late)).toEqual(['x', 'y', 'z', 'w']);
  });
});

describe('the gate of the session', () => {
  it.each([
    ['a note of 10,050 characters', { type: 'noted', tank: T, text: 'x'.repeat(10_050) }, 'text'],
    [
      'a fish that never came',
      { type: 'measured', resident: 'nobody' as ResidentId, lengthCm: 4 },
      'resident',
    ],
    ['a tank that is not there', { type: 'noted', tank: 'V' as TankId, text: 'fed' }, 'tank'],
    ['a length of nothing', { type: 'measured', resident: 'x' as ResidentId, lengthCm: 0 }, 'lengthCm'],
    [
      'more deaths than fish',
      { type: 'died', resident: 'x' as ResidentId, count: 9, how: 'found', cause: '', note: '' },
      'count',
    ],
  ] as const)('refuses %s, names the field, and writes nothing', async (_name, event, path) => {
    const place = await placeWithTanks();
    const session = await openTab(place);
    await session.run('in', [append(session, cameAs('x', '2026-04-02T10:00:00.000Z', 6))]);
    const outcome = await session.run('wrong', [
      append(session, { ...event, on: '2026-04-06T10:00:00.000Z' }),
    ]);
    expect(outcome).toMatchObject({ kind: 'refused', refusal: { faults: [{ path }] } });
    expect(place.entries).toHaveLength(1);
  });
  it('says both days when somebody would die before it came', async () => {
    const session = await openTab(await placeWithTanks());
    await session.run('in', [append(session, cameAs('x', '2026-04-05T10:00:00.000Z', 6))]);
    const outcome = await session.run('dies', [
      append(session, {
        type: 'died',
        on: '2026-04-01T10:00:00.000Z',
        resident: 'x' as ResidentId,
        count: 1,
        how: 'found',
        cause: '',
        note: '',
      }),
    ]);
    expect(outcome).toMatchObject({
      kind: 'refused',
      refusal: {
        faults: [
          {
            path: 'on',
            expected: { is: 'arrived by', on: '2026-04-05' },
            received: { text: '"2026-04-01"' },
          },
        ],
      },
    });
  });
  it('tells two moments of one day apart by the hour', async () => {
    const session = await openTab(await placeWithTanks());
    await session.run('in', [append(session, cameAs('x', '2026-04-05T16:00:00.000Z', 6))]);
    const outcome = await session.run('measured', [
      append(session, {
        type: 'measured',
        on: '2026-04-05T13:00:00.000Z',
        resident: 'x' as ResidentId,
        lengthCm: 4,
      }),
    ]);
    expect(outcome).toMatchObject({
      refusal: {
        faults: [
          {
            expected: { is: 'arrived by', on: '2026-04-05T16:00' },
            received: { text: '"2026-04-05T13:00"' },
          },
        ],
      },
    });
  });
  it('refuses a tank wider than a pond, water above the rim and a correction of nothing', async () => {
    const session = await openTab(await placeWithTanks());
    const wide = tankPut('W');
    if (wide.kind !== 'put' || wide.document.kind !== 'tank' || !wide.document.body) throw new Error();
    const body = wide.document.body;
    const put = (tank: Partial<typeof body.tank>): Change =>
      putChange('tank', 'W' as DocumentId, { ...body, tank: { ...body.tank, ...tank } });
    expect(await session.run('wide', [put({ widthCm: 1200 })])).toMatchObject({
      kind: 'refused',
      refusal: { faults: [{ path: 'tank.widthCm' }] },
    });
    expect(await session.run('full', [put({ waterLineCm: 80 })])).toMatchObject({
      kind: 'refused',
      refusal: { faults: [{ path: 'tank.waterLineCm' }] },
    });
    expect(
      await session.run('nothing', [
        correctionOf('nothing-there' as EntryId, '2026-04-01T10:00:00.000Z', null, session.stamp),
      ]),
    ).toMatchObject({ kind: 'refused', refusal: { faults: [{ path: 'target' }] } });
  });
});
