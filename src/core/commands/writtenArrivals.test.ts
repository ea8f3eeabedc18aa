import { entriesOf, ON, resident, stamp, T, U } from '@/testing/written';
import type { RoomDocument } from '../records';
import { bringHome, membersFor, type Arrival } from './bringHome';
import { draftChange, tankChange } from './documentChanges';
import { joinNewcomer } from './joinNewcomer';
import { moveTanks } from './moveTanks';
import { newTank } from './newTank';
import { sortFish, type SortingSession } from './sortFish';
import { stepIn } from './stepIn';

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
