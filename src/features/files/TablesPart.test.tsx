import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { appendChange } from '@/session/react/useCommands';
import { individual, room, show } from '@/testing/inRoom';
import { TablesPart } from './TablesPart';

function csv(name: string, text: string): File {
  const file = new File([text], name, { type: 'text/csv' });
  // The stand-in for a browser cannot read files.
  Object.assign(file, { text: () => Promise.resolve(text) });
  return file;
}

describe('Tables as CSV', () => {
  it('offers the good rows, names the bad ones, and asks who a stranger is', async () => {
    const session = await room([individual('Sol'), individual('Torch')]);
    show(session, <TablesPart />);
    await userEvent.upload(
      screen.getByLabelText(/^Read from CSV/),
      csv(
        'old.csv',
        'time,winner,loser,what\n2026-02-01 18:00,Sol,Torch,nip\n2026-02-01 18:01,Bully,Sol,\n2026-02-01,Sol,Sol,\n',
      ),
    );
    expect(await screen.findByText(/old\.csv: 1 row can be imported, 2 faults/)).toBeInTheDocument();
    expect(screen.getByText(/Line 4, loser: same fish as the winner/)).toBeInTheDocument();
    await userEvent.selectOptions(screen.getByLabelText('Who is "Bully"?'), 'Torch');
    expect(await screen.findByText(/old\.csv: 2 rows can be imported, 1 fault/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Import 2 rows' }));
    await waitFor(() =>
      expect(session.state.getState().entries?.slice(1)).toMatchObject([
        { type: 'chased', winner: 'sol', loser: 'torch', what: 'nip' },
        { type: 'chased', winner: 'torch', loser: 'sol', what: 'chase' },
      ]),
    );
    await session.undo();
    expect(session.state.getState().room.residents['sol']?.count).toBe(1);
  });

  it('knows who moved on since, and fish that nobody could tell from their like', async () => {
    const session = await room([individual('Sol'), individual('Torch')]);
    await session.run('made for a test', [
      appendChange(session, {
        type: 'moved',
        on: '2026-03-01T10:00:00.000Z',
        resident: 'torch' as never,
        tank: 'Elsewhere' as never,
        note: '',
      }),
    ]);
    show(session, <TablesPart />);
    await userEvent.upload(
      screen.getByLabelText(/^Read from CSV/),
      csv(
        'old.csv',
        'time,winner,loser\n2026-02-01 18:00,Sol,Torch\n2026-02-01 18:02,Sol,a male yellow lab\n',
      ),
    );
    expect(await screen.findByText(/old\.csv: 2 rows can be imported, 0 faults/)).toBeInTheDocument();
  });

  it('leaves the room alone when the keeper does', async () => {
    const session = await room([individual('Sol')]);
    show(session, <TablesPart />);
    await userEvent.selectOptions(screen.getByLabelText('Table'), 'water tests');
    await userEvent.upload(screen.getByLabelText(/^Read from CSV/), csv('w.csv', 'time,ph\n2026-02-01,7\n'));
    await userEvent.click(await screen.findByRole('button', { name: 'Cancel' }));
    expect(session.state.getState().entries).toHaveLength(1);
  });

  it('lists stock for the tank', async () => {
    const session = await room();
    show(session, <TablesPart />);
    await userEvent.selectOptions(screen.getByLabelText('Table'), 'stock');
    await userEvent.upload(
      screen.getByLabelText(/^Read from CSV/),
      csv('s.csv', 'species,count,length\nneon tetra,10,1 in\n'),
    );
    await userEvent.click(await screen.findByRole('button', { name: 'Import 1 row' }));
    await waitFor(() =>
      expect(session.state.getState().documents['draft-T']?.body).toMatchObject({
        groups: [{ group: { species: 'paracheirodon-innesi', count: 10, lengthCm: 2.54 } }],
      }),
    );
  });
});
