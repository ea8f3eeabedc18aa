import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { catalogue } from '@/testing/plans';
import { room, show } from '@/testing/inRoom';
import { SpeciesActs } from './SpeciesActs';

const cory = catalogue.byId.get('corydoras-aeneus')!;

describe('a species from its profile', () => {
  it('is listed and wished for with one press each, once, and both are taken back', async () => {
    const session = await room();
    show(session, <SpeciesActs profile={cory} />);
    await userEvent.click(screen.getByRole('button', { name: /^List \d+$/ }));
    const body = (id: string) => session.state.getState().documents[id]?.body;
    await waitFor(() => expect(body('draft-T')).toMatchObject({ groups: [{ group: { species: cory.id } }] }));
    for (let i = 0; i < 2; i += 1) await userEvent.click(screen.getByRole('button', { name: 'Wish' }));
    await waitFor(() =>
      expect(body('wishes-T')).toMatchObject({ wishes: [{ species: cory.id, weight: 2 }] }),
    );
    await session.undo();
    await session.undo();
    expect(body('draft-T') ?? { groups: [] }).toMatchObject({ groups: [] });
  });
  it('leads to how many fit', async () => {
    show(await room(), <SpeciesActs profile={cory} />);
    expect(screen.getByRole('link', { name: 'How many fit?' })).toHaveAttribute(
      'href',
      '/stock?tank=T&part=numbers&species=corydoras-aeneus',
    );
  });
});
