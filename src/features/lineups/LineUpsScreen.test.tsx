import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { group, room, show } from '@/testing/inRoom';
import type { Session } from '@/session/types';
import { work } from '@/workers/lineUpsWork';
import { LineUpsScreen } from './LineUpsScreen';

// There are no workers here: the same functions answer at once.
jest.mock('@/workers/startLineUps', () => ({
  startLineUps: () => ({
    thread: { terminate: () => undefined },
    remote: Object.fromEntries(
      Object.entries(work).map(([name, how]) => [
        name,
        (...args: never[]) => Promise.resolve((how as (...all: never[]) => unknown)(...args)),
      ]),
    ),
  }),
}));

const wishesOf = (session: Session) =>
  Object.values(session.state.getState().documents).flatMap((document) =>
    document.kind === 'wishes' && document.body ? document.body.wishes : [],
  );
const draftsOf = (session: Session) =>
  Object.values(session.state.getState().documents).flatMap((document) =>
    document.kind === 'draft' && document.body ? [document.body] : [],
  );

async function open(part = '', members: Parameters<typeof room>[0] = [], species?: string): Promise<Session> {
  window.history.replaceState(null, '', `/lineups${part ? `?part=${part}` : ''}`);
  const session = await room(members, [], species);
  show(session, <LineUpsScreen />);
  return session;
}
afterEach(() => window.history.replaceState(null, '', '/'));

const lineUp = () => screen.getByRole('article', { name: 'Line-up 1' });

async function wishFor(...names: readonly string[]): Promise<void> {
  const input = await screen.findByRole('combobox', { name: 'Add a wish' });
  for (const name of names) await userEvent.type(input, `${name}{Enter}`);
}

describe('from the wishes', () => {
  it('finds the best line-ups, proves them, says why the rest is left out and what that would take', async () => {
    await open();
    expect(screen.getByText(/Add fish you would like/)).toBeInTheDocument();
    await wishFor('angelfish', 'neon tetra', 'sterbai');
    await userEvent.click(
      within(screen.getByRole('radiogroup', { name: 'Priority of angelfish' })).getByLabelText('5'),
    );
    // The search begins anew with each wish: what is waited for is the answer to the last.
    await waitFor(() => {
      expect(within(lineUp()).getByText(/sterbai/i)).toBeInTheDocument();
    });
    expect(await screen.findByText('Proven:')).toBeInTheDocument();
    const eaten = await screen.findByText(/eats? (the )?neon tetras/);
    await userEvent.click(within(eaten.closest('li')!).getByRole('button', { name: 'What would it need?' }));
    expect(await screen.findByText(/It could replace the angelfish/)).toBeInTheDocument();
  });

  it('asks of which sexes and from where, and gives it to the line-ups and the draft', async () => {
    const session = await open();
    await wishFor('kribensis');
    await userEvent.selectOptions(
      screen.getByRole('combobox', { name: 'What the list shows' }),
      'Sexes and origin',
    );
    await userEvent.selectOptions(
      screen.getByRole('combobox', { name: 'Origin of kribensis' }),
      'wild-caught',
    );
    const sexes = () => screen.getByRole('textbox', { name: 'Males and females of kribensis' });
    await userEvent.type(sexes(), 'two{Enter}');
    expect(sexes()).toHaveAttribute('aria-invalid', 'true');
    await userEvent.clear(sexes());
    await userEvent.type(sexes(), '1 m, 1 f{Enter}');
    const wanted = { species: 'pelvicachromis-pulcher', males: 1, females: 1, origin: 'wild' };
    await waitFor(() => expect(wishesOf(session)[0]).toMatchObject(wanted));
    // The line-up of the former wish stands until that of the new one is found.
    await waitFor(
      async () => {
        await userEvent.click(within(lineUp()).getByRole('button', { name: 'Save as draft' }));
        expect(draftsOf(session).flatMap(({ groups }) => groups.map(({ group }) => group))).toEqual(
          expect.arrayContaining([{ ...wanted, count: 2 }]),
        );
      },
      { timeout: 15_000, interval: 500 },
    );
  });

  it('locks, takes off, and keeps what is typed; a line-up becomes a draft', async () => {
    const session = await open();
    await wishFor('sterbai', 'cherry barb');
    await userEvent.click(screen.getByRole('button', { name: 'cherry barb must be there' }));
    const counts = screen.getByRole('textbox', { name: /Numbers of cherry barb/ });
    await userEvent.type(counts, 'many{Enter}');
    expect(counts).toHaveAttribute('aria-invalid', 'true');
    await userEvent.clear(counts);
    await userEvent.type(counts, '9{Enter}');
    await waitFor(() =>
      expect(wishesOf(session)[1]).toMatchObject({ species: 'puntius-titteya', mustHave: true, counts: [9] }),
    );
    // Wished again with a number: that is its number, and nothing else of it changes.
    await wishFor('8 cherry barbs');
    await waitFor(() => expect(wishesOf(session)[1]).toMatchObject({ mustHave: true, counts: [8] }));
    expect(wishesOf(session)).toHaveLength(2);
    await wishFor('9 cherry barbs', 'cherry barb');
    await waitFor(() => expect(wishesOf(session)[1]).toMatchObject({ counts: [9] }));
    // A new search clears the line-ups, so the article is asked for anew each time.
    await waitFor(() => expect(within(lineUp()).getByText('9')).toBeInTheDocument());
    await userEvent.click(within(lineUp()).getByRole('button', { name: 'Save as draft' }));
    await waitFor(() =>
      expect(
        draftsOf(session)
          .at(-1)
          ?.groups.map((one) => one.group.count),
      ).toContain(9),
    );
  });

  it('builds around who lives here and does not list them again', async () => {
    const session = await open('', [group('Labs', 6)]);
    await wishFor('red zebra');
    await waitFor(() => expect(within(lineUp()).getByText('in the tank')).toBeInTheDocument());
    await userEvent.click(within(lineUp()).getByRole('button', { name: 'Save as draft' }));
    await waitFor(() => expect(draftsOf(session)).not.toHaveLength(0));
    expect(
      draftsOf(session)
        .at(-1)!
        .groups.map((one) => one.group.species),
    ).not.toContain('labidochromis-caeruleus');
  });
});

describe('who moves, who leaves', () => {
  it('says who cannot move and why, and puts them on Departures with the reason', async () => {
    const session = await open('moves', [group('Oscars', 3)], 'astronotus-ocellatus');
    await userEvent.selectOptions(screen.getByLabelText('New home'), '20 US gal long');
    await userEvent.click(screen.getByRole('button', { name: 'Find who moves' }));
    expect(await screen.findByText('0 stay together, 3 leave')).toBeInTheDocument();
    await userEvent.selectOptions(screen.getByLabelText('Why oscar leaves'), 'moving house');
    await userEvent.click(screen.getByRole('button', { name: 'Add to departures' }));
    await waitFor(() =>
      expect(Object.values(session.state.getState().room.residents)[0]?.toGo).toMatchObject({
        count: 3,
        reason: 'moving house',
      }),
    );
  });
});
