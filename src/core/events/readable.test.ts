import { cameOf, happened, memberOf } from '@/testing/happened';
import type { Entry } from './events';
import { isDamaged, unreadable } from './readable';

const ON = '2026-04-01T12:00:00.000Z';
const { seq: _seq, corrected: _corrected, ...came } = cameOf(ON, [memberOf('abcdef')]);
const entry = { ...came, recorded: ON, seq: 1 } as unknown as Entry;
const with_ = (more: object): Entry => ({ ...entry, ...more });
const corrected = (replacement: unknown, target: unknown = 'h1'): Entry =>
  ({ id: 'c1', on: ON, type: 'corrected', target, replacement }) as unknown as Entry;

describe('an entry', () => {
  it('that lacks its name, its moment, its type or a part cannot be read', () => {
    expect(unreadable(entry)).toBeNull();
    for (const [more, why] of [
      [{ id: 5 }, 'no name or moment'],
      [{ on: null }, 'no name or moment'],
      [{ type: 'flew' }, 'unknown type'],
      [{ species: undefined }, 'damaged'],
      [{ members: null }, 'damaged'],
    ] as const)
      expect(unreadable(with_(more))).toMatchObject({ why });
    expect(unreadable(with_({ id: 5 }))).toMatchObject({ id: '5', type: 'came', on: ON });
    expect(unreadable(corrected(null))).toBeNull();
    // What need not be said may be missing.
    expect(
      unreadable(
        happened({ type: 'saw', on: ON, what: 'torn', resident: null, place: '' }) as unknown as Entry,
      ),
    ).toBeNull();
  });
  it('is damaged where anything in it is, looked at in full', () => {
    expect(isDamaged(entry)).toBe(false);
    for (const more of [{ id: 5 }, { type: 'flew' }, { lengthCm: 'long' }, { lengthCm: -1 }, { members: [] }])
      expect(isDamaged(with_(more))).toBe(true);
    for (const nothing of [null, undefined, 'text', 5])
      expect(isDamaged(nothing as unknown as Entry)).toBe(true);
  });
  it('that corrects is damaged where what it says instead is, or where it strikes out nothing', () => {
    expect(isDamaged(corrected(came))).toBe(false);
    expect(isDamaged(corrected(null))).toBe(false);
    expect(isDamaged(corrected(null, 7))).toBe(true);
    for (const wrong of [
      { ...came, lengthCm: -1 },
      { ...came, type: 'flew' },
      { ...came, on: 3 },
      'text',
      undefined,
    ])
      expect(isDamaged(corrected(wrong))).toBe(true);
  });
});
