import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { newTank, stepIn } from '@/core/commands';
import { putChange } from '@/core/commands/documentChanges';
import type { DocumentId, ResidentId, TankId } from '@/core/kernel';
import { useTank } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { individual, room, show, TANK } from '@/testing/inRoom';
import { BackOut } from './BackOut';

const SOL = 'sol' as ResidentId;
const QUAY = 'Q' as TankId;

function Back() {
  const tank = useTank();
  return tank ? <BackOut tank={tank} resident="sol" /> : null;
}

async function setAside(into: TankId | '') {
  const session = await room([individual('Sol'), individual('Torch')]);
  const quay = newTank('Quay', 'quarantine', { lengthCm: 60, widthCm: 30, heightCm: 30 }, 2);
  await session.run('a second tank', [putChange('tank', 'Q' as DocumentId, quay)]);
  await session.run(
    'aside',
    stepIn(
      {
        tank: TANK,
        tankName: 'Holm',
        steps: ['box or divider'],
        on: '2026-02-01T18:00:00.000Z',
        note: '',
        who: SOL,
        into,
        until: '',
      },
      session.stamp,
    ),
  );
  show(session, <Back />);
  return session;
}
const sol = (session: Awaited<ReturnType<typeof setAside>>) => session.state.getState().room.residents['sol'];

describe('a fish that was put aside', () => {
  it('comes out of its box with one press, on the day it did', async () => {
    const session = await setAside('');
    expect(sol(session)?.boxed).toMatchObject({ since: '2026-02-01T18:00:00.000Z' });
    const day = screen.getByLabelText('Day');
    expect(day).toHaveValue(todayIso());
    fireEvent.change(day, { target: { value: '2026-02-09' } });
    await userEvent.click(screen.getByRole('button', { name: 'Sol out of the box' }));
    await waitFor(() => expect(sol(session)?.boxed).toBeNull());
    const last = session.state.getState().entries?.at(-1);
    expect(last?.on.slice(0, 10)).toMatch(/^2026-02-0[89]$/);
    await session.undo();
    expect(sol(session)?.boxed).not.toBeNull();
  });
  it('is not let out on a day to come', async () => {
    await setAside('');
    const day = screen.getByLabelText('Day');
    fireEvent.change(day, { target: { value: '2090-01-01' } });
    expect(screen.getByRole('alert')).toHaveTextContent('Choose today or earlier.');
    expect(screen.getByRole('button', { name: 'Sol out of the box' })).toBeDisabled();
  });
  it('comes back from another tank', async () => {
    const session = await setAside(QUAY);
    expect(sol(session)?.tank).toBe(QUAY);
    await userEvent.click(screen.getByRole('button', { name: 'Sol back into Holm' }));
    await waitFor(() => expect(sol(session)?.tank).toBe(TANK));
  });
});
