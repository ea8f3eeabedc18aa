import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { catalogue } from '@/testing/plans';
import { demoIn, draw } from '@/testing/demoScreens';
import { room, show } from '@/testing/inRoom';
import { US } from '@/words/en/quantities';
import { CatalogueScreen } from './CatalogueScreen';

const open = async (species = '') => {
  window.history.replaceState(null, '', `/catalogue${species ? `?species=${species}` : ''}`);
  show(await room(), <CatalogueScreen />);
};
const put = (field: HTMLElement, value: string) => fireEvent.change(field, { target: { value } });
/** Of seven hundred links roles and names are slow to work out here. */
const linksIn = (list: HTMLElement) => list.querySelectorAll('a');
afterEach(() => window.history.replaceState(null, '', '/'));

describe('Catalogue', () => {
  it('lists every species and finds by any name, region or family', async () => {
    await open();
    const list = screen.getByRole('region', { name: 'Species' });
    const search = screen.getByRole('searchbox');
    expect(linksIn(list)).toHaveLength(catalogue.all.length);
    put(search, 'tanganyika');
    expect(linksIn(list)).toHaveLength(
      catalogue.all.filter((profile) => profile.region.includes('Tanganyika')).length,
    );
    put(search, 'no such fish');
    expect(screen.getByText(/Nothing is called “no such fish”/)).toBeInTheDocument();
  });

  it('reads a profile with both sides of what is contested, and what it rests on', async () => {
    await open('pterophyllum-scalare');
    const profile = within(screen.getByRole('article'));
    expect(profile.getByRole('heading', { name: 'angelfish' })).toBeInTheDocument();
    expect(await profile.findByRole('img', { name: /grown 15 cm, as sold 3.5 cm/ })).toBeInTheDocument();
    expect(profile.getAllByText(/^Keepers disagree about/)[0]).toHaveTextContent('silver dollar');
    expect(profile.getByText(/confidence high/)).toBeInTheDocument();
    expect(await profile.findByText(/^Fits well with/)).toBeInTheDocument();
    expect(profile.getByText(/^Usual: .* by themselves/)).toBeInTheDocument();
    expect(profile.getByText(/^Long fins \(genus Pterophyllum\):/)).toBeInTheDocument();
  });

  it('finds fish by their looks', async () => {
    await open();
    const list = within(screen.getByRole('region', { name: 'Species' }));
    put(screen.getByRole('searchbox'), 'small blue striped');
    expect(list.getByRole('link', { name: /^neon tetra/ })).toBeInTheDocument();
    expect(list.queryByRole('link', { name: /^oscar/ })).toBeNull();
    await userEvent.selectOptions(screen.getByLabelText('Markings'), 'barred');
    expect(list.queryByRole('link', { name: /^neon tetra/ })).toBeNull();
  });

  it('shows the catalogue by looks where the address says so', async () => {
    window.history.replaceState(null, '', '/catalogue?by=looks');
    show(await room(), <CatalogueScreen />);
    expect(await screen.findByRole('region', { name: 'Species by looks' })).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'By looks' })).toHaveAttribute('aria-pressed', 'true');
  });

  it('draws the sexes and the young beside each other where they look different', async () => {
    await open('maylandia-lombardoi');
    const article = within(screen.getByRole('article'));
    expect(
      await article.findByRole('img', { name: /^A kenyi drawn to one scale: .*female 11 cm, as sold 3 cm$/ }),
    ).toBeInTheDocument();
  });

  it('carries the cautions of a ray where it is read', async () => {
    await open('potamotrygon-motoro');
    expect(screen.getByText(/a container, never hands or a net/)).toBeInTheDocument();
    expect(screen.getByText(/Restricted in some places/)).toBeInTheDocument();
  });

  it('says which water range a touchy wild species goes by', async () => {
    await open('otocinclus-vittatus');
    expect(await screen.findByText(/judged by the wild range: it is sensitive/)).toBeInTheDocument();
  });
});

// A dialog with a hundred fields: roles and labels of all of them are slow to work out here, texts are not.
const inDialog = () =>
  waitFor(() => {
    const dialog = document.querySelector<HTMLElement>('[role="dialog"]');
    expect(dialog).not.toBeNull();
    return { ...within(dialog!), dialog: dialog! };
  });
const field = ({ dialog }: { readonly dialog: HTMLElement }, name: string): HTMLInputElement => {
  const label = [...dialog.querySelectorAll('label')].find(({ textContent }) => textContent === name);
  return document.getElementById(label?.htmlFor ?? '') as HTMLInputElement;
};
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
    put(field(dialog, 'Find a field'), 'size.maleCm');
    put(field(dialog, 'Grown male'), '14');
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
    put(field(dialog, 'Find a field'), 'size.maleCm');
    put(field(dialog, 'Grown male'), '200');
    fireEvent.click(dialog.getByText('Add to the catalogue'));
    expect(dialog.getByText(/values to correct: .*Grown male\. Nothing is lost\./)).toBeInTheDocument();
    expect(field(dialog, 'Grown male')).toHaveValue('200');
    expect(bodies(session)).toEqual([]);
  });
  it('shows, takes and refuses in the keeper’s units, and keeps exact figures that nobody changed', async () => {
    window.history.replaceState(null, '', '/catalogue?species=pterophyllum-scalare');
    const session = await demoIn(US);
    draw(session, <CatalogueScreen />);
    fireEvent.click(screen.getByText('Edit values'));
    const dialog = await inDialog();
    const find = (name: string) => put(field(dialog, 'Find a field'), name);
    const of = () => session.catalogue.byId.get('pterophyllum-scalare')!;
    const before = of();
    expect(field(dialog, 'Grown male')).toHaveValue('5.91 in');
    put(field(dialog, 'Grown male'), '5 1/2');
    put(field(dialog, 'Length when sold'), '99');
    find('temperature');
    put(field(dialog, 'Wild: temperature'), '20 to 200');
    put(field(dialog, 'Tank-bred: temperature'), '24 to 30 C');
    find('territory');
    put(field(dialog, 'Territory'), '100');
    find('');
    fireEvent.click(dialog.getByText('Save values'));
    expect(
      dialog.getByText('2 values to correct: Length when sold and Wild: temperature. Nothing is lost.'),
    ).toBeInTheDocument();
    expect(dialog.getByText('Needs a number above 0 and at most 78.74 in.')).toBeInTheDocument();
    expect(
      dialog.getByText('Needs the lowest and the highest, in order, from 32 °F to 104 °F.'),
    ).toBeInTheDocument();
    put(field(dialog, 'Length when sold'), '1.5');
    put(field(dialog, 'Wild: temperature'), '77 to 84');
    fireEvent.click(dialog.getByText('Save values'));
    await waitFor(() => expect(of().size.maleCm).toBeCloseTo(13.97, 3));
    expect(of().size.soldCm).toBeCloseTo(3.81, 3);
    expect(of().water.wild.temperatureC).toEqual([25, 28.889]);
    expect(of().water.tankBred.temperatureC).toEqual([24, 30]);
    expect(of().company.groundCm2).toBeCloseTo(645.16, 2);
    expect(of().size.femaleCm).toBe(before.size.femaleCm);
    expect(of().tank).toEqual(before.tank);
    expect(screen.getByText(/^Your values for:/)).toHaveTextContent(
      'Your values for: Grown male, Length when sold, Wild: temperature and Territory.',
    );
  });
  it('narrows the list by facets', async () => {
    await open();
    await userEvent.selectOptions(screen.getByLabelText('Region'), 'Lake Victoria');
    expect(linksIn(screen.getByRole('region', { name: 'Species' }))).toHaveLength(
      catalogue.all.filter(({ region }) => region === 'Lake Victoria').length,
    );
  });
});
