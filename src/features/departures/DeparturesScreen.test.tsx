import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { group, heads, individual, room, show } from '@/testing/inRoom';
import type { ResidentId } from '@/core/kernel/schema/ids';
import { appendChange } from '@/session/react/useCommands';
import { DeparturesScreen } from './DeparturesScreen';

describe('Departures', () => {
  it('wants a taker, then rehomes with the reason', async () => {
    const session = await room([individual('Torch')]);
    show(session, <DeparturesScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'Record rehoming' }));
    expect(await screen.findByText('Type who takes Torch.')).toBeInTheDocument();
    expect(heads(session)).toEqual({ Torch: 1 });
    await userEvent.selectOptions(screen.getByLabelText('Why'), 'bullied');
    await userEvent.type(screen.getByLabelText('New keeper'), 'Maren');
    await userEvent.click(screen.getByRole('button', { name: 'Record rehoming' }));
    expect(await screen.findByText(/Rehomed Torch to Maren: bullied\./)).toBeInTheDocument();
    expect(heads(session)).toEqual({ Torch: 0 });
  });

  it('lets no more go than there are, nor on a day to come', async () => {
    const session = await room([group('Shoal', 5)], [], 'paracheirodon-innesi');
    show(session, <DeparturesScreen />);
    await userEvent.click(screen.getByRole('radio', { name: 'Died' }));
    await userEvent.clear(screen.getByLabelText('How many'));
    await userEvent.type(screen.getByLabelText('How many'), '6');
    await userEvent.click(screen.getByRole('button', { name: 'Record death' }));
    expect(await screen.findByText('Only 5 are here.')).toBeInTheDocument();
    await userEvent.clear(screen.getByLabelText('How many'));
    await userEvent.type(screen.getByLabelText('How many'), '2');
    await userEvent.type(screen.getByLabelText('Cause, if known'), 'thin');
    await userEvent.click(screen.getByRole('button', { name: 'Record death' }));
    await waitFor(() => expect(heads(session)).toEqual({ Shoal: 3 }));
    expect(screen.getByText(/2 of Shoal found dead: thin\./)).toBeInTheDocument();
  });

  it('means the fish that it shows when the one before has left', async () => {
    const session = await room([individual('Torch'), individual('Wick')]);
    show(session, <DeparturesScreen />);
    await userEvent.click(screen.getByRole('radio', { name: 'Died' }));
    await userEvent.selectOptions(screen.getByLabelText('Who'), 'Torch');
    await userEvent.click(screen.getByRole('button', { name: 'Record death' }));
    await waitFor(() => expect(heads(session)).toEqual({ Torch: 0, Wick: 1 }));
    expect(screen.getByLabelText('Who')).toHaveValue('wick');
    await userEvent.click(screen.getByRole('button', { name: 'Record death' }));
    await waitFor(() => expect(heads(session)).toEqual({ Torch: 0, Wick: 0 }));
  });

  it('says at its field what the gate refuses, and keeps what was typed', async () => {
    const session = await room([individual('Torch')]);
    show(session, <DeparturesScreen />);
    await userEvent.click(screen.getByRole('radio', { name: 'Died' }));
    fireEvent.change(screen.getByLabelText('Day'), { target: { value: '2026-01-09' } });
    await userEvent.type(screen.getByLabelText('Cause, if known'), 'jumped');
    await userEvent.click(screen.getByRole('button', { name: 'Record death' }));
    expect(await screen.findByText('The arrival was on 10 Jan. Choose that or later.')).toBe(
      document.getElementById(screen.getByLabelText('Day').getAttribute('aria-describedby')!),
    );
    expect(screen.getByLabelText('Cause, if known')).toHaveValue('jumped');
    expect(heads(session)).toEqual({ Torch: 1 });
  });

  it('carries the caution of what is done', async () => {
    show(await room([individual('Torch')]), <DeparturesScreen />);
    expect(screen.getByText(/Never release fish into the wild/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('radio', { name: 'Died' }));
    expect(screen.getByText(/Dispose sealed/)).toBeInTheDocument();
    await userEvent.selectOptions(screen.getByLabelText('How'), 'put down');
    expect(screen.getByText(/Ask a vet first/)).toBeInTheDocument();
  });

  it('keeps those that wait until a taker is found, and lets them stay after all', async () => {
    const session = await room([group('Shoal', 5)], [], 'paracheirodon-innesi');
    const toGo = () => Object.values(session.state.getState().room.residents)[0]?.toGo;
    await session.run('To go', [
      appendChange(session, {
        type: 'to-go',
        on: '2026-02-01T10:00:00.000Z',
        resident: 'shoal' as ResidentId,
        count: 3,
        reason: 'surplus',
        taker: '',
        note: 'Too many for the next tank.',
      }),
    ]);
    show(session, <DeparturesScreen />);
    const waiting = screen.getByRole('list', { name: 'To rehome' });
    expect(waiting).toHaveTextContent(/surplus\..*Too many for the next tank/);
    expect(within(waiting).queryByRole('button', { name: 'Record rehoming' })).toBeNull();
    await userEvent.type(within(waiting).getByLabelText(/New keeper/), 'Maren{Enter}');
    await userEvent.click(await within(waiting).findByRole('button', { name: 'Record rehoming' }));
    await waitFor(() => expect(heads(session)).toEqual({ Shoal: 2 }));
    expect(toGo()).toBeNull();
    await session.undo();
    await userEvent.click(await screen.findByRole('button', { name: 'Keep after all' }));
    await waitFor(() => expect(toGo()).toBeNull());
    expect(heads(session)).toEqual({ Shoal: 5 });
  });
});
