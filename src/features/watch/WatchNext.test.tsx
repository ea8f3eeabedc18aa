import { screen } from '@testing-library/react';
import type { ResidentId } from '@/core/kernel';
import { appendChange } from '@/session/react/useCommands';
import { useTank } from '@/session/react/useTanks';
import { individual, room, show, TANK } from '@/testing/inRoom';
import { WatchNext } from './WatchNext';

jest.mock('@/workers/startHierarchy', () =>
  jest.requireActual<typeof import('@/testing/hierarchyHere')>('@/testing/hierarchyHere'),
);

function Next() {
  const tank = useTank();
  return tank ? <WatchNext tank={tank} /> : null;
}

it('names the pair whose order is the least sure, by what was seen', async () => {
  const session = await room(['Sol', 'Torch', 'Brim'].map(individual));
  const chased = (winner: string, loser: string, minute: number) =>
    appendChange(session, {
      type: 'chased',
      on: `2026-02-01T10:${String(minute).padStart(2, '0')}:00.000Z`,
      tank: TANK,
      watch: 'w',
      winner: winner as ResidentId,
      loser: loser as ResidentId,
      what: 'chase',
      place: '',
    });
  await session.run('made for a test', [
    ...Array.from({ length: 12 }, (_, i) => chased('sol', 'torch', i)),
    ...Array.from({ length: 12 }, (_, i) => chased('sol', 'brim', 20 + i)),
  ]);
  show(session, <Next />);
  expect(
    await screen.findByText(/^Watch for (Torch and Brim|Brim and Torch) \(never met\)/),
  ).toBeInTheDocument();
});
