import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { writeBackup } from '@/core/formats/backup';
import { demoRoom } from '@/demo/demoRoom';
import { heads, individual, otherStore, room, show } from '@/testing/inRoom';
import { roomWork } from '@/workers/roomWork';
import type { Session } from '@/session/types';
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
