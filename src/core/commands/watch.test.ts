import type { EntryId, TankId } from '../kernel/schema/ids';
import type { Stamp } from '../gate/change';
import type { ResidentId } from '../kernel/schema/ids';
import {
  finishWatch,
  logContest,
  logSign,
  pauseOrResume,
  startWatch,
  watchedSeconds,
  type Watching,
} from './watch';

const start = Date.parse('2026-05-01T10:00:00.000Z');
const at = (seconds: number): Stamp => {
  let n = 0;
  return { id: () => `e${(n += 1)}` as EntryId, now: () => new Date(start + seconds * 1000).toISOString() };
};
const watching: Watching = {
  tank: 'T' as TankId,
  watch: 'w',
  startedOn: '2026-05-01T10:00:00.000Z',
  countedSeconds: 0,
  runningSince: '2026-05-01T10:00:00.000Z',
};
const bodyOf = (change: ReturnType<typeof pauseOrResume>): Watching =>
  (change.kind === 'put' ? change.document.body : null) as Watching;

describe('the clock of a watch', () => {
  it('counts while it runs, stands while it is paused, and goes on where it stood', () => {
    expect(watchedSeconds(watching, start + 90_000)).toBe(90);
    const rest = bodyOf(pauseOrResume(watching, at(90)));
    expect(rest.runningSince).toBeNull();
    expect(watchedSeconds(rest, start + 900_000)).toBe(90);
    expect(watchedSeconds(bodyOf(pauseOrResume(rest, at(3600))), start + 3_630_000)).toBe(120);
  });
  it('never runs backward when the system clock does', () =>
    expect(watchedSeconds(watching, start - 5000)).toBe(0));
  it('ends as minutes in the journal, a day at the most, and the clock is gone', () => {
    const [watched, gone] = finishWatch(watching, 'quiet', at(754));
    expect(watched).toMatchObject({ entry: { type: 'watched', minutes: 12.57, watch: 'w', note: 'quiet' } });
    expect(gone).toMatchObject({ document: { kind: 'watching', body: null } });
    expect(finishWatch(watching, '', at(400_000))[0]).toMatchObject({ entry: { minutes: 1440 } });
  });
});

describe('what is seen at the glass', () => {
  const contest = {
    tank: 'T' as TankId,
    winner: 'a' as ResidentId,
    loser: 'b' as ResidentId,
    place: 'cave',
    trigger: null,
  };
  it('belongs to the watch that runs', () =>
    expect(logContest(watching, contest, at(5))).toMatchObject([
      { kind: 'append', entry: { type: 'chased', watch: 'w', winner: 'a', loser: 'b', place: 'cave' } },
    ]));
  it('starts a watch when none runs', () => {
    const [begun, chased] = logContest(null, contest, at(5));
    expect(begun).toMatchObject({ kind: 'put', document: { kind: 'watching', body: { countedSeconds: 0 } } });
    expect(chased).toMatchObject({ entry: { watch: startWatch(contest.tank, at(5)).watch } });
  });
  it('names a fish only that can be told from its like', () => {
    const nameOf = () => 'a male rusty';
    const sign = { tank: contest.tank, what: 'hiding' as const, place: '', nameOf };
    expect(logSign(watching, { ...sign, who: 'a' as ResidentId }, at(5))).toMatchObject([
      { entry: { resident: 'a', note: '' } },
    ]);
    expect(logSign(watching, { ...sign, who: 'some-male-x' as ResidentId }, at(5))).toMatchObject([
      { entry: { resident: null, note: 'a male rusty' } },
    ]);
  });
});
