import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { individual, room, show, TANK } from '@/testing/inRoom';
import { tankChange } from '@/core/commands';
import { StockScreen } from './StockScreen';

const findings = () => screen.getByTestId('findings');
const listed = (species: string, count: number) => ({ key: species, group: { species, count } });

describe('the stock list', () => {
  it('says what to do while nobody is listed', async () => {
    show(await room(), <StockScreen />);
    expect(screen.getByText(/No fish yet/)).toBeInTheDocument();
  });

  it('shows what a species would do, lists it on Enter, and takes it back', async () => {
    const session = await room([], [listed('paracheirodon-innesi', 10)]);
    show(session, <StockScreen />);
    const box = await screen.findByRole('combobox', { name: 'Add to the list' });
    await userEvent.type(box, 'oscar');
    expect(screen.getByText('2 oscars')).toBeInTheDocument();
    expect(findings()).not.toHaveTextContent('oscar');
    await userEvent.keyboard('{Enter}');
    await waitFor(() => expect(findings()).toHaveTextContent('the oscars will eat the neon tetras'));
    await act(async () => void (await session.undo()));
    await waitFor(() => expect(findings()).not.toHaveTextContent('oscar'));
  });

  it('leads from a finding to its species: read, counted, wished for', async () => {
    const session = await room([], [listed('paracheirodon-innesi', 3)]);
    show(session, <StockScreen />);
    const [why] = within(await screen.findByTestId('findings')).getAllByRole('button', { name: /^Why/ });
    await userEvent.click(why!);
    expect(screen.getByRole('link', { name: 'how many?' })).toHaveAttribute(
      'href',
      '/stock?tank=T&part=numbers&species=paracheirodon-innesi',
    );
    await userEvent.click(screen.getByRole('button', { name: 'Wish neon tetras' }));
    await waitFor(() =>
      expect(session.state.getState().documents['wishes-T']?.body).toMatchObject({
        wishes: [{ species: 'paracheirodon-innesi' }],
      }),
    );
  });

  it('does a fix with one press', async () => {
    const session = await room([], [listed('paracheirodon-innesi', 3)]);
    show(session, <StockScreen />);
    await userEvent.click(await within(findings()).findByRole('button', { name: 'Keep 10 neon tetras' }));
    await waitFor(() => expect(screen.getByLabelText('Number of neon tetras')).toHaveValue('10'));
    expect(findings()).not.toHaveTextContent('need company');
  });

  it('loses no press, however quickly they follow one another', async () => {
    show(await room([], [listed('paracheirodon-innesi', 6)]), <StockScreen />);
    const more = screen.getByRole('button', { name: 'More neon tetras' });
    for (let i = 0; i < 7; i += 1) fireEvent.click(more);
    await waitFor(() => expect(screen.getByLabelText('Number of neon tetras')).toHaveValue('13'));
  });

  it('says that fish were judged as usually sold, and takes the word of the keeper for one or for all', async () => {
    const session = await room(
      [],
      [listed('symphysodon-aequifasciatus', 6), listed('paracheirodon-axelrodi', 12)],
    );
    const document = session.state.getState().documents[TANK];
    if (document?.kind !== 'tank' || !document.body) throw new Error('no tank');
    await session.run('hard water', [
      tankChange(TANK, { ...document.body, water: { temperatureC: 28, ph: 8.2, ghDh: 20 } }),
    ]);
    show(session, <StockScreen />);
    const origins = () =>
      screen
        .getAllByRole('combobox', { name: /^Origin of (discus|cardinal)/ })
        .map((box) => (box as HTMLSelectElement).value);
    for (const why of await within(findings()).findAllByRole('button', { name: /^Why/ }))
      await userEvent.click(why);
    await userEvent.click(within(findings()).getAllByRole('button', { name: /^They are / })[0]!);
    await waitFor(() => expect(new Set(origins())).toContain('unknown'));
    expect(origins().filter((origin) => origin !== 'unknown')).toHaveLength(1);
    await act(async () => void (await session.undo()));
    await userEvent.click(
      (await within(findings()).findAllByRole('button', { name: /^All listed are / }))[0]!,
    );
    await waitFor(() => expect(origins()).not.toContain('unknown'));
  });

  it('sends nobody away: who lives here and does not fit is put on the list to go, and taken back', async () => {
    const session = await room([individual('Torch'), individual('Sol')]);
    show(session, <StockScreen />);
    await within(findings()).findAllByText(/^Then /);
    const rehome = () => within(findings()).queryAllByRole('button', { name: 'Rehome 2 yellow labs' });
    for (const why of within(findings()).getAllByRole('button', { name: /^Why/ })) await userEvent.click(why);
    expect(within(findings()).queryByRole('button', { name: /Leave out/ })).toBeNull();
    expect(screen.getByRole('link', { name: 'rehome' })).toHaveAttribute(
      'href',
      expect.stringContaining('/departures?tank=T'),
    );
    await userEvent.click(rehome()[0]!);
    await waitFor(() => expect(screen.getByText('2 to go')).toBeInTheDocument());
    expect(rehome()).toEqual([]);
    expect(Object.values(session.state.getState().room.residents).map(({ count }) => count)).toEqual([1, 1]);
    await act(async () => void (await session.undo()));
    await waitFor(() => expect(screen.queryByText('2 to go')).toBeNull());
  });

  it('says the main causes of trouble, and leaves one out with one press', async () => {
    const session = await room(
      [],
      [
        listed('paracheirodon-innesi', 12),
        listed('corydoras-panda', 8),
        listed('poecilia-reticulata', 8),
        listed('danio-rerio', 8),
        listed('astronotus-ocellatus', 1),
      ],
    );
    show(session, <StockScreen />);
    const most = await screen.findByRole('list', { name: 'Main causes of trouble' });
    const [first] = within(most).getAllByRole('listitem');
    expect(first).toHaveTextContent('Without the oscar');
    await userEvent.click(within(first!).getByRole('button', { name: 'Without the oscar' }));
    await waitFor(() => expect(findings()).not.toHaveTextContent('oscar'));
    expect(screen.queryByLabelText('Number of oscars')).toBeNull();
    await act(async () => void (await session.undo()));
    await waitFor(() => expect(screen.getByLabelText('Number of oscars')).toBeInTheDocument());
  });

  it('tells the numbers behind a finding when asked', async () => {
    show(await room([], [listed('paracheirodon-innesi', 3)]), <StockScreen />);
    await userEvent.click(within(findings()).getAllByRole('button', { name: 'Why?' })[0]!);
    expect(findings()).toHaveTextContent('source: ');
  });
});
