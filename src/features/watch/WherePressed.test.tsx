import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { changeFloor } from '@/core/commands';
import type { TankId } from '@/core/kernel';
import { individual, room, show } from '@/testing/inRoom';
import { WatchScreen } from './WatchScreen';

const TANK = 'T' as TankId;
const ROCK = { kind: 'rock', x: 30, y: 20, lengthCm: 20, widthCm: 14, turned: 0 } as const;

/** A tank with a floor map, on a page where the map has a size. */
async function withMap() {
  const session = await room([individual('Sol'), individual('Torch')]);
  await session.run('Floor', changeFloor(session.state.getState().documents, TANK, { pieces: [ROCK] }));
  show(session, <WatchScreen />);
  const map = screen.getByRole('group', { name: /press the floor/ });
  const [, , length, width] = map.getAttribute('viewBox')!.split(' ').map(Number) as [
    number,
    number,
    number,
    number,
  ];
  map.getBoundingClientRect = () => new DOMRect(0, 0, length * 2, width * 2);
  return { session, map, length, width };
}

/** The page of the tests has no pointer events of its own that know where they are. */
const pressAt = (map: Element, clientX: number, clientY: number) =>
  fireEvent(map, new MouseEvent('pointerdown', { bubbles: true, clientX, clientY }));

describe('where it happened', () => {
  it('is a press on the floor map, kept with the contest', async () => {
    const { map, session, width } = await withMap();
    pressAt(map, 50, (width - 12) * 2);
    const place = '25 cm from the left, 12 cm from the front';
    expect(screen.getByText(place)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: /^Torch/ }));
    await userEvent.click(screen.getByRole('button', { name: /^Sol/ }));
    await waitFor(() => expect(screen.getByTestId('logged')).toHaveTextContent(place));
    expect(session.state.getState().entries?.at(-1)).toMatchObject({ type: 'chased', place });
  });
  it('is told by arrows as well, from the middle, and stays within the walls', async () => {
    const { map, length, width } = await withMap();
    fireEvent.keyDown(map, { key: 'ArrowRight' });
    fireEvent.keyDown(map, { key: 'ArrowUp', shiftKey: true });
    const [x, y] = [Math.round(length / 2 + 5), Math.round(width / 2 + 1)];
    expect(screen.getByText(`${x} cm from the left, ${y} cm from the front`)).toBeInTheDocument();
    for (let i = 0; i < 60; i += 1) fireEvent.keyDown(map, { key: 'ArrowLeft' });
    expect(screen.getByText(`0 cm from the left, ${y} cm from the front`)).toBeInTheDocument();
  });
  it('can be taken back, or told by one of six places of the front', async () => {
    const { map } = await withMap();
    pressAt(map, 50, 10);
    await userEvent.click(screen.getByRole('button', { name: 'no place' }));
    expect(screen.queryByText(/cm from the left/)).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'front, six places' }));
    await userEvent.click(screen.getByRole('button', { name: 'left, floor' }));
    expect(screen.getByRole('button', { name: 'left, floor' })).toHaveAttribute('aria-pressed', 'true');
  });
  it('draws who was seen to hold ground where it does', async () => {
    const { session } = await withMap();
    await userEvent.click(screen.getByRole('button', { name: /^Torch/ }));
    await userEvent.click(screen.getByRole('button', { name: 'holds territory' }));
    await waitFor(() =>
      expect(session.state.getState().entries?.at(-1)).toMatchObject({ what: 'holds ground' }),
    );
  });
});
