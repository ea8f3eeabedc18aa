import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { tankChange } from '@/core/commands';
import type { TankId } from '@/core/kernel';
import { useTanks } from '@/session/react/useTanks';
import { room, show } from '@/testing/inRoom';
import type { Session } from '@/session/types';
import { ArrangeDialog } from './ArrangeDialog';
import { Rack } from './Rack';

function Here() {
  return <Rack tanks={useTanks()} chosen="T" />;
}

/** The room of one tank, with so many more; every third is for quarantine. */
async function roomOf(more: number): Promise<Session> {
  const session = await room();
  const holm = session.state.getState().documents['T'];
  if (holm?.kind !== 'tank' || !holm.body) throw new Error('no tank');
  const { body } = holm;
  await session.run(
    'tanks',
    Array.from({ length: more }, (_, at) =>
      tankChange(`t${at}` as TankId, {
        ...body,
        name: `Shelf ${at}`,
        order: at + 2,
        purpose: at % 3 === 0 ? 'quarantine' : 'display',
      }),
    ),
  );
  return session;
}
const names = (): readonly (string | null)[] =>
  screen.getAllByRole('link').map((link) => link.querySelector('.font-semibold')?.textContent ?? null);

describe('the rack', () => {
  it('is a plain list while it is short', async () => {
    show(await roomOf(3), <Here />);
    expect(names()).toEqual(['Holm', 'Shelf 0', 'Shelf 1', 'Shelf 2']);
    expect(screen.queryByRole('searchbox')).toBeNull();
  });
  it('of thirty tanks is grouped by purpose, and finds one by name', async () => {
    show(await roomOf(29), <Here />);
    expect(screen.getByText('Display (20)')).toBeInTheDocument();
    expect(screen.getByText('Quarantine (10)')).toBeInTheDocument();
    await userEvent.type(screen.getByRole('searchbox', { name: 'Find a tank' }), 'shelf 27');
    expect(names()).toEqual(['Shelf 27']);
    await userEvent.type(screen.getByRole('searchbox', { name: 'Find a tank' }), 'x');
    expect(screen.getByText('No tank of this name.')).toBeInTheDocument();
  });
  it('is ordered by presses, and an undo takes each back', async () => {
    const session = await roomOf(2);
    show(session, <ArrangeDialog onClose={() => undefined} />);
    await userEvent.click(screen.getByRole('button', { name: 'Shelf 1 up' }));
    const order = () => screen.getAllByRole('listitem').map((item) => item.textContent);
    await screen.findByRole('button', { name: 'Shelf 1 up' });
    expect(order()).toEqual(['Holm display', 'Shelf 1 display', 'Shelf 0 quarantine']);
    await session.undo();
    expect(order()[1]).toBe('Shelf 0 quarantine');
    expect(screen.getByRole('button', { name: 'Holm up' })).toBeDisabled();
  });
});
