import { putChange } from '@/core/commands/documentChanges';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { DocumentId, TankId } from '@/core/kernel/schema/ids';
import { appendChange } from '@/session/react/useCommands';
import type { Session } from '@/session/types';
import { individual, room, show } from '@/testing/inRoom';
import { ArrivalsScreen } from './ArrivalsScreen';

const QUAY = 'Q' as TankId;
const DAY_MS = 86_400_000;
const ago = (days: number): string => new Date(Date.now() - days * DAY_MS).toISOString();

/** A quarantine tank beside the first, with fish that came to it. */
async function withQuay(session: Session, ...came: readonly [name: string, days: number, from: string][]) {
  const tank = session.state.getState().documents['T'];
  if (tank?.kind !== 'tank' || !tank.body) throw new Error('no tank');
  await session.run('made for a test', [
    putChange('tank', 'Q' as DocumentId, { ...tank.body, name: 'Quay', purpose: 'quarantine', order: 2 }),
    ...came.map(([name, days, from]) =>
      appendChange(session, {
        type: 'came',
        on: ago(days),
        tank: QUAY,
        species: 'maylandia-estherae',
        members: [individual(name)],
        lengthCm: 5,
        origin: 'tank-bred',
        from,
        note: '',
        quarantine: 'here',
      }),
    ),
  ]);
  return session;
}
const open = (tank: string) =>
  window.history.replaceState(null, '', `/arrivals?tank=${tank}&part=quarantine`);
const entries = (session: Session) => session.state.getState().entries ?? [];
afterEach(() => window.history.replaceState(null, '', '/'));

describe('two batches in one quarantine tank', () => {
  it('are begun each with its own ticks, and finished each by itself', async () => {
    open('Q');
    const session = await withQuay(await room(), ['Ash', 40, 'Pier'], ['Bay', 3, 'Harbour']);
    await session.run('made for a test', [
      appendChange(session, {
        type: 'quarantine',
        on: ago(40),
        tank: QUAY,
        what: 'begun',
        days: 28,
        residents: ['ash' as never],
        note: '',
      }),
    ]);
    show(session, <ArrivalsScreen />);
    expect(await screen.findByText(/2 batches share this tank/)).toBeInTheDocument();
    expect(screen.getByText(/since .*, from Pier/)).toBeInTheDocument();
    const begin = screen.getByRole('button', { name: 'Begin' });
    expect(begin).toBeDisabled();
    for (const box of screen.getAllByRole('checkbox')) await userEvent.click(box);
    await userEvent.click(begin);
    await waitFor(() => expect(entries(session).at(-1)).toMatchObject({ what: 'begun', residents: ['bay'] }));
    const [first, second] = await screen.findAllByRole('button', { name: 'Finish quarantine' });
    expect(second).toBeDisabled();
    await userEvent.click(first!);
    expect(await screen.findByText(/Quarantine finished\. Release them/)).toBeInTheDocument();
    expect(screen.getAllByRole('button', { name: 'Finish quarantine' })).toHaveLength(1);
    expect(session.state.getState().room.residents['bay']?.run?.passedOn).toBeNull();
  });
});

describe('a single newcomer whose quarantine is over', () => {
  it('is offered residents for a week, moved by one press and back by one undo', async () => {
    open('T');
    const session = await withQuay(
      await room(
        ['Sol', 'Rig', 'Tor', 'Ner'].map((name) => individual(name)),
        [],
        'maylandia-lombardoi',
      ),
      ['Ash', 40, 'Pier'],
    );
    show(session, <ArrivalsScreen />);
    const offer = (await screen.findByText(/One fish alone is picked on/)).parentElement!;
    await userEvent.click(
      within(offer).getByRole('button', { name: 'Move Ner, Rig and Sol in for the week' }),
    );
    const inQuay = () =>
      Object.values(session.state.getState().room.residents).filter(({ tank }) => tank === QUAY).length;
    await waitFor(() => expect(inQuay()).toBe(4));
    await session.undo();
    expect(inQuay()).toBe(1);
  });
});
