import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { room, show } from '@/testing/inRoom';
import { TakeIn } from './TakeIn';

type Piece = (from: number, to: number) => Promise<readonly File[]>;
/** A worker that asks for a piece when the test says so. */
let asked: { readonly count: number; readonly piece: Piece; readonly end: (taken: unknown) => void } | null =
  null;
jest.mock('@/workers/startExperience', () => ({
  startExperience: () => ({
    thread: { terminate: () => {} },
    remote: {
      takeIn: (_room: string, count: number, piece: Piece) =>
        new Promise((end) => {
          asked = { count, piece, end };
        }),
    },
  }),
}));

const FOUR = ['a', 'b', 'c', 'd'].map((name) => new File(['{}'], `${name}.json`));
const hand = async (onTaken: () => void = () => {}) => {
  asked = null;
  show(await room([]), <TakeIn onTaken={onTaken} />);
  await userEvent.upload(screen.getByLabelText(/Files that other keepers handed you/), FOUR);
  return waitFor(() => asked!);
};

describe('taking files in', () => {
  it('shows how far it is, hands the files out in their order, and says what became of them', async () => {
    const onTaken = jest.fn();
    const { count, piece, end } = await hand(onTaken);
    expect(count).toBe(4);
    const progress = screen.getByRole('progressbar', { name: 'Reading the files' });
    expect(progress).toHaveValue(0);
    expect((await piece(0, 3)).map(({ name }) => name)).toEqual(['a.json', 'b.json', 'c.json']);
    // The last piece is what is left.
    expect((await piece(3, 6)).map(({ name }) => name)).toEqual(['d.json']);
    await waitFor(() => expect(progress).toHaveValue(0.75));
    expect(onTaken).not.toHaveBeenCalled();
    end({ fresh: 3, newer: 0, known: 1, own: 0, refused: [], moreRefused: 0 });
    expect(
      await screen.findByText('3 rooms added; 1 file left out: the same or later is here already.'),
    ).toBeTruthy();
    expect(onTaken).toHaveBeenCalledTimes(1);
  });
  it('can be stopped: nothing is said to be taken, and files can be handed in again', async () => {
    const onTaken = jest.fn();
    await hand(onTaken);
    await userEvent.click(screen.getByRole('button', { name: 'Stop' }));
    expect(await screen.findByLabelText(/Files that other keepers handed you/)).toBeTruthy();
    expect(screen.queryByRole('progressbar')).toBeNull();
    expect(onTaken).not.toHaveBeenCalled();
  });
});
