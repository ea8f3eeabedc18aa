import { counter } from '@/testing/tabs';
import type { Entry, Resident } from '../events';
import type { Change } from '../gate';
import type { EntryId, ResidentId, TankId } from '../kernel';
import type { RoomDocument } from '../records';
import { bringHome, membersFor, type Arrival } from './bringHome';
import { draftChange, listChangeIn, listedIn, speciesChange, tankChange } from './documentChanges';
import { joinNewcomer } from './joinNewcomer';
import { comeBack, decideToGo, recordDeath } from './leave';
import { moveTanks } from './moveTanks';
import { newTank } from './newTank';
import { recordResident, type RecordInput, type RecordKind } from './recordResident';
import { sortFish, type SortingSession } from './sortFish';
import { stepIn } from './stepIn';
import { orderTanks } from './tankParts';
import { logContest, logSign, tellMore } from './watch';

const ON = '2027-06-01T12:00:00.000Z';
const [T, U] = ['T', 'U'] as unknown as [TankId, TankId];
const stamp = () => counter('s', ON);
/** The entries of changes as they are written, without what all bear: identifier and moment of writing. */
const entriesOf = (changes: readonly Change[]): readonly object[] =>
  changes.flatMap((change) => {
    if (change.kind !== 'append') return [];
    const { id: _id, recorded: _recorded, ...entry } = change.entry;
    return [entry];
  });
const resident = (id: string, more: object = {}): Resident =>
  ({
    id,
    name: id,
    tank: T,
    species: 'danio-rerio',
    count: 6,
    individual: false,
    sex: 'unknown',
    males: null,
    females: null,
    ...more,
  }) as unknown as Resident;

describe('a record of one that lives here', () => {
  const written = (kind: RecordKind, input: Partial<RecordInput>, one = resident('g')) =>
    recordResident(kind, one, { text: '', ...input }, stamp());
  const unsexed = { sex: 'unknown', males: null, females: null };
  it.each<[RecordKind, Partial<RecordInput>, object]>([
    ['moved', { tank: U, text: 'by net' }, { type: 'moved', resident: 'g', tank: 'U', note: 'by net' }],
    ['measured', { lengthCm: 4 }, { type: 'measured', resident: 'g', lengthCm: 4 }],
    [
      'sexed',
      { sex: 'male', text: 'fins' },
      { type: 'sexed', resident: 'g', sex: 'male', sure: 'likely', males: null, females: null, note: 'fins' },
    ],
    ['named', { text: 'Brim' }, { type: 'named', resident: 'g', name: 'Brim' }],
    [
      'split off',
      { count: 6, text: 'Brim' },
      {
        type: 'split',
        resident: 'g',
        into: [{ id: 's1', name: 'Brim', count: 6, individual: false, ...unsexed }],
      },
    ],
    [
      'identified',
      { species: 'danio-kyathit', text: 'spots' },
      { type: 'identified', resident: 'g', species: 'danio-kyathit', note: 'spots' },
    ],
    [
      'paired',
      { partner: 'h' as ResidentId, text: 'at dusk' },
      { type: 'paired', first: 'g', second: 'h', note: 'at dusk' },
    ],
    [
      'spawned',
      { text: 'moss' },
      { type: 'spawned', tank: 'T', parents: ['g'], species: 'danio-rerio', note: 'moss' },
    ],
    [
      'fry seen',
      { count: 9, text: 'top' },
      { type: 'fry', tank: 'T', species: 'danio-rerio', seen: 9, note: 'top' },
    ],
    [
      'young kept',
      { count: 4, text: 'Rill' },
      {
        type: 'born',
        tank: 'T',
        species: 'danio-rerio',
        member: { id: 's1', name: 'Rill', count: 4, individual: false, ...unsexed },
        lengthCm: 1,
        note: '',
      },
    ],
    [
      'brood lost',
      { text: 'gone' },
      { type: 'brood-lost', tank: 'T', species: 'danio-rerio', parents: [], how: 'not known', note: 'gone' },
    ],
    [
      'number corrected',
      { count: 0, why: 'never there', text: 'miscounted' },
      { type: 'recounted', resident: 'g', count: 0, why: 'never there', note: 'miscounted' },
    ],
  ] as unknown as [RecordKind, Partial<RecordInput>, object][])('%s with %o', (kind, input, entry) =>
    expect(written(kind, input)).toEqual(entry),
  );
  it('of a brood names the parent that is told apart, and how it ended', () => {
    const one = resident('a', { individual: true, count: 1 });
    expect(written('brood lost', { brood: 'eaten' }, one)).toMatchObject({
      parents: ['a'],
      how: 'eaten',
    });
  });
  it('corrects a number only to another one, and says why', () => {
    const whole = { expected: { is: 'whole', from: 0, to: null } };
    expect(written('number corrected', {})).toMatchObject({ path: 'count', ...whole });
    expect(written('number corrected', { count: 6 })).toMatchObject({ path: 'count', ...whole });
    expect(written('number corrected', { count: 5 })).toMatchObject({
      path: 'why',
      expected: { is: 'filled' },
    });
  });
});

describe('newcomers', () => {
  const sexes = (count: number, males?: number, females?: number) =>
    membersFor('individuals', count, '', { males, females }, stamp()).map(({ sex }) => sex[0]);
  it('one by one have the sexes that were seen: males first, then females, then those that nobody sexed', () => {
    expect(sexes(4, 1, 2)).toEqual(['m', 'f', 'f', 'u']);
    expect(sexes(3, 2)).toEqual(['m', 'm', 'u']);
    expect(sexes(3, undefined, 2)).toEqual(['f', 'f', 'u']);
    expect(sexes(2)).toEqual(['u', 'u']);
    // More sexes than fish: nobody knows which of them is wrong.
    expect(sexes(2, 2, 1)).toEqual(['u', 'u']);
  });
  it('as a group are one entry with the number of each sex', () => {
    const group = (males?: number, females?: number) =>
      membersFor('group', 5, ' shoal ', { males, females }, stamp());
    expect(group(2, 3)).toEqual([
      { id: 's1', name: 'shoal', count: 5, individual: false, sex: 'unknown', males: 2, females: 3 },
    ]);
    expect(group(undefined, 3)).toMatchObject([{ males: 0, females: 3 }]);
    expect(group(3, 3)).toMatchObject([{ males: null, females: null }]);
  });
  it('have a mark each', () =>
    expect(membersFor('individuals', 3, 'Brim; Lye', {}, stamp())).toMatchObject([
      { name: 'Brim', individual: true, count: 1 },
      { name: 'Lye' },
      { name: '' },
    ]));
});

describe('a group that comes home', () => {
  const listed = { key: 'k', group: { species: 'danio-rerio', count: 8 } };
  const arrival: Arrival = {
    on: ON,
    into: T,
    listedFor: T,
    lengthCm: 3,
    origin: 'unknown',
    from: 'a club',
    note: 'lively',
    as: 'group',
    count: 8,
    names: '',
    dead: 0,
  };
  const rack = (purpose: 'display' | 'quarantine') =>
    Object.fromEntries(
      [
        tankChange(T, newTank('Holm', purpose, { lengthCm: 60, widthCm: 30, heightCm: 30 }, 1)),
        draftChange(T, [{ key: 'other', group: { species: 'x', count: 1 } }, listed]),
      ].flatMap((change) => (change.kind === 'put' ? [[change.document.id, change.document]] : [])),
    ) as Record<string, RoomDocument>;
  const came = (more: Partial<Arrival> = {}, documents = rack('display')) =>
    bringHome(documents, listed, { ...arrival, ...more }, stamp());
  const shoal = {
    id: 's1',
    name: '',
    count: 8,
    individual: false,
    sex: 'unknown',
    males: null,
    females: null,
  };
  const bare = {
    type: 'came',
    on: ON,
    tank: 'T',
    lengthCm: 3,
    origin: 'unknown',
    from: 'a club',
    quarantine: 'none',
    species: 'danio-rerio',
    members: [shoal],
    note: 'lively',
  };
  it('is one entry that says what was said, and nothing else', () => {
    expect(entriesOf(came())).toEqual([bare]);
    expect(entriesOf(came({ bornAbout: '2027-01', dead: 1, ordered: 9 }))).toEqual([
      { ...bare, bornAbout: '2027-01', deadOnArrival: 1, ordered: 9 },
    ]);
    // A claim on nobody, and nobody mixed in.
    const nobody = { species: 'x', count: 0, note: '' };
    expect(entriesOf(came({ claim: 'two dead', from: '', others: nobody }))).toHaveLength(1);
  });
  it('counts as in quarantine where the tank is for it', () => {
    expect(entriesOf(came({}, rack('quarantine')))).toMatchObject([{ quarantine: 'here' }]);
    expect(entriesOf(came({}, {}))).toMatchObject([{ quarantine: 'none' }]);
  });
  it('is off the list; the others stay on it', () => {
    const put = came().find((change) => change.kind === 'put');
    expect(put).toMatchObject({ document: { body: { groups: [{ key: 'other' }] } } });
  });
  it('brings those mixed in as a group without a name', () =>
    expect(entriesOf(came({ others: { species: 'x', count: 1, note: 'mixed in' } }))[1]).toEqual({
      ...bare,
      species: 'x',
      members: [{ ...shoal, id: expect.any(String), count: 1 }],
      note: 'mixed in',
    }));
});

describe('a sorting session', () => {
  const session = (more: Partial<SortingSession>) =>
    entriesOf(
      sortFish(
        {
          tank: T,
          on: ON,
          fish: [],
          incoming: [],
          taker: 'Maren',
          reason: 'surplus male',
          credit: '12',
          cause: '',
          incident: '',
          isRearranged: false,
          note: 'all day',
          ...more,
        },
        stamp(),
      ),
    );
  const one = resident('a', { individual: true, count: 1, sex: 'male' });
  it('writes what is new of a fish, and nothing that was known', () => {
    expect(
      session({ fish: [{ resident: one, sex: 'male', name: 'a', goes: 'stays', lengthCm: 9 }] }),
    ).toEqual([{ type: 'measured', on: ON, resident: 'a', lengthCm: 9 }]);
    expect(session({ fish: [{ resident: one, sex: 'male', name: '', goes: 'stays' }] })).toEqual([]);
    expect(session({ fish: [{ resident: one, sex: 'female', name: '', goes: 'stays' }] })).toEqual([
      {
        type: 'sexed',
        on: ON,
        resident: 'a',
        sex: 'female',
        sure: 'likely',
        males: null,
        females: null,
        note: '',
      },
    ]);
  });
  it('moves nobody that goes nowhere, and tells some of a group from the others first', () => {
    expect(session({ fish: [{ resident: one, goes: 'moves' }] })).toEqual([]);
    expect(session({ fish: [{ resident: one, goes: 'stays', into: U, lengthCm: 1 }] })).toHaveLength(1);
    const part = { name: '', sex: 'unknown', males: null, females: null };
    const some = (count: number) =>
      session({ fish: [{ resident: resident('g'), goes: 'moves', into: U, count }] });
    expect(some(2)).toEqual([
      { type: 'split', on: ON, resident: 'g', into: [{ ...part, id: 's1', count: 2, individual: false }] },
      { type: 'moved', on: ON, resident: 's1', tank: 'U', note: 'all day' },
    ]);
    expect(some(1)[0]).toMatchObject({ into: [{ count: 1, individual: true }] });
  });
  it('gives one credit for all that leave, with the first of them', () => {
    const gone = ['a', 'b'].map((id) => ({ resident: resident(id), goes: 'leaves' as const }));
    const stays = { resident: resident('c'), goes: 'stays' as const };
    expect(session({ fish: [stays, ...gone] })).toMatchObject([
      { type: 'rehomed', resident: 'a', count: 6, credit: '12', taker: 'Maren' },
      { type: 'rehomed', resident: 'b', credit: '' },
    ]);
  });
  it('finds the dead, with the incident where there is one', () => {
    const fish = [{ resident: one, goes: 'died' as const }];
    const death = {
      type: 'died',
      on: ON,
      resident: 'a',
      count: 1,
      how: 'found',
      cause: 'heat',
      note: 'all day',
    };
    expect(session({ fish, cause: 'heat' })).toEqual([death]);
    expect(session({ fish, cause: 'heat', incident: 'heater' })).toEqual([{ ...death, incident: 'heater' }]);
  });
  it('brings newcomers in without a name', () =>
    expect(
      session({
        incoming: [
          { is: 'here', resident: resident('n') },
          { is: 'new', species: 'x', count: 2, as: 'group', lengthCm: 3, from: 'a shop' },
        ],
      }),
    ).toEqual([
      { type: 'moved', on: ON, resident: 'n', tank: 'T', note: 'all day' },
      {
        type: 'came',
        on: ON,
        tank: 'T',
        species: 'x',
        members: [
          { id: 's1', name: '', count: 2, individual: false, sex: 'unknown', males: null, females: null },
        ],
        lengthCm: 3,
        origin: 'unknown',
        from: 'a shop',
        quarantine: 'none',
        note: 'all day',
      },
    ]));
});

describe('the order of tanks in the rack', () => {
  const rack = (orders: Readonly<Record<string, number>>): Record<string, RoomDocument> => ({
    draft: { id: 'draft', kind: 'draft', body: null } as unknown as RoomDocument,
    gone: { id: 'gone', kind: 'tank', body: null } as unknown as RoomDocument,
    ...Object.fromEntries(
      Object.entries(orders).map(([id, order]) => [id, { id, kind: 'tank', body: { name: id, order } }]),
    ),
  });
  const ordered = (orders: Readonly<Record<string, number>>, ...tanks: string[]) =>
    orderTanks(rack(orders), tanks as unknown as TankId[]).map((change) =>
      change.kind === 'put' ? [change.document.id, change.document.kind, change.document.body] : [],
    );
  it('writes only those whose place changes', () => {
    expect(ordered({ a: 1, b: 2, c: 3 }, 'b', 'a', 'c')).toEqual([
      ['b', 'tank', { name: 'b', order: 1 }],
      ['a', 'tank', { name: 'a', order: 2 }],
    ]);
    expect(ordered({ a: 1, b: 2, c: 3 }, 'a', 'b', 'c')).toEqual([]);
  });
  it('lets those that are not named follow, as they stood', () =>
    expect(ordered({ a: 1, b: 3, c: 2, d: 4 }, 'd').map(([id]) => id)).toEqual(['d', 'a', 'c', 'b']));
});

describe('documents', () => {
  const species = { profile: { id: 'x' }, changed: ['size'] } as unknown as Parameters<
    typeof speciesChange
  >[1];
  it('of a species bear its name, and none takes it away', () => {
    expect(speciesChange('x', species)).toMatchObject({
      kind: 'put',
      document: { id: 'species-x', kind: 'species', body: { profile: { id: 'x' }, changed: ['size'] } },
    });
    expect(speciesChange('x', null)).toMatchObject({ document: { id: 'species-x', body: null } });
  });
  const draft = (body: object | null, kind = 'draft') =>
    ({ 'draft-T': { id: 'draft-T', kind, body } }) as unknown as Record<string, RoomDocument>;
  const groups = [{ key: 'k', group: { species: 'x', count: 1 } }];
  it('of a list are empty where there is none, or none of that kind', () => {
    expect(listedIn(draft({ groups }), T)).toEqual(groups);
    for (const none of [{}, draft(null), draft({ groups }, 'tank')]) expect(listedIn(none, T)).toEqual([]);
  });
  it('keep their name and note when the list is made anew', () => {
    const anew = (documents: Record<string, RoomDocument>) => {
      const change = listChangeIn(documents, T, (listed) => [...listed, ...groups]);
      return change.kind === 'put' ? change.document.body : null;
    };
    expect(anew(draft({ tank: T, name: 'Later', note: 'for spring', groups }))).toEqual({
      tank: T,
      name: 'Later',
      note: 'for spring',
      groups: [...groups, ...groups],
    });
    for (const none of [{}, draft(null), draft({ name: 'Holm', groups }, 'tank')])
      expect(anew(none)).toEqual({ tank: T, name: 'Stock list', groups });
  });
});

describe('who leaves and who is back', () => {
  const base = { on: ON, resident: 'a' as ResidentId, count: 2 };
  const entry = (change: Change) => entriesOf([change])[0];
  it('is written with what was said', () => {
    expect(entry(comeBack({ ...base, tank: T, what: 'returned' }, stamp()))).toEqual({
      ...base,
      tank: 'T',
      what: 'returned',
      type: 'back-again',
      note: '',
    });
    expect(
      entry(decideToGo({ ...base, why: '' } as unknown as Parameters<typeof decideToGo>[0], stamp())),
    ).toEqual({
      ...base,
      why: '',
      type: 'to-go',
    });
  });
  it('a death has signs and an incident only where there are some', () => {
    const death = { ...base, how: 'found' as const, cause: 'heat', note: '' };
    expect(entry(recordDeath({ ...death, signs: [], incident: '' }, stamp()))).toEqual({
      ...death,
      type: 'died',
    });
    expect(entry(recordDeath({ ...death, signs: ['torn'], incident: 'heater' }, stamp()))).toEqual({
      ...death,
      type: 'died',
      signs: ['torn'],
      incident: 'heater',
    });
  });
});

describe('moves', () => {
  it('bring a newcomer and those that join it together, each that is not there yet', () => {
    const there = resident('c', { tank: U });
    const move = {
      type: 'moved',
      on: ON,
      tank: 'U',
      note: 'With a newcomer for a week, so that nobody is new afterwards.',
      until: '2027-06-08',
      nextTank: 'Holm',
    };
    expect(
      entriesOf(joinNewcomer(there, [resident('a'), resident('b')], U, '2027-06-08', 'Holm', stamp())),
    ).toEqual([
      { ...move, resident: 'a' },
      { ...move, resident: 'b' },
    ]);
    expect(entriesOf(joinNewcomer(resident('n'), [], U, '2027-06-08', 'Holm', stamp()))).toEqual([
      { ...move, resident: 'n' },
    ]);
  });
  it.each([
    [
      { males: 6, females: 0 },
      { males: 2, females: 0 },
    ],
    [
      { males: 0, females: 6 },
      { males: 0, females: 2 },
    ],
    [
      { males: 3, females: 3 },
      { males: null, females: null },
    ],
    [
      { males: 6, females: null },
      { males: null, females: null },
    ],
    [
      { males: null, females: 6 },
      { males: null, females: null },
    ],
  ])('split a part of a group off with the sex of all of them: %o', (known, told) => {
    const [split] = entriesOf(moveTanks([{ resident: resident('g', known), count: 2 }], U, '', stamp()));
    expect(split).toEqual({
      type: 'split',
      on: ON,
      resident: 'g',
      into: [{ id: 's1', name: 'g', count: 2, individual: false, sex: 'unknown', ...told }],
    });
  });
});

describe('a step', () => {
  const taken = (more: object) =>
    entriesOf(
      stepIn(
        {
          tank: T,
          tankName: 'Holm',
          steps: ['rearranged'],
          on: ON,
          note: '',
          who: '',
          into: '',
          until: '',
          ...more,
        },
        stamp(),
      ),
    );
  const rock = { type: 'stepped-in', on: ON, tank: 'T', step: 'rearranged', note: '', bundle: '' };
  it('alone is no bundle, and puts nobody aside', () => {
    expect(taken({})).toEqual([rock]);
    expect(taken({ who: 'a', into: 'U', until: '2027-06-08' })).toEqual([rock]);
  });
  it('that puts a fish aside moves it where it goes to another tank', () => {
    const aside = { ...rock, step: 'boss set aside', who: 'a' };
    const away = { type: 'moved', on: ON, resident: 'a', tank: 'U', note: 'Set aside.' };
    const steps = ['boss set aside'];
    expect(taken({ steps, who: 'a' })).toEqual([aside]);
    expect(taken({ steps, who: 'a', into: 'U' })).toEqual([aside, away]);
    expect(taken({ steps, who: 'a', into: 'U', until: '2027-06-08' })).toEqual([
      { ...aside, until: '2027-06-08' },
      { ...away, until: '2027-06-08', nextTank: 'Holm' },
    ]);
    expect(taken({ steps: [...steps, 'rearranged'], who: 'a' })).toMatchObject([
      { bundle: 's1' },
      { bundle: 's1', step: 'rearranged' },
    ]);
  });
});

describe('what is seen at the glass', () => {
  const watching = { watch: 'w', startedOn: ON } as unknown as Parameters<typeof logContest>[0];
  const contest = {
    tank: T,
    winner: 'a' as ResidentId,
    loser: 'b' as ResidentId,
    place: 'left',
    trigger: null,
  };
  const chase = {
    type: 'chased',
    on: ON,
    tank: 'T',
    watch: 'w',
    winner: 'a',
    loser: 'b',
    what: 'chase',
    place: 'left',
  };
  it('is a chase with its trigger where there was one', () => {
    expect(entriesOf(logContest(watching, contest, stamp()))).toEqual([chase]);
    expect(entriesOf(logContest(watching, { ...contest, trigger: 'feeding' }, stamp()))).toEqual([
      { ...chase, trigger: 'feeding' },
    ]);
  });
  it('in passing is in no watch, and stands at the moment it was seen', () => {
    const passing = { seenOn: '2027-06-01T09:00:00.000Z' } as Parameters<typeof logContest>[0];
    expect(entriesOf(logContest(passing, contest, stamp()))).toEqual([
      { ...chase, watch: '', on: '2027-06-01T09:00:00.000Z' },
    ]);
  });
  it('without anybody is a sign of nobody', () => {
    const sign = (who: string | null) =>
      entriesOf(
        logSign(
          watching,
          {
            tank: T,
            who: who as ResidentId | null,
            what: 'torn',
            place: '',
            nameOf: (id) => `name of ${id}`,
          },
          stamp(),
        ),
      );
    const torn = {
      type: 'saw',
      on: ON,
      tank: 'T',
      resident: null,
      what: 'torn',
      place: '',
      watch: 'w',
      note: '',
    };
    expect(sign(null)).toEqual([torn]);
    expect(sign('a')).toEqual([{ ...torn, resident: 'a' }]);
  });
});

describe('more that is said of the last entry', () => {
  const id = 'e1' as EntryId;
  const chase = {
    type: 'chased',
    on: ON,
    tank: 'T',
    watch: 'w',
    winner: 'a',
    loser: 'b',
    what: 'chase',
    place: '',
  };
  const entry = { ...chase, id, seq: 1, recorded: ON } as unknown as Entry;
  /** The journal after each of these is said, each told by what stands there when its turn comes. */
  const told = (...more: readonly Parameters<typeof tellMore>[2][]): readonly Entry[] =>
    more.reduce<readonly Entry[]>(
      (entries, one) => [
        ...entries,
        ...tellMore(entries, id, one, stamp()).flatMap((change) =>
          change.kind === 'append' ? [{ ...change.entry, seq: entries.length + 1 }] : [],
        ),
      ],
      [entry],
    );
  it('holds beside what was said a moment before', () =>
    expect(told({ what: 'ram' }, { bad: 3 }, { place: 'left' }).at(-1)).toMatchObject({
      type: 'corrected',
      target: 'e1',
      on: ON,
      replacement: { ...chase, what: 'ram', bad: 3, place: 'left', undecided: false },
    }));
  it('says that nobody won where the kind of contest says so, until the keeper says who did', () => {
    const said = (...more: readonly Parameters<typeof tellMore>[2][]) =>
      (told(...more).at(-1) as { replacement?: { undecided?: boolean } }).replacement?.undecided;
    expect(said({ what: 'lock' })).toBe(true);
    expect(said({ what: 'lock' }, { undecided: false })).toBe(false);
    expect(said({ what: 'lock' }, { undecided: false }, { what: 'lock' })).toBe(false);
    expect(said({ bad: 2 })).toBeUndefined();
  });
  it('is nothing of an entry that is struck out, not there, or no contest', () => {
    const struck = {
      id: 'c1',
      type: 'corrected',
      on: ON,
      target: id,
      replacement: null,
      seq: 2,
    } as unknown as Entry;
    expect(tellMore([entry, struck], id, { bad: 1 }, stamp())).toEqual([]);
    expect(tellMore([], id, { bad: 1 }, stamp())).toEqual([]);
    const other = { ...entry, type: 'noted', text: '' } as unknown as Entry;
    expect(tellMore([other], id, { bad: 1 }, stamp())).toEqual([]);
  });
  it('leaves the entry without its place in the journal', () => {
    const [correction] = entriesOf(tellMore([entry], id, { bad: 1 }, stamp()));
    expect((correction as { replacement: object }).replacement).toEqual({ ...chase, bad: 1 });
  });
});
