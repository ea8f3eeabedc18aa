import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { DocumentId } from '@/core/kernel/schema/ids';
import { changeSettings } from '@/core/commands';
import { DEFAULT_SETTINGS } from '@/core/records';
import { individual, room, show } from '@/testing/inRoom';
import type { Session, SessionState } from '@/session/types';
import { TodayScreen } from './TodayScreen';

const tanks = (session: Session) =>
  Object.values(session.state.getState().documents).filter(
    (document) => document.kind === 'tank' && document.body !== null,
  );

/** The units of a keeper in the United States. */
const inUs = ({ documents }: SessionState) =>
  changeSettings(documents, DEFAULT_SETTINGS, {
    length: 'in',
    volume: 'gal',
    temperature: 'F',
    hardness: 'ppmCaCO3',
  });

async function emptyRoom(): Promise<Session> {
  const session = await room();
  await session.run('away', [
    { kind: 'put', document: { id: 'T' as DocumentId, kind: 'tank', rev: 1, body: null } },
  ]);
  return session;
}

afterEach(() => window.history.replaceState(null, '', '/'));

describe('Today', () => {
  it('begins with the keeper’s own question', async () => {
    show(await emptyRoom(), <TodayScreen />);
    expect(screen.getByRole('button', { name: 'Start with fish' })).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Add tank' })).toBeInTheDocument();
  });

  it('of a room whose tanks are gone says what is set aside, and how it comes back', async () => {
    const session = await emptyRoom();
    const aside = ['a', 'b'].map((key): SessionState['aside'][number] => ({
      key,
      what: 'entry',
      raw: {},
      why: 'x',
      at: '2027-06-01T12:00:00.000Z',
    }));
    session.state.setState({ aside });
    show(session, <TodayScreen />);
    expect(screen.getByText(/2 records are set aside/)).toHaveTextContent('Merge it there');
  });

  it('asks for the units first, and shows and reads everything in them', async () => {
    const session = await emptyRoom();
    show(session, <TodayScreen />);
    await session.run('units', inUs);
    await userEvent.click(screen.getByRole('button', { name: 'Add tank' }));
    const dialog = within(await screen.findByRole('dialog'));
    await userEvent.selectOptions(dialog.getByLabelText('Start from a common size'), '75 US gal');
    expect(dialog.getByLabelText('Length')).toHaveValue('48 in');
    // A bare number gets its unit once its field is left; another unit, and what is no number, stay as typed.
    for (const [typed, shown] of [
      ['50', '50 in'],
      ['120 cm', '120 cm'],
      ['long', 'long'],
      ['48', '48 in'],
    ]) {
      await userEvent.clear(dialog.getByLabelText('Length'));
      await userEvent.type(dialog.getByLabelText('Length'), typed!);
      await userEvent.tab();
      expect(dialog.getByLabelText('Length')).toHaveValue(shown);
    }
    await userEvent.clear(dialog.getByLabelText('Height'));
    await userEvent.type(dialog.getByLabelText('Height'), '20 1/2');
    await userEvent.click(dialog.getByRole('button', { name: 'Add tank' }));
    await waitFor(() =>
      expect(tanks(session).map((document) => document.body)).toMatchObject([
        {
          name: '75 US gal',
          tank: { lengthCm: 121.92, heightCm: 52.07 },
          entered: { heightCm: '20 1/2 in' },
        },
      ]),
    );
  });

  it('takes a tank by a common size, and refuses one without a size', async () => {
    const session = await emptyRoom();
    show(session, <TodayScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'Add tank' }));
    const dialog = within(await screen.findByRole('dialog'));
    await userEvent.click(dialog.getByRole('button', { name: 'Add tank' }));
    expect(dialog.getAllByRole('alert')).toHaveLength(3);
    await userEvent.type(dialog.getByLabelText('Name'), 'Holm');
    await userEvent.selectOptions(dialog.getByLabelText('Start from a common size'), '29 US gal');
    await userEvent.click(dialog.getByRole('button', { name: 'Add tank' }));
    await waitFor(() =>
      expect(tanks(session).map((document) => document.body)).toMatchObject([
        { name: 'Holm', tank: { lengthCm: 76.2, widthCm: 30.5, heightCm: 45.7 } },
      ]),
    );
    expect(window.location.pathname).toBe('/tank');
  });

  it('says from the fish what tank carries them, and starts with it and their list', async () => {
    const session = await emptyRoom();
    show(session, <TodayScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'Start with fish' }));
    const dialog = within(await screen.findByRole('dialog'));
    await userEvent.type(await dialog.findByRole('combobox'), 'yellow lab{Enter}');
    const usual = within(dialog.getByRole('region', { name: 'By the usual approach' }));
    expect(usual.getByRole('heading')).toHaveTextContent(
      'Usual: at least 120 cm long (yellow labs), 45 cm wide (yellow labs), 284 L (yellow labs)',
    );
    await userEvent.clear(dialog.getByLabelText('How many yellow labs'));
    await userEvent.type(dialog.getByLabelText('How many yellow labs'), '8');
    // What is sold where lengths are metric.
    const first = await usual.findByRole('button', { name: 'Start with 120 x 50 x 50 cm' });
    // What is said here is what the list will say.
    const said = usual.getAllByText(/^(Fits|Caution|Stop)/)[0]!.textContent;
    await userEvent.click(first);
    await waitFor(() => expect(tanks(session)).toHaveLength(1));
    const [tank] = tanks(session);
    expect(session.state.getState().documents[`draft-${tank!.id}`]?.body).toMatchObject({
      groups: [{ group: { species: 'labidochromis-caeruleus', count: 8 } }],
    });
    expect(said).toMatch(/^Fits/);
  });

  it('says from the place which tanks stand there, and what could live in one', async () => {
    const session = await emptyRoom();
    await session.run('units', inUs);
    show(session, <TodayScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'Start with fish' }));
    const dialog = within(await screen.findByRole('dialog'));
    await userEvent.type(await dialog.findByLabelText('Length of the wall'), '40 in');
    // F04, common practice: a 30 in tank suits a 40 in space.
    expect(dialog.getByRole('button', { name: '29 US gal' })).toBeInTheDocument();
    expect(dialog.queryByRole('button', { name: '55 US gal' })).toBeNull();
    await userEvent.click(dialog.getByRole('button', { name: '20 US gal long' }));
    await userEvent.click(await dialog.findByRole('button', { name: '8 bronze corys' }));
    expect(dialog.getByLabelText('How many bronze corys')).toHaveValue('8');
  });

  it('tells what is due, and what is wrong, with the way to it', async () => {
    show(await room([individual('Torch'), individual('Sol')]), <TodayScreen />);
    expect(screen.getByRole('link', { name: /Holm Watch the tank/ })).toHaveAttribute(
      'href',
      '/watch?tank=T',
    );
    expect(screen.getByText(/Avoid 2 yellow labs/)).toBeInTheDocument();
    expect(screen.getByRole('link', { name: 'Holm' })).toHaveAttribute('href', '/stock?tank=T');
  });
});
