import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { room, show } from '@/testing/inRoom';
import { PasteList, type TakenFromList } from './PasteList';

const open = async (withNumbers = true) => {
  const taken: TakenFromList[][] = [];
  show(
    await room(),
    <PasteList withNumbers={withNumbers} onTake={(list) => taken.push([...list])} onClose={() => {}} />,
  );
  const paste = async (text: string): Promise<void> => {
    fireEvent.change(screen.getByLabelText('Your list'), { target: { value: text } });
    await screen.findByRole('list', { name: 'Read from the list' });
  };
  return { taken, paste };
};
const counts = (taken: readonly (readonly TakenFromList[])[]) =>
  taken[0]?.map(({ group }) => [group.species, group.count]);

describe('a pasted list', () => {
  it('takes what is certain, asks about the rest, and adds it all at once', async () => {
    const { taken, paste } = await open();
    await paste('6 neon tetras, 8 corys, betta');
    expect(screen.getByText(/2 lines need an answer/)).toBeInTheDocument();
    fireEvent.change(screen.getByLabelText('Which “corys”?'), { target: { value: 'corydoras-panda' } });
    fireEvent.change(screen.getByLabelText('How many of betta'), { target: { value: '1' } });
    expect(screen.queryByText(/need an answer/)).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Add 3 species' }));
    expect(counts(taken)).toEqual([
      ['paracheirodon-innesi', 6],
      ['corydoras-panda', 8],
      ['betta-splendens', 1],
    ]);
  });

  it('offers the nearest for a name that nothing has, and leaves out what is pressed away', async () => {
    const { taken, paste } = await open();
    await paste('4 ticto barbs\n2 qwertzuiop\n5 guppies (2m 3f)');
    const list = within(screen.getByRole('list', { name: 'Read from the list' }));
    expect(list.getByLabelText(/Nothing is called “ticto barbs”/)).toBeInTheDocument();
    expect(list.getByText('Nothing is called “qwertzuiop”.')).toBeInTheDocument();
    fireEvent.click(list.getByRole('button', { name: 'Leave out qwertzuiop' }));
    await waitFor(() => expect(screen.getByText(/1 line needs an answer/)).toBeInTheDocument());
    fireEvent.click(screen.getByRole('button', { name: 'Add 1 species' }));
    expect(taken[0]?.[0]?.group).toMatchObject({ count: 5, males: 2, females: 3 });
  });

  it('adds nothing while it reads, and its button can have the focus meanwhile', async () => {
    const { taken, paste } = await open();
    await paste('6 neon tetras');
    fireEvent.change(screen.getByLabelText('Your list'), {
      target: { value: '6 neon tetras\n8 panda corys' },
    });
    const button = screen.getByRole('button', { name: 'Reading the list…' });
    expect(button).toBeEnabled();
    fireEvent.click(button);
    expect(taken).toEqual([]);
    fireEvent.click(await screen.findByRole('button', { name: 'Add 2 species' }));
    expect(counts(taken)).toEqual([
      ['paracheirodon-innesi', 6],
      ['corydoras-panda', 8],
    ]);
  });

  it('asks for no numbers where only species are wished', async () => {
    const { taken, paste } = await open(false);
    await paste('neon tetras\npanda cory');
    expect(screen.queryByLabelText(/How many/)).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Add 2 species' }));
    expect(taken[0]).toHaveLength(2);
  });
});
