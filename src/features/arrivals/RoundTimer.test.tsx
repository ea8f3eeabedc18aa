import { act, render, screen } from '@testing-library/react';
import { fireEvent } from '@testing-library/react';
import { RoundTimer } from './RoundTimer';

const MINUTE = 60_000;

describe('Rounds of mixing', () => {
  beforeEach(() => {
    jest.useFakeTimers();
    window.localStorage.clear();
  });
  afterEach(() => {
    jest.useRealTimers();
  });

  it('run five minutes each, survive a reload, and end', () => {
    const { unmount } = render(<RoundTimer rounds={2} add="1.5 L" />);
    fireEvent.click(screen.getByRole('button', { name: 'Start rounds' }));
    expect(screen.getByRole('timer')).toHaveTextContent('Round 1 of 2: 1.5 L now. Next in 5:00');
    act(() => void jest.advanceTimersByTime(2 * MINUTE));
    expect(screen.getByRole('timer')).toHaveTextContent('Next in 3:00');
    unmount();
    act(() => void jest.advanceTimersByTime(4 * MINUTE));
    render(<RoundTimer rounds={2} add="1.5 L" />);
    expect(screen.getByRole('timer')).toHaveTextContent('Round 2 of 2');
    act(() => void jest.advanceTimersByTime(5 * MINUTE));
    expect(screen.getByText('All rounds done: release the fish.')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Done' }));
    expect(screen.getByRole('button', { name: 'Start rounds' })).toBeInTheDocument();
    expect(window.localStorage).toHaveLength(0);
  });
});
