import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { catalogue } from '@/testing/plans';
import { room, show } from '@/testing/inRoom';
import type { KeeperSpecies } from '@/core/model';
import { SpeciesEditor } from './SpeciesEditor';

/** The editor for a species of one's own that is like the tiger barb, open at its dress. */
async function openDress(onSave: (species: KeeperSpecies) => void = () => undefined) {
  const barb = catalogue.byId.get('puntigrus-tetrazona')!;
  show(
    await room(),
    <SpeciesEditor
      mode="copy"
      profile={barb}
      catalogue={catalogue}
      shipped={catalogue}
      onSave={onSave}
      onClose={() => undefined}
    />,
  );
  // The words of a dress come from the drawer: the editor waits for them.
  await act(async () => {
    fireEvent.change(screen.getByLabelText('Find a field'), { target: { value: 'dress' } });
  });
  return screen.findByLabelText('Dress, a line each');
}

describe('the dress of a species of one’s own', () => {
  it('is that of the species it is like until something is said', async () => {
    expect(await openDress()).toHaveValue('like: puntigrus-tetrazona');
    expect(screen.getAllByText('Drawn like tiger barb')[0]).toBeInTheDocument();
  });

  it('is drawn as it is chosen', async () => {
    const lines = await openDress();
    const drawn = () =>
      decodeURIComponent(screen.getByRole('img', { name: 'As it is drawn' }).getAttribute('src') ?? '');
    await waitFor(() => expect(drawn()).toContain('<path'));
    const before = drawn();
    await userEvent.selectOptions(screen.getByLabelText('Flank'), 'rose');
    expect(lines).toHaveValue('like: puntigrus-tetrazona\ntone: rose rose rose');
    await userEvent.selectOptions(screen.getByLabelText('Belly'), 'bone');
    expect(lines).toHaveValue('like: puntigrus-tetrazona\ntone: rose rose bone');
    await waitFor(() => expect(drawn()).not.toBe(before));
    expect(drawn()).toContain('<path');
  });

  it('says what it cannot draw, keeps what was typed, and draws a plain fish meanwhile', async () => {
    const lines = await openDress();
    await userEvent.type(lines, '{Enter}marks: bars inky 20');
    expect(
      await screen.findByText(/Drawn plain until this is mended: "bars" needs a colour; "inky"/),
    ).toBeInTheDocument();
    expect(lines).toHaveValue('like: puntigrus-tetrazona\nmarks: bars inky 20');
  });

  it('is kept with the species', async () => {
    const onSave = jest.fn<undefined, [KeeperSpecies]>();
    const lines = await openDress(onSave);
    fireEvent.change(lines, { target: { value: 'like: puntigrus-tetrazona\neye: gold' } });
    fireEvent.click(screen.getByText('Add to the catalogue'));
    expect(onSave.mock.calls[0]?.[0].profile.look.dress).toEqual(['like: puntigrus-tetrazona', 'eye: gold']);
  });
});
