import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { Boundary } from './Boundary';
import { Dialog } from './Dialog';
import { isBehindDialog, isTyping } from './keys';
import { useKeepFocus } from './keepFocus';

function List() {
  useKeepFocus();
  const [all, setAll] = useState(['a', 'b', 'c']);
  const [full, setFull] = useState(false);
  return (
    <main>
      <input aria-label="Note" />
      <ul>
        {all.map((one) => (
          <li key={one}>
            <button onClick={() => setAll(all.filter((other) => other !== one))}>Remove {one}</button>
          </li>
        ))}
      </ul>
      <button disabled={full} onClick={() => setFull(true)}>
        Level
      </button>
      <button>After</button>
    </main>
  );
}

function Screens({ path }: { readonly path: string }) {
  useKeepFocus();
  return path === '/' ? (
    <main key={path}>
      <button>New tank</button>
    </main>
  ) : (
    <main key={path}>
      <button>Remove tank</button>
    </main>
  );
}

describe('the focus', () => {
  it('begins at the head of another screen, not at what happens to stand in the old place', async () => {
    window.history.replaceState(null, '', '/');
    const { rerender } = render(<Screens path="/" />);
    screen.getByRole('button', { name: 'New tank' }).focus();
    window.history.replaceState(null, '', '/tank');
    rerender(<Screens path="/tank" />);
    await waitFor(() => expect(document.activeElement).toBe(screen.getByRole('main')));
  });

  it('passes to the neighbour when its line is removed, and on to what is left', async () => {
    render(<List />);
    for (const [removed, next] of [
      ['Remove b', 'Remove c'],
      ['Remove c', 'Remove a'],
      ['Remove a', 'Level'],
    ] as const) {
      screen.getByRole('button', { name: removed }).focus();
      await userEvent.keyboard('{Enter}');
      await waitFor(() => expect(screen.getByRole('button', { name: next })).toHaveFocus());
    }
  });
  it('passes on from a button that can no longer be pressed, never into a field', async () => {
    render(<List />);
    screen.getByRole('button', { name: 'Level' }).focus();
    await userEvent.keyboard('{Enter}');
    await waitFor(() => expect(screen.getByRole('button', { name: 'After' })).toHaveFocus());
  });
});

function Asks() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button onClick={() => setOpen(true)}>Ask</button>
      {open && (
        <Dialog open onOpenChange={setOpen} title="A question">
          <input aria-label="Answer" />
        </Dialog>
      )}
    </>
  );
}

describe('a dialog', () => {
  it('has its first field focused, hides keys from the screen behind it, and gives the focus back', async () => {
    render(<Asks />);
    await userEvent.click(screen.getByRole('button', { name: 'Ask' }));
    await waitFor(() => expect(screen.getByLabelText('Answer')).toHaveFocus());
    expect(isTyping(screen.getByLabelText('Answer'))).toBe(true);
    expect(isBehindDialog()).toBe(true);
    await userEvent.keyboard('{Escape}');
    await waitFor(() => expect(screen.getByRole('button', { name: 'Ask' })).toHaveFocus());
    expect(isBehindDialog()).toBe(false);
  });
});

describe('a part that fails', () => {
  let broken = true;
  function Part() {
    if (broken) throw new Error('odd');
    return <p>Here it is.</p>;
  }
  it('says so, leaves the rest, and can be tried again', async () => {
    const silent = jest.spyOn(console, 'error').mockImplementation(() => {});
    render(
      <>
        <Boundary what="The rack">
          <Part />
        </Boundary>
        <p>The rest.</p>
      </>,
    );
    expect(screen.getByRole('alert')).toHaveTextContent(
      'The rack could not be shown. What you recorded is safe.',
    );
    expect(screen.getByText('The rest.')).toBeInTheDocument();
    broken = false;
    await userEvent.click(screen.getByRole('button', { name: 'Try again' }));
    expect(screen.getByText('Here it is.')).toBeInTheDocument();
    silent.mockRestore();
  });
});
