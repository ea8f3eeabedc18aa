import { fireEvent, render } from '@testing-library/react';
import { SHORTCUTS, shortcutRows } from './shortcuts';
import { useShortcuts } from './useShortcuts';

const acts = { undo: jest.fn(), redo: jest.fn(), search: jest.fn(), help: jest.fn(), go: jest.fn() };
function Keys({ singleOn }: { readonly singleOn: boolean }) {
  useShortcuts(acts, singleOn);
  return <input aria-label="field" />;
}
const press = (key: string, more: object = {}) => fireEvent.keyDown(document.body, { key, ...more });
beforeEach(() => Object.values(acts).forEach((act) => act.mockReset()));

describe('the shared keys', () => {
  it('are told apart: no two do different things by one press', () => {
    const presses = SHORTCUTS.map((one) => `${one.with} ${one.key}`);
    expect(new Set(presses).size).toBe(presses.length);
    expect(shortcutRows()).toHaveLength(SHORTCUTS.length);
  });
  it('undo, redo, search, help, and screens after G', () => {
    render(<Keys singleOn />);
    press('z', { ctrlKey: true });
    press('Z', { ctrlKey: true, shiftKey: true });
    press('y', { metaKey: true });
    press('k', { ctrlKey: true });
    press('/');
    press('?', { shiftKey: true });
    press('g');
    press('h');
    expect([acts.undo, acts.redo, acts.search, acts.help].map((act) => act.mock.calls.length)).toEqual([
      1, 2, 2, 1,
    ]);
    expect(acts.go.mock.calls).toEqual([['/hierarchy']]);
    // A letter by itself goes nowhere, and G is spent by the next key.
    press('w');
    press('g');
    press('q');
    press('w');
    expect(acts.go).toHaveBeenCalledTimes(1);
  });
  it('leave the keys of the browser alone: nothing with Alt', () => {
    render(<Keys singleOn />);
    for (const key of ['1', '5', 'd', 'w', 'ArrowLeft']) expect(press(key, { altKey: true })).toBe(true);
    expect(acts.go).not.toHaveBeenCalled();
  });
  it('are silent in a field, but for the search with Ctrl', () => {
    const { getByLabelText } = render(<Keys singleOn />);
    const field = getByLabelText('field');
    fireEvent.keyDown(field, { key: '/' });
    fireEvent.keyDown(field, { key: 'z', ctrlKey: true });
    expect(acts.search).not.toHaveBeenCalled();
    expect(acts.undo).not.toHaveBeenCalled();
    fireEvent.keyDown(field, { key: 'k', ctrlKey: true });
    expect(acts.search).toHaveBeenCalledTimes(1);
  });
  it('can be switched off where they need no Ctrl', () => {
    render(<Keys singleOn={false} />);
    press('/');
    press('?');
    press('g');
    press('h');
    expect([acts.search, acts.help, acts.go].map((act) => act.mock.calls.length)).toEqual([0, 0, 0]);
    press('z', { ctrlKey: true });
    expect(acts.undo).toHaveBeenCalledTimes(1);
  });
});
