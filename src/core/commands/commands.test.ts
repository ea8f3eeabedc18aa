import fc from 'fast-check';
import { readPlan } from '../assess/readPlan';
import { EMPTY_ROOM, residentsOf, type Room } from '../events/room';
import { applyEvent, type Dated } from '../events/events';
import type { Change, Stamp } from '../gate/change';
import type { EntryId, ResidentId, TankId } from '../kernel/schema/ids';
import { recountGroup } from '../model/recountGroup';
import { catalogue } from '@/testing/plans';
import { memberOf, cameOf } from '@/testing/happened';
import { bringHome, type Arrival } from './bringHome';
import { draftChange, tankChange } from './documentChanges';
import { recordDeath, rehome } from './leave';
import { moveTanks } from './moveTanks';
import { newTank } from './newTank';
import { openLife, openPlan } from './openFile';
import { stepIn } from './stepIn';

let n = 0;
const stamp: Stamp = { id: () => `id-${(n += 1)}` as EntryId, now: () => '2026-05-01T10:00:00.000Z' };
const T = 'T' as TankId;
const eventsOf = (changes: readonly Change[]): readonly Dated[] =>
  changes.flatMap((change) => (change.kind === 'append' ? [change.entry as unknown as Dated] : []));
const after = (room: Room, changes: readonly Change[]): Room => eventsOf(changes).reduce(applyEvent, room);
const documentIn = (changes: readonly Change[], kind: string) =>
  changes.flatMap((change) =>
    change.kind === 'put' && change.document.kind === kind ? [change.document.body] : [],
  )[0];

describe('another number of animals', () => {
  it('keeps known sexes known, never more than there are, and takes from the larger share', () => {
    fc.assert(
      fc.property(
        fc.nat(12),
        fc.nat(12),
        fc.nat(12),
        fc.integer({ min: 1, max: 40 }),
        (males, females, rest, count) => {
          const group = { species: 'x', count: males + females + rest, males, females };
          const made = recountGroup(group, count);
          const left = (made.males ?? 0) + (made.females ?? 0);
          expect(made.count).toBe(count);
          expect(left).toBe(Math.min(count, males + females));
          if (count >= males + females) expect(made).toMatchObject({ males, females });
        },
      ),
    );
  });
  it.each([
    [6, 2, 4, 5, 2, 3],
    [6, 2, 4, 7, 2, 4],
    [6, 3, 3, 4, 2, 2],
    [3, 1, 2, 1, 1, 0],
  ])('%d with %d males and %d females, now %d: %d and %d', (count, males, females, now, m, f) =>
    expect(recountGroup({ species: 'x', count, males, females }, now)).toMatchObject({
      males: m,
      females: f,
    }),
  );
  it('says nothing of sexes that nobody knows', () =>
    expect(recountGroup({ species: 'x', count: 6 }, 7)).toEqual({ species: 'x', count: 7 }));
});

describe('bringing a listed group home', () => {
  const listed = { key: 'k', group: { species: 'danio-rerio', count: 8, males: 3, females: 5 } };
  const arrival: Arrival = {
    on: '2026-05-01T10:00:00.000Z',
    into: T,
    listedFor: T,
    lengthCm: 3,
    origin: 'unknown',
    from: 'a club',
    note: '',
    as: 'group',
    count: 8,
    names: '',
    dead: 0,
  };
  const documents = (count = 8) =>
    Object.fromEntries(
      [
        tankChange(T, newTank('Holm', 'quarantine', { lengthCm: 60, widthCm: 30, heightCm: 30 }, 1)),
        draftChange(T, [{ ...listed, group: { ...listed.group, count } }]),
      ].flatMap((change) => (change.kind === 'put' ? [[change.document.id, change.document]] : [])),
    );
  it('puts the fish in with the sexes that were seen, not those that were wished, and takes them off the list', () => {
    const changes = bringHome(documents(), listed, arrival, stamp);
    const [one] = residentsOf(after(EMPTY_ROOM, changes), 'T');
    expect(one).toMatchObject({ count: 8, males: null, females: null, quarantine: 'here', source: 'a club' });
    const seen = bringHome(documents(), listed, { ...arrival, males: 2 }, stamp);
    expect(residentsOf(after(EMPTY_ROOM, seen), 'T')[0]).toMatchObject({ males: 2, females: 0 });
    expect(documentIn(changes, 'draft')).toMatchObject({ groups: [] });
  });
  it('closes the rest of an order that is not to come, and says what was ordered only where that was said', () => {
    const changes = bringHome(documents(), listed, { ...arrival, count: 6, rest: 'closed' }, stamp);
    expect(documentIn(changes, 'draft')).toMatchObject({ groups: [] });
    expect(eventsOf(changes)[0]).not.toHaveProperty('ordered');
  });
  it('leaves the rest on the list when fewer came, with what is known of their sexes', () => {
    const changes = bringHome(documents(), listed, { ...arrival, count: 6 }, stamp);
    expect(documentIn(changes, 'draft')).toMatchObject({
      groups: [{ key: 'k', group: { count: 2, males: 1, females: 1 } }],
    });
  });
  it('tells of the dead in the bag, of others mixed in and of a claim', () => {
    const changes = bringHome(
      documents(),
      listed,
      {
        ...arrival,
        count: 6,
        dead: 2,
        ordered: 8,
        others: { species: 'danio-albolineatus', count: 1, note: 'mixed in' },
        claim: 'two dead',
      },
      stamp,
    );
    expect(eventsOf(changes)).toMatchObject([
      { type: 'came', ordered: 8, deadOnArrival: 2 },
      { type: 'came', species: 'danio-albolineatus', note: 'mixed in' },
      { type: 'claimed', from: 'a club', about: 'two dead', outcome: '' },
    ]);
  });
  it('keeps individuals apart, each with its mark', () => {
    const changes = bringHome(
      documents(),
      listed,
      { ...arrival, as: 'individuals', count: 3, names: 'Brim, Lye', males: 3 },
      stamp,
    );
    expect(residentsOf(after(EMPTY_ROOM, changes), 'T').map(({ name, sex }) => [name, sex])).toEqual([
      ['Brim', 'male'],
      ['Lye', 'male'],
      ['', 'male'],
    ]);
  });
});

describe('moving to another tank', () => {
  const room = (more: object) =>
    [cameOf('2026-04-01T10:00:00.000Z', [{ ...memberOf('g', 6), ...more }])].reduce(applyEvent, EMPTY_ROOM);
  const move = (from: Room, count: number) =>
    after(from, moveTanks([{ resident: from.residents['g']!, count }], 'U' as TankId, '', stamp));
  it('takes a whole group along with its known sexes', () =>
    expect(move(room({ males: 2, females: 4 }), 6).residents['g']).toMatchObject({
      tank: 'U',
      males: 2,
      females: 4,
    }));
  it('splits a part off, counts in and out, and keeps the sex of those that are all of one', () => {
    const moved = move(room({ males: 0, females: 6 }), 2);
    expect(residentsOf(moved, 'T')).toMatchObject([{ count: 4, females: 4 }]);
    expect(residentsOf(moved, 'U')).toMatchObject([{ count: 2, males: 0, females: 2 }]);
  });
  it('guesses nobody where both sexes are in the group', () =>
    expect(residentsOf(move(room({ males: 3, females: 3 }), 2), 'U')).toMatchObject([
      { count: 2, males: null, females: null },
    ]));
  it('moves nobody when none go', () => {
    const from = room({});
    expect(moveTanks([{ resident: from.residents['g']!, count: 0 }], 'U' as TankId, '', stamp)).toEqual([]);
  });
});

describe('leaving and stepping in', () => {
  const base = { on: '2026-05-01T10:00:00.000Z', resident: 'g' as ResidentId, count: 2, note: '' };
  it('records a rehoming and a death as they were', () => {
    const room = [cameOf('2026-04-01T10:00:00.000Z', [memberOf('g', 6)])].reduce(applyEvent, EMPTY_ROOM);
    const gone = after(room, [
      rehome({ ...base, reason: 'surplus', taker: 'Maren', credit: '' }, stamp),
      recordDeath({ ...base, how: 'found', cause: '', signs: ['thin'], incident: '' }, stamp),
    ]);
    expect(gone.residents['g']).toMatchObject({ count: 2, rehomed: 2, died: 2 });
  });
  it('makes one bundle of several steps, and moves the one that is put aside', () => {
    const asked = {
      tank: T,
      tankName: 'Holm',
      on: base.on,
      note: '',
      who: 'g' as ResidentId,
      into: 'U' as TankId,
      until: '2026-05-20',
    };
    const events = eventsOf(stepIn({ ...asked, steps: ['rearranged', 'boss set aside'] }, stamp));
    expect(events).toMatchObject([
      { step: 'rearranged' },
      { step: 'boss set aside', who: 'g', until: '2026-05-20' },
      { type: 'moved', resident: 'g', tank: 'U', nextTank: 'Holm' },
    ]);
    expect(events[0]).not.toHaveProperty('who');
    expect(eventsOf(stepIn({ ...asked, steps: ['rearranged'] }, stamp))).toMatchObject([
      { step: 'rearranged', bundle: '' },
    ]);
  });
});

describe('opening files', () => {
  it('lists the species of a plan by identifier, by whatever name the file calls them', () => {
    const plan = readPlan(
      {
        format: 'lomvik-plan',
        version: 1,
        tank: { lengthCm: 60, widthCm: 30, heightCm: 36 },
        groups: [
          { species: 'neon tetra', count: 10 },
          { species: 'Pterophyllum scalare', count: 2 },
        ],
      },
      catalogue,
    );
    if (!plan.ok) throw new Error();
    const { changes } = openPlan(plan.value, { name: 'river', order: 3, catalogue }, stamp);
    expect(documentIn(changes, 'tank')).toMatchObject({ name: 'river', order: 3 });
    expect(documentIn(changes, 'draft')).toMatchObject({
      groups: [
        { group: { species: 'paracheirodon-innesi' } },
        { group: { species: 'pterophyllum-scalare' } },
      ],
    });
  });
  it('brings a fish in with its story', () => {
    const changes = openLife(
      {
        format: 'lomvik-life',
        version: 1,
        name: 'Torch',
        species: 'labidochromis-caeruleus',
        count: 1,
        sex: 'male',
        lengthCm: 7,
        origin: 'tank-bred',
        bornAbout: '2024',
        keeper: 'Maren',
        story: [{ on: '2025-01-01T10:00:00.000Z', text: 'Hatched.' }],
        lengths: [],
      },
      T,
      stamp,
    );
    expect(residentsOf(after(EMPTY_ROOM, changes), 'T')).toMatchObject([
      { name: 'Torch', sex: 'male', source: 'Maren' },
    ]);
    expect(documentIn(changes, 'former-life')).toMatchObject({ story: [{ text: 'Hatched.' }] });
  });
});
