import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { writeBackup } from '@/core/formats/backup';
import { demoRoom } from '@/demo/demoRoom';
import type { Entry } from '@/core/events';
import type { EntryId } from '@/core/kernel';
import type { RoomDocument } from '@/core/records';
import { heads, individual, otherStore, room, show, TANK } from '@/testing/inRoom';
import { roomWork } from '@/workers/roomWork';
import type { Session, SessionState } from '@/session/types';
import { FilesScreen } from './FilesScreen';

jest.mock('@/workers/startRoom', () => ({
  startRoom: () => ({
    thread: { terminate: () => {} },
    remote: roomWork(
      () => otherStore(),
      () => '2026-05-21T12:00:00.000Z',
    ),
  }),
}));

const demo = demoRoom('2026-05-20');
const text = writeBackup(demo.documents, demo.entries, '2026-05-20T12:00:00.000Z');

/** jsdom's files cannot be read as text. */
function file(name: string, content: string): File {
  return Object.assign(new File([content], name, { type: 'application/json' }), {
    arrayBuffer: async () => new TextEncoder().encode(content).buffer,
  });
}
const input = (): HTMLInputElement => document.querySelector('input[type=file]') as HTMLInputElement;
const names = (session: Session): string[] =>
  Object.values(session.state.getState().documents)
    .flatMap((document) => (document.kind === 'tank' && document.body ? [document.body.name] : []))
    .sort();

describe('Files', () => {
  it('refuses a broken file with the place, and leaves the room as it was', async () => {
    const session = await room([individual('Torch')]);
    show(session, <FilesScreen />);
    await userEvent.upload(
      input(),
      file(
        'bad.lomvik-plan.json',
        '{"format":"lomvik-plan","version":1,"tank":{"lengthCm":60,"widthCm":30,"heightCm":-1},"groups":[]}',
      ),
    );
    expect(await screen.findByRole('alert')).toHaveTextContent('Nothing was changed.');
    expect(screen.getByRole('alert')).toHaveTextContent('tank.heightCm: needs a number above 0');
    await userEvent.click(screen.getByRole('button', { name: 'OK' }));
    expect(heads(session)).toEqual({ Torch: 1 });
  });

  it('lists some of many records that are set aside, and all when that is asked for', async () => {
    const session = await room([individual('Torch')]);
    const aside = Array.from({ length: 11 }, (_, i): SessionState['aside'][number] => ({
      key: `entry-${i}`,
      what: 'entry',
      raw: { type: 'tested', id: `e${i}` },
      why: [],
      at: '2026-05-21T12:00:00.000Z',
    }));
    session.state.setState({ aside });
    show(session, <FilesScreen />);
    expect(screen.getAllByText(/An entry of the journal/)).toHaveLength(8);
    await userEvent.click(screen.getByRole('button', { name: 'Show all 11' }));
    expect(screen.getAllByText(/An entry of the journal/)).toHaveLength(11);
    expect(screen.queryByRole('button', { name: /Show all/ })).toBeNull();
  });

  it('shows what a room would change before anything is touched, then takes its place', async () => {
    const session = await room([individual('Torch')]);
    show(session, <FilesScreen />);
    await userEvent.upload(input(), file('demo.lomvik.json', text));
    expect(await screen.findByText(/is a room of 4 tanks and \d+ entries/)).toBeInTheDocument();
    expect(screen.getByText(/tank Holm/)).toBeInTheDocument();
    expect(names(session)).toEqual(['Holm']);
    await userEvent.click(screen.getByRole('button', { name: 'Replace this room' }));
    await waitFor(() => expect(names(session)).toEqual(['Fen', 'Nursery', 'Quay', 'Skerry']));
  });

  it('makes a plan a tank of its own, with its list', async () => {
    const session = await room();
    show(session, <FilesScreen />);
    await userEvent.upload(
      input(),
      file(
        'river.lomvik-plan.json',
        '{"format":"lomvik-plan","version":1,"tank":{"lengthCm":100,"widthCm":40,"heightCm":50},"groups":[{"species":"neon tetra","count":12}]}',
      ),
    );
    await userEvent.click(await screen.findByRole('button', { name: 'Add tank' }));
    await waitFor(() => expect(names(session)).toEqual(['Holm', 'river']));
  });

  it('lets the keeper leave a file alone', async () => {
    const session = await room();
    show(session, <FilesScreen />);
    await userEvent.upload(input(), file('demo.lomvik.json', text));
    await userEvent.click(await screen.findByRole('button', { name: 'Cancel' }));
    expect(names(session)).toEqual(['Holm']);
  });

  it('changes units', async () => {
    const session = await room();
    show(session, <FilesScreen />);
    await userEvent.selectOptions(screen.getByLabelText('Temperatures'), 'F');
    await waitFor(() =>
      expect(session.state.getState().documents['settings']?.body).toMatchObject({
        temperature: 'F',
        length: 'cm',
      }),
    );
  });
});

describe('a file of the same room', () => {
  it('is merged: both have been written to, and both are there; one press takes it back', async () => {
    const session = await room([individual('Torch')]);
    show(session, <FilesScreen />);
    const { documents } = session.state.getState();
    const entries = await session.journal();
    const elsewhere: Entry = {
      type: 'tested',
      on: '2026-05-19T10:00:00.000Z',
      tank: TANK,
      note: '',
      nitrateMgL: 12,
      id: 'elsewhere' as EntryId,
      recorded: '2026-05-19T10:00:00.000Z',
      seq: entries.length + 1,
    };
    const tank = Object.values(documents).find(({ kind }) => kind === 'tank')!;
    const renamed = {
      ...tank,
      body: { ...tank.body, name: 'Reed' },
      clock: { at: { '': '2020-01-01T00:00:00.000Z', name: '2036-05-19T10:00:00.000Z' } },
    } as RoomDocument;
    const saved = writeBackup([renamed], [...entries, elsewhere], '2026-05-20T12:00:00.000Z');
    await userEvent.upload(input(), file('phone.lomvik.json', saved));
    expect(await screen.findByText('Entries that come in')).toBeInTheDocument();
    expect(
      screen.getByText('Tank Reed, name: “Holm” here, “Reed” in the file; the file was later.'),
    ).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Merge' }));
    await waitFor(() => expect(names(session)).toEqual(['Reed']));
    expect(heads(session)).toEqual({ Torch: 1 });
    expect((await session.journal()).map(({ id }) => id)).toContain('elsewhere');
    await userEvent.click(await screen.findByRole('button', { name: 'Restore the room from before' }));
    await waitFor(() => expect(names(session)).toEqual(['Holm']));
    expect((await session.journal()).map(({ id }) => id)).not.toContain('elsewhere');
  });
});
