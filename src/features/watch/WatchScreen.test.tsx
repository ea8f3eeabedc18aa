import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { individual, room, show } from '@/testing/inRoom';
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
    await userEvent.click(screen.getByRole('button', { name: 'Unidentified fish' }));
    await userEvent.click(screen.getByRole('button', { name: 'a male yellow lab' }));
    await userEvent.click(screen.getByRole('button', { name: /^Sol/ }));
    await waitFor(() =>
      expect(logged()).toHaveTextContent('a male yellow lab chased Sol (left, floor; feeding).'),
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
});
