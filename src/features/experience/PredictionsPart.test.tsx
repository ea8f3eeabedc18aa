import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { effective } from '@/core/events';
import { keptHere, poolOf, predictionsIn } from '@/core/evidence';
import { demoRoom } from '@/demo/demoRoom';
import { PredictionBeside } from '@/session/react/PredictionBeside';
import type { Session } from '@/session/types';
import { useKeptHere } from '@/session/react/useExperience';
import { individual, room, show } from '@/testing/inRoom';
import { experienceOfRoom } from '@/workers/experienceOfRoom';
import { PredictionsPart } from './PredictionsPart';

let session: Session;
jest.mock('@/workers/startExperience', () => ({
  startExperience: () => ({
    thread: { terminate: () => {} },
    remote: {
      predictions: async () =>
        predictionsIn(effective(session.state.getState().entries ?? []), new Date().toISOString()),
      keptHere: async () => {
        const { documents, entries } = session.state.getState();
        const own = experienceOfRoom(Object.values(documents), entries ?? [], new Date().toISOString());
        return keptHere(poolOf([own]).stays);
      },
    },
  }),
}));

const demo = async (): Promise<Session> => {
  session = await room([]);
  await session.replaceAll(demoRoom(new Date().toISOString().slice(0, 10)));
  return session;
};
const item = (list: string, text: RegExp): HTMLElement =>
  within(screen.getByRole('list', { name: list }))
    .getByText(text)
    .closest('li')!;

/** The species that lived here, as every screen asks for them. */
function LivedHere() {
  return <p>{[...(useKeptHere()?.keys() ?? [])].sort().join(', ')}</p>;
}

describe('what this room’s fish did', () => {
  it('is asked anew when something is recorded, also by another tab', async () => {
    session = await room([individual('Blue')]);
    show(session, <LivedHere />);
    expect(await screen.findByText('labidochromis-caeruleus')).toBeTruthy();
    await session.replaceAll(demoRoom(new Date().toISOString().slice(0, 10)));
    expect(await screen.findByText(/paracheirodon-innesi|trigonostigma-heteromorpha/)).toBeTruthy();
  });
});

describe('warnings that are kept score of', () => {
  it('are settled with one press each, changed with another, and taken back', async () => {
    show(await demo(), <PredictionsPart />);
    await screen.findByRole('list', { name: 'To answer' });
    const julies = item('To answer', /^Leleupi and masked julies: fights, harm or parting\.$/);
    expect(julies.textContent).toMatch(/watched \d+ minutes, \d+ contests/);
    expect(julies.textContent).toMatch(/The record shows that it happened\./);
    await userEvent.click(within(julies).getByRole('button', { name: 'Happened' }));
    const settled = await waitFor(() =>
      item('Answered', /^Leleupi and masked julies: fights, harm or parting\.$/),
    );
    expect(settled.textContent).toMatch(/You said it happened\./);
    expect(within(settled).getByRole('button', { name: 'Happened', pressed: true })).toBeTruthy();
    await userEvent.click(within(settled).getByRole('button', { name: 'Cannot tell' }));
    await waitFor(() =>
      expect(item('Answered', /^Leleupi and masked julies: fights, harm or parting\.$/).textContent).toMatch(
        /You said it cannot be told\. The record shows that it happened\./,
      ),
    );
    await session.undo();
    await waitFor(() =>
      expect(item('Answered', /^Leleupi and masked julies: fights, harm or parting\.$/).textContent).toMatch(
        /You said it happened\./,
      ),
    );
  });
  it('are counted by severity and by what they warned of, with limits', async () => {
    show(await demo(), <PredictionsPart />);
    const table = await screen.findByRole('table', { name: 'Warnings and how they came out' });
    // Two of seven are settled, one of them happened: 1 of 2 is 1 to 99 %.
    expect(within(table).getByText('Caution').closest('tr')!.textContent).toBe('Caution7201 (50%)1 to 99%');
  });
  it('begin for fish that were there before, with one press, and only once', async () => {
    session = await room([]);
    const { documents, entries } = demoRoom(new Date().toISOString().slice(0, 10));
    await session.replaceAll({
      documents,
      entries: entries.filter(({ type }) => type !== 'predicted' && type !== 'settled'),
    });
    show(session, <PredictionsPart />);
    expect(await screen.findByText(/Nothing is kept score of yet/)).toBeTruthy();
    const scored = () => session.state.getState().entries!.filter(({ type }) => type === 'predicted').length;
    await userEvent.click(screen.getByRole('button', { name: 'Keep score of today’s warnings' }));
    await waitFor(() => expect(scored()).toBeGreaterThan(0));
    await screen.findByRole('list', { name: 'Still running' });
    const once = scored();
    await userEvent.click(screen.getByRole('button', { name: 'Keep score of today’s warnings' }));
    expect(scored()).toBe(once);
  });
  it('say beside a finding since when, what the record shows, and the keeper’s word', async () => {
    const finding = { rule: 'lid', severity: 'caution', species: ['trigonostigma-heteromorpha'] };
    const { container } = show(await demo(), <PredictionBeside finding={finding} tank="demo-fen" />);
    await waitFor(() =>
      expect(container.textContent).toMatch(
        /^Score kept since .*: kept \d+ months, .*; you said it did not happen\./,
      ),
    );
  });
  it('what this room’s own fish showed becomes the keeper’s own figure with one press, and is taken back', async () => {
    session = await room([individual('Blue')]);
    const { documents, entries } = session.state.getState();
    const came = entries!.find(({ type }) => type === 'came')!;
    const measured = (id: string, days: number, lengthCm: number) => ({
      type: 'measured',
      id,
      seq: 2 + days,
      on: new Date(Date.parse(came.on) + days * 86_400_000).toISOString(),
      recorded: came.recorded,
      resident: 'blue',
      lengthCm,
      note: '',
    });
    const put = (one: ReturnType<typeof measured>): Promise<void> =>
      session.replaceAll({
        documents: Object.values(documents),
        entries: [...entries!, one as unknown as (typeof entries & object)[number]],
      });
    const ownProfile = () =>
      session.state.getState().documents['species-labidochromis-caeruleus']?.body ?? null;
    await put(measured('m1', 200, 6.4));
    show(session, <PredictionsPart />);
    const press = await screen.findByRole('button', { name: /^Use \d+ months$/ });
    const months = Number(/\d+/.exec(press.textContent)![0]);
    await userEvent.click(press);
    await waitFor(() =>
      expect(ownProfile()).toMatchObject({
        profile: { size: { monthsToGrown: months } },
        changed: ['size.monthsToGrown'],
      }),
    );
    // What is the keeper's own figure now is not offered again.
    await waitFor(() => expect(screen.queryByRole('button', { name: /^Use \d+ months$/ })).toBeNull());
    await session.undo();
    expect(ownProfile()).toBeNull();

    await put(measured('m2', 200, 15));
    await userEvent.click(await screen.findByRole('button', { name: 'Use 15 cm' }));
    await waitFor(() => expect(ownProfile()).toMatchObject({ profile: { size: { maleCm: 15 } } }));
    await waitFor(() => expect(screen.queryByRole('button', { name: 'Use 15 cm' })).toBeNull());
  });
});
