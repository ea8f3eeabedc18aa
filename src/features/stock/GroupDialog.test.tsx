import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { room, show } from '@/testing/inRoom';
import { catalogue } from '@/testing/plans';
import { GroupDialog } from './GroupDialog';

const group = { species: 'paracheirodon-innesi', count: 10 };
const open = async (draft: string, onSave = jest.fn(() => Promise.resolve(true))) => {
  const drawn = show(
    await room(),
    <GroupDialog
      profile={catalogue.byId.get(group.species)!}
      group={group}
      draft={draft}
      onSave={onSave}
      onClose={() => {}}
    />,
  );
  return { ...drawn, onSave };
};

describe('the dialog of a listed group', () => {
  it('holds what was typed after a reload, each group its own', async () => {
    const before = await open('one');
    await userEvent.clear(screen.getByLabelText('How many'));
    await userEvent.type(screen.getByLabelText('How many'), '1');
    before.unmount();
    const other = await open('two');
    expect(screen.getByLabelText('How many')).toHaveValue('10');
    other.unmount();
    await open('one');
    expect(screen.getByLabelText('How many')).toHaveValue('1');
  });
  it('forgets it once it is saved, or closed', async () => {
    const first = await open('one');
    await userEvent.type(screen.getByLabelText('Next tank'), 'Fen');
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() =>
      expect(first.onSave).toHaveBeenCalledWith(expect.objectContaining({ count: 10, nextTank: 'Fen' })),
    );
    first.unmount();
    const second = await open('one');
    expect(screen.getByLabelText('Next tank')).toHaveValue('');
    await userEvent.type(screen.getByLabelText('Next tank'), 'Quay');
    await userEvent.keyboard('{Escape}');
    second.unmount();
    await open('one');
    expect(screen.getByLabelText('Next tank')).toHaveValue('');
  });
});
