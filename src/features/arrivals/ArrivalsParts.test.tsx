import { putChange } from '@/core/commands/documentChanges';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { DocumentId, TankId } from '@/core/kernel/schema/ids';
import { appendChange } from '@/session/react/useCommands';
import type { Session } from '@/session/types';
import { group, heads, individual, room, show, TANK } from '@/testing/inRoom';
import { ArrivalsScreen } from './ArrivalsScreen';

const QUAY = 'Q' as TankId;
const neons = { key: 'n', group: { species: 'paracheirodon-innesi', count: 10, lengthCm: 2 } };
const open = (part: string, tank = 'T') =>
  window.history.replaceState(null, '', `/arrivals?tank=${tank}&part=${part}`);
const entries = (session: Session) => session.state.getState().entries ?? [];

/** A second tank in the rack: for quarantine. */
async function withQuay(session: Session): Promise<Session> {
  const tank = session.state.getState().documents['T'];
  if (tank?.kind !== 'tank' || !tank.body) throw new Error('no tank');
  await session.run('made for a test', [
    putChange('tank', 'Q' as DocumentId, { ...tank.body, name: 'Quay', purpose: 'quarantine', order: 2 }),
  ]);
  return session;
}

afterEach(() => window.history.replaceState(null, '', '/'));

describe('Where to buy', () => {
  it('tells bad rows of a stock file, takes the good ones, and goes back with one press', async () => {
    open('source');
    const session = await room([], [neons]);
    show(session, <ArrivalsScreen />);
    const text = 'shop,species,price,stock,soldAs\nPier,neon tetra,2,40,\nPier,unheard of,1,1,\n';
    const file = new File([text], 'a.csv', { type: 'text/csv' });
    // The stand-in for a browser cannot read files.
    Object.assign(file, { text: () => Promise.resolve(text) });
    await userEvent.upload(await screen.findByLabelText('A CSV file of shop stock'), file);
    expect(await screen.findByText('1 row can be read; 1 fault.')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Import 1 row' }));
    expect(await screen.findByRole('heading', { name: 'Pier' })).toBeInTheDocument();
    expect(screen.getByText('1 quarantine · total 20.00')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Remove this stock' }));
    expect(await screen.findByText(/No stock of your shops yet/)).toBeInTheDocument();
  });

  it('has nothing made up in the keeper’s own room until it is switched on by name', async () => {
    open('source');
    show(await room([], [neons]), <ArrivalsScreen />);
    expect(await screen.findByText(/Read in the stock of your shops/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Try with four made-up shops' }));
    expect(await screen.findByText(/Four made-up shops stand in/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Without made-up shops' }));
    expect(screen.getByText(/No stock of your shops yet/)).toBeInTheDocument();
  });

  it('settles a claim with what came of it', async () => {
    open('here');
    const session = await room([], [neons]);
    await session.run('made for a test', [
      appendChange(session, {
        type: 'claimed',
        on: '2026-02-01T10:00:00.000Z',
        tank: TANK,
        from: 'Pier',
        about: 'two were dead',
        outcome: '',
      }),
    ]);
    show(session, <ArrivalsScreen />);
    expect(screen.getByText(/two were dead/)).toBeInTheDocument();
    await userEvent.type(screen.getByLabelText('Outcome with Pier'), 'credit');
    await userEvent.click(screen.getByRole('button', { name: 'Settled' }));
    await waitFor(() => expect(screen.queryByText(/two were dead/)).toBeNull());
  });
});

describe('Bringing in', () => {
  it('keeps dead on arrival, another species among them, condition, and a claim', async () => {
    window.history.replaceState(null, '', '/arrivals?tank=T&bring=n');
    const session = await room([], [neons]);
    show(session, <ArrivalsScreen />);
    await userEvent.clear(screen.getByLabelText('Number received'));
    await userEvent.type(screen.getByLabelText('Number received'), '7');
    await userEvent.type(screen.getByLabelText('From'), 'Pier');
    await userEvent.click(screen.getByText(/losses, wrong species/));
    await userEvent.selectOptions(screen.getByLabelText('How acquired'), 'shop');
    await userEvent.type(screen.getByLabelText('Ordered'), '10');
    await userEvent.type(screen.getByLabelText('Females among them'), '8');
    await userEvent.clear(screen.getByLabelText('Dead on arrival'));
    await userEvent.type(screen.getByLabelText('Dead on arrival'), '2');
    await userEvent.clear(screen.getByLabelText('Wrong species'));
    await userEvent.type(screen.getByLabelText('Wrong species'), '1');
    await userEvent.type(screen.getByLabelText('Claim with the shop'), 'one is a cardinal');
    await userEvent.click(screen.getByRole('button', { name: 'eats' }));
    await userEvent.click(screen.getByRole('button', { name: 'Confirm arrival' }));
    expect(await screen.findByText('Choose the species.')).toBeInTheDocument();
    expect(screen.getByText('Only 7 came.')).toBeInTheDocument();
    await userEvent.clear(screen.getByLabelText('Females among them'));
    await userEvent.type(screen.getByLabelText('Females among them'), '4');
    await userEvent.selectOptions(screen.getByLabelText('The other 3 of the list'), 'closed');
    await userEvent.type(
      await screen.findByRole('combobox', { name: 'Actual species' }),
      'cardinal tetra{Enter}',
    );
    await userEvent.click(screen.getByRole('button', { name: 'Confirm arrival' }));
    // The fourth: a lone cardinal is warned of, and kept score of.
    await waitFor(() => expect(entries(session)).toHaveLength(4));
    expect(entries(session)).toMatchObject([
      {
        type: 'came',
        ordered: 10,
        deadOnArrival: 2,
        way: 'shop',
        quarantine: 'none',
        seen: ['eats'],
        members: [{ count: 7, males: 0, females: 4 }],
      },
      { type: 'came', species: 'paracheirodon-axelrodi', members: [{ count: 1 }] },
      { type: 'claimed', from: 'Pier', about: 'one is a cardinal', outcome: '' },
      { type: 'predicted', warnings: [{ rule: 'group-size' }] },
    ]);
    expect(session.state.getState().documents['draft-T']).toMatchObject({ body: { groups: [] } });
  });
});

describe('Quarantine', () => {
  it('begins only when all is ticked, gets longer by illness, and is torn down and dried after', async () => {
    open('quarantine', 'Q');
    const session = await withQuay(await room());
    show(session, <ArrivalsScreen />);
    const begin = screen.getByRole('button', { name: 'Begin' });
    expect(begin).toBeDisabled();
    for (const box of screen.getAllByRole('checkbox')) await userEvent.click(box);
    await userEvent.click(begin);
    await waitFor(() =>
      expect(entries(session)).toMatchObject([{ type: 'quarantine', what: 'begun', days: 28, tank: QUAY }]),
    );
    expect(screen.getByText(/Nobody is in Quay/)).toBeInTheDocument();
  });
});

describe('Follow-up check', () => {
  it('is a minute: what is seen, how many; nothing that is no number', async () => {
    open('follow-up');
    const session = await room([group('Shoal', 6)], [], 'paracheirodon-innesi');
    show(session, <ArrivalsScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'gasping' }));
    expect(screen.getByText(/Gasping at the surface: test ammonia/)).toBeInTheDocument();
    await userEvent.type(screen.getByLabelText('Newcomers seen'), 'all');
    expect(screen.getByRole('button', { name: 'Save check' })).toBeDisabled();
    await userEvent.clear(screen.getByLabelText('Newcomers seen'));
    await userEvent.type(screen.getByLabelText('Newcomers seen'), '5');
    await userEvent.click(screen.getByRole('button', { name: 'Save check' }));
    await waitFor(() =>
      expect(entries(session).at(-1)).toMatchObject({
        type: 'looked',
        seen: 5,
        signs: ['gasping'],
        hours: 168,
      }),
    );
  });
});

describe('Release', () => {
  it('moves whom it releases out of quarantine, and ends only when what is vital is ticked', async () => {
    open('release');
    const session = await withQuay(await room([group('Shoal', 6)], [], 'paracheirodon-innesi'));
    await session.run('made for a test', [
      appendChange(session, {
        type: 'moved',
        on: '2026-01-11T10:00:00.000Z',
        resident: 'shoal' as never,
        tank: QUAY,
        note: '',
      }),
    ]);
    show(session, <ArrivalsScreen />);
    await userEvent.click(screen.getByRole('checkbox', { name: /6 neon tetras in Quay/ }));
    await userEvent.click(screen.getByRole('button', { name: 'Start release' }));
    const done = await screen.findByRole('button', { name: 'Confirm arrival' });
    expect(done).toBeDisabled();
    const many = screen.getAllByRole('checkbox').length;
    for (let i = 0; i < many; i += 1) {
      await userEvent.click(screen.getAllByRole('checkbox')[i]!);
      await waitFor(() => expect(screen.getAllByRole('checkbox')[i]).toBeChecked());
    }
    await userEvent.click(screen.getByRole('button', { name: 'Confirm arrival' }));
    await waitFor(() => expect(session.state.getState().room.residents['shoal']?.tank).toBe('T'));
    expect(entries(session).at(-1)).toMatchObject({
      type: 'noted',
      text: expect.stringMatching(/Released 6 neon tetras/),
    });
  });

  it('tells a simulated light timer to stay dark, and to go on as usual', async () => {
    open('release');
    const session = await room([individual('Sol')], [neons]);
    show(session, <ArrivalsScreen />);
    await userEvent.click(screen.getByRole('checkbox', { name: /10 neon tetras/ }));
    await userEvent.click(screen.getByRole('button', { name: 'Start release' }));
    await userEvent.click(
      await screen.findByRole('button', { name: /Off until tomorrow|Dark for two days/ }),
    );
    expect(await screen.findByText('0%')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Light as usual' }));
    expect(await screen.findByText('100%')).toBeInTheDocument();
  });
});

describe('Moving tanks', () => {
  it('splits a group of which some are left behind, and moves the rest', async () => {
    open('moving');
    const session = await withQuay(await room([group('Shoal', 6)], [], 'paracheirodon-innesi'));
    show(session, <ArrivalsScreen />);
    await userEvent.selectOptions(await screen.findByLabelText('To'), 'Quay');
    await userEvent.click(screen.getByRole('button', { name: 'Start move' }));
    await userEvent.click(await screen.findByRole('button', { name: 'Shoal (6)' }));
    await userEvent.type(screen.getByLabelText('How many of Shoal'), '9');
    expect(screen.getByRole('alert')).toHaveTextContent('no more than are here');
    await userEvent.clear(screen.getByLabelText('How many of Shoal'));
    await userEvent.type(screen.getByLabelText('How many of Shoal'), '5');
    await userEvent.click(screen.getByRole('button', { name: 'Fill bucket 1: 5 fish' }));
    await userEvent.click(await screen.findByRole('button', { name: 'in the new tank' }));
    expect(await screen.findByText(/5 of 6 moved; 1 not found/)).toBeInTheDocument();
    const many = screen.getAllByRole('checkbox').length;
    for (let i = 0; i < many; i += 1) {
      await userEvent.click(screen.getAllByRole('checkbox')[i]!);
      await waitFor(() => expect(screen.getAllByRole('checkbox')[i]).toBeChecked());
    }
    await userEvent.click(screen.getByRole('button', { name: 'Finish move' }));
    await waitFor(() => {
      const all = Object.values(session.state.getState().room.residents);
      expect(all.map((one) => [one.tank, one.count]).sort()).toEqual([
        ['Q', 5],
        ['T', 1],
      ]);
    });
    await session.undo();
    expect(heads(session)).toEqual({ Shoal: 6 });
  });
});

describe('Moving twenty-two fish in two loads', () => {
  it('takes each fish once, and a press for a whole bucket', async () => {
    open('moving');
    const names = Array.from({ length: 22 }, (_, i) => `F${i + 1}`);
    const session = await withQuay(await room(names.map(individual)));
    show(session, <ArrivalsScreen />);
    let presses = 0;
    const press = async (name: string | RegExp) => {
      presses += 1;
      await userEvent.click(await screen.findByRole('button', { name }));
    };
    await userEvent.selectOptions(await screen.findByLabelText('To'), 'Quay');
    await press('Start move');
    for (const name of names.slice(0, 11)) await press(name);
    await press('Fill bucket 1: 11 fish');
    await screen.findByText('Bucket 1: 11 fish');
    expect(screen.queryByRole('button', { name: 'F1' })).toBeNull();
    await press('All alive in the new tank');
    await press('All');
    await press('Fill bucket 2: 11 fish');
    await press('All alive in the new tank');
    await waitFor(() => expect(screen.getAllByText(/1 of 1 moved/)).toHaveLength(22));
    expect(presses).toBe(17);
  });
});

describe('An impulse buy', () => {
  it('says what it brings before it is listed', async () => {
    open('waves');
    const session = await room([group('Shoal', 8)], [neons], 'paracheirodon-innesi');
    show(session, <ArrivalsScreen />);
    await userEvent.type(await screen.findByRole('combobox', { name: 'Species' }), 'oscar{Enter}');
    expect(await screen.findByText('1 oscar')).toBeInTheDocument();
    expect(screen.getAllByText('stop').length).toBeGreaterThan(0);
    await userEvent.click(screen.getByRole('button', { name: 'Add to the list anyway' }));
    await waitFor(() =>
      expect(session.state.getState().documents['draft-T']?.body).toMatchObject({
        groups: [{ key: 'n' }, { group: { species: 'astronotus-ocellatus', count: 1 } }],
      }),
    );
  });
});
