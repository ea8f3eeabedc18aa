import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Dated } from '@/core/events/events';
import type { ResidentId } from '@/core/kernel/schema/ids';
import { appendChange } from '@/session/react/useCommands';
import { individual, room, show, TANK } from '@/testing/inRoom';
import { HierarchyScreen } from './HierarchyScreen';

jest.mock('@/workers/startHierarchy', () =>
  jest.requireActual<typeof import('@/testing/hierarchyHere')>('@/testing/hierarchyHere'),
);

const ago = (days: number, minutes = 0): string =>
  new Date(Date.now() - days * 86_400_000 + minutes * 60_000).toISOString();
const chased = (days: number, minute: number, winner: string, loser: string, more: object = {}): Dated => ({
  type: 'chased',
  on: ago(days, minute),
  tank: TANK,
  watch: 'w',
  winner: winner as ResidentId,
  loser: loser as ResidentId,
  what: 'chase',
  place: '',
  ...more,
});

async function fought(...events: readonly Dated[]) {
  const session = await room(['Sol', 'Torch', 'Brim'].map(individual));
  await session.run(
    'made for a test',
    events.map((event) => appendChange(session, event)),
  );
  return session;
}
const many = (n: number, days: number, winner: string, loser: string) =>
  Array.from({ length: n }, (_, i) => chased(days, i, winner, loser));

afterEach(() => window.history.replaceState(null, '', '/'));

describe('Hierarchy, how sure it is', () => {
  it('brackets those that cannot be told apart, and gives a rank of its own to one that can', async () => {
    show(
      await fought(
        ...many(20, 9, 'torch', 'sol'),
        ...many(20, 8, 'torch', 'brim'),
        ...many(2, 7, 'sol', 'brim'),
        ...many(2, 6, 'brim', 'sol'),
      ),
      <HierarchyScreen />,
    );
    const [ranking] = await screen.findAllByRole('table');
    const rows = within(ranking!).getAllByRole('row').slice(1);
    expect(rows[0]).toHaveTextContent(/^1Torch/);
    expect(rows[1]).toHaveTextContent(/^2 to 3\s*tied/);
    expect(screen.getByText('started', { exact: false, selector: 'p' })).toHaveTextContent(
      /Torch started 91% of the contests/,
    );
  });

  const stepped: Dated = { type: 'stepped-in', on: ago(10), tank: TANK, step: 'rearranged', note: '' };
  const aroundIt = () => fought(...many(6, 20, 'torch', 'sol'), stepped, ...many(4, 5, 'sol', 'torch'));

  it('counts from a step on when asked', async () => {
    window.history.replaceState(null, '', '/hierarchy?tank=T&span=step');
    show(await aroundIt(), <HierarchyScreen />);
    expect(await screen.findByText(/^4 contests among 2 fish/)).toBeInTheDocument();
  });

  it('draws where something was changed', async () => {
    window.history.replaceState(null, '', '/hierarchy?tank=T');
    show(await aroundIt(), <HierarchyScreen />);
    expect(await screen.findByText(/^Upright lines: .* rearranged/)).toBeInTheDocument();
  });

  it('weighs contests by how bad they were when asked', async () => {
    show(
      await fought(
        ...many(6, 9, 'sol', 'torch'),
        ...Array.from({ length: 4 }, (_, i) => chased(8, i, 'torch', 'sol', { what: 'pin', bad: 3 })),
      ),
      <HierarchyScreen />,
    );
    const first = async () => {
      const [ranking] = await screen.findAllByRole('table');
      return within(ranking!).getAllByRole('row')[1]!;
    };
    expect(await first()).toHaveTextContent('Sol');
    await userEvent.click(screen.getByRole('checkbox', { name: /weight by severity/ }));
    await waitFor(async () => expect(await first()).toHaveTextContent('Torch'));
  });

  it('leaves a fish that nobody could tell out of the ranking', async () => {
    show(
      await fought(...many(3, 9, 'sol', 'torch'), chased(8, 1, 'some-male-labidochromis-caeruleus', 'brim')),
      <HierarchyScreen />,
    );
    expect(await screen.findByText(/^3 contests among 2 fish/)).toBeInTheDocument();
    expect(screen.getByText(/Not ranked: Brim/)).toBeInTheDocument();
  });
});
