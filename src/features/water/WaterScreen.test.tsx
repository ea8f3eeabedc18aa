import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { changeSettings } from '@/core/commands';
import { DEFAULT_SETTINGS } from '@/core/records';
import type { Dated } from '@/core/events/events';
import { appendChange } from '@/session/react/useCommands';
import type { Session } from '@/session/types';
import { group, room, show, TANK } from '@/testing/inRoom';
import { dayOf } from '@/session/today';
import { WaterScreen } from './WaterScreen';

const DAY_MS = 86_400_000;
const ago = (days: number): string => new Date(Date.now() - days * DAY_MS).toISOString();
const last = (session: Session) => session.state.getState().entries?.at(-1);
const record = (session: Session, ...events: readonly Dated[]) =>
  session.run(
    'made for a test',
    events.map((event) => appendChange(session, event)),
  );
const nitrate = (days: number, nitrateMgL: number): Dated => ({
  type: 'tested',
  on: ago(days),
  tank: TANK,
  nitrateMgL,
  note: '',
});

describe('A water test', () => {
  it('refuses a pH of 70 where it stands, and keeps nothing', async () => {
    const session = await room([group('Shoal', 8)], [], 'paracheirodon-innesi');
    show(session, <WaterScreen />);
    await userEvent.type(screen.getByLabelText('pH'), '70');
    await userEvent.tab();
    expect(await screen.findByRole('alert')).toHaveTextContent('Type 3 to 11. You typed “70”.');
    await userEvent.click(screen.getByRole('button', { name: 'Save test' }));
    expect(session.state.getState().entries).toHaveLength(1);
  });

  it('wants something to be filled in', async () => {
    show(await room(), <WaterScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'Save test' }));
    expect(await screen.findByText('Fill in one reading.')).toBeInTheDocument();
  });

  it('takes any unit, and tells the part of the ammonia that burns', async () => {
    const session = await room([group('Shoal', 8)], [], 'paracheirodon-innesi');
    show(session, <WaterScreen />);
    await userEvent.type(screen.getByLabelText('Temperature'), '77 F');
    await userEvent.type(screen.getByLabelText('pH'), '8');
    await userEvent.type(screen.getByLabelText('Ammonia'), '1');
    // Emerson and others 1975: 5.37 % at 25 °C and pH 8.
    expect(screen.getByText('0.054 mg/L')).toBeInTheDocument();
    expect(screen.getByText(/it burns gills/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Save test' }));
    await waitFor(() =>
      expect(last(session)).toMatchObject({ type: 'tested', temperatureC: 25, ph: 8, ammoniaMgL: 1 }),
    );
  });
});

describe('The simulated probe', () => {
  it('is not in the keeper’s own room until it is asked for', async () => {
    show(await room(), <WaterScreen />);
    expect(screen.queryByText(/^simulated/)).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Try the simulated probe' }));
    expect(await screen.findByText(/^simulated/)).toBeInTheDocument();
    window.localStorage.removeItem('lomvik.standIns.probe');
  });
});

describe('Water change', () => {
  it('is logged as it was: what was forgotten stays open and says what to look for', async () => {
    const session = await room();
    show(session, <WaterScreen />);
    await userEvent.click(screen.getByLabelText('Lid closed'));
    await userEvent.click(screen.getByLabelText('Temperature matched'));
    await userEvent.click(screen.getByLabelText('Heater and filter plugged in again'));
    // It asks first: one that was only not ticked is no forgotten one.
    await userEvent.click(screen.getByRole('button', { name: 'Log water change' }));
    expect(session.state.getState().entries).toEqual([]);
    expect(screen.getByText(/watch for gasping, and record losses together/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Log with 1 not done' }));
    await waitFor(() => expect(last(session)).toMatchObject({ type: 'water-changed' }));
    expect((last(session) as unknown as { checked: string[] }).checked).not.toContain('dechlorinated');
  });
  it('says which share, with each step ticked', async () => {
    const session = await room();
    show(session, <WaterScreen />);
    const steps = within(screen.getByRole('group', { name: /^Tick each that was done/ }));
    for (const box of steps.getAllByRole('checkbox')) await userEvent.click(box);
    const done = screen.getByRole('button', { name: 'Log water change' });
    await userEvent.clear(screen.getByLabelText('Share changed'));
    await userEvent.type(screen.getByLabelText('Share changed'), '140');
    await userEvent.click(done);
    expect(await screen.findByRole('alert')).toHaveTextContent('Type 1% to 100%. You typed “140”.');
    expect(session.state.getState().entries).toEqual([]);
    await userEvent.clear(screen.getByLabelText('Share changed'));
    await userEvent.type(screen.getByLabelText('Share changed'), '40');
    await userEvent.click(done);
    await waitFor(() =>
      expect(last(session)).toMatchObject({
        type: 'water-changed',
        fraction: 0.4,
        checked: expect.arrayContaining(['dechlorinated', 'heater on again']),
      }),
    );
  });
});

describe('The chart of readings', () => {
  it('is drawn in the keeper’s units', async () => {
    const session = await room();
    await session.run(
      'units',
      changeSettings(session.state.getState().documents, DEFAULT_SETTINGS, { temperature: 'F' }),
    );
    await record(session, { type: 'tested', on: ago(1), tank: TANK, temperatureC: 25, note: '' });
    show(session, <WaterScreen />);
    await userEvent.selectOptions(screen.getByLabelText('Reading'), 'Temperature');
    await userEvent.click(screen.getAllByText('as a table')[0]!);
    const table = await screen.findByRole('table', { name: /^Temperature: 1 test \(Temperature, °F\)$/ });
    expect(within(table).getByRole('cell', { name: '77' })).toBeInTheDocument();
  });
});

describe('Filter', () => {
  it('is proven by a dose that is gone within a day, not before', async () => {
    const session = await room();
    show(session, <WaterScreen />);
    expect(await screen.findByText(/Unknown\. Log when it was started/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Seeded from a running tank' }));
    expect(await screen.findByText(/Not cycled yet/)).toBeInTheDocument();
    await record(
      session,
      { type: 'filter', on: ago(2), tank: TANK, what: 'dosed', doseMgL: 2, note: '' },
      { type: 'tested', on: ago(1.2), tank: TANK, ammoniaMgL: 0, nitriteMgL: 0, note: '' },
    );
    expect(await screen.findByText(/Cycled: a test dose was gone within a day/)).toBeInTheDocument();
  });
});

describe('Nitrate', () => {
  it('is predicted until it is measured, then measured with limits', async () => {
    const session = await room([group('Shoal', 12)], [], 'paracheirodon-innesi');
    show(session, <WaterScreen />);
    expect(screen.getByText(/Test twice, a week apart/)).toBeInTheDocument();
    await record(session, ...[28, 21, 14, 7, 0.5].map((days, i) => nitrate(days, 10 + 4 * i)));
    expect(await screen.findByText(/^Measured 4(\.\d+)? mg\/L a week \(95% limits/)).toBeInTheDocument();
  });

  it('says of each listed species whether the routine carries it', async () => {
    const session = await room(
      [group('Shoal', 12)],
      [
        { key: 'few', group: { species: 'danio-rerio', count: 6 } },
        { key: 'many', group: { species: 'astronotus-ocellatus', count: 9 } },
      ],
      'paracheirodon-innesi',
    );
    show(session, <WaterScreen />);
    const table = screen.getByRole('table', { name: /Can your routine carry these fish/ });
    const rows = within(table).getAllByRole('row').slice(1);
    expect(rows[0]).toHaveTextContent(/zebra danio.*now/);
    expect(rows[1]).toHaveTextContent(/oscar.*(from \d+ % a change|at no change|budget)/);
  });
});

describe('An equipment fault', () => {
  it('is kept with its day; one that nobody names is asked for', async () => {
    const session = await room([group('Shoal', 8)]);
    show(session, <WaterScreen />);
    const form = (await screen.findByRole('heading', { name: /Equipment fault/ })).closest('section')!;
    await userEvent.click(within(form).getByRole('button', { name: 'Save fault' }));
    expect(session.state.getState().entries).toHaveLength(1);
    await userEvent.selectOptions(within(form).getByLabelText('What failed'), 'heater stuck on');
    fireEvent.change(within(form).getByLabelText('Day'), { target: { value: '2026-02-03' } });
    await userEvent.click(within(form).getByRole('button', { name: 'Save fault' }));
    await waitFor(() =>
      expect(last(session)).toMatchObject({ type: 'equipment-fault', what: 'heater stuck on' }),
    );
    expect(dayOf(last(session)?.on ?? '')).toBe('2026-02-03');
  });
});
