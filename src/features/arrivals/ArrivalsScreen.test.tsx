import { putChange } from '@/core/commands/documentChanges';
import type { DocumentId } from '@/core/kernel/schema/ids';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { group, heads, room, show } from '@/testing/inRoom';
import { ArrivalsScreen } from './ArrivalsScreen';

const neons = { key: 'n', group: { species: 'paracheirodon-innesi', count: 10, lengthCm: 2 } };

afterEach(() => window.history.replaceState(null, '', '/'));

describe('Arrivals', () => {
  it('says where to begin when nothing is listed', async () => {
    show(await room(), <ArrivalsScreen />);
    expect(screen.getByRole('link', { name: 'Plan the stock list' })).toHaveAttribute(
      'href',
      '/stock?tank=T',
    );
  });

  it('brings in as a group; those who did not come stay listed', async () => {
    window.history.replaceState(null, '', '/arrivals?tank=T&bring=n');
    const session = await room([], [neons]);
    show(session, <ArrivalsScreen />);
    expect(screen.getByLabelText('Kept as')).toHaveValue('group');
    await userEvent.clear(screen.getByLabelText('Number received'));
    await userEvent.type(screen.getByLabelText('Number received'), '8');
    await userEvent.type(screen.getByLabelText('Name of the group'), 'Shoal');
    await userEvent.click(screen.getByRole('button', { name: 'Confirm arrival' }));
    await waitFor(() => expect(heads(session)).toEqual({ Shoal: 8 }));
    expect(session.state.getState().documents['draft-T']?.body).toMatchObject({
      groups: [{ key: 'n', group: { count: 2 } }],
    });
    await session.undo();
    expect(heads(session)).toEqual({});
    expect(session.state.getState().documents['draft-T']?.body).toMatchObject({
      groups: [{ group: { count: 10 } }],
    });
  });

  it('refuses nobody, and half a fish, where it stands', async () => {
    window.history.replaceState(null, '', '/arrivals?tank=T&bring=n');
    const session = await room([], [neons]);
    show(session, <ArrivalsScreen />);
    for (const wrong of ['0', '2.5', 'some']) {
      await userEvent.clear(screen.getByLabelText('Number received'));
      await userEvent.type(screen.getByLabelText('Number received'), wrong);
      await userEvent.click(screen.getByRole('button', { name: 'Confirm arrival' }));
      expect(
        await screen.findByText(`Type a whole number from 1. You typed “${wrong}”.`),
      ).toBeInTheDocument();
    }
    expect(heads(session)).toEqual({});
  });

  it('records what is learned of a group, and refuses what cannot be', async () => {
    const session = await room([group('Shoal', 6)], [], 'paracheirodon-innesi');
    show(session, <ArrivalsScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'Add an entry about Shoal' }));
    await userEvent.selectOptions(screen.getByLabelText('What'), 'split off');
    await userEvent.type(screen.getByLabelText('How many'), '9');
    await userEvent.type(screen.getByLabelText('Name or mark'), 'Kink');
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    expect(screen.getByRole('alert')).toHaveTextContent('1 to 6');
    await userEvent.clear(screen.getByLabelText('How many'));
    await userEvent.type(screen.getByLabelText('How many'), '1');
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(heads(session)).toEqual({ Shoal: 5, Kink: 1 }));
  });

  it('reads a length in the keeper’s unit', async () => {
    const session = await room([group('Shoal', 6)], [], 'paracheirodon-innesi');
    await session.run('Inches', [
      putChange('settings', 'settings' as DocumentId, {
        length: 'in',
        volume: 'gal',
        temperature: 'F',
        hardness: 'ppmCaCO3',
        keeper: '',
      }),
    ]);
    show(session, <ArrivalsScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'Add an entry about Shoal' }));
    await userEvent.selectOptions(screen.getByLabelText('What'), 'measured');
    await userEvent.type(screen.getByLabelText('Length'), '1 1/4{Enter}');
    await waitFor(() =>
      expect(session.state.getState().entries?.at(-1)).toMatchObject({ type: 'measured', lengthCm: 3.175 }),
    );
  });

  it('puts the past right too, when a fish was another species from the start', async () => {
    const session = await room([group('Shoal', 6)], [], 'paracheirodon-innesi');
    show(session, <ArrivalsScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'Add an entry about Shoal' }));
    await userEvent.selectOptions(screen.getByLabelText('What'), 'identified');
    await userEvent.type(
      await screen.findByRole('combobox', { name: 'Actual species' }),
      'cardinal tetra{Enter}',
    );
    await userEvent.click(screen.getByRole('checkbox', { name: /put the past right too/ }));
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() =>
      expect(session.state.getState().entries?.at(-1)).toMatchObject({
        type: 'identified',
        on: '2026-01-10T10:00:00.000Z',
        species: 'paracheirodon-axelrodi',
      }),
    );
    expect(session.state.getState().room.residents['shoal']?.species).toBe('paracheirodon-axelrodi');
  });
});
