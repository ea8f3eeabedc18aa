import { act, fireEvent, render, screen } from '@testing-library/react';
import { Stepper } from './Stepper';

const LATER_MS = 100;
const field = () => screen.getByRole<HTMLInputElement>('textbox', { name: 'Number of neon tetras' });
const more = () => screen.getByRole('button', { name: 'More neon tetras' });
const fewer = () => screen.getByRole('button', { name: 'Fewer neon tetras' });

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

const laterOn = () => act(() => jest.advanceTimersByTimeAsync(LATER_MS));

test('the number stands in the field at once, and is told of once it is painted', async () => {
  const onChange = jest.fn((how: (value: number) => number) => how(6));
  render(<Stepper label="neon tetras" value={6} onChange={onChange} />);
  fireEvent.click(more());
  expect(field().value).toBe('7');
  expect(onChange).not.toHaveBeenCalled();
  await laterOn();
  expect(onChange.mock.results.map(({ value }) => value)).toEqual([7]);
});

test('presses that follow one another before anything is painted add up, also back again', () => {
  render(<Stepper label="neon tetras" value={6} onChange={() => undefined} />);
  fireEvent.click(more());
  fireEvent.click(more());
  expect(field().value).toBe('8');
  fireEvent.click(fewer());
  expect(field().value).toBe('7');
});

test('what is refused is taken back', async () => {
  render(<Stepper label="neon tetras" value={6} onChange={() => Promise.reject(new Error('no room'))} />);
  fireEvent.click(more());
  expect(field().value).toBe('7');
  await laterOn();
  expect(field().value).toBe('6');
});

test('it ends at its limits, and the button that would go beyond them says so', async () => {
  const onChange = jest.fn();
  const { rerender } = render(<Stepper label="neon tetras" value={2} most={3} onChange={onChange} />);
  fireEvent.click(more());
  fireEvent.click(more());
  expect(field().value).toBe('3');
  rerender(<Stepper label="neon tetras" value={3} most={3} onChange={onChange} />);
  await laterOn();
  expect(more()).toBeDisabled();
  expect(fewer()).toBeEnabled();
});

test('a number that was typed and not taken yet gives way to a press', async () => {
  render(<Stepper label="neon tetras" value={6} onChange={() => undefined} />);
  fireEvent.change(field(), { target: { value: '999999' } });
  expect(screen.getByRole('alert')).toHaveTextContent('A whole number from 1 to 999.');
  fireEvent.click(more());
  await laterOn();
  expect(screen.queryByRole('alert')).toBeNull();
  expect(field().value).toBe('6');
});

describe('under a hand that may press', () => {
  /** The number that the reel shows; null where there is none. */
  const seen = (): string | null =>
    [...document.querySelectorAll<HTMLElement>('[aria-hidden="true"] > span')].find(
      ({ style }) => Number(style.opacity) > 0.5,
    )?.textContent ?? null;
  const six = (onChange: () => unknown = () => undefined) =>
    render(<Stepper label="neon tetras" value={6} onChange={onChange} />);

  test('a reel of numbers turns at once, and the field follows once it is painted', async () => {
    six(() => new Promise(() => undefined));
    expect(seen()).toBeNull();
    act(() => more().focus());
    expect(seen()).toBe('6');
    fireEvent.click(more());
    expect([seen(), field().value]).toEqual(['7', '6']);
    await laterOn();
    expect([seen(), field().value]).toEqual(['7', '7']);
  });

  test('presses beyond its numbers stand in the field, and none of the reel is seen', async () => {
    six(() => new Promise(() => undefined));
    fireEvent.pointerEnter(more().parentElement as HTMLElement);
    for (let i = 0; i < 12; i += 1) fireEvent.click(more());
    expect([seen(), field().value]).toEqual([null, '18']);
    await laterOn();
    expect([seen(), field().value]).toEqual(['18', '18']);
  });

  test('what is refused is turned back', async () => {
    six(() => Promise.reject(new Error('no room')));
    act(() => more().focus());
    fireEvent.click(more());
    expect(seen()).toBe('7');
    await laterOn();
    expect(seen()).toBe('6');
  });

  test('a number that is typed is not covered', () => {
    six();
    act(() => more().focus());
    act(() => field().focus());
    expect(seen()).toBeNull();
    fireEvent.change(field(), { target: { value: '999999' } });
    act(() => more().focus());
    expect([seen(), field().value]).toEqual([null, '999999']);
  });
});
