import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { group, heads, individual, room, show } from '@/testing/inRoom';
import { LeaversScreen } from './LeaversScreen';

describe('Leavers', () => {
  it('wants a taker, then rehomes with the reason', async () => {
    const session = await room([individual('Torch')]);
    show(session, <LeaversScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'It has gone' }));
    expect(await screen.findByText('Who takes it?')).toBeInTheDocument();
    expect(heads(session)).toEqual({ Torch: 1 });
    await userEvent.selectOptions(screen.getByLabelText('Why'), 'bullied');
    await userEvent.type(screen.getByLabelText('Who takes it'), 'Maren');
    await userEvent.click(screen.getByRole('button', { name: 'It has gone' }));
    expect(await screen.findByText(/Torch rehomed to Maren: bullied\./)).toBeInTheDocument();
    expect(heads(session)).toEqual({ Torch: 0 });
  });

  it('lets no more go than there are, nor on a day to come', async () => {
    const session = await room([group('Shoal', 5)], [], 'paracheirodon-innesi');
    show(session, <LeaversScreen />);
    await userEvent.click(screen.getByRole('radio', { name: 'Died' }));
    await userEvent.clear(screen.getByLabelText('How many'));
    await userEvent.type(screen.getByLabelText('How many'), '6');
    await userEvent.click(screen.getByRole('button', { name: 'Record the death' }));
    expect(await screen.findByText('More than there are')).toBeInTheDocument();
    await userEvent.clear(screen.getByLabelText('How many'));
    await userEvent.type(screen.getByLabelText('How many'), '2');
    await userEvent.type(screen.getByLabelText('Cause, as far as known'), 'thin');
    await userEvent.click(screen.getByRole('button', { name: 'Record the death' }));
    await waitFor(() => expect(heads(session)).toEqual({ Shoal: 3 }));
    expect(screen.getByText(/2 of Shoal found dead: thin\./)).toBeInTheDocument();
  });

  it('carries the caution of what is done', async () => {
    show(await room([individual('Torch')]), <LeaversScreen />);
    expect(screen.getByText(/Never into the wild/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('radio', { name: 'Died' }));
    expect(screen.getByText(/Sealed disposal/)).toBeInTheDocument();
    await userEvent.selectOptions(screen.getByLabelText('How'), 'put down');
    expect(screen.getByText(/vet’s advice first/)).toBeInTheDocument();
  });
});
