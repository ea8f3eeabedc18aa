import type { Change } from '../gate/change';
import { readDocument } from '../gate/readRecord';
import type { DocumentId, EntryId, ResidentId, TankId } from '../kernel/schema/ids';
import type { RoomDocument } from '../records/documents';
import { addCare, doneCare, dropCare } from './care';
import {
  allAlive,
  beginMove,
  bucketOf,
  dropMove,
  emptyBucket,
  fillBucket,
  finishMove,
  tickMove,
} from './houseMove';
import { addGroups, copyList, describeList, goByList, newList, removeList } from './lists';
import { addPicture } from './pictures';
import { putOff } from './putOff';
import { beginRelease, finishRelease, tickRelease } from './release';
import { changeSettings } from './settings';
import { takeShopStock } from './shopStock';
import { changeFloor, changeWaves, removeTank, setLight } from './tankParts';
import { changeWishes, changeWishList } from './wishList';

type Documents = Readonly<Record<string, RoomDocument>>;
const T = 'T' as TankId;
let made = 0;
const stamp = { id: () => `id-${(made += 1)}` as EntryId, now: () => '2026-11-28T10:00:00.000Z' };

/** The room after changes; every document of it passes the schema that files are read with. */
function after(documents: Documents, changes: readonly Change[]): Documents {
  const next: Record<string, RoomDocument> = { ...documents };
  for (const change of changes) {
    if (change.kind !== 'put') continue;
    const read = readDocument({ ...change.document, rev: 1 });
    expect(read).toMatchObject({ ok: true });
    next[change.document.id] = change.document;
  }
  return next;
}
const body = (documents: Documents, id: string): unknown => documents[id]?.body;
const events = (changes: readonly Change[]) =>
  changes.flatMap((change) => (change.kind === 'append' ? [change.entry] : []));

describe('care', () => {
  const sponge = { what: 'Rinse the sponge', everyDays: 30, today: '2026-11-01' };
  it('comes round once under one name, is done with a line in the diary, and let go', () => {
    let room = after({}, addCare({}, T, sponge));
    room = after(room, addCare(room, T, { ...sponge, everyDays: 14 }));
    expect(body(room, 'care-T')).toEqual({
      tank: T,
      items: [{ what: 'Rinse the sponge', everyDays: 14, lastOn: '2026-11-01' }],
    });
    const on = '2026-11-28T10:00:00.000Z';
    const done = doneCare(room, T, { what: sponge.what, on, day: '2026-11-28' }, stamp);
    room = after(room, done);
    expect(body(room, 'care-T')).toMatchObject({ items: [{ lastOn: '2026-11-28' }] });
    expect(events(done)).toMatchObject([{ type: 'noted', on, text: 'Rinse the sponge.' }]);
    expect(body(after(room, dropCare(room, T, sponge.what)), 'care-T')).toMatchObject({ items: [] });
  });
});

describe('a release', () => {
  it('is ticked and unticked with its moments, and moves who waited in quarantine', () => {
    let room = after({}, [beginRelease(T, ['a', 'b'], stamp)]);
    room = after(room, tickRelease(room, T, 'dim', true, stamp));
    room = after(room, tickRelease(room, T, 'dim', true, stamp));
    expect(body(room, 'release-T')).toMatchObject({
      who: 'a,b',
      done: [{ step: 'dim', on: stamp.now() }],
    });
    room = after(room, tickRelease(room, T, 'dim', false, stamp));
    expect(body(room, 'release-T')).toMatchObject({ done: [] });
    const changes = finishRelease(
      {
        tank: T,
        moving: ['a' as ResidentId],
        protocol: 'plain',
        text: 'Released.',
        noteOn: '2026-11-28T18:00:00.000Z',
      },
      stamp,
    );
    expect(body(after(room, changes), 'release-T')).toBeNull();
    expect(events(changes)).toMatchObject([
      { type: 'moved', resident: 'a', tank: T, protocol: 'plain' },
      { type: 'noted', text: 'Released.' },
    ]);
  });
  it('that another tab has ended is not begun again by a tick', () =>
    expect(tickRelease({}, T, 'dim', true, stamp)).toEqual([]));
});

describe('moving house', () => {
  it('fills a bucket with several, and takes all of it out alive with one press', () => {
    let room = after({}, [beginMove(T, 'U' as TankId, stamp)]);
    room = after(
      room,
      fillBucket(room, T, [
        { resident: 'a', out: 1 },
        { resident: 'b', out: 4 },
      ]),
    );
    room = after(room, fillBucket(room, T, [{ resident: 'c', out: 1 }]));
    room = after(room, allAlive(room, T, 1));
    expect(body(room, 'house-move-T')).toMatchObject({
      loads: [
        { resident: 'a', bucket: 1, in: 1 },
        { resident: 'b', bucket: 1, in: 4 },
        { resident: 'c', bucket: 2, in: null },
      ],
    });
    // Loads of earlier files had one bucket each.
    expect(bucketOf({}, 2)).toBe(3);
  });
  it('counts buckets out and in, and takes nobody who did not come over', () => {
    let room = after({}, [beginMove(T, 'U' as TankId, stamp)]);
    room = after(room, fillBucket(room, T, [{ resident: 'a', out: 3 }]));
    room = after(room, fillBucket(room, T, [{ resident: 'b', out: 1 }]));
    room = after(room, emptyBucket(room, T, 0, 2));
    room = after(room, tickMove(room, T, 'heater', true));
    expect(body(room, 'house-move-T')).toMatchObject({
      done: ['heater'],
      loads: [
        { resident: 'a', out: 3, in: 2 },
        { resident: 'b', out: 1, in: null },
      ],
    });
    expect(body(after(room, tickMove(room, T, 'heater', false)), 'house-move-T')).toMatchObject({ done: [] });
    const done = finishMove({ from: T, to: 'U' as TankId }, [], stamp);
    expect(done).toEqual([dropMove(T)]);
  });
});

describe('stock lists', () => {
  const neons = { species: 'paracheirodon-innesi', count: 8 };
  const first = after({}, [addGroups({}, T, [neons], stamp)]);
  it('takes groups in, each with a key of its own', () => {
    const more = after(first, [addGroups(first, T, [neons, neons], stamp)]);
    const { groups } = body(more, 'draft-T') as { groups: { key: string }[] };
    expect(new Set(groups.map(({ key }) => key)).size).toBe(3);
  });
  it('keeps a second list beside the first, and goes by it when asked', () => {
    const list = { name: 'Line-up 1', groups: [{ group: neons, price: 3 }] };
    const two = after(first, [newList(first, T, list, stamp)]);
    const id = Object.keys(two).find((one) => one !== 'draft-T') as DocumentId;
    expect(body(two, id)).toMatchObject({ name: 'Line-up 1', groups: [{ price: 3 }] });
    const swapped = after(two, goByList(two, id));
    expect(body(swapped, 'draft-T')).toEqual(body(two, id));
    expect(body(swapped, id)).toEqual(body(two, 'draft-T'));
    expect(goByList(two, 'draft-T' as DocumentId)).toEqual([]);
  });
  it('is the first list where there is none', () =>
    expect(newList({}, T, { name: 'List 1', groups: [] }, stamp)).toMatchObject({
      document: { id: 'draft-T' },
    }));
  it('copies with new keys, is named, noted and removed', () => {
    const copied = after(first, copyList(first, 'draft-T' as DocumentId, stamp));
    const id = Object.keys(copied).find((one) => one !== 'draft-T') as DocumentId;
    const keys = (of: string) => (body(copied, of) as { groups: { key: string }[] }).groups[0]?.key;
    expect(keys(id)).not.toBe(keys('draft-T'));
    expect(body(copied, id)).toMatchObject({ name: 'Stock list, copy' });
    const noted = after(copied, describeList(copied, id, { note: 'for spring' }));
    expect(body(noted, id)).toMatchObject({ name: 'Stock list, copy', note: 'for spring' });
    expect(body(after(noted, [removeList(id)]), id)).toBeNull();
    expect(describeList({}, id, { name: 'gone' })).toEqual([]);
  });
});

describe('what else a room keeps', () => {
  const usual = { length: 'cm', volume: 'L', temperature: 'C', hardness: 'dH', keeper: '' } as const;
  it('changes one setting and leaves the others', () => {
    const inches = after({}, changeSettings({}, usual, { length: 'in' }));
    const named = after(inches, changeSettings(inches, usual, { keeper: 'Maren' }));
    expect(body(named, 'settings')).toEqual({ ...usual, length: 'in', keeper: 'Maren' });
  });
  it('forgets what was put off and has come due again', () => {
    const one = after({}, putOff({}, { key: 'a', until: '2026-11-05', why: 'away', today: '2026-11-01' }));
    const two = after(one, putOff(one, { key: 'b', until: '2026-12-01', why: '', today: '2026-11-28' }));
    expect(body(two, 'put-off')).toEqual({ items: [{ key: 'b', until: '2026-12-01', why: '' }] });
  });
  it('changes a part of the floor, of the waves, of the wishes, and leaves the rest', () => {
    let room = after({}, changeFloor({}, T, { holder: { x: 10, y: 5 } }));
    room = after(room, changeFloor(room, T, { pieces: [] }));
    expect(body(room, 'floor-T')).toMatchObject({ holder: { x: 10, y: 5 }, pieces: [] });
    room = after(room, [
      changeWaves(T, { school: 'gentlest first', quarantineDays: 28, waves: [] }, { quarantineDays: 42 }),
    ]);
    expect(body(room, 'waves-T')).toMatchObject({ school: 'gentlest first', quarantineDays: 42 });
    room = after(
      room,
      changeWishes(room, T, (wishes) => [...wishes, { species: 'danio-rerio', weight: 2 }]),
    );
    room = after(room, changeWishList(room, T, { nitrateBudget: 12 }));
    expect(body(room, 'wishes-T')).toMatchObject({
      calm: true,
      nitrateBudget: 12,
      wishes: [{ species: 'danio-rerio' }],
    });
  });
  it('tells the light, brings the made-up shops back, and takes a tank out with its list', () => {
    const ramp = { offOn: stamp.now(), rampFrom: stamp.now(), rampMinutes: 60 };
    const lit = after({}, [setLight(T, ramp)]);
    expect(body(lit, 'light-T')).toEqual({ tank: T, ...ramp });
    expect(body(after(lit, [setLight(T, null)]), 'light-T')).toBeNull();
    const stocked = after({}, [takeShopStock([], '2026-11-28')]);
    expect(body(stocked, 'shops')).toEqual({ readOn: '2026-11-28', items: [] });
    expect(body(after(stocked, [takeShopStock(null, '2026-11-28')]), 'shops')).toBeNull();
    expect(removeTank(T)).toMatchObject([
      { document: { kind: 'tank', id: 'T', body: null } },
      { document: { kind: 'draft', id: 'draft-T', body: null } },
    ]);
  });
  it('keeps a picture with its moment', () =>
    expect(addPicture('a' as ResidentId, 'data:image/jpeg;base64,/9j/AAAA', stamp)).toMatchObject({
      document: { kind: 'photo', body: { resident: 'a', on: stamp.now() } },
    }));
});
