import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { DocumentId } from '@/core/kernel/schema/ids';
import type { Session } from '@/session/types';
import { room, show } from '@/testing/inRoom';
import { FirstMinute } from './FirstMinute';

async function emptyRoom(): Promise<Session> {
  const session = await room();
  await session.run('away', [
    { kind: 'put', document: { id: 'T' as DocumentId, kind: 'tank', rev: 1, body: null } },
  ]);
  return session;
}
const open = async (): Promise<Session> => {
  const session = await emptyRoom();
  show(session, <FirstMinute more={null} />);
  return session;
};
const fish = async (name: string, option: RegExp): Promise<void> => {
  await userEvent.type(await screen.findByRole('combobox', { name: 'Add a fish' }), name);
  await userEvent.click(await screen.findByRole('option', { name: option }));
};
const size = (text: string) => userEvent.type(screen.getByLabelText('Its size'), text);

beforeEach(() => window.sessionStorage.clear());

describe('the first minute', () => {
  it('gives a reasoned verdict on fish and tank before anything has a name, and keeps nothing until asked', async () => {
    const session = await open();
    expect(screen.getByText(/The verdict appears here/)).toBeInTheDocument();
    await fish('tiger barb', /^tiger barb /);
    await fish('angelfish', /^angelfish /);
    await size('284 L');
    const verdict = await screen.findByRole('region', { name: 'First verdict' });
    expect(within(verdict).getByText('Stop')).toBeInTheDocument();
    expect(within(verdict).getByText(/tiger barbs nip/i)).toBeInTheDocument();
    expect(screen.getByText(/the usual 75 US gal/)).toBeInTheDocument();
    expect(session.state.getState().documents['draft-first']).toBeUndefined();
    await userEvent.click(screen.getByRole('button', { name: 'Keep as my tank' }));
    await waitFor(() => {
      const documents = Object.values(session.state.getState().documents);
      expect(documents).toEqual(
        expect.arrayContaining([
          expect.objectContaining({ kind: 'tank', body: expect.objectContaining({ name: '75 US gal' }) }),
          expect.objectContaining({
            kind: 'draft',
            body: expect.objectContaining({
              groups: [
                expect.objectContaining({
                  group: expect.objectContaining({ species: 'puntigrus-tetrazona' }),
                }),
                expect.objectContaining({
                  group: expect.objectContaining({ species: 'pterophyllum-scalare' }),
                }),
              ],
            }),
          }),
        ]),
      );
    });
  });

  it('takes a number before a name, and another number for what is there already', async () => {
    await open();
    await fish('8 rams', /^ram cichlid /);
    expect(screen.getByRole('textbox', { name: 'Number of ram cichlids' })).toHaveValue('8');
    await fish('3 rams', /^ram cichlid /);
    expect(screen.getAllByRole('textbox', { name: /^Number of/ })).toHaveLength(1);
    expect(screen.getByRole('textbox', { name: 'Number of ram cichlids' })).toHaveValue('3');
    // Named again without a number, it stays as it is.
    await fish('rams', /^ram cichlid /);
    expect(screen.getByRole('textbox', { name: 'Number of ram cichlids' })).toHaveValue('3');
  });
  it('mends a problem with one press and takes it back with one', async () => {
    await open();
    await fish('neon tetra', /^neon tetra /);
    await size('100 L');
    const count = screen.getByLabelText('Number of neon tetras');
    await userEvent.clear(count);
    await userEvent.type(count, '2{Enter}');
    const findings = within(await screen.findByTestId('first-findings'));
    const [fix] = await findings.findAllByRole('button', { name: /^(Keep|Add) \d/ });
    const before = (count as HTMLInputElement).value;
    await userEvent.click(fix!);
    await waitFor(() => expect((count as HTMLInputElement).value).not.toBe(before));
    await userEvent.click(screen.getByRole('button', { name: 'Undo' }));
    expect(count).toHaveValue(before);
    // What was typed of the tank stays, however far one goes back.
    while (screen.queryByRole('button', { name: 'Undo' }))
      await userEvent.click(screen.getByRole('button', { name: 'Undo' }));
    expect(screen.getByLabelText('Its size')).toHaveValue('100 L');
  });

  it('with fish only, says which common tanks carry them', async () => {
    await open();
    await fish('neon tetra', /^neon tetra /);
    const heading = await screen.findByRole('heading', { name: 'Common tanks that carry them' });
    const offers = within(heading.closest('section')!);
    const [first] = await offers.findAllByRole('button');
    const name = first!.textContent;
    await userEvent.click(first!);
    expect(screen.getByLabelText('Its size')).toHaveValue(name);
    expect(await screen.findByRole('region', { name: 'First verdict' })).toBeInTheDocument();
  });

  it('with a tank only, says which fish fit it; a size it does not understand is told where it stands', async () => {
    await open();
    await size('big');
    expect(screen.getByRole('alert')).toHaveTextContent('Type a size such as');
    await userEvent.clear(screen.getByLabelText('Its size'));
    await size('120 x 40');
    expect(screen.getByRole('alert')).toHaveTextContent('Add the height');
    await size(' x 50');
    expect(
      await screen.findByRole('heading', { name: 'Fish that fit it by themselves' }),
    ).toBeInTheDocument();
  });

  it('stands as it was after a reload', async () => {
    await open();
    await fish('neon tetra', /^neon tetra /);
    await size('100 L');
    document.body.innerHTML = '';
    await open();
    expect(screen.getByLabelText('Its size')).toHaveValue('100 L');
    expect(screen.getByLabelText('Number of neon tetras')).toBeInTheDocument();
  });
});
