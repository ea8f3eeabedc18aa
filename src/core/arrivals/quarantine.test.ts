import type { Dated } from '../events/events';
import { NEW_TANK_LIFE, type QuarantineLife } from '../events/room';
import { CLEAR_DAYS, QUARANTINE_DAYS } from '../events/quarantineDays';
import { afterQuarantine } from '../events/quarantineLife';
import { whenIn } from '../kernel/time/when';
import { quarantineState } from './quarantine';

type Step = Extract<Dated, { type: 'quarantine' }>;
const step = (what: Step['what'], on: string, days?: number): Step =>
  ({ type: 'quarantine', what, on, note: '', tank: 'T', ...(days === undefined ? {} : { days }) }) as Step;
const fresh = NEW_TANK_LIFE.quarantine;
const after = (...steps: Step[]): QuarantineLife => steps.reduce(afterQuarantine, fresh);

describe('a quarantine, step by step', () => {
  it('lasts four weeks when nobody says how long (common practice)', () =>
    expect(after(step('begun', '2026-03-01T18:00:00.000Z'))).toEqual({
      begunOn: '2026-03-01T18:00:00.000Z',
      days: QUARANTINE_DAYS,
      lastSign: null,
      passedOn: null,
    }));
  it('lasts as long as was said', () =>
    expect(after(step('begun', '2026-03-01T18:00:00.000Z', 42)).days).toBe(42));
  it('is made longer by two clear weeks, or to what was said', () => {
    const begun = step('begun', '2026-03-01T18:00:00.000Z');
    expect(after(begun, step('extended', '2026-03-20T18:00:00.000Z')).days).toBe(
      QUARANTINE_DAYS + CLEAR_DAYS,
    );
    expect(after(begun, step('extended', '2026-03-20T18:00:00.000Z', 35)).days).toBe(35);
  });
  it('no longer runs once it is passed or given up, and only one of the two counts as passed', () => {
    const begun = step('begun', '2026-03-01T18:00:00.000Z');
    const passed = after(begun, step('passed', '2026-03-30T18:00:00.000Z'));
    const given = after(begun, step('given up', '2026-03-10T18:00:00.000Z'));
    expect([passed.begunOn, passed.passedOn]).toEqual([null, '2026-03-30T18:00:00.000Z']);
    expect([given.begunOn, given.passedOn]).toEqual([null, null]);
  });
  it('forgets the signs of the batch before when the next begins', () => {
    const ill = { ...after(step('begun', '2026-01-01T18:00:00.000Z')), lastSign: '2026-01-20T18:00:00.000Z' };
    expect(afterQuarantine(ill, step('begun', '2026-04-01T18:00:00.000Z')).lastSign).toBeNull();
  });
});

describe('how a quarantine stands', () => {
  const begun = '2026-03-01T18:00:00.000Z';
  const life = (more: Partial<QuarantineLife> = {}): QuarantineLife => ({
    ...fresh,
    begunOn: begun,
    ...more,
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
