import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { TankView } from '@/session/react/useTanks';
import { addDays } from '@/core/kernel';
import { dayOf, todayIso } from '@/session/today';
import { room, show, TANK } from '@/testing/inRoom';
import { CareCard } from './CareCard';

describe('Maintenance', () => {
  it('is taken up with one press, done with another, and let go', async () => {
    const session = await room();
    const tank: TankView = { id: TANK, body: { name: 'Holm' } as TankView['body'] };
    show(session, <CareCard tank={tank} />);
    await userEvent.click(screen.getByRole('button', { name: /Rinse the sponge/ }));
    expect(await screen.findByText(/every 30 days; in 30 days/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Done: Rinse the sponge in tank water' }));
    await waitFor(() =>
      expect(session.state.getState().entries?.at(-1)).toMatchObject({
        type: 'noted',
        text: 'Rinse the sponge in tank water.',
      }),
    );
    await userEvent.click(screen.getByRole('button', { name: 'Remove: Rinse the sponge in tank water' }));
    await waitFor(() => expect(screen.queryByText(/in 30 d/)).toBeNull());
  });

  it('was done on the day that is said: it comes round from there', async () => {
    const session = await room();
    show(session, <CareCard tank={{ id: TANK, body: { name: 'Holm' } as TankView['body'] }} />);
    await userEvent.click(screen.getByRole('button', { name: /Rinse the sponge/ }));
    const day = addDays(todayIso(), -10);
    fireEvent.change(await screen.findByLabelText('Done on'), { target: { value: day } });
    await userEvent.click(screen.getByRole('button', { name: 'Done: Rinse the sponge in tank water' }));
    expect(await screen.findByText(/every 30 days; in 20 days/)).toBeInTheDocument();
    expect(dayOf(session.state.getState().entries?.at(-1)?.on ?? '')).toBe(day);
  });

  it('takes what the keeper names, and refuses days that are none', async () => {
    const session = await room();
    show(session, <CareCard tank={{ id: TANK, body: { name: 'Holm' } as TankView['body'] }} />);
    await userEvent.type(screen.getByLabelText('Something else'), 'Trim the moss');
    await userEvent.clear(screen.getByLabelText('Every, days'));
    await userEvent.type(screen.getByLabelText('Every, days'), '0');
    await userEvent.click(screen.getByRole('button', { name: 'Add' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('Type a whole number from 1 to 730.');
    expect(screen.queryByText(/Trim the moss/)).toBeNull();
    await userEvent.clear(screen.getByLabelText('Every, days'));
    await userEvent.type(screen.getByLabelText('Every, days'), '14');
    await userEvent.click(screen.getByRole('button', { name: 'Add' }));
    expect(await screen.findByText(/every 14 days/)).toBeInTheDocument();
  });
});
