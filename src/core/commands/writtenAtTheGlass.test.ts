import { CHASE, entriesOf, ON, stamp, T } from '@/testing/written';
import type { Entry } from '../events';
import type { EntryId, ResidentId } from '../kernel';
import { logContest, logSign, tellMore } from './watch';

describe('what is seen at the glass', () => {
  const watching = { watch: 'w', startedOn: ON } as unknown as Parameters<typeof logContest>[0];
  const contest = {
    tank: T,
    winner: 'a' as ResidentId,
    loser: 'b' as ResidentId,
    place: 'left',
    trigger: null,
  };
  it('is a chase with its trigger where there was one', () => {
    expect(entriesOf(logContest(watching, contest, stamp()))).toEqual([CHASE]);
    expect(entriesOf(logContest(watching, { ...contest, trigger: 'feeding' }, stamp()))).toEqual([
      { ...CHASE, trigger: 'feeding' },
    ]);
  });
  it('in passing is in no watch, and stands at the moment it was seen', () => {
    const passing = { seenOn: '2027-06-01T09:00:00.000Z' } as Parameters<typeof logContest>[0];
    expect(entriesOf(logContest(passing, contest, stamp()))).toEqual([
      { ...CHASE, watch: '', on: '2027-06-01T09:00:00.000Z' },
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
  const entry = { ...CHASE, id, seq: 1, recorded: ON } as unknown as Entry;
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
      replacement: { ...CHASE, what: 'ram', bad: 3, place: 'left', undecided: false },
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
    expect((correction as { replacement: object }).replacement).toEqual({ ...CHASE, bad: 1 });
  });
});
