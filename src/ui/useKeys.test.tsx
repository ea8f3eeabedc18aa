import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useCallback, useState } from 'react';
import { Dialog } from './Dialog';
import { useKeys } from './useKeys';

function Counter({
  isOn = true,
  hasDialog = false,
}: {
  readonly isOn?: boolean;
  readonly hasDialog?: boolean;
}) {
  const [heard, setHeard] = useState('');
  useKeys(
    useCallback((key) => {
      if (!/^[ab]$/.test(key)) return false;
      setHeard((before) => before + key);
      return true;
    }, []),
    isOn,
  );
  return (
    <>
      <input aria-label="field" />
      <output>{heard}</output>
      {hasDialog && (
        <Dialog open title="A question">
          <button type="button">Yes</button>
        </Dialog>
      )}
    </>
  );
}
const heard = () => document.querySelector('output')?.textContent;

describe('single keys of a screen', () => {
  it('are heard, others are left alone', async () => {
    render(<Counter />);
    await userEvent.keyboard('axb');
    expect(heard()).toBe('ab');
  });
  it('are not heard in a field, with Ctrl, or when they are turned off', async () => {
    const { rerender } = render(<Counter />);
    await userEvent.type(screen.getByLabelText('field'), 'ab');
    expect(screen.getByLabelText('field')).toHaveValue('ab');
    await userEvent.click(document.body);
    await userEvent.keyboard('{Control>}a{/Control}');
    rerender(<Counter isOn={false} />);
    await userEvent.keyboard('ab');
    expect(heard()).toBe('');
  });
  it('are not heard behind a dialog; one that has to be answered is left neither by Escape nor by a button', async () => {
    render(<Counter hasDialog />);
    await userEvent.keyboard('a{Escape}');
    expect(heard()).toBe('');
    expect(screen.getByRole('dialog', { name: 'A question' })).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: 'Close' })).toBeNull();
  });
});
