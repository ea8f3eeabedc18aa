import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Happening } from '@/core/events';
import type { ResidentId } from '@/core/kernel';
import { useRoomState } from '@/session/react/RoomProvider';
import { heads, individual, room, show, TANK } from '@/testing/inRoom';
import { BackAgain } from './BackAgain';

function Sol({ hasBrood = false }: { readonly hasBrood?: boolean }) {
  const sol = useRoomState((state) => state.room.residents['sol']);
  return sol ? <BackAgain resident={sol} hasBrood={hasBrood} /> : null;
}
const SOL = 'sol' as ResidentId;

async function after(...happenings: Happening[]) {
  const session = await room([individual('Sol'), individual('Torch')]);
  for (const happening of happenings)
    await session.run('told', [
      {
        kind: 'append',
        entry: {
          ...happening,
          id: session.stamp.id(),
          on: session.stamp.now(),
          recorded: session.stamp.now(),
        } as never,
      },
    ]);
  show(session, <Sol />);
  return session;
}

describe('back again, with one press', () => {
  it('offers nothing where nothing is to be taken back', async () => {
    await after();
    expect(screen.queryByRole('button')).toBeNull();
  });
  it.each<[string, Happening]>([
    ['Found alive', { type: 'died', resident: SOL, count: 1, how: 'missing', cause: '', note: '' }],
    [
      'Came back',
      { type: 'rehomed', resident: SOL, count: 1, reason: 'too rough', taker: 'Maren', credit: '', note: '' },
    ],
  ])('%s', async (name, happening) => {
    const session = await after(happening);
    expect(heads(session)['Sol']).toBe(0);
    await userEvent.click(screen.getByRole('button', { name }));
    await waitFor(() => expect(heads(session)['Sol']).toBe(1));
    await session.undo();
    expect(heads(session)['Sol']).toBe(0);
  });
  it('Brood lost, by the fish whose brood it was', async () => {
    const session = await room([individual('Sol')]);
    show(session, <Sol hasBrood />);
    await userEvent.click(screen.getByRole('button', { name: 'Brood lost' }));
    await waitFor(() =>
      expect(session.state.getState().entries?.at(-1)).toMatchObject({
        type: 'brood-lost',
        parents: [SOL],
        how: 'not known',
      }),
    );
  });
  it('Out of the box, Pair parted', async () => {
    const session = await after(
      { type: 'stepped-in', tank: TANK, step: 'box or divider', note: '', who: SOL },
      { type: 'paired', first: SOL, second: 'torch' as ResidentId, note: '' },
    );
    await userEvent.click(screen.getByRole('button', { name: 'Out of the box' }));
    await userEvent.click(await screen.findByRole('button', { name: 'Pair parted' }));
    await waitFor(() => expect(screen.queryByRole('button')).toBeNull());
    const { residents } = session.state.getState().room;
    expect([residents['sol']?.boxed, residents['torch']?.pairedWith]).toEqual([null, null]);
  });
});
