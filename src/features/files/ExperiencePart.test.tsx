import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { readExperience } from '@/core/evidence';
import { demoRoom } from '@/demo/demoRoom';
import { room, show } from '@/testing/inRoom';
import { experienceOfRoom } from '@/workers/experienceOfRoom';
import { ExperiencePart } from './ExperiencePart';

const NOW = '2026-05-21T12:00:00.000Z';
const demo = demoRoom('2026-05-20');
let empty = false;
const written: [string, string][] = [];
jest.mock('@/session/saveFile', () => ({
  saveText: (name: string, text: string) => void written.push([name, text]),
}));
jest.mock('@/workers/startRoom', () => ({
  startRoom: () => ({
    thread: { terminate: () => {} },
    remote: {
      experience: async (_room: string, secret: string) =>
        experienceOfRoom(empty ? [] : demo.documents, empty ? [] : demo.entries, secret, NOW),
    },
  }),
}));

describe('experience for other keepers', () => {
  it('shows all of it before it goes, and leaves out what is struck', async () => {
    const session = await room([]);
    show(session, <ExperiencePart />);
    await userEvent.click(screen.getByRole('button', { name: 'Show what would go out' }));
    const list = await screen.findByRole('list', { name: 'Stays in the file' });
    const boxes = within(list).getAllByRole('checkbox');
    expect(boxes.length).toBeGreaterThan(2);
    await userEvent.click(boxes[0]!);
    await userEvent.click(screen.getByRole('button', { name: /^Save \d+ stays?$/ }));
    const [[name, text]] = written as [[string, string]];
    expect(name).toBe('2026-05.lomvik-experience.json');
    // What is shown is what goes out, to the letter.
    expect(screen.getByRole('region', { name: 'The file', hidden: true }).textContent).toBe(text);
    const read = readExperience(JSON.parse(text));
    expect(read.ok).toBe(true);
    const { settings } = session.state.getState().documents;
    const secret = settings?.kind === 'settings' ? settings.body?.experienceSecret : undefined;
    expect(secret).toBeTruthy();
    const whole = experienceOfRoom(demo.documents, demo.entries, secret!, NOW);
    expect(read.ok && read.value.stays.map(({ id }) => id)).toEqual(whole.stays.slice(1).map(({ id }) => id));
    expect(text).not.toContain(secret);
  });
  it('keeps its secret: the same room bears the same name in the next file', async () => {
    const session = await room([]);
    show(session, <ExperiencePart />);
    const secrets: (string | undefined)[] = [];
    for (let i = 0; i < 2; i += 1) {
      await userEvent.click(screen.getByRole('button', { name: 'Show what would go out' }));
      await screen.findByRole('list', { name: 'Stays in the file' });
      const { settings } = session.state.getState().documents;
      secrets.push(settings?.kind === 'settings' ? settings.body?.experienceSecret : undefined);
      await userEvent.click(screen.getByRole('button', { name: 'Close' }));
    }
    expect(secrets[0]).toBeTruthy();
    expect(secrets[1]).toBe(secrets[0]);
  });
  it('says why there is nothing yet', async () => {
    empty = true;
    show(await room([]), <ExperiencePart />);
    await userEvent.click(screen.getByRole('button', { name: 'Show what would go out' }));
    expect(await screen.findByText(/^Nothing yet/)).toBeInTheDocument();
    empty = false;
  });
});
