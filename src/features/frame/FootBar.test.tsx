import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { WATCHING } from '@/core/commands';
import { room, show, TANK } from '@/testing/inRoom';
import { FootBar } from './FootBar';

const bar = (path: string, part: string | null, onMore = jest.fn()) => (
  <FootBar path={path} part={part} tank="other" isOpen={false} onMore={onMore} />
);

describe('the bar at the foot of a phone', () => {
  it('leads to what is done at the glass of the tank looked at last, and says where one is', async () => {
    const onMore = jest.fn();
    show(await room(), bar('/departures', 'counts', onMore));
    expect(screen.getByRole('link', { name: 'Watch' })).toHaveAttribute('href', '/watch?tank=other');
    expect(screen.getByRole('link', { name: 'Test' })).toHaveAttribute('href', '/water?tank=other');
    expect(screen.getByRole('link', { name: 'Count' })).toHaveAttribute('aria-current', 'page');
    expect(screen.getByRole('link', { name: 'Today' })).not.toHaveAttribute('aria-current');
    await userEvent.click(screen.getByRole('button', { name: 'More' }));
    expect(onMore).toHaveBeenCalled();
  });
  it('shows a watch that runs, and leads to its tank', async () => {
    const session = await room();
    await session.run('Watch', [
      {
        kind: 'put',
        document: {
          id: WATCHING,
          kind: 'watching',
          rev: 1,
          body: {
            tank: TANK,
            watch: 'w',
            startedOn: new Date().toISOString(),
            countedSeconds: 65,
            runningSince: null,
          },
        },
      },
    ]);
    show(session, bar('/', null));
    expect(screen.getByRole('link', { name: 'Watch 1:05' })).toHaveAttribute('href', `/watch?tank=${TANK}`);
  });
});
