import type { Entry, Member } from '../events/events';
import { roomAt } from '../events/roomAt';
import type { DocumentBodies } from '../records/documents';
import type { EntryId, ResidentId, TankId } from '../kernel/schema/ids';
import { batchesOf } from '../arrivals/quarantine';
import { whenIn } from '../kernel/time/when';
import { dueId, dueItems, dueKey } from './dueItems';

const body = (purpose: DocumentBodies['tank']['purpose']): DocumentBodies['tank'] => ({
  name: 'T',
  purpose,
  order: 1,
  tank: { lengthCm: 60, widthCm: 30, heightCm: 30 },
  water: {},
  routine: {},
  practice: {},
  entered: undefined,
});
const member = (id: string, count: number): Member => ({
  id: id as ResidentId,
  name: id,
  count,
  individual: count === 1,
  sex: 'unknown',
  males: null,
  females: null,
});
let n = 0;
const entry = (event: Record<string, unknown>): Entry =>
  ({
    id: `e${(n += 1)}` as EntryId,
    seq: n,
    recorded: '2026-05-01T10:00:00.000Z',
    tank: 'T' as TankId,
    note: '',
    ...event,
  }) as Entry;
const came = (on: string, ...members: Member[]): Entry =>
  entry({
    type: 'came',
    on,
    species: 'paracheirodon-innesi',
    members,
    lengthCm: 2,
    origin: 'unknown',
    from: '',
  });
const due = (purpose: DocumentBodies['tank']['purpose'], now: string, ...entries: Entry[]) =>
  dueItems([{ id: 'T', body: body(purpose) }], roomAt(entries), whenIn(now, 'UTC')).map((item) => [
    item.kind,
    item.overdueDays,
  ]);

describe('what is due', () => {
  const group = came('2026-05-01T10:00:00.000Z', member('g', 8));
  const pair = came('2026-05-01T10:00:00.000Z', member('a', 1), member('b', 1));
  it('is nothing in an empty tank', () => expect(due('display', '2026-05-20T10:00:00.000Z')).toEqual([]));
  it('F84, common practice: looks a day, two days and a week after an arrival', () => {
    expect(due('display', '2026-05-01T11:00:00.000Z', group)).toEqual([]);
    expect(due('display', '2026-05-01T12:30:00.000Z', group)).toEqual([['look', 0]]);
    expect(
      due(
        'display',
        '2026-05-01T12:30:00.000Z',
        group,
        entry({ type: 'looked', on: '2026-05-01T12:10:00.000Z', hours: 2, seen: 8, signs: [] }),
      ),
    ).toEqual([]);
    expect(due('display', '2026-05-02T11:00:00.000Z', group)).toEqual([['look', 0]]);
    expect(due('display', '2026-05-04T11:00:00.000Z', group)).toEqual([['look', 1]]);
    expect(
      due(
        'display',
        '2026-05-04T11:00:00.000Z',
        group,
        entry({ type: 'counted', on: '2026-05-03T12:00:00.000Z', species: 'paracheirodon-innesi', seen: 8 }),
      ),
    ).toEqual([]);
  });
  it('F95, common practice: quarantine lasts four weeks at the least', () => {
    expect(due('quarantine', '2026-05-11T11:00:00.000Z', group)).toContainEqual(['quarantine-over', -18]);
    expect(due('quarantine', '2026-06-01T11:00:00.000Z', group)).toContainEqual(['quarantine-over', 3]);
  });
  it('makes a quarantine longer when something shows, until two weeks are clear', () => {
    const begun = entry({ type: 'quarantine', on: '2026-05-01T11:00:00.000Z', what: 'begun', days: 28 });
    const late = entry({
      type: 'saw',
      on: '2026-05-22T11:00:00.000Z',
      resident: null,
      what: 'flashing',
      place: '',
    });
    expect(due('quarantine', '2026-05-25T11:00:00.000Z', group, begun)).toContainEqual([
      'quarantine-over',
      -4,
    ]);
    expect(due('quarantine', '2026-05-25T11:00:00.000Z', group, begun, late)).toContainEqual([
      'quarantine-over',
      -11,
    ]);
  });
  it('F108, common practice: tells of a home for a time that ends, and of one whose date has slipped', () => {
    const until = { ...group, until: '2026-06-10', nextTank: 'Skerry' } as Entry;
    const stays = (now: string) => due('display', now, until).filter(([kind]) => kind === 'stay');
    expect(stays('2026-05-12T10:00:00.000Z')).toEqual([]);
    expect(stays('2026-06-01T10:00:00.000Z')).toEqual([['stay', -9]]);
    expect(stays('2026-06-14T10:00:00.000Z')).toEqual([['stay', 4]]);
  });
  it('keeps a batch that was not quarantined in mind for as long as that would have lasted', () => {
    const risky = { ...group, quarantine: 'none' } as Entry;
    const risks = (now: string) => due('display', now, risky).filter(([kind]) => kind === 'risk');
    expect(risks('2026-05-10T10:00:00.000Z')).toEqual([['risk', -19]]);
    expect(risks('2026-05-30T10:00:00.000Z')).toEqual([]);
  });
  it('tells of claims that wait for an answer', () => {
    const claim = entry({
      type: 'claimed',
      on: '2026-05-01T10:00:00.000Z',
      from: 'Pier',
      about: 'two dead',
      outcome: '',
    });
    expect(due('display', '2026-05-10T10:00:00.000Z', claim)).toEqual([['claim', 2]]);
  });
  it('brings recurring care round', () => {
    const care = {
      tank: 'T' as TankId,
      items: [{ what: 'Rinse the sponge', everyDays: 30, lastOn: '2026-05-01' }],
    };
    const at = (now: string) =>
      dueItems([], roomAt([]), whenIn(now, 'UTC'), { waves: [], putOff: [], care: [care] }).map(
        (item) => item.overdueDays,
      );
    expect(at('2026-05-10T10:00:00.000Z')).toEqual([]);
    expect(at('2026-06-02T10:00:00.000Z')).toEqual([2]);
  });
  it('asks for a watch of individuals and a count of groups', () => {
    expect(due('display', '2026-05-20T11:00:00.000Z', pair)).toEqual([['watch', 12]]);
    expect(due('display', '2026-05-20T11:00:00.000Z', group)).toEqual([['count', 5]]);
    expect(
      due(
        'display',
        '2026-05-20T11:00:00.000Z',
        pair,
        entry({ type: 'watched', on: '2026-05-19T10:00:00.000Z', minutes: 5 }),
      ),
    ).toEqual([]);
  });
  it('puts the latest first', () => {
    const both = due(
      'display',
      '2026-06-20T11:00:00.000Z',
      pair,
      came('2026-05-02T10:00:00.000Z', member('g', 8)),
    );
    expect(both.map(([, days]) => days)).toEqual(
      [...both.map(([, days]) => days)].sort((x, y) => Number(y) - Number(x)),
    );
  });
});

describe('days are the keeper’s own', () => {
  const arrival = came('2026-05-01T10:00:00.000Z', member('g', 8));
  const changed = (on: string): Entry => entry({ type: 'water-changed', on, fraction: 0.5, checked: [] });
  const dueIn = (zone: string, now: string, ...entries: Entry[]) =>
    dueItems(
      [{ id: 'T', body: { ...body('display'), routine: { everyDays: 7, changeFraction: 0.5 } } }],
      roomAt(entries),
      whenIn(now, zone),
    )
      .filter(({ kind }) => kind === 'change')
      .map(({ overdueDays, fact }) => [overdueDays, fact.says === 'change' ? fact.lastDays : null]);
  it('in Sydney at seven in the morning', () => {
    // Changed on Saturday 21 November at 07:00, asked on Saturday 28 November at 07:00: a week, and due today.
    expect(
      dueIn('Australia/Sydney', '2026-11-27T20:00:00.000Z', arrival, changed('2026-11-20T20:00:00.000Z')),
    ).toEqual([[0, 7]]);
    // Changed on the evening before that: the same hours, another day.
    expect(
      dueIn('Australia/Sydney', '2026-11-27T20:00:00.000Z', arrival, changed('2026-11-20T10:00:00.000Z')),
    ).toEqual([[1, 8]]);
  });
  it('count from the day on which the fish were first in the tank, before the first change', () => {
    expect(dueIn('UTC', '2026-05-11T10:00:00.000Z', arrival)).toEqual([[3, null]]);
    // Moved in six days ago: what they did elsewhere before makes nothing late here.
    const moved = entry({ type: 'moved', on: '2026-06-14T10:00:00.000Z', resident: 'g', tank: 'T' });
    const elsewhere = { ...arrival, tank: 'Q' } as Entry;
    expect(dueIn('UTC', '2026-06-20T10:00:00.000Z', elsewhere, moved)).toEqual([[-1, null]]);
    expect(dueIn('UTC', '2026-06-20T10:00:00.000Z')).toEqual([]);
  });
  it('in New York at ten in the evening', () => {
    // Friday 27 November, 22:00; changed on Friday 20 November in the afternoon.
    expect(
      dueIn('America/New_York', '2026-11-28T03:00:00.000Z', arrival, changed('2026-11-20T20:00:00.000Z')),
    ).toEqual([[0, 7]]);
  });
  it.each([
    ['forward', '2026-03-30T05:00:00.000Z', '2026-03-23T22:30:00.000Z', 7],
    ['back', '2026-10-27T05:00:00.000Z', '2026-10-19T21:30:00.000Z', 8],
  ])('over the night in which the clock goes %s', (_way, now, on, days) =>
    expect(
      dueIn('Europe/Oslo', now, came('2026-01-01T10:00:00.000Z', member('g', 8)), changed(on)).map(
        ([, words]) => words,
      ),
    ).toEqual([days]),
  );
  it('for a quarantine: by the day it was begun or the fish came, whichever is later', () => {
    const moment = (day: string): string => `${day}T20:30:00.000Z`;
    const room = roomAt([
      came(moment('2026-09-18'), member('g', 8)),
      entry({ type: 'quarantine', on: moment('2026-09-19'), what: 'begun', days: 28 }),
    ]);
    // 20:30 in Coordinated Universal Time is the next morning in Sydney.
    expect(batchesOf(room, 'T', whenIn(moment('2026-09-20'), 'Australia/Sydney'))[0]).toMatchObject({
      day: 2,
      freeOn: '2026-10-18',
    });
    expect(batchesOf(room, 'T', whenIn(moment('2026-09-20'), 'America/New_York'))[0]).toMatchObject({
      day: 2,
      freeOn: '2026-10-17',
    });
    const due = dueItems(
      [{ id: 'T', body: body('quarantine') }],
      room,
      whenIn(moment('2026-09-20'), 'Australia/Sydney'),
    );
    expect(due.find(({ kind }) => kind === 'quarantine-over')).toMatchObject({ overdueDays: -27 });
  });
});

describe('a fish in a box', () => {
  const arrival = came('2026-05-01T10:00:00.000Z', member('a', 1));
  const boxed = (more: object): Entry =>
    entry({ type: 'stepped-in', on: '2026-05-10T10:00:00.000Z', step: 'box or divider', who: 'a', ...more });
  const boxes = (now: string, ...entries: Entry[]) =>
    dueItems([{ id: 'T', body: body('display') }], roomAt([arrival, ...entries]), whenIn(now, 'UTC'))
      .filter(({ kind }) => kind === 'boxed')
      .map(({ overdueDays }) => overdueDays);
  it('is due out on the day that was said, or after three days, and no more once it is out', () => {
    expect(boxes('2026-05-15T10:00:00.000Z', boxed({ until: '2026-05-17' }))).toEqual([-2]);
    expect(boxes('2026-05-15T10:00:00.000Z', boxed({}))).toEqual([2]);
    const out = entry({
      type: 'back-again',
      on: '2026-05-14T10:00:00.000Z',
      resident: 'a',
      what: 'out of the box',
      count: 1,
    });
    expect(boxes('2026-05-15T10:00:00.000Z', boxed({}), out)).toEqual([]);
  });
});

describe('the list of what is due', () => {
  const START = '2026-05-01T10:00:00.000Z';
  const hoursOn = (hours: number): string => new Date(Date.parse(START) + hours * 3_600_000).toISOString();
  const tankOf = (id: string, purpose: DocumentBodies['tank']['purpose'] = 'display') => ({
    id,
    body: body(purpose),
  });
  const listAt = (now: string, entries: readonly Entry[], ...[plans]: [Parameters<typeof dueItems>[3]?]) =>
    dueItems([tankOf('T')], roomAt(entries), whenIn(now, 'UTC'), plans);
  const group = came(START, member('g', 8));
  const pair = came(START, member('a', 1), member('b', 1));

  it('says of a watch and of a count how long ago the last was, at the week and the fortnight', () => {
    const both = [group, pair];
    const rhythm = (now: string, ...more: readonly Entry[]) =>
      listAt(now, [...both, ...more]).filter(({ kind }) => kind === 'watch' || kind === 'count');
    const never = { tank: 'T', kind: 'watch', fact: { says: 'watch', lastDays: null }, overdueDays: 0 };
    expect(rhythm('2026-05-08T10:00:00.000Z')).toEqual([never]);
    expect(rhythm('2026-05-07T10:00:00.000Z')).toEqual([]);
    const done = [
      entry({ type: 'watched', on: '2026-05-03T10:00:00.000Z', minutes: 5 }),
      entry({ type: 'counted', on: '2026-05-02T10:00:00.000Z', species: 'paracheirodon-innesi', seen: 8 }),
    ];
    expect(rhythm('2026-05-16T10:00:00.000Z', ...done)).toEqual([
      { ...never, fact: { says: 'watch', lastDays: 13 }, overdueDays: 6 },
      {
        tank: 'T',
        kind: 'count',
        fact: { says: 'count', lastDays: 14, species: ['paracheirodon-innesi'] },
        overdueDays: 0,
      },
    ]);
    // One fish alone is no company to watch.
    expect(listAt('2026-05-20T10:00:00.000Z', [came(START, member('a', 1))])).toEqual([]);
  });

  it('asks for each look once its hour has come, until it or a later one was taken, and not for ever', () => {
    const looks = (hours: number, ...more: readonly Entry[]) =>
      listAt(hoursOn(hours), [group, ...more])
        .filter(({ kind }) => kind === 'look')
        .map(({ fact, overdueDays }) => [fact.says === 'look' && fact.hours, overdueDays]);
    const looked = (hours: number, of: number): Entry =>
      entry({ type: 'looked', on: hoursOn(hours), hours: of, seen: 8, signs: [] });
    expect(looks(1.9)).toEqual([]);
    expect(looks(2)).toEqual([[2, 0]]);
    expect(looks(24)).toEqual([[24, 0]]);
    expect(looks(24, looked(3, 2))).toEqual([[24, 0]]);
    expect(looks(25, looked(24.5, 24))).toEqual([]);
    expect(looks(26, entry({ type: 'watched', on: hoursOn(24), minutes: 5 }))).toEqual([]);
    expect(looks(26, entry({ type: 'watched', on: hoursOn(23), minutes: 5 }))).toEqual([[24, 0]]);
    const last = Math.max(...[2, 24, 48, 168].filter((hour) => looks(hour).length > 0));
    expect(looks(last * 2)).toEqual([[last, Math.floor(last / 24)]]);
    expect(looks(last * 2 + 1)).toEqual([]);
  });

  it('says of a quarantine its day, its end, and of which batch where there are several', () => {
    const quarantined = (now: string, ...more: readonly Entry[]) =>
      dueItems([tankOf('T', 'quarantine')], roomAt([group, ...more]), whenIn(now, 'UTC'))
        .filter(({ kind }) => kind === 'quarantine-over')
        .map(({ fact }) => fact);
    const fact = {
      says: 'quarantine',
      batch: [],
      day: 29,
      days: 28,
      freeOn: '2026-05-29',
      signOn: null,
      over: true,
    };
    expect(quarantined('2026-05-29T10:00:00.000Z')).toEqual([fact]);
    expect(quarantined('2026-05-28T10:00:00.000Z')).toEqual([{ ...fact, day: 28, over: false }]);
    const second = came('2026-05-10T10:00:00.000Z', member('h', 3));
    expect(quarantined('2026-05-29T10:00:00.000Z', second)).toMatchObject([
      { batch: [{ species: 'paracheirodon-innesi', count: 8 }] },
      { batch: [{ species: 'paracheirodon-innesi', count: 3 }] },
    ]);
    const begun = entry({ type: 'quarantine', on: START, what: 'begun', days: 28 });
    const passed = entry({ type: 'quarantine', on: '2026-05-29T09:00:00.000Z', what: 'passed' });
    expect(quarantined('2026-05-30T10:00:00.000Z', begun, passed)).toEqual([]);
    // A display tank has no quarantine.
    expect(listAt('2026-05-30T10:00:00.000Z', [group]).map(({ kind }) => kind)).not.toContain(
      'quarantine-over',
    );
  });

  it('brings the waves that are planned, and leaves out what was put off until its day', () => {
    const waves = [
      { tank: 'T', waves: [{ keys: [], lane: null, arrives: '2026-05-20', releases: '2026-05-20' }] },
    ] as unknown as DocumentBodies['waves'][];
    const told = (until: string | null, key = 'T:count') =>
      listAt('2026-05-20T10:00:00.000Z', [group], {
        waves,
        putOff: until === null ? [] : [{ key, until, why: 'holiday' }],
      }).map(({ kind }) => kind);
    expect(told(null)).toEqual(['count', 'wave']);
    expect(told('2026-05-21')).toEqual(['wave']);
    expect(told('2026-05-20')).toEqual(['count', 'wave']);
    expect(told('2026-05-21', 'U:count')).toEqual(['count', 'wave']);
  });

  it('has what is most overdue first, and one order for what is equally so', () => {
    const claims = ['two dead', 'a wrong kind'].map((about) =>
      entry({ type: 'claimed', on: START, from: 'Pier', about, outcome: '' }),
    );
    for (const some of [claims, [...claims].reverse()]) {
      const list = listAt('2026-05-20T10:00:00.000Z', [group, ...some]);
      expect(list.map(({ fact }) => ('about' in fact ? fact.about : fact.says))).toEqual([
        'a wrong kind',
        'two dead',
        'count',
      ]);
      expect(new Set(list.map(dueId)).size).toBe(3);
      expect(list.map(dueKey)).toEqual(['T:claim', 'T:claim', 'T:count']);
      expect(dueId(list[0]!)).toBe(`T:claim:${JSON.stringify(list[0]!.fact)}`);
    }
  });
});
