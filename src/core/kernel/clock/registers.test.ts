import fc from 'fast-check';
import { canonicalJson } from '../schema/canonicalJson';
import {
  changed,
  type Clock,
  clockOf,
  joined,
  momentAfter,
  type Registers,
  registersOf,
  type Shape,
  viewOf,
} from './registers';

const SHAPE: Shape = { itemKeys: { groups: 'key' } };
const items = fc.uniqueArray(
  fc.record(
    {
      key: fc.constantFrom('a', 'b', 'c', 'x/y', '~'),
      n: fc.integer({ min: 0, max: 3 }),
      note: fc.constantFrom('', 'shy'),
    },
    { requiredKeys: ['key', 'n'] },
  ),
  { selector: ({ key }) => key, maxLength: 4 },
);
const body = fc.option(
  fc.record(
    {
      name: fc.constantFrom('x', 'y', 'z'),
      tank: fc.option(fc.record({ lengthCm: fc.integer({ min: 1, max: 3 }), lid: fc.boolean() })),
      groups: items,
      list: fc.array(fc.integer({ min: 0, max: 2 }), { maxLength: 2 }),
      'odd/name': fc.integer({ min: 0, max: 1 }),
    },
    { requiredKeys: ['name', 'groups'] },
  ),
);
const moment = (n: number): string => new Date(Date.UTC(2026, 0, 1, 0, 0, 0, n)).toISOString();

/** A value that was changed some times on one device, from a value that all began with. */
const begun = (first: unknown): Registers => registersOf(first, { at: { '': moment(0) } }, SHAPE);
const history = fc.array(fc.tuple(fc.integer({ min: 1, max: 9 }), body), { maxLength: 4 });
const device = (first: unknown, changes: readonly (readonly [number, unknown])[]): Registers =>
  changes.reduce((now, [n, next]) => changed(now, next, moment(n), SHAPE), begun(first));
const same = (a: Registers, b: Registers): void => {
  const told = (one: Registers): string => canonicalJson([...one].sort(([x], [y]) => (x < y ? -1 : 1)));
  expect(told(a)).toBe(told(b));
  expect(canonicalJson(viewOf(a, SHAPE) ?? null)).toBe(canonicalJson(viewOf(b, SHAPE) ?? null));
};
const three = fc.tuple(body, history, history, history);

describe('values that several devices change', () => {
  it('show what they were changed to last', () =>
    fc.assert(
      fc.property(body, history, body, (first, changes, last) => {
        const now = changed(device(first, changes), last, moment(9), SHAPE);
        expect(viewOf(now, SHAPE)).toEqual(last);
      }),
    ));
  it('are kept beside their value, and read again as they were', () =>
    fc.assert(
      fc.property(three, ([first, one, other]) => {
        const now = joined(device(first, one), device(first, other));
        const kept = JSON.parse(
          JSON.stringify({ value: viewOf(now, SHAPE), clock: clockOf(now, SHAPE) }),
        ) as { value: unknown; clock: Clock };
        same(registersOf(kept.value, kept.clock, SHAPE), now);
      }),
    ));
  it('are joined the same in any order and grouping, and once is as good as twice', () =>
    fc.assert(
      fc.property(three, ([first, one, other, third]) => {
        const [a, b, c] = [device(first, one), device(first, other), device(first, third)];
        same(joined(a, b), joined(b, a));
        same(joined(joined(a, b), c), joined(a, joined(b, c)));
        same(joined(a, a), a);
        same(joined(joined(a, b), b), joined(a, b));
      }),
      { numRuns: 500 },
    ));
  it('take over what only one device changed', () =>
    fc.assert(
      fc.property(body, history, (first, changes) => {
        const one = device(first, changes);
        same(joined(one, begun(first)), one);
      }),
    ));
});

const base = {
  name: 'Fen',
  groups: [
    { key: 'a', n: 1 },
    { key: 'b', n: 2 },
  ],
};
const after = (n: number, next: unknown): Registers => changed(begun(base), next, moment(n), SHAPE);
const met = (a: Registers, b: Registers): unknown => viewOf(joined(a, b), SHAPE);

describe('two devices that met', () => {
  it('have what either changed: other parts of one group too', () =>
    expect(
      met(
        after(1, {
          ...base,
          groups: [
            { key: 'a', n: 5 },
            { key: 'b', n: 2 },
          ],
        }),
        after(2, {
          ...base,
          name: 'Quay',
          groups: [
            { key: 'a', n: 1, note: 'shy' },
            { key: 'b', n: 2 },
          ],
        }),
      ),
    ).toEqual({
      name: 'Quay',
      groups: [
        { key: 'a', n: 5, note: 'shy' },
        { key: 'b', n: 2 },
      ],
    }));
  it('have the groups that either added, and none that either removed', () =>
    expect(
      met(
        after(1, {
          ...base,
          groups: [
            { key: 'a', n: 1 },
            { key: 'b', n: 2 },
            { key: 'c', n: 3 },
          ],
        }),
        after(2, {
          ...base,
          groups: [
            { key: 'b', n: 2 },
            { key: 'd', n: 4 },
          ],
        }),
      ),
    ).toEqual({
      name: 'Fen',
      groups: [
        { key: 'b', n: 2 },
        { key: 'd', n: 4 },
        { key: 'c', n: 3 },
      ],
    }));
  it('have the later saying where both changed the same part', () =>
    expect(met(after(3, { ...base, name: 'later' }), after(2, { ...base, name: 'earlier' }))).toEqual({
      ...base,
      name: 'later',
    }));
  it('count what nobody dated as earlier than all, the higher revision first', () => {
    const undated = (name: string, rev: string): Registers =>
      registersOf({ name }, { at: { '': rev } }, SHAPE);
    expect(met(undated('two', '0:000000002'), undated('one', '0:000000001'))).toEqual({ name: 'two' });
    expect(met(undated('two', '0:000000002'), after(1, { ...base, name: 'dated' }))).toMatchObject({
      name: 'dated',
    });
  });
  it('have a value of parts that belong together from one of them only', () => {
    const whole: Shape = { itemKeys: {}, whole: true };
    const one = registersOf({ watch: '1', from: 'a' }, { at: { '': moment(1) } }, whole);
    const other = registersOf({ watch: '2' }, { at: { '': moment(2) } }, whole);
    expect(viewOf(joined(one, other), whole)).toEqual({ watch: '2' });
  });
});

describe('a value that was put back', () => {
  it('shows what its clock says is gone, and loses it in no merge', () => {
    const removed = after(1, { ...base, groups: [{ key: 'b', n: 2 }] });
    const put = registersOf(base, clockOf(removed, SHAPE), SHAPE);
    expect(viewOf(put, SHAPE)).toEqual(base);
    expect(met(put, put)).toEqual(base);
  });
});

describe('the moment of a change', () => {
  it('is after all that was said before, even where the clock went back', () => {
    expect(momentAfter(moment(5), moment(3))).toBe(moment(5));
    expect(momentAfter(moment(3), moment(5))).toBe(moment(6));
    expect(momentAfter(moment(3), '0:000000007')).toBe(moment(3));
    const told = changed(
      after(8, { ...base, name: 'fast clock' }),
      { ...base, name: 'slow clock' },
      moment(2),
      SHAPE,
    );
    expect(met(told, after(8, { ...base, name: 'fast clock' }))).toMatchObject({ name: 'slow clock' });
  });
});

describe('registers, part by part', () => {
  const FIRST = moment(0);
  const of = (value: unknown, clock: Partial<Clock> = {}): Registers =>
    registersOf(value, { at: { '': FIRST }, ...clock }, SHAPE);
  const names = (registers: Registers): readonly string[] => [...registers.keys()];

  it('have a path for each part, items by their keys, odd names written apart', () => {
    const value = {
      groups: [
        { key: 'x/y', n: 1 },
        { key: '~', n: 2 },
      ],
      'odd/name': 1,
      tank: { lid: true },
    };
    expect(names(of(value))).toEqual([
      '',
      'groups',
      'groups/#',
      'groups/@x~1y',
      'groups/@x~1y/key',
      'groups/@x~1y/n',
      'groups/@~0',
      'groups/@~0/key',
      'groups/@~0/n',
      'odd~1name',
      'tank',
      'tank/lid',
    ]);
    expect(viewOf(of(value), SHAPE)).toEqual(value);
  });
  it('tell two items of one key apart', () => {
    const value = {
      groups: [
        { key: 'a', n: 1 },
        { key: 'a', n: 2 },
        { key: 'a', n: 3 },
      ],
    };
    expect(of(value).get('groups/#')?.value).toEqual(['a', 'a#2', 'a#3']);
    expect(viewOf(of(value), SHAPE)).toEqual(value);
  });
  it('leave out parts that are not there, and never write on the prototype', () => {
    expect(names(of({ name: undefined, list: [1] }))).toEqual(['', 'list']);
    const hostile = of(JSON.parse('{"__proto__": {"bad": 1}, "name": "x"}'));
    const shown = viewOf(hostile, SHAPE) as object;
    expect(shown).toEqual({ name: 'x' });
    expect(Object.getPrototypeOf(shown)).toBe(Object.prototype);
  });
  it('of a whole are one, and show nothing where nothing was said', () => {
    const whole: Shape = { itemKeys: {}, whole: true };
    expect(names(registersOf({ a: 1 }, { at: {} }, whole))).toEqual(['']);
    expect(viewOf(new Map(), whole)).toBeUndefined();
    expect(viewOf(new Map(), SHAPE)).toBeUndefined();
  });
  it('put items that no order names behind the others, by their keys', () => {
    const value = { groups: [{ key: 'c', n: 1 }] };
    const more = of({
      groups: [
        { key: 'b', n: 1 },
        { key: 'a', n: 1 },
      ],
    });
    const registers = new Map([...of(value), ...[...more].filter(([path]) => path !== 'groups/#')]);
    const keys = (viewOf(registers, SHAPE) as { groups: { key: string }[] }).groups.map(({ key }) => key);
    expect(keys).toEqual(['c', 'a', 'b']);
  });
  it('go by the nearest part that the clock knows, and by none where it knows none', () => {
    const clock = { at: { 'tank/lid': moment(5), tank: moment(3) } };
    const registers = registersOf({ tank: { lid: true, lengthCm: 1 }, name: 'x' }, clock, SHAPE);
    expect([
      registers.get('tank/lid')?.at,
      registers.get('tank/lengthCm')?.at,
      registers.get('name')?.at,
    ]).toEqual([moment(5), moment(3), '']);
  });
  it('keep what is hidden beside what is shown, and only orders before it', () => {
    const registers = of(
      { name: 'x', groups: [{ key: 'a', n: 1 }] },
      { hidden: { name: 'old', 'tank/lid': true, 'groups/#': ['b', 'a'] }, gone: ['name', 'note'] },
    );
    expect(registers.get('name')?.value).toBe('x');
    expect(registers.get('tank/lid')?.value).toBe(true);
    expect(registers.get('groups/#')?.value).toEqual(['b', 'a']);
    expect(registers.has('note') && registers.get('note')?.value).toBeUndefined();
  });
  it('are kept with the fewest moments, and nothing said of what is neither hidden nor gone', () => {
    const clock = clockOf(of({ name: 'x', tank: { lid: true } }), SHAPE);
    expect(clock).toEqual({ at: { '': FIRST } });
    const later = changed(
      of({ name: 'x', tank: { lid: true, lengthCm: 1 } }),
      { name: 'y', tank: { lid: true } },
      moment(4),
      SHAPE,
    );
    expect(clockOf(later, SHAPE)).toEqual({
      at: { '': FIRST, name: moment(4), 'tank/lengthCm': moment(4) },
      gone: ['tank/lengthCm'],
    });
  });
  it('of one moment are joined to the greater saying, whoever asks', () => {
    const [x, y] = [of({ name: 'x' }), of({ name: 'y' })];
    expect(viewOf(joined(x, y), SHAPE)).toEqual({ name: 'y' });
    expect(viewOf(joined(y, x), SHAPE)).toEqual({ name: 'y' });
  });
  it('of a part that comes back are said anew, though it says what it said', () => {
    const gone = changed(of({ name: 'x', note: 'shy' }), { name: 'x' }, moment(3), SHAPE);
    const back = changed(gone, { name: 'x', note: 'shy' }, moment(6), SHAPE);
    expect(back.get('note')).toEqual({ at: moment(6), value: 'shy' });
    expect(back.get('name')).toEqual({ at: FIRST, value: 'x' });
  });
  it('mark only the outermost part that went', () => {
    const after = changed(of({ name: 'x', tank: { lid: true } }), { name: 'x' }, moment(3), SHAPE);
    expect([after.get('tank')?.value, after.get('tank/lid')?.value]).toEqual([undefined, true]);
    const nothing = changed(of({ name: 'x' }), null, moment(3), SHAPE);
    expect([nothing.get('')?.value, nothing.get('name')?.value]).toEqual([null, undefined]);
  });
  it('are said a moment after the last, where the clock stands still or goes back', () => {
    expect(momentAfter(moment(4), moment(4))).toBe(moment(5));
    expect(momentAfter(moment(4), moment(9))).toBe(moment(10));
    expect(momentAfter(moment(4), moment(3))).toBe(moment(4));
    expect(momentAfter(moment(4), 'no moment')).toBe(moment(4));
  });
});
