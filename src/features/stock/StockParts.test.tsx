import { act, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { room, show } from '@/testing/inRoom';
import type { Session } from '@/session/types';
import { StockScreen } from './StockScreen';

const listed = (species: string, count: number, lengthCm = 4) => ({
  key: species,
  group: { species, count, lengthCm },
});
const LIST = [
  listed('pterophyllum-scalare', 6),
  listed('paracheirodon-innesi', 12, 2),
  listed('metynnis-argenteus', 6),
];

/** Opens one part of the stock list of a room with these groups listed. */
async function open(part: string, groups = LIST): Promise<Session> {
  window.history.replaceState(null, '', `/stock?part=${part}`);
  const session = await room([], groups);
  show(session, <StockScreen />);
  // Parts come after the page.
  await waitFor(() =>
    expect(screen.getByRole('navigation', { name: 'Parts of Stock list' }).nextElementSibling).not.toBeNull(),
  );
  return session;
}
afterEach(() => window.history.replaceState(null, '', '/'));

const drafts = (session: Session) =>
  Object.values(session.state.getState().documents).flatMap((document) =>
    document.kind === 'draft' && document.body ? [document.body] : [],
  );

describe('compatibility', () => {
  it('opens on the worst pair, and gives the reasons of the one that is looked at', async () => {
    await open('compatibility');
    expect(screen.getByRole('heading', { level: 2, name: 'neon tetra with angelfish' })).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: /^silver dollar with angelfish: .*contested/ }));
    expect(screen.getByText(/Keepers disagree about/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: /^neon tetra by itself/ }));
    expect(screen.getByRole('heading', { level: 2, name: 'neon tetra, by itself' })).toBeInTheDocument();
  });
  it('says what to do while nobody is listed', async () => {
    await open('compatibility', []);
    expect(screen.getByText(/Add two species/)).toBeInTheDocument();
  });
});

describe('stocking level', () => {
  it('sets all approaches and two routines side by side, and says what each species adds', async () => {
    await open('stocking');
    const rows = (name: string) => within(screen.getByRole('table', { name })).getAllByRole('row').length - 1;
    expect(rows('Stocking level by rule')).toBe(4);
    // The tank's own routine is one of the two that are compared.
    expect(rows('Water change routines compared')).toBe(2);
    expect(rows('What each species adds')).toBe(3);
  });
});

describe('odds', () => {
  it('says how many to buy and what is left over, and puts it on the shopping list', async () => {
    const session = await open('odds', [listed('pterophyllum-scalare', 2)]);
    expect(screen.getByText(/^Buy/)).toHaveTextContent('Buy 5.');
    await userEvent.selectOptions(screen.getByLabelText('How sure'), '0.99');
    expect(screen.getByText(/^Buy/)).toHaveTextContent('Buy 8.');
    await userEvent.click(screen.getByRole('button', { name: 'Put 8 on the shopping list' }));
    await waitFor(() => expect(drafts(session)[0]?.groups[0]).toMatchObject({ buy: 8 }));
  });
  it('refuses what is no number, where it stands', async () => {
    await open('odds');
    await userEvent.clear(screen.getByLabelText('Bought'));
    await userEvent.type(screen.getByLabelText('Bought'), '2.5');
    expect(screen.getByRole('alert')).toHaveTextContent('A whole number from 0 to 200');
  });
});

describe('drafts', () => {
  it('are copied, named, gone by, compared, removed, and all of it taken back', async () => {
    const session = await open('drafts');
    await userEvent.click(screen.getByRole('button', { name: 'Copy' }));
    await waitFor(() => expect(drafts(session)).toHaveLength(2));
    const name = await screen.findByLabelText('Name of list, copy');
    await userEvent.clear(name);
    await userEvent.type(name, 'Quieter{Enter}');
    await waitFor(() =>
      expect(
        drafts(session)
          .map((draft) => draft.name)
          .sort(),
      ).toEqual(['Quieter', 'list']),
    );
    await userEvent.click(await screen.findByRole('button', { name: 'Make active' }));
    await waitFor(() =>
      expect(session.state.getState().documents['draft-T']?.body).toMatchObject({ name: 'Quieter' }),
    );
    const beside = within(screen.getByRole('table', { name: 'Side by side' }));
    expect(beside.getAllByRole('columnheader').map((head) => head.textContent)).toEqual([
      'Of',
      'Quieter',
      'list',
    ]);
    await userEvent.click(screen.getByRole('button', { name: 'Remove' }));
    await waitFor(() => expect(drafts(session)).toHaveLength(1));
    for (let i = 0; i < 4; i += 1) await act(async () => void (await session.undo()));
    await waitFor(() => expect(drafts(session).map((draft) => draft.name)).toEqual(['list']));
  });
  it('are judged in another tank that is typed, and what is no tank says what to type', async () => {
    await open('drafts');
    const field = screen.getByLabelText('Another tank');
    await userEvent.type(field, 'a bucket{Enter}');
    expect(await screen.findByText(/^A tank of yours, or a size/)).toBeInTheDocument();
    await userEvent.clear(field);
    await userEvent.type(field, '125 gal{Enter}');
    const heads = await screen.findAllByRole('columnheader');
    expect(heads.map((head) => head.textContent).join()).toMatch(/Holm,125 gal \(18[0-9] cm/);
  });
  it('keep a name when an empty one is typed, and a note as it is', async () => {
    const session = await open('drafts');
    const name = screen.getByLabelText('Name of list');
    await userEvent.clear(name);
    await userEvent.type(name, '{Enter}');
    expect(drafts(session)[0]?.name).toBe('list');
    await userEvent.type(screen.getByLabelText('Note on list'), 'for the spring{Enter}');
    await waitFor(() => expect(drafts(session)[0]?.note).toBe('for the spring'));
  });
});

describe('how many', () => {
  it('is told first of a species that was asked for, listed or not', async () => {
    await open('numbers&species=corydoras-aeneus');
    const table = await screen.findByRole('table', { name: 'How many' });
    const [, first] = within(table).getAllByRole('row');
    expect(first).toHaveTextContent(/^bronze cory–/);
  });
});

describe('to buy', () => {
  it('goes by shop, each with what it costs', async () => {
    const session = await open('shopping');
    await userEvent.type(screen.getByLabelText('Price of one angelfish'), '5{Enter}');
    await userEvent.type(screen.getByLabelText('Shop for angelfish'), 'Weir Street{Enter}');
    await waitFor(() => expect(drafts(session)[0]?.groups[0]).toMatchObject({ shop: 'Weir Street' }));
    expect(await screen.findByRole('rowheader', { name: 'Weir Street 30.00' })).toBeInTheDocument();
    expect(screen.getByRole('rowheader', { name: 'No shop yet' })).toBeInTheDocument();
  });
  it('adds prices up, refuses what is none, and says what is bought over', async () => {
    const session = await open('shopping');
    const price = screen.getByLabelText('Price of one angelfish');
    await userEvent.type(price, 'dear{Enter}');
    expect(price).toHaveAttribute('aria-invalid', 'true');
    expect(drafts(session)[0]?.groups[0]?.price).toBeUndefined();
    await userEvent.clear(price);
    await userEvent.type(price, '7,5{Enter}');
    await waitFor(() => expect(drafts(session)[0]?.groups[0]).toMatchObject({ price: 7.5 }));
    const buy = screen.getByLabelText('How many angelfish to buy');
    await userEvent.clear(buy);
    await userEvent.type(buy, '8{Enter}');
    await waitFor(() => expect(screen.getByText(/extra: find them a home/)).toBeInTheDocument());
    expect(screen.getByText('60.00', { selector: 'strong' })).toBeInTheDocument();
    expect(screen.getByText(/2 without a price/)).toBeInTheDocument();
  });
});

describe('the list itself', () => {
  it('folds notes away under what has to be settled, and gives the months that growth leaves open', async () => {
    await open('list');
    expect(screen.getByTestId('notes')).toBeInTheDocument();
    const later = within(screen.getByTestId('findings')).getByText(/the angelfish will eat the neon tetras/);
    expect(later).toHaveTextContent(/^From about [A-Z][a-z]{2} \d{4}, the angelfish/);
    await userEvent.click(within(later.closest('li')!).getByRole('button', { name: 'Why?' }));
    expect(later.closest('li')).toHaveTextContent(/as growth varies, between [A-Z][a-z]{2} \d{4} and/);
  });
});

describe('how many', () => {
  it('tells the fewest, the comfortable and the most of each species, and what sets the limit', async () => {
    await open('numbers', [listed('paracheirodon-innesi', 12, 2), listed('corydoras-aeneus', 8, 3)]);
    const table = within(await screen.findByRole('table', { name: 'How many' }));
    const neon = table.getByRole('row', { name: /^neon tetra 12 6 10 \d+/ });
    expect(neon.nextSibling).not.toHaveTextContent('No number will do');
  });
});

describe('roomy or dense', () => {
  it('stands side by side for Lake Malawi cichlids, is chosen with one press, and the choice is taken back', async () => {
    const session = await open('numbers', [
      listed('maylandia-estherae', 8, 5),
      listed('aulonocara-baenschi', 8, 5),
    ]);
    const table = await screen.findByRole('table', { name: 'Roomy and dense stocking' });
    for (const row of ['Peacocks and haps (now 8)', 'Mbuna (now 8)', 'Nitrate a week', 'Warning'])
      expect(within(table).getByText(row)).toBeInTheDocument();
    expect(screen.getByText(/the usual way/)).toBeInTheDocument();
    const density = () =>
      Object.values(session.state.getState().documents).flatMap((document) =>
        document.kind === 'tank' && document.body ? [document.body.practice.riftDensity ?? null] : [],
      );
    const before = density();
    await userEvent.click(within(table).getByRole('button', { name: 'Stock densely' }));
    await waitFor(() => expect(within(table).getByText('You stock like this')).toBeInTheDocument());
    expect(density()).toContain('dense');
    await act(() => session.undo());
    expect(density()).toEqual(before);
  });
  it('is not asked of other lists', async () => {
    await open('numbers', [listed('paracheirodon-innesi', 12, 2)]);
    await screen.findByRole('table', { name: 'How many' });
    expect(screen.queryByRole('table', { name: 'Roomy and dense stocking' })).toBeNull();
  });
});

describe('sexes and origin in the row', () => {
  const groups = (session: Session) =>
    drafts(session).flatMap((draft) => draft.groups.map((entry) => entry.group));
  // The field stands twice, for a phone and for a desk.
  const field = () => screen.getAllByLabelText('Males and females of angelfish')[0] as HTMLInputElement;

  it('keep what is typed, refuse more than there are, and undo', async () => {
    const session = await open('list');
    await userEvent.type(field(), '4 m, 4 f{Enter}');
    expect(screen.getByRole('alert')).toHaveTextContent('8 fish are more than 6.');
    expect(groups(session)[0]).not.toHaveProperty('males');
    await userEvent.clear(field());
    await userEvent.type(field(), '1:3{Enter}');
    await waitFor(() => expect(groups(session)[0]).toMatchObject({ count: 6, males: 1, females: 3 }));
    await act(() => session.undo());
    await waitFor(() => expect(groups(session)[0]).not.toHaveProperty('males'));
  });

  it('say of one group, and of all, where they come from', async () => {
    const session = await open('list');
    await userEvent.selectOptions(screen.getByLabelText('Origin of neon tetra'), 'wild-caught');
    await waitFor(() =>
      expect(groups(session).map(({ origin }) => origin)).toEqual([undefined, 'wild', undefined]),
    );
    expect(screen.getByLabelText('Origin of all planned')).toHaveDisplayValue('mixed');
    await userEvent.selectOptions(screen.getByLabelText('Origin of all planned'), 'tank-bred');
    await waitFor(() =>
      expect(new Set(groups(session).map(({ origin }) => origin))).toEqual(new Set(['tank-bred'])),
    );
  });
});
