import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { changeFloor, changeSettings, ofTank } from '@/core/commands';
import type { DocumentBodies } from '@/core/records';
import { DEFAULT_SETTINGS } from '@/core/records';
import type { Piece } from '@/core/sightlines';
import { useTank } from '@/session/react/useTanks';
import { room, show, TANK } from '@/testing/inRoom';
import { FloorEditor } from './FloorEditor';

const ROCK: Piece = { kind: 'rock', x: 30, y: 20, lengthCm: 20, widthCm: 12, turned: 0 };

function Editor() {
  const tank = useTank();
  return tank ? <FloorEditor tank={tank} /> : null;
}

async function editor(pieces: readonly Piece[] = [ROCK]) {
  const session = await room([], []);
  await session.run('Floor', changeFloor(session.state.getState().documents, TANK, { pieces: [...pieces] }));
  show(session, <Editor />);
  const floor = () =>
    session.state.getState().documents[ofTank('floor', TANK)]?.body as DocumentBodies['floor'];
  return { session, floor };
}
const chosen = async (name: RegExp) => fireEvent.focus(await screen.findByRole('button', { name }));
async function type(label: string, text: string) {
  const field = screen.getByLabelText(label);
  await act(async () => {
    fireEvent.change(field, { target: { value: text } });
    fireEvent.blur(field);
  });
}

describe('the floor editor', () => {
  it('sizes and places a piece by its measures, and takes it back', async () => {
    const { session, floor } = await editor();
    await chosen(/^rock 1/);
    await type('Length', '35');
    await type('From the left', '1 in');
    await waitFor(() => expect(floor().pieces[0]).toMatchObject({ lengthCm: 35, x: 2.54, y: 20 }));
    await act(async () => void (await session.undo()));
    expect(floor().pieces[0]).toMatchObject({ lengthCm: 35, x: 30 });
  });
  it('refuses a place outside the tank and a piece of no size, and keeps what was', async () => {
    const { floor } = await editor();
    await chosen(/^rock 1/);
    await type('From the front', '900');
    expect(screen.getByText(/^Type 0 cm to \d+ cm\.$/)).toBeInTheDocument();
    await type('Depth', '0');
    expect(screen.getByText(/^Type 1 cm to 400 cm\.$/)).toBeInTheDocument();
    expect(floor().pieces[0]).toEqual(ROCK);
  });
  it('speaks in the keeper’s units', async () => {
    const { session } = await editor();
    await act(async () => {
      const { documents } = session.state.getState();
      await session.run('units', changeSettings(documents, DEFAULT_SETTINGS, { length: 'in' }));
    });
    await chosen(/^rock 1/);
    expect(screen.getByLabelText('Length')).toHaveValue('7.9 in');
  });
  it('moves by arrows, names, turns, removes', async () => {
    const { floor } = await editor([ROCK, { ...ROCK, kind: 'slate', x: 60, widthCm: 1 }]);
    const rock = await screen.findByRole('button', { name: /^rock 1/ });
    await chosen(/^rock 1/);
    await act(async () => void fireEvent.keyDown(rock, { key: 'ArrowRight' }));
    expect(floor().pieces[0]?.x).toBe(32);
    await type('Name', 'the arch');
    expect(await screen.findByRole('button', { name: /^the arch, rock 1/ })).toBeInTheDocument();
    await act(async () => void fireEvent.click(screen.getByRole('button', { name: 'turn' })));
    expect(floor().pieces[0]).toMatchObject({ turned: 15, name: 'the arch' });
    await act(async () => void fireEvent.keyDown(rock, { key: 'Delete' }));
    expect(floor().pieces.map(({ kind }) => kind)).toEqual(['slate']);
  });
  it('gives a slate no depth to type, and says what a holder sees of the floor', async () => {
    await editor([{ ...ROCK, kind: 'slate', x: 60, widthCm: 1 }]);
    await chosen(/^slate 1/);
    expect(screen.queryByLabelText('Depth')).toBeNull();
    await act(
      async () => void fireEvent.click(screen.getByRole('button', { name: 'Place it left of centre' })),
    );
    expect(await screen.findByText('Floor it sees')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Where would one more slate help most?' }));
    expect(screen.getByRole('status')).toHaveTextContent(
      /^A slate of 20 cm, .* the fish would see \d+% then/,
    );
  });
  it('shows pieces that stand outside a tank since it was corrected, and brings one in by a key', async () => {
    const { floor } = await editor([{ ...ROCK, x: 900, y: 300 }]);
    const rock = await screen.findByRole('button', { name: /^rock 1/ });
    await act(async () => void fireEvent.keyDown(rock, { key: 'ArrowLeft' }));
    const { x, y } = floor().pieces[0]!;
    expect(x).toBeLessThan(130);
    expect(y).toBeLessThan(60);
  });
});
