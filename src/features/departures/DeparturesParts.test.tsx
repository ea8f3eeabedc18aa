import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Dated } from '@/core/events/events';
import type { ResidentId } from '@/core/kernel/schema/ids';
import { appendChange } from '@/session/react/useCommands';
import type { Session } from '@/session/types';
import { group, heads, individual, room, show, TANK } from '@/testing/inRoom';
import { DeparturesScreen } from './DeparturesScreen';

const open = (part: string) => window.history.replaceState(null, '', `/departures?tank=T&part=${part}`);
const record = (session: Session, ...events: readonly Dated[]) =>
  session.run(
    'made for a test',
    events.map((event) => appendChange(session, event)),
  );
const died = (on: string, count: number, more: Partial<Extract<Dated, { type: 'died' }>> = {}): Dated => ({
  type: 'died',
  on,
  resident: 'shoal' as ResidentId,
  count,
  how: 'found',
  cause: '',
  note: '',
  ...more,
});

afterEach(() => window.history.replaceState(null, '', '/'));

describe('Losses', () => {
  it('tells the first fortnight apart, and takes an incident out when asked', async () => {
    open('losses');
    const session = await room([group('Shoal', 10)], [], 'paracheirodon-innesi');
    await record(
      session,
      died('2026-01-15T10:00:00.000Z', 2),
      died('2026-03-15T10:00:00.000Z', 4, { incident: 'no dechlorinator' }),
    );
    show(session, <DeparturesScreen />);
    expect(screen.getByText(/died within 14 days of arrival \(20%\)/)).toBeInTheDocument();
    expect(screen.getByRole('row', { name: /a club 10 6 2/ })).toBeInTheDocument();
    await userEvent.click(screen.getByRole('checkbox', { name: /without incidents/ }));
    expect(screen.getByRole('row', { name: /a club 10 2 2/ })).toBeInTheDocument();
    await userEvent.selectOptions(screen.getByLabelText('By'), 'species');
    expect(screen.getByRole('row', { name: /neon tetra/ })).toBeInTheDocument();
  });

  it('says that there is nothing to tell of an empty room', async () => {
    open('losses');
    show(await room(), <DeparturesScreen />);
    expect(screen.getByText(/No arrivals yet/)).toBeInTheDocument();
  });
});

describe('A death', () => {
  it('keeps its signs and its incident, and gathers the fortnight before', async () => {
    const session = await room([group('Shoal', 10)], [], 'paracheirodon-innesi');
    await record(session, {
      type: 'water-changed',
      on: new Date(Date.now() - 3_600_000).toISOString(),
      tank: TANK,
      fraction: 0.5,
      checked: ['heater on again', 'lid closed', 'temperature matched'],
      note: '',
    });
    show(session, <DeparturesScreen />);
    await userEvent.click(screen.getByRole('radio', { name: 'Died' }));
    await userEvent.click(screen.getByRole('button', { name: 'gasping' }));
    await userEvent.type(screen.getByLabelText('Incident with several deaths'), 'the change');
    await userEvent.click(screen.getByRole('button', { name: 'Record death' }));
    await waitFor(() => expect(heads(session)).toEqual({ Shoal: 9 }));
    expect(session.state.getState().entries?.at(-1)).toMatchObject({
      type: 'died',
      signs: ['gasping'],
      incident: 'the change',
    });
    await userEvent.click(await screen.findByRole('button', { name: '14 days before' }));
    expect(screen.getByText(/Possible cause: chlorine/)).toBeInTheDocument();
    expect(screen.getByText(/no diagnosis/)).toBeInTheDocument();
  });
});

describe('Head counts', () => {
  it('count by species, and correct record with the reason', async () => {
    open('counts');
    const session = await room([group('Shoal', 10)], [], 'paracheirodon-innesi');
    show(session, <DeparturesScreen />);
    expect(screen.getByText(/10 on record, never counted/)).toBeInTheDocument();
    await userEvent.type(screen.getByLabelText('neon tetra seen'), '12');
    await userEvent.click(screen.getByRole('button', { name: 'Save the count of neon tetra seen' }));
    expect(await screen.findByText(/12 seen .*, 10 on record then/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'correct record' }));
    await userEvent.click(screen.getByRole('button', { name: 'Correct record: 12' }));
    await waitFor(() => expect(heads(session)).toEqual({ Shoal: 12 }));
    expect(session.state.getState().entries?.at(-1)).toMatchObject({ type: 'recounted', why: 'born here' });
  });

  it('count by name: who was not seen is said', async () => {
    open('counts');
    const session = await room(['Ada', 'Bo', 'Cy'].map(individual), [], 'paracheirodon-innesi');
    show(session, <DeparturesScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'count by name' }));
    await userEvent.click(screen.getByRole('button', { name: 'All' }));
    await userEvent.click(screen.getByRole('button', { name: 'Bo' }));
    await userEvent.click(screen.getByRole('button', { name: 'Save 2 of 3 seen' }));
    expect(await screen.findByText(/2 of 3 seen .*Not seen: Bo\./)).toBeInTheDocument();
    expect(session.state.getState().entries?.at(-1)).toMatchObject({ seen: 2, who: ['ada', 'cy'] });
  });
});
