import { act, cleanup, waitFor } from '@testing-library/react';
import type { EntryId } from '@/core/kernel';
import { demoRoom } from '@/demo/demoRoom';
import { openSession } from '@/session/session';
import { todayIso } from '@/session/today';
import type { Contents } from '@/store/port';
import { memoryPlace, memoryStore } from '@/store/memory/memoryStore';
import { draw, SCREENS } from './demoScreens';
import { catalogue } from './plans';

const HOSTILE = '<img src=x onerror=alert(1)><script>alert(1)</script>"\'=1+1';
/** Parts that a keeper types freely. */
const FREE = new Set(['name', 'note', 'text', 'from', 'taker', 'place', 'cause', 'credit', 'shop', 'about']);

/** The same room in which everything that can be typed freely is hostile. */
function hostile<T>(value: T, key = ''): T {
  if (typeof value === 'string') return (FREE.has(key) && value !== '' ? `${value}${HOSTILE}` : value) as T;
  if (Array.isArray(value)) return value.map((item: unknown) => hostile(item, key)) as T;
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(
    Object.entries(value).map(([name, inner]) => [name, hostile(inner as unknown, name)]),
  ) as T;
}

let ids = 0;
const stamp = { id: () => `h${(ids += 1)}` as EntryId, now: () => new Date().toISOString() };

afterEach(() => window.history.replaceState(null, '', '/'));

describe('a room of hostile names', () => {
  it.each(SCREENS)('is shown as text: %s', async (_screen, address, make) => {
    window.history.replaceState(null, '', address);
    const session = openSession({ store: memoryStore(memoryPlace()), catalogue, stamp });
    await waitFor(() => expect(session.state.getState().entries).not.toBeNull());
    await session.replaceAll(hostile<Contents>(demoRoom(todayIso())));
    draw(session, make());
    await act(async () => void (await new Promise((resolve) => setTimeout(resolve, 30))));
    expect(document.body.textContent.length).toBeGreaterThan(40);
    expect(document.querySelectorAll('script, iframe, img[src="x"], [onerror], [onload]')).toHaveLength(0);
    cleanup();
  });
  it('is what the screens show: its names stand there', async () => {
    window.history.replaceState(null, '', '/');
    const session = openSession({ store: memoryStore(memoryPlace()), catalogue, stamp });
    await waitFor(() => expect(session.state.getState().entries).not.toBeNull());
    await session.replaceAll(hostile<Contents>(demoRoom(todayIso())));
    const { container } = draw(session, SCREENS[0]![2]());
    expect(container.textContent).toContain(`Skerry${HOSTILE}`);
  });
});
