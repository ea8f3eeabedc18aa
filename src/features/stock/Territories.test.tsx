import { act, screen, waitFor } from '@testing-library/react';
import { changeFloor } from '@/core/commands';
import { room, show, TANK } from '@/testing/inRoom';
import { StockScreen } from './StockScreen';

const listed = (species: string, count: number) => ({ key: species, group: { species, count } });
const CAVE = { kind: 'cave', x: 30, y: 20, lengthCm: 12, widthCm: 10, turned: 0 } as const;

describe('territories of a stock list', () => {
  it('are not spoken of where nobody holds ground', async () => {
    show(await room([], [listed('paracheirodon-innesi', 10)]), <StockScreen />);
    expect(await screen.findByText('Water ranges')).toBeInTheDocument();
    expect(screen.queryByText('Territories')).toBeNull();
  });

  it('say how many holders find ground on this floor', async () => {
    show(await room([], [listed('amphilophus-labiatus', 3)]), <StockScreen />);
    const map = await screen.findByRole('group', { name: /^Territories on the floor from above/ });
    const [, found, all] = /(\d+) of (\d+) holders/.exec(map.getAttribute('aria-label') ?? '') ?? [];
    expect(Number(all)).toBeGreaterThanOrEqual(2);
    expect(Number(found)).toBeLessThan(Number(all));
    expect(map.querySelectorAll('text')).toHaveLength(Number(found));
    expect(screen.getByText(/Nothing stands on the floor map yet/)).toBeInTheDocument();
  });

  it('say who finds no home among what stands on the map', async () => {
    const session = await room([], [listed('neolamprologus-leleupi', 2)]);
    show(session, <StockScreen />);
    await screen.findByText('Territories');
    expect(screen.queryByText(/without cave/)).toBeNull();
    await act(async () => {
      await session.run(
        'Floor',
        changeFloor(session.state.getState().documents, TANK, { pieces: [{ ...CAVE, kind: 'wood' }] }),
      );
    });
    await waitFor(() => expect(screen.getByText(/without cave on the map/)).toBeInTheDocument());
    await act(async () => {
      await session.run(
        'Floor',
        changeFloor(session.state.getState().documents, TANK, {
          pieces: [CAVE, { ...CAVE, x: 150 }, { ...CAVE, x: 90 }],
        }),
      );
    });
    await waitFor(() => expect(screen.queryByText(/without cave/)).toBeNull());
  });
});
