import { act, render, screen } from '@testing-library/react';
import { useAfterPaint } from './useAfterPaint';

function Shown({ value }: { readonly value: string }) {
  const later = useAfterPaint(value);
  return (
    <p>
      {value} then {later}
    </p>
  );
}

describe('a value after the paint', () => {
  it('is the former one in the frame of the change, and follows after it', async () => {
    const { rerender } = render(<Shown value="a" />);
    expect(screen.getByText('a then a')).toBeInTheDocument();
    rerender(<Shown value="b" />);
    expect(screen.getByText('b then a')).toBeInTheDocument();
    expect(await screen.findByText('b then b')).toBeInTheDocument();
  });
  it('that changed again before is the newest', async () => {
    const { rerender } = render(<Shown value="a" />);
    rerender(<Shown value="b" />);
    rerender(<Shown value="c" />);
    expect(screen.getByText('c then a')).toBeInTheDocument();
    await act(() => new Promise((resolve) => setTimeout(resolve, 100)));
    expect(screen.getByText('c then c')).toBeInTheDocument();
  });
});
