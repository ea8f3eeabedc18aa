import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { catalogue } from '@/testing/plans';
import { room, show } from '@/testing/inRoom';
import { CatalogueScreen } from './CatalogueScreen';

const open = async (species = '') => {
  window.history.replaceState(null, '', `/catalogue${species ? `?species=${species}` : ''}`);
  show(await room(), <CatalogueScreen />);
};
afterEach(() => window.history.replaceState(null, '', '/'));

describe('Catalogue', () => {
  it('lists every species and finds by any name, region or family', async () => {
    await open();
    const list = within(screen.getByRole('region', { name: 'Species' }));
    expect(list.getAllByRole('button')).toHaveLength(catalogue.all.length);
    await userEvent.type(screen.getByRole('searchbox'), 'tanganyika');
    expect(list.getAllByRole('button').length).toBe(
      catalogue.all.filter((profile) => profile.region.includes('Tanganyika')).length,
    );
    await userEvent.clear(screen.getByRole('searchbox'));
    await userEvent.type(screen.getByRole('searchbox'), 'no such fish');
    expect(screen.getByText('No species matches.')).toBeInTheDocument();
  });

  it('reads a profile with both sides of what is contested, and what it rests on', async () => {
    await open('pterophyllum-scalare');
    const profile = within(screen.getByRole('article'));
    expect(profile.getByRole('heading', { name: 'angelfish' })).toBeInTheDocument();
    expect(profile.getByRole('img', { name: /Grown 15 cm and as sold 3.5 cm/ })).toBeInTheDocument();
    expect(profile.getAllByText(/^Keepers disagree about/)[0]).toHaveTextContent('silver dollar');
    expect(profile.getByText(/^Source:/)).toHaveTextContent('confidence');
  });

  it('carries the cautions of a ray where it is read', async () => {
    await open('potamotrygon-motoro');
    expect(screen.getByText(/a container, never hands or a net/)).toBeInTheDocument();
    expect(screen.getByText(/Restricted in some places/)).toBeInTheDocument();
  });

  it('says which water range a touchy wild species goes by', async () => {
    await open('otocinclus-vittatus');
    expect(screen.getByText('sensitive: judged by the wild range')).toBeInTheDocument();
  });
});

// A dialog with a hundred fields: roles and names of all of them are slow to work out here, texts are not.
const inDialog = () =>
  waitFor(() => {
    const dialog = document.querySelector<HTMLElement>('[role="dialog"]');
    expect(dialog).not.toBeNull();
    return within(dialog!);
  });
const put = (field: HTMLElement, value: string) => fireEvent.change(field, { target: { value } });

describe('species of the keeper’s own', () => {
  const bodies = (session: Awaited<ReturnType<typeof room>>) =>
    Object.values(session.state.getState().documents).filter(
      (document) => document.kind === 'species' && document.body !== null,
    );
  it('takes figures of the keeper’s over a shipped entry, and puts the shipped ones back', async () => {
    window.history.replaceState(null, '', '/catalogue?species=pterophyllum-scalare');
    const session = await room();
    show(session, <CatalogueScreen />);
    fireEvent.click(screen.getByText('Edit values'));
    const dialog = await inDialog();
    put(dialog.getByLabelText('Find a field'), 'size.maleCm');
    put(dialog.getByLabelText('male'), '14');
    fireEvent.click(dialog.getByText('Save values'));
    await waitFor(() => expect(session.catalogue.byId.get('pterophyllum-scalare')?.size.maleCm).toBe(14));
    expect(session.shipped.byId.get('pterophyllum-scalare')?.size.maleCm).toBe(15);
    fireEvent.click(screen.getByText('Back to shipped values'));
    await waitFor(() => expect(bodies(session)).toEqual([]));
  });
  it('refuses a copy that cannot be, tells where, and keeps what was typed', async () => {
    window.history.replaceState(null, '', '/catalogue?species=paracheirodon-innesi');
    const session = await room();
    show(session, <CatalogueScreen />);
    fireEvent.click(screen.getByText('Copy and edit values'));
    const dialog = await inDialog();
    put(dialog.getByLabelText('Find a field'), 'size.maleCm');
    put(dialog.getByLabelText('male'), '200');
    fireEvent.click(dialog.getByText('Add to the catalogue'));
    expect(dialog.getByText(/size\.maleCm: needs/)).toBeInTheDocument();
    expect(dialog.getByLabelText('male')).toHaveValue('200');
    expect(bodies(session)).toEqual([]);
  });
  it('narrows the list by facets', async () => {
    await open();
    await userEvent.selectOptions(screen.getByLabelText('Region'), 'Lake Victoria');
    expect(within(screen.getByRole('region', { name: 'Species' })).getAllByRole('button')).toHaveLength(3);
  });
});
