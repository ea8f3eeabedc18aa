import { handsRest } from './handsRest';

const press = (kind: 'keydown' | 'pointerdown'): void => void window.dispatchEvent(new Event(kind));
/** Whether hands rest by a moment of the clock; nothing else waits. */
async function rested(rest: Promise<void>): Promise<boolean> {
  let is = false;
  void rest.then(() => (is = true));
  await jest.advanceTimersByTimeAsync(0);
  return is;
}

describe('hands at rest', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());
  it('are so at once where nothing was pressed for a while', async () => {
    press('keydown');
    await jest.advanceTimersByTimeAsync(200);
    expect(await rested(handsRest())).toBe(true);
  });
  it.each(['keydown', 'pointerdown'] as const)('are so once the last %s is long enough ago', async (kind) => {
    press(kind);
    const rest = handsRest();
    await jest.advanceTimersByTimeAsync(150);
    expect(await rested(rest)).toBe(false);
    // Pressed again meanwhile: it is waited for anew.
    press(kind);
    await jest.advanceTimersByTimeAsync(150);
    expect(await rested(rest)).toBe(false);
    await jest.advanceTimersByTimeAsync(50);
    expect(await rested(rest)).toBe(true);
  });
  it('are waited for as long as is asked', async () => {
    press('keydown');
    const rest = handsRest(2000);
    await jest.advanceTimersByTimeAsync(1999);
    expect(await rested(rest)).toBe(false);
    await jest.advanceTimersByTimeAsync(1);
    expect(await rested(rest)).toBe(true);
  });
});
