import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { changeFloor, ofTank } from '@/core/commands';
import { TANKS } from '@/testing/plans';
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

  it('draws where contests happen and who holds ground, before and since', async () => {
    const session = await room(four);
    const placed = (events: readonly Dated[], place: string): readonly Dated[] =>
      events.map((event) => (event.type === 'chased' ? { ...event, place } : event));
    await record(
      session,
      {
        type: 'saw',
        on: ago(20),
        tank: TANK,
        resident: 'torch' as ResidentId,
        what: 'holds ground',
        place: 'right, floor',
        note: '',
      },
      ...placed(watch(19, 9), 'right, floor'),
      ...placed(watch(17, 9), '100 cm from the left, 20 cm from the front'),
      { type: 'stepped-in', on: ago(15), tank: TANK, step: 'sight breaks', note: '' },
      ...placed(watch(10, 2), '30 cm from the left, 12 cm from the front'),
      ...watch(8, 1),
    );
    show(session, <AggressionScreen />);
    const before = screen.getByRole('group', {
      name: /^Before: 27\.0 contests an hour; ground held by Torch/,
    });
    const since = screen.getByRole('group', { name: /^Since .*: 4\.5 contests an hour/ });
    // Exact places are crosses; thirds of the tank are shade alone.
    expect(before.querySelectorAll('path')).toHaveLength(9);
    expect(since.querySelectorAll('path')).toHaveLength(2);
    expect(before.querySelectorAll('polygon').length).toBeGreaterThan(2);
    expect(screen.getByText(/18 of 18 with a place, 40 minutes/)).toBeInTheDocument();
    expect(screen.getByText(/2 of 3 with a place, 40 minutes/)).toBeInTheDocument();
    expect(screen.getByText(/^Ground: Torch \(sure, 19 sightings\)/)).toBeInTheDocument();
    // From the middle of its ground a holder sees the whole of a bare floor.
    expect(screen.queryByText(/sees 100% of the floor/)).toBeNull();
    await userEvent.selectOptions(screen.getByLabelText('Sight lines from'), 'Torch');
    expect(screen.getAllByText(/Torch sees 100% of the floor/)[0]).toBeInTheDocument();
  });

  it('keeps the map of the floor when the decor is moved', async () => {
    const session = await room(four);
    const rock = { kind: 'rock', x: 30, y: 20, lengthCm: 20, widthCm: 14, turned: 0 } as const;
    await session.run('Floor', changeFloor(session.state.getState().documents, TANK, { pieces: [rock] }));
    show(session, <AggressionScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'rearranged rocks' }));
    await userEvent.click(screen.getByRole('button', { name: 'Save intervention' }));
    const floor = () => session.state.getState().documents[ofTank('floor', TANK)];
    await waitFor(() => expect(floor()?.body).toMatchObject({ before: [rock] }));
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

describe('the floor', () => {
  it('begins from a template, takes names, and puts a piece elsewhere by a press', async () => {
    window.history.replaceState(null, '', '/aggression?tank=T&part=sight');
    const session = await room(four);
    show(session, <AggressionScreen />);
    await userEvent.selectOptions(screen.getByLabelText('Begin from'), 'two reefs');
    const reef = await screen.findByRole('button', { name: /^rock 1/ });
    reef.focus();
    await userEvent.type(await screen.findByLabelText('Name'), 'Old slab');
    await userEvent.tab();
    expect(await screen.findByRole('button', { name: /^Old slab, rock 1/ })).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'put elsewhere' }));
    const map = screen.getByRole('group', { name: /^Floor of Holm/ });
    map.getBoundingClientRect = () => new DOMRect(0, 0, 100, 50);
    fireEvent(map, new MouseEvent('pointerdown', { bubbles: true, clientX: 50, clientY: 25 }));
    const pieces = () => {
      const floor = session.state.getState().documents[ofTank('floor', TANK)];
      return floor?.kind === 'floor' ? (floor.body?.pieces ?? []) : [];
    };
    const { lengthCm } = TANKS.us75;
    await waitFor(() => expect(pieces()[0]?.x).toBeCloseTo(lengthCm / 2, 0));
    await session.undo();
    await waitFor(() => expect(pieces()[0]?.x).toBeLessThan(lengthCm / 3));
    window.history.replaceState(null, '', '/');
  });
});
