import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { NewVersion } from './NewVersion';

/** A browser with this registration. */
function browser(registration: object) {
  const container = Object.assign(new EventTarget(), { ready: Promise.resolve(registration) });
  Object.defineProperty(navigator, 'serviceWorker', { value: container, configurable: true });
  return container;
}
const worker = () => Object.assign(new EventTarget(), { postMessage: jest.fn() });
const registration = (parts: object) => Object.assign(new EventTarget(), parts);

describe('NewVersion', () => {
  it('says that a version waits, and tells it to take over at a press', async () => {
    const waiting = worker();
    browser(registration({ active: worker(), waiting, installing: null }));
    render(<NewVersion />);
    await userEvent.click(await screen.findByRole('button', { name: 'Update now' }));
    expect(waiting.postMessage).toHaveBeenCalledWith('take over');
  });
  it('hears of one that comes while the page is open', async () => {
    const installing = worker();
    const one = registration({ active: worker(), waiting: null as unknown, installing });
    browser(one);
    render(<NewVersion />);
    await waitFor(() => expect(screen.queryByRole('status')).toBeNull());
    await new Promise((resolve) => setTimeout(resolve, 0));
    one.dispatchEvent(new Event('updatefound'));
    Object.assign(one, { waiting: installing });
    installing.dispatchEvent(new Event('statechange'));
    expect(await screen.findByRole('status')).toHaveTextContent(/newer version/);
  });
  it('is silent about the first version of all', async () => {
    const first = registration({ active: null, waiting: worker(), installing: null });
    browser(first);
    render(<NewVersion />);
    await new Promise((resolve) => setTimeout(resolve, 0));
    expect(screen.queryByRole('status')).toBeNull();
  });
});
