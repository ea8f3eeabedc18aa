import { screen } from '@testing-library/react';
import { WATCHING } from '@/core/commands';
import { room, show, TANK } from '@/testing/inRoom';
import { notePresence, presenceOf } from '../watchPresence';
import { RunningWatch } from './RunningWatch';

const ago = (minutes: number): string => new Date(Date.now() - minutes * 60_000).toISOString();

async function running(minutes: number, isPaused = false) {
  const session = await room();
  const runs = { countedSeconds: 0, runningSince: ago(minutes) };
  const rests = { countedSeconds: minutes * 60, runningSince: null };
  await session.run('Watch', [
    {
      kind: 'put',
      document: {
        id: WATCHING,
        kind: 'watching',
        rev: 1,
        body: { tank: TANK, watch: 'w', startedOn: ago(minutes), ...(isPaused ? rests : runs) },
      },
    },
  ]);
  return session;
}

beforeEach(() => window.localStorage.removeItem('lomvik.presence'));

describe('a running watch', () => {
  it('is not there where none runs', async () => {
    show(await room(), <RunningWatch />);
    expect(screen.queryByRole('link')).toBeNull();
  });
  it('links to its screen, with its tank and its time', async () => {
    show(await running(3), <RunningWatch />);
    const link = await screen.findByRole('link', { name: /^Watching Holm 3:0\d$/ });
    expect(link).toHaveAttribute('href', `/watch?tank=${TANK}`);
  });
  it('asks when nobody was seen there for minutes, and says that it rests', async () => {
    show(await running(30), <RunningWatch />);
    expect(await screen.findByRole('link', { name: /^Still watching\? Holm/ })).toBeInTheDocument();
  });
  it('stands at its own tank only', async () => {
    show(await running(2, true), <RunningWatch tank="another" />);
    expect(screen.queryByRole('link')).toBeNull();
  });
  it('says that it is paused', async () => {
    show(await running(2, true), <RunningWatch tank={TANK} />);
    expect(await screen.findByRole('link', { name: 'Watch paused 2:00' })).toBeInTheDocument();
  });
});

describe('who was at the glass', () => {
  it('is kept for one watch, and added to', () => {
    notePresence('w', { seenOn: ago(3) });
    notePresence('w', { touchedOn: ago(2) });
    expect(presenceOf('w')).toMatchObject({ seenOn: expect.any(String), touchedOn: expect.any(String) });
    expect(presenceOf('v')).toEqual({ seenOn: null, touchedOn: null, confirmedOn: null });
  });
  it('is nobody where what was kept cannot be read', () => {
    window.localStorage.setItem('lomvik.presence', '{');
    expect(presenceOf('w')).toMatchObject({ seenOn: null });
  });
});
