import { renderHook } from '@testing-library/react';
import type { TriedFix, TriedFixes } from '@/core/assess';
import type { Fix } from '@/core/rules';
import { toast } from '@/ui/toast';
import { useFixPress } from './useFixPress';

jest.mock('@/ui/toast', () => ({ toast: jest.fn() }));

const lid: Fix = { edit: { kind: 'set-lid', lid: true } };
const offering = (...fixes: readonly Fix[]): TriedFixes =>
  new Map([
    [
      'a group',
      fixes.flatMap((fix): TriedFix[] =>
        'edit' in fix
          ? [{ edit: fix.edit, rehomes: 0, leaves: { verdict: 'fits', stop: 0, caution: 0 }, solves: true }]
          : [],
      ),
    ],
  ]);

/** A list whose fixes were tried or are being tried. */
function open(tried: Parameters<typeof useFixPress>[0]) {
  const done: Fix[] = [];
  const doFix = (fix: Fix): void => void done.push(fix);
  const hook = renderHook((now: typeof tried) => useFixPress(now, doFix), { initialProps: tried });
  return { done, press: () => hook.result.current(lid), tried: hook.rerender };
}

describe('a press on a fix', () => {
  it('is done at once where the fix was tried on this list', () => {
    const list = open({ last: offering(lid), current: true });
    list.press();
    expect(list.done).toEqual([lid]);
  });

  it('waits while the list is being tried, and is done once it still mends', () => {
    const list = open({ last: offering(lid), current: false });
    list.press();
    expect(list.done).toEqual([]);
    list.tried({ last: offering(lid), current: true });
    expect(list.done).toEqual([lid]);
    // Once, however often the list is tried after it.
    list.tried({ last: offering(lid), current: false });
    list.tried({ last: offering(lid), current: true });
    expect(list.done).toHaveLength(1);
  });

  it('is not done where it no longer mends, and that is said', () => {
    const list = open({ last: offering(lid), current: false });
    list.press();
    list.tried({ last: offering(), current: true });
    expect(list.done).toEqual([]);
    expect(toast).toHaveBeenCalledWith('The list has changed: that fix no longer mends it.');
  });
});
