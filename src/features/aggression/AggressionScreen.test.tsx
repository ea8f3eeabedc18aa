import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Dated, Member } from '@/core/events/events';
import type { ResidentId } from '@/core/kernel/schema/ids';
import { appendChange } from '@/session/react/useCommands';
import type { Session } from '@/session/types';
import { individual, room, show, TANK } from '@/testing/inRoom';
import { AggressionScreen } from './AggressionScreen';

const HOUR_MS = 3_600_000;
const ago = (days: number, minutes = 0): string =>
  new Date(Date.now() - days * 24 * HOUR_MS + minutes * 60_000).toISOString();
const four: Member[] = ['Sol', 'Torch', 'Brim', 'Lye'].map(individual);

/** Twenty minutes on a day with so many contests that one starts against the others in turn. */
function watch(days: number, contests: number, dominant = 'torch'): readonly Dated[] {
  const others = ['sol', 'brim', 'lye'];
  return [
    ...Array.from({ length: contests }, (_, i): Dated => ({
      type: 'chased',
      on: ago(days, i),
      tank: TANK,
      watch: `w${days}`,
      winner: dominant as ResidentId,
      loser: others[i % 3] as ResidentId,
      what: 'chase',
      place: '',
    })),
    { type: 'watched', on: ago(days, 20), tank: TANK, minutes: 20, note: '', watch: `w${days}` },
  ];
}
const record = (session: Session, ...events: readonly Dated[]) =>
  session.run(
    'made for a test',
    events.map((event) => appendChange(session, event)),
  );

describe('Aggression', () => {
  it('says how to begin where nobody has watched', async () => {
    show(await room(four), <AggressionScreen />);
    expect(screen.getByText(/No interventions yet/)).toBeInTheDocument();
    expect(screen.getByText(/No watches in the last 60 days/)).toBeInTheDocument();
  });

  it('names the dominant fish with its share, offers the gentlest step first, and what is against the others', async () => {
    const session = await room(four);
    await record(session, ...watch(9, 7), ...watch(6, 7));
    show(session, <AggressionScreen />);
    expect(screen.getByText('One dominant fish')).toBeInTheDocument();
    expect(screen.getByText(/Torch started 14 of 14 contests/)).toBeInTheDocument();
    const steps = screen.getAllByRole('button', { name: /^Do this/ });
    expect(steps[0]).toHaveAccessibleName('Do this: more meals');
    expect(screen.getByText(/Not now: no spare tank is free/)).toBeInTheDocument();
  });

  it('says that a step helped, with its limits, and keeps account of it', async () => {
    const session = await room(four);
    await record(
      session,
      ...watch(20, 9),
      ...watch(18, 9),
      { type: 'stepped-in', on: ago(15), tank: TANK, step: 'sight breaks', note: 'Two slates.' },
      ...watch(10, 1),
      ...watch(8, 1),
    );
    show(session, <AggressionScreen />);
    expect(screen.getByText(/^Helped: contests fell .*95% limits/)).toBeInTheDocument();
    expect(screen.getByText('helped')).toBeInTheDocument();
    expect(screen.getByText('Two slates.')).toBeInTheDocument();
    expect(screen.getByRole('row', { name: /sight breaks 1 1 0 0/ })).toBeInTheDocument();
  });

  it('records two steps of one hour as a bundle, and wants to know who is put aside', async () => {
    const session = await room(four);
    show(session, <AggressionScreen />);
    const save = screen.getByRole('button', { name: 'Save intervention' });
    expect(save).toBeDisabled();
    await userEvent.click(screen.getByRole('button', { name: 'rearranged rocks' }));
    await userEvent.click(screen.getByRole('button', { name: 'dominant fish removed' }));
    expect(screen.getByText(/2 changes within an hour count as one/)).toBeInTheDocument();
    expect(screen.getByRole('alert')).toHaveTextContent('Choose the fish.');
    await userEvent.selectOptions(screen.getByLabelText('Who'), 'Torch');
    await userEvent.type(screen.getByLabelText('Details'), 'All rock to the left.');
    await userEvent.click(save);
    await waitFor(() =>
      expect(session.state.getState().entries?.slice(1)).toMatchObject([
        { type: 'stepped-in', step: 'rearranged', note: 'All rock to the left.' },
        { type: 'stepped-in', step: 'boss set aside', who: 'torch' },
      ]),
    );
    const [, one, two] = session.state.getState().entries as unknown as { bundle: string }[];
    expect(one!.bundle).not.toBe('');
    expect(one!.bundle).toBe(two!.bundle);
    await session.undo();
    expect(session.state.getState().room.tanks['T']?.lastStep ?? null).toBeNull();
  });

  it('refuses a day of return that has gone', async () => {
    show(await room(four), <AggressionScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'target separated' }));
    await userEvent.selectOptions(screen.getByLabelText('Who'), 'Lye');
    await userEvent.type(screen.getByLabelText('Until'), '2020-01-01');
    expect(screen.getByRole('alert')).toHaveTextContent('Choose a day to come');
    expect(screen.getByRole('button', { name: 'Save intervention' })).toBeDisabled();
  });

  it('offers nothing that costs a brood while a pair guards', async () => {
    const session = await room(four);
    await record(session, ...watch(9, 7), ...watch(6, 7), {
      type: 'fry',
      on: ago(5),
      tank: TANK,
      species: 'labidochromis-caeruleus',
      seen: 8,
      note: '',
    });
    show(session, <AggressionScreen />);
    expect(screen.getAllByText(/a pair is guarding/).length).toBeGreaterThan(0);
    expect(screen.queryByRole('button', { name: 'Do this: rearranged' })).toBeNull();
  });
});

describe('Sight lines', () => {
  it('tell what a holder sees, find the best break, and put it there', async () => {
    window.history.replaceState(null, '', '/aggression?tank=T&part=sight');
    const session = await room(four);
    show(session, <AggressionScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'Place it left of centre' }));
    expect(await screen.findByText('100%')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Keep this map for comparison' }));
    await userEvent.click(screen.getByRole('button', { name: 'Where would one more slate help most?' }));
    await userEvent.click(await screen.findByRole('button', { name: 'Place it there' }));
    await waitFor(() => expect(screen.queryByText('100 %')).toBeNull());
    expect(screen.getByText('Changed since the kept map')).toBeInTheDocument();
    const slate = screen.getByRole('button', { name: /^slate 1/ });
    slate.focus();
    await userEvent.keyboard('{ArrowLeft}');
    await userEvent.keyboard('{Delete}');
    await waitFor(() => expect(screen.queryByRole('button', { name: /^slate 1/ })).toBeNull());
    await session.undo();
    expect(await screen.findByRole('button', { name: /^slate 1/ })).toBeInTheDocument();
    window.history.replaceState(null, '', '/');
  });
});
