import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { RecordKind } from '@/core/commands';
import { addDays } from '@/core/kernel';
import { group, heads, individual, room, show } from '@/testing/inRoom';
import { dayOf, todayIso } from '../today';
import { ResidentDialog } from './ResidentDialog';

async function open(first: RecordKind, member = individual('Sol')) {
  const session = await room([member, individual('Torch')]);
  const resident = session.state.getState().room.residents[member.id];
  if (!resident) throw new Error('nobody');
  const onClose = jest.fn();
  show(session, <ResidentDialog resident={resident} first={first} onClose={onClose} />);
  return { session, onClose };
}
const last = ({ session }: Awaited<ReturnType<typeof open>>) => session.state.getState().entries?.at(-1);

describe('a record about a fish', () => {
  it('holds from the day on which it was so', async () => {
    const opened = await open('measured');
    await userEvent.type(screen.getByLabelText('Length'), '7 cm');
    fireEvent.change(screen.getByLabelText('Day'), { target: { value: '2026-02-03' } });
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(opened.onClose).toHaveBeenCalled());
    expect(last(opened)).toMatchObject({ type: 'measured', lengthCm: 7 });
    expect(dayOf(last(opened)?.on ?? '')).toBe('2026-02-03');
  });
  it('is of today where nobody says another day, and of no day to come', async () => {
    const opened = await open('named');
    expect(screen.getByLabelText('Day')).toHaveValue(todayIso());
    await userEvent.type(screen.getByLabelText('Name or mark'), 'Sun');
    fireEvent.change(screen.getByLabelText('Day'), { target: { value: addDays(todayIso(), 1) } });
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(screen.getByRole('alert')).toHaveTextContent('Choose today or earlier.'));
    expect(opened.onClose).not.toHaveBeenCalled();
  });
  it('is refused before the fish came', async () => {
    const opened = await open('measured');
    await userEvent.type(screen.getByLabelText('Length'), '7 cm');
    fireEvent.change(screen.getByLabelText('Day'), { target: { value: '2025-12-24' } });
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(screen.getByRole('alert')).toBeInTheDocument());
    expect(opened.onClose).not.toHaveBeenCalled();
  });
  it('puts the number of a group right, with the reason', async () => {
    const opened = await open('number corrected', group('Shoal', 8));
    expect(screen.getByText('8 on record')).toBeInTheDocument();
    await userEvent.type(screen.getByLabelText('How many'), '11');
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    expect(opened.onClose).not.toHaveBeenCalled();
    await userEvent.selectOptions(screen.getByLabelText('Reason'), 'born here');
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(heads(opened.session)['Shoal']).toBe(11));
    await opened.session.undo();
    expect(heads(opened.session)['Shoal']).toBe(8);
  });
});
