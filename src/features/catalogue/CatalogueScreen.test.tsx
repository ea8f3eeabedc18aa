import { screen, within } from '@testing-library/react';
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
    expect(profile.getAllByText(/^Contested with/)[0]).toHaveTextContent('silver dollar');
    expect(profile.getByText(/Rests on/)).toHaveTextContent('of 3');
  });

  it('carries the cautions of a ray where it is read', async () => {
    await open('potamotrygon-motoro');
    expect(screen.getByText(/a container, never hands or a net/)).toBeInTheDocument();
    expect(screen.getByText(/Restricted in some places/)).toBeInTheDocument();
  });

  it('says which water range a touchy wild kind goes by', async () => {
    await open('otocinclus-vittatus');
    expect(screen.getByText('judged by the wild range, as it is touchy')).toBeInTheDocument();
  });
});
