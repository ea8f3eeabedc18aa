import { canonicalJson } from '@/core/kernel/schema/canonicalJson';
import { faultLine } from '@/words/en';
import { putChange } from '@/core/commands/documentChanges';
import { writeBackup } from '@/core/formats/backup';
import { demoRoom } from '@/demo/demoRoom';
import type { DocumentId, ResidentId, TankId } from '@/core/kernel/schema/ids';
import { memoryPlace, memoryStore } from '@/store/memory/memoryStore';
import { mirrorOf } from '@/store/mirror/mirror';
import { memoryFiles } from '@/testing/memoryFiles';
import { append, cameAs, openTab, placeWithTanks, ready } from '@/testing/tabs';
import { roomWork, type Look } from './roomWork';

const now = (): string => '2027-06-02T12:00:00.000Z';
const at = (place: ReturnType<typeof memoryPlace>) => roomWork(() => memoryStore(place), now);
/** Waits for what another tab does to be shown. */
async function until(holds: () => boolean): Promise<void> {
  for (let i = 0; i < 400 && !holds(); i += 1) await new Promise((resolve) => setTimeout(resolve, 5));
  expect(holds()).toBe(true);
}
const file = (text: string): Blob => new Blob([text]);
const demo = demoRoom('2026-05-20');
const text = writeBackup(demo.documents, demo.entries, '2026-05-20T12:00:00.000Z');
const refusedOf = (look: Look): string => {
  if (look.kind !== 'refused') throw new Error(look.kind);
  return look.faults.map(faultLine).join('\n');
};
const PNG = 'data:image/png;base64,iVBORw0KGgo=';

describe('looking at a file', () => {
  it('says what a room would change, and touches nothing', async () => {
    const place = await placeWithTanks();
    const look = await at(place).look(file(text), 'own', () => {});
    expect(look).toMatchObject({ kind: 'room', tanks: 4, leftOut: 0, changes: { same: false } });
    expect(place.entries).toEqual([]);
  });
  it.each([
    ['nothing', '', /an empty file/],
    ['letters', 'hello', /text that cannot be read at line 1/],
    ['a file of another program', '{"format":"else"}', /"lomvik-plan"/],
    ['a room of a newer Lomvik', '{"format":"lomvik","version":99}', /a newer Lomvik made this file/],
    ['5,000 open brackets', '['.repeat(5000), /no more than 64 brackets/],
    ['5,000 whole brackets', '['.repeat(5000) + ']'.repeat(5000), /no more than 64 brackets/],
    ['a zip that is cut short', 'PK\u0003\u0004abc', /zip/],
  ])('refuses %s with a reason', async (_name, content, words) =>
    expect(refusedOf(await at(await placeWithTanks()).look(file(content), 'own', () => {}))).toMatch(words),
  );
  it('opens a plan with common names as a list of species', async () => {
    const plan =
      '{"format":"lomvik-plan","version":1,"tank":{"lengthCm":60,"widthCm":30,"heightCm":36},"groups":[{"species":"neon tetra","count":10}]}';
    expect(await at(await placeWithTanks()).look(file(plan), 'own', () => {})).toMatchObject({
      kind: 'plan',
    });
  });
});

describe('a file with some bad parts', () => {
  type Free = Record<string, unknown>;
  const room = () => JSON.parse(text) as { documents: Free[]; entries: Free[] };
  const firstOf = (type: string): number => demo.entries.findIndex((entry) => entry.type === type);
  const bad: readonly (readonly [string, (one: ReturnType<typeof room>) => void, RegExp])[] = [
    [
      'month 13',
      (one) => (one.entries[0]!.on = '2026-13-01T10:00:00.000Z'),
      /entries\[0\]\.on: needs an ISO date and time/,
    ],
    ['an hour of 99', (one) => (one.entries[0]!.on = '2026-01-01T99:99'), /entries\[0\]\.on/],
    [
      'a correction of nothing',
      (one) =>
        one.entries.push({
          id: 'c',
          type: 'corrected',
          on: '2026-05-01T10:00:00.000Z',
          recorded: '2026-05-01T10:00:00.000Z',
          target: 'nobody',
          replacement: null,
        }),
      /target: needs an entry of this journal/,
    ],
    [
      'a correction of itself',
      (one) =>
        one.entries.push({
          id: 'c',
          type: 'corrected',
          on: '2026-05-01T10:00:00.000Z',
          recorded: '2026-05-01T10:00:00.000Z',
          target: 'c',
          replacement: null,
        }),
      /another entry than itself/,
    ],
    [
      'a replacement without a day',
      (one) =>
        one.entries.push({
          id: 'c',
          type: 'corrected',
          on: '2026-05-01T10:00:00.000Z',
          recorded: '2026-05-01T10:00:00.000Z',
          target: one.entries[0]!.id,
          replacement: { type: 'noted', tank: null, text: 'x' },
        }),
      /replacement\.on/,
    ],
    [
      'a replacement named toString',
      (one) =>
        one.entries.push({
          id: 'c',
          type: 'corrected',
          on: '2026-05-01T10:00:00.000Z',
          recorded: '2026-05-01T10:00:00.000Z',
          target: one.entries[0]!.id,
          replacement: { type: 'toString' },
        }),
      /replacement: needs what is true instead/,
    ],
    ['a type named constructor', (one) => (one.entries[3]!.type = 'constructor'), /entries\[3\]\.type/],
    [
      'one fish twice',
      (one) =>
        one.entries.push({ ...one.entries[firstOf('came')]!, id: 'again', on: '2026-05-19T10:00:00.000Z' }),
      /members\[0\]\.id: needs a fish or group that has not arrived before/,
    ],
    [
      'an individual of 50',
      (one) =>
        one.entries.push({
          ...one.entries[firstOf('came')]!,
          id: 'many',
          members: [
            { id: 'm', name: '', count: 50, individual: true, sex: 'unknown', males: null, females: null },
          ],
        }),
      /members\[0\]\.count: needs 1 for a single fish/,
    ],
    [
      'more males than fish',
      (one) =>
        one.entries.push({
          ...one.entries[firstOf('came')]!,
          id: 'males',
          members: [{ id: 'm', name: '', count: 5, individual: false, sex: 'unknown', males: 4, females: 3 }],
        }),
      /4 males and 3 females are more than 5 fish/,
    ],
    [
      'a death of nobody',
      (one) =>
        one.entries.push({
          id: 'd',
          type: 'died',
          on: '2026-05-19T10:00:00.000Z',
          recorded: '2026-05-19T10:00:00.000Z',
          resident: 'ghost',
          count: 1,
          how: 'found',
          cause: '',
          note: '',
        }),
      /resident: needs a fish or group/,
    ],
    [
      'a contest with oneself',
      (one) => {
        const contest = one.entries[firstOf('chased')]!;
        one.entries.push({ ...contest, id: 'self', loser: contest.winner });
      },
      /loser: same fish as the winner/,
    ],
    [
      'a move to a tank that is not there',
      (one) => {
        const { members } = one.entries[firstOf('came')]! as { members: { id: string }[] };
        one.entries.push({
          id: 'mv',
          type: 'moved',
          on: '2026-05-19T10:00:00.000Z',
          recorded: '2026-05-19T10:00:00.000Z',
          resident: members[0]!.id,
          tank: 'atlantis',
          note: '',
        });
      },
      /tank: needs a tank of this room/,
    ],
    [
      'water above the rim',
      (one) =>
        ((one.documents.find(({ id }) => id === 'demo-fen')!.body as { tank: Free }).tank.waterLineCm = 400),
      /tank\.waterLineCm/,
    ],
    [
      'a list of a species that is not there',
      (one) =>
        ((
          one.documents.find(({ kind }) => kind === 'draft')!.body as { groups: { group: Free }[] }
        ).groups[0]!.group.species = 'sea-serpent'),
      /"sea-serpent" is unknown/,
    ],
    [
      'a list of a tank that is not there',
      (one) => ((one.documents.find(({ kind }) => kind === 'draft')!.body as Free).tank = 'atlantis'),
      /tank: needs a tank of this room/,
    ],
    [
      'a watch that runs since 9999',
      (one) =>
        one.documents.push({
          id: 'watching',
          kind: 'watching',
          rev: 1,
          body: {
            tank: 'demo-fen',
            watch: 'w',
            startedOn: '9999-01-01T00:00:00.000Z',
            countedSeconds: 0,
            runningSince: null,
          },
        }),
      /startedOn/,
    ],
    [
      'a watch that runs since next year',
      (one) =>
        one.documents.push({
          id: 'watching',
          kind: 'watching',
          rev: 1,
          body: {
            tank: 'demo-fen',
            watch: 'w',
            startedOn: '2028-01-01T00:00:00.000Z',
            countedSeconds: 0,
            runningSince: null,
          },
        }),
      /not in the future/,
    ],
    [
      '20,000 levels under what was typed',
      (one) =>
        ((one.documents.find(({ id }) => id === 'demo-fen')!.body as Free).entered = {
          a: JSON.parse('['.repeat(40) + ']'.repeat(40)),
        }),
      /no more than 24 brackets/,
    ],
  ];
  it.each(bad)('%s: the place is named, and the good parts can be opened', async (_name, spoil, words) => {
    const one = room();
    spoil(one);
    const place = await placeWithTanks();
    const work = at(place);
    const look = await work.look(file(JSON.stringify(one)), 'own', () => {});
    if (look.kind !== 'room') throw new Error(refusedOf(look));
    expect(look.leftOut).toBeGreaterThan(0);
    expect(look.faults.map(faultLine).join('\n')).toMatch(words);
    expect(await work.replace('own', 'a file')).toBe(true);
    expect(place.entries.length).toBeGreaterThan(50);
    // What was taken in is good as a whole.
    const saved = await work.save('own', () => {});
    expect(await at(memoryPlace()).look(saved.blob, 'own', () => {})).toMatchObject({
      leftOut: 0,
      faults: [],
    });
  });
});

it('what a damaged second copy gives back without its tanks is set aside, not dropped', async () => {
  const files = memoryFiles();
  await mirrorOf(files, () => 1, 'p').anew({ documents: [], entries: demo.entries });
  const place = memoryPlace();
  const work = roomWork(
    () => memoryStore(place),
    now,
    async () => files,
  );
  expect(await work.giveBack('own')).toBe(true);
  expect(demo.entries.length).toBeGreaterThan(50);
  expect(place.entries.length + place.aside.size).toBe(demo.entries.length);
  expect([...place.aside.values()][0]).toMatchObject({ what: 'entry', why: [{ path: expect.anything() }] });
});

describe('a room that a file replaced', () => {
  const note = (one: Parameters<typeof append>[0], words: string) =>
    append(one, { type: 'noted', on: '2027-05-01T10:00:00.000Z', tank: 'T' as TankId, text: words });
  it('is not replaced when it was changed since the look', async () => {
    const place = await placeWithTanks();
    const session = await openTab(place);
    const work = at(place);
    await work.look(file(text), 'own', () => {});
    await session.run('a note', [note(session, 'written in between')]);
    expect(await work.replace('own', 'a file')).toBe(false);
    expect(place.entries).toHaveLength(1);
    await work.look(file(text), 'own', () => {});
    expect(await work.replace('own', 'a file')).toBe(true);
  });
  it('comes back with everything that was written since', async () => {
    const place = await placeWithTanks();
    const session = await openTab(place);
    await session.run('in', [append(session, cameAs('x', '2026-04-02T10:00:00.000Z', 6))]);
    const before = canonicalJson(session.state.getState().room.residents);
    const work = at(place);
    await work.look(file(text), 'own', () => {});
    await work.replace('own', 'a file');
    await until(() => session.state.getState().replacedOn === now());
    const kept = { type: 'noted', on: '2027-05-01T10:00:00.000Z', tank: null, text: 'kept' } as const;
    expect((await session.run('a note', [append(session, kept)])).kind).toBe('done');
    await session.run('settings', [
      putChange('settings', 'settings' as DocumentId, {
        length: 'in',
        volume: 'L',
        temperature: 'C',
        hardness: 'dH',
        keeper: 'Maren',
      }),
    ]);
    const fish = demo.entries.find((entry) => entry.type === 'came');
    const id = (fish?.type === 'came' ? fish.members[0]?.id : '') as ResidentId;
    await session.run('measured', [
      append(session, { type: 'measured', on: '2027-05-02T10:00:00.000Z', resident: id, lengthCm: 5 }),
    ]);
    expect(await work.putBack('own')).toBe(true);
    await until(() => session.state.getState().replacedOn === null);
    await ready(session);
    const { room, documents } = session.state.getState();
    expect(canonicalJson(room.residents)).toBe(before);
    expect(documents['settings']?.body).toMatchObject({ keeper: 'Maren' });
    expect(
      Object.keys(documents).filter((one) => documents[one]?.kind === 'tank' && documents[one]?.body),
    ).toEqual(['T', 'U']);
    expect(place.entries.map((entry) => (entry.type === 'noted' ? entry.text : entry.type))).toEqual([
      'came',
      'kept',
    ]);
    // What speaks of a fish of the file cannot stay in the journal; it is kept beside it.
    expect([...place.aside.values()]).toMatchObject([{ raw: { type: 'measured' } }]);
    expect(await work.putBack('own')).toBe(false);
  });
});

describe('pictures', () => {
  it('stand beside the record in a zip, and come back', async () => {
    const place = await placeWithTanks();
    const session = await openTab(place);
    await session.run('in', [append(session, cameAs('x', '2026-04-02T10:00:00.000Z'))]);
    const photo = putChange('photo', 'photo-1' as DocumentId, {
      resident: 'x' as ResidentId,
      on: '2026-04-03T10:00:00.000Z',
      data: PNG,
      note: '',
    });
    expect((await session.run('a picture', [photo])).kind).toBe('done');
    const saved = await at(place).save('own', () => {});
    expect(saved.ending).toBe('.lomvik.zip');
    const empty = memoryPlace();
    const work = at(empty);
    expect(await work.look(saved.blob, 'own', () => {})).toMatchObject({ kind: 'room', leftOut: 0 });
    await work.replace('own', 'a file');
    expect(empty.documents.get('photo-1')?.body).toMatchObject({ data: PNG });
  });
});
