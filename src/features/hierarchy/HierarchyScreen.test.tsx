import { screen, within } from '@testing-library/react';
import type { ResidentId } from '@/core/kernel/schema/ids';
import { individual, room, show, TANK } from '@/testing/inRoom';
import type { Session } from '@/session/types';
import { HierarchyScreen } from './HierarchyScreen';

jest.mock('@/workers/startHierarchy', () =>
  jest.requireActual<typeof import('@/testing/hierarchyHere')>('@/testing/hierarchyHere'),
);

async function contested(
  session: Session,
  ...pairs: readonly (readonly [string, string])[]
): Promise<Session> {
  for (const [winner, loser] of pairs) {
    await session.run('chase', [
      {
        kind: 'append',
        entry: {
          id: session.stamp.id(),
          recorded: session.stamp.now(),
          type: 'chased',
          on: session.stamp.now(),
          tank: TANK,
          watch: 'w',
          winner: winner as ResidentId,
          loser: loser as ResidentId,
          what: 'chase',
          place: '',
        },
      },
    ]);
  }
  return session;
}

describe('Order', () => {
  it('says what to do while there is no contest', async () => {
    show(await room([individual('Sol'), individual('Torch')]), <HierarchyScreen />);
    expect(await screen.findByRole('link', { name: 'Watch for ten minutes' })).toHaveAttribute(
      'href',
      '/watch?tank=T',
    );
  });

  it('puts the winner on top, says that few is few, and keeps the unknown unknown', async () => {
    const session = await room([
      individual('Sol'),
      individual('Torch'),
      individual('Brim'),
      individual('Lye'),
    ]);
    await contested(session, ['torch', 'sol'], ['torch', 'sol'], ['sol', 'brim']);
    show(session, <HierarchyScreen />);
    const [ranking, whoWhom] = await screen.findAllByRole('table');
    expect(
      within(ranking!)
        .getAllByRole('row')
        .slice(1)
        .map((row) => row.textContent),
    ).toEqual([
      expect.stringContaining('Torch'),
      expect.stringContaining('Sol'),
      expect.stringContaining('Brim'),
    ]);
    expect(
      screen.getByText('3 contests among 3 fish is few (under 10 a fish): ranks may change.'),
    ).toBeInTheDocument();
    expect(
      screen.getByText('1 pair of these fish never met; their other contests rank them.'),
    ).toBeInTheDocument();
    expect(screen.getByText(/Not ranked: Lye/)).toBeInTheDocument();
    expect(within(whoWhom!).getByTitle('Torch over Sol: 2')).toHaveTextContent('2');
    expect(within(whoWhom!).getByTitle('Torch and Brim never met')).toHaveTextContent('?');
  });
});
