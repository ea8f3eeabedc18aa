import { act, fireEvent, render, screen } from '@testing-library/react';
import { StepsWait } from './StepsWait';
import { REST_MS, useInSteps } from './useInSteps';

type Begin = () => Generator<undefined, string> | Promise<Generator<undefined, string>>;

function* saying(text: string): Generator<undefined, string> {
  yield;
  return text;
}
function* breaking(): Generator<undefined, string> {
  throw new TypeError('a sum went wrong');
}

function Answer({ begin }: { readonly begin: Begin }) {
  const asked = useInSteps(begin);
  return asked.current ? (
    <p>{asked.last}</p>
  ) : (
    <>
      <p>before: {asked.last ?? 'none'}</p>
      <StepsWait of={asked}>Working…</StepsWait>
    </>
  );
}

const rest = () => act(() => jest.advanceTimersByTimeAsync(REST_MS + 50));
beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

it('waits while one types, and then answers', async () => {
  const begin: Begin = () => saying('six neons');
  render(<Answer begin={begin} />);
  expect(screen.getByText('Working…')).toBeInTheDocument();
  await act(() => jest.advanceTimersByTimeAsync(REST_MS - 50));
  expect(screen.getByText('Working…')).toBeInTheDocument();
  await rest();
  expect(screen.getByText('six neons')).toBeInTheDocument();
});

it.each<[string, Begin]>([
  ['the work fails', breaking],
  ['what it needs cannot be loaded', () => Promise.reject(new Error('no such part'))],
])('says so where %s, and tries again when asked', async (_, broken) => {
  let next: Begin = broken;
  const begin: Begin = () => next();
  render(<Answer begin={begin} />);
  await rest();
  expect(screen.getByRole('alert')).toHaveTextContent(/could not be worked out. Nothing was lost/);
  next = () => saying('six neons');
  fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
  expect(screen.getByText('Working…')).toBeInTheDocument();
  await rest();
  expect(screen.getByText('six neons')).toBeInTheDocument();
});

it('forgets a failure with the question that failed, and keeps the last answer meanwhile', async () => {
  const { rerender } = render(<Answer begin={QUESTIONS.neons} />);
  await rest();
  rerender(<Answer begin={breaking} />);
  await rest();
  expect(screen.getByRole('alert')).toBeInTheDocument();
  expect(screen.getByText('before: six neons')).toBeInTheDocument();
  rerender(<Answer begin={QUESTIONS.corys} />);
  expect(screen.queryByRole('alert')).toBeNull();
  await rest();
  expect(screen.getByText('eight corys')).toBeInTheDocument();
});
const QUESTIONS: Readonly<Record<'neons' | 'corys', Begin>> = {
  neons: () => saying('six neons'),
  corys: () => saying('eight corys'),
};
