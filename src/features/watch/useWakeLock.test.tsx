import { act, render } from '@testing-library/react';
import { useWakeLock } from './useWakeLock';

function Screen({ isWanted }: { readonly isWanted: boolean }) {
  useWakeLock(isWanted);
  return null;
}

function lockable(request: jest.Mock) {
  Object.defineProperty(navigator, 'wakeLock', { value: { request }, configurable: true });
}
afterEach(() => Reflect.deleteProperty(navigator, 'wakeLock'));
const settled = () => act(async () => void (await Promise.resolve()));

describe('a screen that stays awake', () => {
  it('is asked for while it is wanted, and let go after', async () => {
    const release = jest.fn(() => Promise.resolve());
    const request = jest.fn(() => Promise.resolve({ release }));
    lockable(request);
    const { rerender } = render(<Screen isWanted={false} />);
    expect(request).not.toHaveBeenCalled();
    rerender(<Screen isWanted />);
    await settled();
    expect(request).toHaveBeenCalledWith('screen');
    rerender(<Screen isWanted={false} />);
    await settled();
    expect(release).toHaveBeenCalledTimes(1);
  });
  it('is asked for again when the page comes back into view', async () => {
    const request = jest.fn(() => Promise.resolve({ release: () => Promise.resolve() }));
    lockable(request);
    render(<Screen isWanted />);
    await settled();
    act(() => void document.dispatchEvent(new Event('visibilitychange')));
    await settled();
    expect(request).toHaveBeenCalledTimes(2);
  });
  it('goes dark as always where it is refused, or where the browser cannot', async () => {
    lockable(jest.fn(() => Promise.reject(new Error('low battery'))));
    expect(() => render(<Screen isWanted />)).not.toThrow();
    await settled();
    Reflect.deleteProperty(navigator, 'wakeLock');
    expect(() => render(<Screen isWanted />)).not.toThrow();
  });
});
