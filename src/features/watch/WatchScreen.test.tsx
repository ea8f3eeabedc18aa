import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { WATCHING } from '@/core/commands';
import { addDays } from '@/core/kernel';
import { dayOf, todayIso } from '@/session/today';
import { group, individual, room, show, TANK } from '@/testing/inRoom';
import { WatchScreen } from './WatchScreen';

const logged = () => screen.getByTestId('logged');

describe('Watch', () => {
  it('says what to do while nobody lives there', async () => {
    show(await room(), <WatchScreen />);
    expect(screen.getByText(/No fish here yet/)).toBeInTheDocument();
  });

  it('logs who goes for whom with two presses, and the clock starts by itself', async () => {
    const session = await room([individual('Sol'), individual('Torch')]);
    show(session, <WatchScreen />);
    await userEvent.click(screen.getByRole('button', { name: /^Torch/ }));
    expect(screen.getByRole('button', { name: /^Torch/ })).toHaveAttribute('aria-pressed', 'true');
    await userEvent.click(screen.getByRole('button', { name: /^Sol/ }));
    await waitFor(() => expect(logged()).toHaveTextContent('Torch chased Sol.'));
    expect(screen.getByRole('button', { name: 'Pause' })).toBeInTheDocument();
  });

  it('takes a choice back when the same fish is pressed twice', async () => {
    const session = await room([individual('Sol'), individual('Torch')]);
    show(session, <WatchScreen />);
    await userEvent.click(screen.getByRole('button', { name: /^Torch/ }));
    await userEvent.click(screen.getByRole('button', { name: /^Torch/ }));
    expect(screen.getByRole('button', { name: /^Torch/ })).toHaveAttribute('aria-pressed', 'false');
    expect(session.state.getState().entries).toHaveLength(1);
  });

  it('works by keys, names the last one, and forgets it on Backspace', async () => {
    const session = await room([individual('Sol'), individual('Torch')]);
    show(session, <WatchScreen />);
    await userEvent.keyboard('12');
    await waitFor(() => expect(logged()).toHaveTextContent('Sol chased Torch.'));
    await userEvent.click(screen.getByRole('button', { name: 'nip' }));
    await waitFor(() => expect(logged()).toHaveTextContent('Sol nipped Torch.'));
    await userEvent.click(screen.getByRole('button', { name: 'hard' }));
    await waitFor(() => expect(logged()).toHaveTextContent('Sol nipped Torch, hard.'));
    await userEvent.keyboard('{Backspace}');
    await waitFor(() => expect(logged()).toHaveTextContent('Sol nipped Torch.'));
    await userEvent.keyboard('{Backspace}');
    await waitFor(() => expect(logged()).toHaveTextContent('Sol chased Torch.'));
    await userEvent.keyboard('{Backspace}');
    await waitFor(() => expect(logged()).toBeEmptyDOMElement());
  });

  it('logs a male of a species whom nobody can tell from its like, with place and trigger', async () => {
    const session = await room([individual('Sol'), individual('Torch')]);
    show(session, <WatchScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'left, floor' }));
    await userEvent.click(screen.getByRole('button', { name: 'feeding' }));
    await userEvent.click(screen.getByRole('button', { name: '2 yellow labs' }));
    await userEvent.click(screen.getByRole('button', { name: /^a male/ }));
    await userEvent.click(screen.getByRole('button', { name: /^Sol/ }));
    await waitFor(() =>
      expect(logged()).toHaveTextContent('A male yellow lab chased Sol (left, floor; feeding).'),
    );
  });

  it('logs what is seen of a fish with two presses, and writes who holds ground on the tank', async () => {
    const session = await room([individual('Sol'), individual('Torch')]);
    show(session, <WatchScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'right, floor' }));
    await userEvent.click(screen.getByRole('button', { name: /^Torch/ }));
    await userEvent.click(screen.getByRole('button', { name: 'holds territory' }));
    await waitFor(() => expect(logged()).toHaveTextContent('Torch held a territory (right, floor).'));
    expect(screen.getByRole('button', { name: 'right, floor' })).toHaveTextContent('Torch');
  });

  it('counts quiet minutes: a watch without a chase is an entry', async () => {
    const session = await room([individual('Sol'), individual('Torch')]);
    show(session, <WatchScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'Start watch' }));
    await userEvent.click(await screen.findByRole('button', { name: 'Finish' }));
    await waitFor(() => expect(session.state.getState().room.tanks['T']?.lastWatch).not.toBeNull());
    expect(screen.getByRole('button', { name: 'Start watch' })).toBeInTheDocument();
  });

  it('records a count and a step', async () => {
    const session = await room([individual('Sol'), individual('Torch')]);
    show(session, <WatchScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'One yellow lab fewer seen' }));
    await userEvent.click(screen.getByRole('button', { name: 'Save the count of yellow lab' }));
    await userEvent.selectOptions(screen.getByLabelText('What you did'), 'sight breaks');
    await userEvent.click(screen.getByRole('button', { name: 'Save intervention' }));
    await waitFor(() =>
      expect(session.state.getState().entries?.slice(1)).toMatchObject([
        { type: 'counted', seen: 1 },
        { type: 'stepped-in', step: 'sight breaks' },
      ]),
    );
  });

  it('keeps place and trigger to the incident they were pressed for', async () => {
    const session = await room([individual('Sol'), individual('Torch')]);
    show(session, <WatchScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'left, floor' }));
    await userEvent.click(screen.getByRole('button', { name: 'feeding' }));
    await userEvent.keyboard('12');
    await waitFor(() => expect(logged()).toHaveTextContent('Sol chased Torch (left, floor; feeding).'));
    await userEvent.keyboard('21');
    await waitFor(() => expect(logged().firstChild).toHaveTextContent(/^Torch chased Sol\.$/));
    // What is pressed now belongs to the last one.
    await userEvent.click(screen.getByRole('button', { name: 'right, top' }));
    await waitFor(() => expect(logged().firstChild).toHaveTextContent('Torch chased Sol (right, top).'));
    expect(logged().lastChild).toHaveTextContent('Sol chased Torch (left, floor; feeding).');
  });

  it('has no winner for a lock until one is said, and lets winner and loser be put right', async () => {
    const session = await room([individual('Sol'), individual('Torch')]);
    show(session, <WatchScreen />);
    await userEvent.keyboard('12');
    await userEvent.click(await screen.findByRole('button', { name: 'lock' }));
    await waitFor(() => expect(logged()).toHaveTextContent('Sol and Torch locked jaws, undecided.'));
    const won = within(screen.getByRole('group', { name: 'Won by' }));
    expect(won.getByRole('button', { name: 'neither' })).toHaveAttribute('aria-pressed', 'true');
    await userEvent.click(won.getByRole('button', { name: 'Torch' }));
    await waitFor(() => expect(logged()).toHaveTextContent('Torch jaw-locked and beat Sol.'));
    await userEvent.keyboard('{Backspace}');
    await waitFor(() => expect(logged()).toHaveTextContent('Sol and Torch locked jaws, undecided.'));
  });

  it('logs one of a group on another of it by two presses of the group', async () => {
    const session = await room([individual('Sol'), group('shoal', 6)]);
    show(session, <WatchScreen />);
    const six = screen.getByRole('button', { name: /^shoal/ });
    await userEvent.click(six);
    await userEvent.click(six);
    await waitFor(() => expect(logged().children).toHaveLength(1));
    expect(session.state.getState().entries?.at(-1)).toMatchObject({ type: 'chased' });
    await userEvent.click(six);
    await userEvent.click(screen.getByRole('button', { name: 'Take the choice back' }));
    expect(six).toHaveAttribute('aria-pressed', 'false');
  });

  it('logs in passing without a clock', async () => {
    const session = await room([individual('Sol'), individual('Torch')]);
    show(session, <WatchScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'In passing' }));
    await userEvent.keyboard('12');
    await waitFor(() => expect(logged()).toHaveTextContent('Sol chased Torch.'));
    expect(screen.getByRole('button', { name: 'Start watch' })).toBeInTheDocument();
    expect(session.state.getState().entries?.at(-1)).toMatchObject({ watch: '' });
  });

  it('logs what was seen in passing on an earlier day, on that day', async () => {
    const session = await room([individual('Sol'), individual('Torch')]);
    show(session, <WatchScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'In passing' }));
    const [day] = screen.getAllByLabelText('Day');
    fireEvent.change(day!, { target: { value: '2026-02-03' } });
    await userEvent.keyboard('12');
    await waitFor(() => expect(logged()).toHaveTextContent('Sol chased Torch.'));
    const many = session.state.getState().entries?.length;
    fireEvent.change(screen.getAllByLabelText('Day')[0]!, { target: { value: addDays(todayIso(), 1) } });
    await userEvent.keyboard('12');
    expect(session.state.getState().entries).toHaveLength(many!);
    const last = session.state.getState().entries?.at(-1);
    expect([last?.type, dayOf(last?.on ?? '')]).toEqual(['chased', '2026-02-03']);
  });

  it('asks after a clock that was forgotten, and counts only what was watched', async () => {
    const session = await room([individual('Sol'), individual('Torch')]);
    const ago = (minutes: number) => new Date(Date.now() - minutes * 60_000).toISOString();
    await session.run('Watch', [
      {
        kind: 'put',
        document: {
          id: WATCHING,
          kind: 'watching',
          rev: 1,
          body: { tank: TANK, watch: 'w', startedOn: ago(1440), countedSeconds: 0, runningSince: ago(1440) },
        },
      },
    ]);
    window.localStorage.setItem('lomvik.presence', JSON.stringify({ watch: 'w', seenOn: ago(1428) }));
    show(session, <WatchScreen />);
    expect(await screen.findByRole('dialog', { name: 'Still watching?' })).toBeInTheDocument();
    await userEvent.keyboard('12');
    expect(session.state.getState().entries).toHaveLength(1);
    await userEvent.click(screen.getByRole('button', { name: /^No, it ended at .*12 minutes$/ }));
    await waitFor(() =>
      expect(session.state.getState().entries?.at(-1)).toMatchObject({ type: 'watched', minutes: 12 }),
    );
  });

  it('lets the keys of the screen be turned off', async () => {
    const session = await room([individual('Sol'), individual('Torch')]);
    show(session, <WatchScreen />);
    await userEvent.click(screen.getByRole('checkbox', { name: /^keys/ }));
    await userEvent.click(document.body);
    await userEvent.keyboard('12');
    expect(session.state.getState().entries).toHaveLength(1);
    await userEvent.click(screen.getByRole('checkbox', { name: /^keys/ }));
  });
});
