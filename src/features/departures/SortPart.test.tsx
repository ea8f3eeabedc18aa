import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { group, heads, individual, room, show } from '@/testing/inRoom';
import { DeparturesScreen } from './DeparturesScreen';

beforeEach(() => window.history.replaceState(null, '', '/?part=several'));
afterEach(() => window.history.replaceState(null, '', '/'));

const save = () => userEvent.click(screen.getByRole('button', { name: /^Save/ }));

describe('Several at once', () => {
  it('sexes eight with three presses, as one entry to undo', async () => {
    const names = ['Ada', 'Bo', 'Cy', 'Di', 'Ed', 'Fa', 'Gil', 'Hal'];
    const session = await room(names.map(individual));
    show(session, <DeparturesScreen />);
    expect(screen.getByRole('button', { name: 'Save 0 fish' })).toBeDisabled();
    await userEvent.selectOptions(screen.getByLabelText('Tick'), 'all');
    await userEvent.selectOptions(screen.getByLabelText('Sex of those ticked'), 'female');
    await save();
    const sexes = () =>
      Object.values(session.state.getState().room.residents).filter(({ sex }) => sex === 'female').length;
    await waitFor(() => expect(sexes()).toBe(8));
    await session.undo();
    expect(sexes()).toBe(0);
  });

  it('gives two to one taker, marks and measures a third, and names what is missing', async () => {
    const session = await room(['Ada', 'Bo', 'Cy'].map(individual));
    show(session, <DeparturesScreen />);
    await userEvent.click(screen.getByRole('checkbox', { name: 'Ada' }));
    await userEvent.click(screen.getByRole('checkbox', { name: 'Bo' }));
    await userEvent.selectOptions(screen.getByLabelText('Where those ticked go'), 'leaves');
    await userEvent.clear(screen.getByLabelText('Name or mark of Cy'));
    await userEvent.type(screen.getByLabelText('Name or mark of Cy'), 'Torn');
    await userEvent.type(screen.getByLabelText('Length of Cy'), 'long');
    expect(screen.getByRole('alert')).toHaveTextContent('Mend Cy: length not understood.');
    await userEvent.clear(screen.getByLabelText('Length of Cy'));
    await userEvent.type(screen.getByLabelText('Length of Cy'), '3 in');
    expect(screen.getByRole('alert')).toHaveTextContent('Type who takes them.');
    await userEvent.type(screen.getByLabelText('New keeper'), 'Maren');
    await userEvent.type(screen.getByLabelText('In return'), '12');
    await save();
    await waitFor(() => expect(heads(session)).toEqual({ Ada: 0, Bo: 0, Torn: 1 }));
    expect(session.state.getState().room.residents['cy']?.lengthCm).toBeCloseTo(7.62);
    const gone = session.state.getState().entries?.filter((entry) => entry.type === 'rehomed');
    expect(gone).toMatchObject([
      { taker: 'Maren', credit: '12' },
      { taker: 'Maren', credit: '' },
    ]);
  });

  it('lets several die of one accident, some of a group among them, and refuses more than there are', async () => {
    const session = await room([individual('Ada'), group('Shoal', 6)]);
    show(session, <DeparturesScreen />);
    await userEvent.selectOptions(screen.getByLabelText('Tick'), 'all');
    await userEvent.selectOptions(screen.getByLabelText('Where those ticked go'), 'died');
    await userEvent.type(screen.getByLabelText('How many of Shoal'), '9');
    expect(screen.getByRole('alert')).toHaveTextContent('Mend Shoal: 1 to 6.');
    await userEvent.clear(screen.getByLabelText('How many of Shoal'));
    await userEvent.type(screen.getByLabelText('How many of Shoal'), '4');
    await userEvent.type(screen.getByLabelText('Incident with several deaths'), 'heater');
    await save();
    await waitFor(() => expect(heads(session)).toEqual({ Ada: 0, Shoal: 2 }));
    const dead = session.state.getState().entries?.filter((entry) => entry.type === 'died');
    expect(dead).toMatchObject([{ incident: 'heater' }, { incident: 'heater', count: 4 }]);
  });

  it('lets newcomers in with the same entry: out by one undo', async () => {
    const session = await room(['Ada', 'Bo'].map(individual));
    show(session, <DeparturesScreen />);
    await userEvent.selectOptions(screen.getByLabelText('Sex of Ada'), 'male');
    const species = await screen.findByRole('combobox', { name: 'Species of the newcomers' });
    await userEvent.type(species, 'bristlenose');
    await userEvent.click(await screen.findByRole('option', { name: /^bristlenose pleco / }));
    await userEvent.type(screen.getByLabelText('How many'), '2');
    await userEvent.type(screen.getByLabelText('From'), 'Maren');
    await userEvent.click(screen.getByRole('button', { name: /^Add 2 / }));
    expect(screen.getByText(/No quarantine: any disease/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('checkbox', { name: 'rock and wood were moved' }));
    await save();
    const here = () => Object.values(session.state.getState().room.residents).length;
    await waitFor(() => expect(here()).toBe(4));
    expect(session.state.getState().room.residents['ada']?.sex).toBe('male');
    await session.undo();
    expect(here()).toBe(2);
    expect(session.state.getState().room.residents['ada']?.sex).toBe('unknown');
  });
});
