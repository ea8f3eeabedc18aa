import { putChange } from '@/core/commands/documentChanges';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Dated } from '@/core/events/events';
import type { DocumentId, ResidentId } from '@/core/kernel/schema/ids';
import { appendChange } from '@/session/react/useCommands';
import { individual, room, show, TANK } from '@/testing/inRoom';
import { LifeScreen } from './LifeScreen';

const SMALL = 'data:image/jpeg;base64,/9j/AAAA';
let shrunk: unknown = { ok: true, data: SMALL };
jest.mock('@/workers/startHierarchy', () => jest.requireActual('@/testing/hierarchyHere'));
jest.mock('@/ui/shrinkPicture', () => ({ shrinkPicture: () => Promise.resolve(shrunk) }));

const measured: Dated = {
  type: 'measured',
  on: '2026-02-10T10:00:00.000Z',
  resident: 'sol' as ResidentId,
  lengthCm: 7.5,
};
const chased = (winner: string, loser: string, minute: number): Dated => ({
  type: 'chased',
  on: `2026-02-11T10:${String(minute).padStart(2, '0')}:00.000Z`,
  tank: TANK,
  watch: '',
  winner: winner as ResidentId,
  loser: loser as ResidentId,
  what: 'chase',
  place: '',
});
const open = (fish: string) => window.history.replaceState(null, '', `/life?tank=T&fish=${fish}`);
afterEach(() => window.history.replaceState(null, '', '/'));

async function lived() {
  const session = await room([individual('Sol'), individual('Torch')]);
  await session.run(
    'made for a test',
    [measured, chased('sol', 'torch', 1), chased('torch', 'sol', 2)].map((event) =>
      appendChange(session, event),
    ),
  );
  return session;
}

describe('History of a fish', () => {
  it('asks whose when nobody is named', async () => {
    show(await lived(), <LifeScreen />);
    expect(screen.getByLabelText('Which fish?')).toBeInTheDocument();
  });

  it('tells what a fish went through; its contests when asked', async () => {
    open('sol');
    show(await lived(), <LifeScreen />);
    expect(screen.getByRole('heading', { name: 'Sol' })).toBeInTheDocument();
    expect(screen.getByText('Sol measured 7.5 cm.')).toBeInTheDocument();
    expect(screen.queryByText('Sol chased Torch.')).toBeNull();
    await userEvent.click(screen.getByRole('checkbox', { name: 'with its 2 contests' }));
    expect(screen.getByText('Sol chased Torch.')).toBeInTheDocument();
    expect(screen.getByText(/7\.5 cm when last measured/)).toBeInTheDocument();
    expect(await screen.findByText('1 won, 1 lost; all start at 1000')).toBeInTheDocument();
  });

  it('shows what a former keeper wrote before its own', async () => {
    open('sol');
    const session = await lived();
    await session.run('made for a test', [
      putChange('former-life', 'former-life-sol' as DocumentId, {
        resident: 'sol' as ResidentId,
        keeper: 'Maren',
        story: [{ on: '2025-05-01T10:00:00.000Z', text: 'Hatched in the nursery.' }],
        lengths: [{ on: '2025-09-01T10:00:00.000Z', lengthCm: 3 }],
      }),
    ]);
    show(session, <LifeScreen />);
    expect(screen.getByText('Hatched in the nursery.')).toBeInTheDocument();
    expect(screen.getByText(/by its former keeper, Maren/)).toBeInTheDocument();
  });

  it('keeps a picture, says why one cannot be, and takes one away', async () => {
    open('sol');
    const session = await lived();
    show(session, <LifeScreen />);
    const file = new File(['x'], 'sol.jpg', { type: 'image/jpeg' });
    shrunk = {
      ok: false,
      why: 'sol.jpg has 120 MB; at most 80 can be read. Nothing was saved; the file is as it was.',
    };
    await userEvent.upload(screen.getByLabelText('A picture of Sol'), file);
    expect(await screen.findByRole('alert')).toHaveTextContent('at most 80');
    shrunk = { ok: true, data: SMALL };
    await userEvent.upload(screen.getByLabelText('A picture of Sol'), file);
    expect(await screen.findByRole('img', { name: /^Sol on/ })).toHaveAttribute('src', SMALL);
    await userEvent.click(screen.getByRole('button', { name: /^Remove the picture/ }));
    await waitFor(() => expect(screen.queryByRole('img', { name: /^Sol on/ })).toBeNull());
    await session.undo();
    expect(await screen.findByRole('img', { name: /^Sol on/ })).toBeInTheDocument();
  });
});
