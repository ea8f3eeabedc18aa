import type { Entry, Member } from '../events/events';
import { roomAt } from '../events/roomAt';
import type { DocumentBodies } from '../records/documents';
import type { EntryId, ResidentId, TankId } from '../kernel/schema/ids';
import { batchesOf } from '../arrivals/quarantine';
import { whenIn } from '../kernel/time/when';
import { dueItems } from './dueItems';

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
