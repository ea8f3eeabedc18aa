import type { Dated, Entry, Member } from '../events/events';
import type { QuarantineRun } from '../events/room';
import { roomAt } from '../events/roomAt';
import { CLEAR_DAYS, QUARANTINE_DAYS } from '../events/quarantineDays';
import type { EntryId, ResidentId, TankId } from '../kernel/schema/ids';
import { addDays } from '../kernel/time/days';
import { whenIn } from '../kernel/time/when';
import { type Batch, batchesOf, batchOf, freeOnOf, quarantineState } from './quarantine';

const Q = 'Q' as TankId;
const at = (day: number): string => `${addDays('2026-03-01', day)}T18:00:00.000Z`;
const step = (
  what: Extract<Dated, { type: 'quarantine' }>['what'],
  day: number,
  more: { days?: number; residents?: string[] } = {},
): Dated =>
  ({ type: 'quarantine', what, on: at(day), note: '', tank: Q, ...more }) as Extract<
    Dated,
    { type: 'quarantine' }
  >;
const came = (id: string, day: number, from = 'Pier', tank = Q): Dated => ({
  type: 'came',
  on: at(day),
  tank,
  species: 'chromobotia-macracanthus',
  members: [
    {
      id: id as ResidentId,
      name: id,
      count: 1,
      individual: true,
      sex: 'unknown',
      males: null,
      females: null,
    },
  ] satisfies Member[],
  lengthCm: 4,
  origin: 'tank-bred',
  from,
  note: '',
  quarantine: 'here',
});
const moved = (id: string, day: number, tank: string, until?: string): Dated => ({
  type: 'moved',
  on: at(day),
  resident: id as ResidentId,
  tank: tank as TankId,
  note: '',
  ...(until ? { until } : {}),
});
const ill = (day: number): Dated => ({
  type: 'saw',
  on: at(day),
  tank: Q,
  resident: null,
  what: 'spots or film',
  place: '',
  note: '',
});
const entries = (...lines: Dated[]): Entry[] =>
  lines.map((line, i) => ({ id: `e${i}` as EntryId, seq: i + 1, recorded: at(200), ...line }));
const roomOf = (...lines: Dated[]) => roomAt(entries(...lines));
const runOf = (id: string, ...lines: Dated[]): QuarantineRun | null | undefined =>
  roomOf(...lines).residents[id]?.run;
const batches = (day: number, ...lines: Dated[]): readonly Batch[] =>
  batchesOf(roomOf(...lines), 'Q', whenIn(at(day), 'UTC'));

describe('a quarantine, step by step', () => {
  it('lasts four weeks when nobody says how long (common practice), or as long as was said', () => {
    expect(runOf('a', came('a', 0), step('begun', 0))).toEqual({
      begunOn: at(0),
      days: QUARANTINE_DAYS,
      passedOn: null,
    });
    expect(runOf('a', came('a', 0), step('begun', 0, { days: 42 }))?.days).toBe(42);
  });
  it('is made longer by two clear weeks, or to what was said', () => {
    const begun = [came('a', 0), step('begun', 0)];
    expect(runOf('a', ...begun, step('extended', 19))?.days).toBe(QUARANTINE_DAYS + CLEAR_DAYS);
    expect(runOf('a', ...begun, step('extended', 19, { days: 35 }))?.days).toBe(35);
  });
  it('no longer runs once it is passed or given up, and only one of the two counts as passed', () => {
    const begun = [came('a', 0), step('begun', 0)];
    expect(runOf('a', ...begun, step('passed', 29))?.passedOn).toBe(at(29));
    expect(runOf('a', ...begun, step('given up', 9))).toBeNull();
    const tank = (...lines: Dated[]) => roomOf(...lines).tanks['Q']?.quarantine;
    expect(tank(...begun, step('passed', 29))).toMatchObject({ begunOn: null, passedOn: at(29) });
    expect(tank(...begun, step('given up', 9))).toMatchObject({ begunOn: null, passedOn: null });
  });
  it('begun before the fish came, waits for them: for all of that day, and for nobody who comes later', () => {
    const lines = [step('begun', 0, { days: 42 }), came('a', 2), came('b', 2), came('c', 9)];
    expect(runOf('a', ...lines)).toEqual({ begunOn: at(0), days: 42, passedOn: null });
    expect(runOf('b', ...lines)?.days).toBe(42);
    expect(runOf('c', ...lines)).toBeNull();
  });
});

describe('two batches in one tank', () => {
  const two = [came('a', 0), step('begun', 0), came('b', 10, 'Harbour')];
  it('each have their own run, with their own start, checks and end', () => {
    expect(batches(12, ...two).map(({ begun, day, freeOn, source }) => [begun, day, freeOn, source])).toEqual(
      [
        [true, 13, '2026-03-29', 'Pier'],
        [false, 3, '2026-04-08', 'Harbour'],
      ],
    );
    const begun = [...two, step('begun', 11, { days: 35, residents: ['b'] })];
    expect(batches(12, ...begun).map(({ day, freeOn }) => [day, freeOn])).toEqual([
      [13, '2026-03-29'],
      [2, '2026-04-16'],
    ]);
    expect(freeOnOf(roomOf(...begun), 'Q', whenIn(at(12), 'UTC'))).toBe('2026-04-16');
  });
  it('one finishes and the other goes on; the tank is free to dry after the last', () => {
    const begun = [...two, step('begun', 10, { residents: ['b'] }), step('passed', 28, { residents: ['a'] })];
    expect(batches(29, ...begun).map(({ passed }) => passed)).toEqual([true, false]);
    expect(roomOf(...begun).tanks['Q']?.quarantine.passedOn).toBeNull();
    const done = roomOf(...begun, step('passed', 38, { residents: ['b'] }));
    expect(done.tanks['Q']?.quarantine).toMatchObject({ begunOn: null, passedOn: at(38) });
  });
  it('a sign holds back both, for disease passes between them', () =>
    expect(
      batches(27, ...two, step('begun', 10, { residents: ['b'] }), ill(26)).map(({ freeOn, signOn }) => [
        freeOn,
        signOn,
      ]),
    ).toEqual([
      ['2026-04-10', '2026-03-27'],
      ['2026-04-10', '2026-03-27'],
    ]));
  it('a sign from before a batch came is not its own', () =>
    expect(
      batches(
        12,
        came('a', 0),
        step('begun', 0),
        ill(9),
        came('b', 10),
        step('begun', 10, { residents: ['b'] }),
      )[1],
    ).toMatchObject({ freeOn: '2026-04-08', signOn: null }));
  it('who moves out after its own run was passed is quarantined; the other is not yet', () => {
    const room = roomOf(
      ...two,
      step('begun', 10, { residents: ['b'] }),
      step('passed', 20, { residents: ['a'] }),
      moved('a', 21, 'T'),
      moved('b', 21, 'T'),
    );
    expect([room.residents['a']?.quarantine, room.residents['b']?.quarantine]).toEqual(['done', 'none']);
  });
  it('one that was never begun is not quarantined by the passing of the other, and keeps the tank in use', () => {
    const begun = [...two, step('passed', 20, { residents: ['a'] })];
    expect(roomOf(...begun).tanks['Q']?.quarantine.passedOn).toBeNull();
    const room = roomOf(...begun, moved('a', 21, 'T'), moved('b', 21, 'T'));
    expect([room.residents['a']?.quarantine, room.residents['b']?.quarantine]).toEqual(['done', 'none']);
  });
  it('residents that join a newcomer for a week are no batch', () =>
    expect(
      batches(
        35,
        came('old', -100, 'Pier', 'T' as TankId),
        came('a', 0),
        moved('old', 30, 'Q', '2026-04-07'),
      ).map(({ residents }) => residents.map(({ id }) => id)),
    ).toEqual([['a']]));
});

describe('the batches of a tank', () => {
  it('are in the order in which they came; fish of one day and one seller are together, from the last of them on', () => {
    const later = { ...came('c', 10, 'Harbour'), on: at(10).replace('18:', '20:') };
    const lines = [came('b', 10, 'Harbour'), came('a', 0), came('z', 10, 'Pier'), later];
    expect(
      batches(12, ...lines).map(({ key, residents, since }) => [key, residents.map(({ id }) => id), since]),
    ).toEqual([
      ['2026-03-01 Pier', ['a'], at(0)],
      ['2026-03-11 Harbour', ['b', 'c'], later.on],
      ['2026-03-11 Pier', ['z'], at(10)],
    ]);
  });
  it('know the batch of each fish, and none for a fish elsewhere', () => {
    const room = roomOf(
      came('a', 0),
      came('b', 10, 'Harbour'),
      came('c', 10, 'Harbour'),
      came('t', 0, 'Pier', 'T' as TankId),
    );
    const when = whenIn(at(12), 'UTC');
    const of = (id: string, tank = 'Q') =>
      batchOf(room, { ...room.residents[id]!, tank: tank as TankId }, when);
    expect(of('c')?.residents.map(({ id }) => id)).toEqual(['b', 'c']);
    expect(of('a')?.source).toBe('Pier');
    expect(of('t', 'Q')).toBeNull();
  });
  it('say nothing of when a tank is free that nobody is in', () => {
    const when = whenIn(at(12), 'UTC');
    expect(freeOnOf(roomOf(came('a', 0)), 'nowhere', when)).toBeNull();
    // The last to be free, whoever came last.
    const lines = [
      came('a', 0),
      step('begun', 0, { days: 60 }),
      came('b', 5, 'Harbour'),
      step('begun', 5, { days: 28, residents: ['b'] }),
    ];
    expect(freeOnOf(roomOf(...lines), 'Q', when)).toBe('2026-04-30');
  });
});

describe('how a quarantine stands', () => {
  const begun = '2026-03-01T18:00:00.000Z';
  const life = ({ lastSign = null }: { lastSign?: string | null } = {}) => ({
    days: QUARANTINE_DAYS,
    lastSign,
  });
  it('counts its days from one', () => {
    expect(quarantineState(life(), begun, whenIn('2026-03-01', 'UTC')).day).toBe(1);
    expect(quarantineState(life(), begun, whenIn('2026-03-29', 'UTC')).day).toBe(29);
  });
  it('ends when its days are over, across the end of a month and of February', () => {
    expect(quarantineState(life(), begun, whenIn('2026-03-02', 'UTC')).freeOn).toBe('2026-03-29');
    expect(quarantineState(life(), '2028-02-10T09:00:00.000Z', whenIn('2028-02-11', 'UTC')).freeOn).toBe(
      '2028-03-09',
    );
  });
  it('says nothing of a sign so early that two clear weeks pass before the end', () =>
    expect(
      quarantineState(life({ lastSign: '2026-03-15T08:00:00.000Z' }), begun, whenIn('2026-03-16', 'UTC')),
    ).toMatchObject({
      freeOn: '2026-03-29',
      signOn: null,
    }));
  it('counts a sign at the very moment of its beginning, and none from before', () => {
    const short = { days: 3, lastSign: begun };
    expect(quarantineState(short, begun, whenIn('2026-03-02', 'UTC'))).toMatchObject({
      freeOn: '2026-03-15',
      signOn: '2026-03-01',
    });
    const early = { days: 3, lastSign: '2026-03-01T17:59:00.000Z' };
    expect(quarantineState(early, begun, whenIn('2026-03-02', 'UTC'))).toMatchObject({
      freeOn: '2026-03-04',
      signOn: null,
    });
  });
  it('ends two clear weeks after a late sign, and says which', () => {
    const state = quarantineState(
      life({ lastSign: '2026-03-25T08:00:00.000Z' }),
      begun,
      whenIn('2026-03-26', 'UTC'),
    );
    expect(state.freeOn).toBe('2026-04-08');
    expect(state.signOn).toBe('2026-03-25');
  });
  it.each([1, 5, 14, 15, 27, 40])('never ends earlier for a sign on day %i', (day) => {
    const lastSign = new Date(Date.parse(begun) + day * 86_400_000).toISOString();
    const without = quarantineState(life(), begun, whenIn('2026-03-02', 'UTC')).freeOn;
    const withSign = quarantineState(life({ lastSign }), begun, whenIn('2026-03-02', 'UTC')).freeOn;
    expect(withSign >= without).toBe(true);
    expect((Date.parse(withSign) - Date.parse(lastSign.slice(0, 10))) / 86_400_000).toBeGreaterThanOrEqual(
      CLEAR_DAYS,
    );
  });
});
