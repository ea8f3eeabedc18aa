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
