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
      experience: async () => experienceOfRoom(empty ? [] : demo.documents, empty ? [] : demo.entries, NOW),
    },
  }),
}));

describe('experience for other keepers', () => {
  it('shows all of it before it goes, and leaves out what is struck', async () => {
    const session = await room([]);
    const before = session.state.getState().documents;
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
    const whole = experienceOfRoom(demo.documents, demo.entries, NOW);
    expect(read.ok && read.value.stays.map(({ id }) => id)).toEqual(whole.stays.slice(1).map(({ id }) => id));
    // Looking and saving changes nothing of the room.
    expect(session.state.getState().documents).toBe(before);
  });
  it('bears the same names in every file of the room, and others in those of another', () => {
    const names = (entries: typeof demo.entries) => {
      const file = experienceOfRoom(demo.documents, entries, NOW);
      return [file.room, ...file.stays.map(({ id }) => id)];
    };
    const [first, ...others] = demo.entries;
    // In whatever order the entries come.
    expect(experienceOfRoom([], [...others, first!], NOW).room).toBe(names(demo.entries)[0]);
    const another = { ...first!, id: 'another', recorded: '2000-01-01T00:00:00.000Z' } as typeof first &
      object;
    expect(experienceOfRoom([], [another, ...others], NOW).room).not.toBe(names(demo.entries)[0]);
    expect(JSON.stringify(experienceOfRoom(demo.documents, demo.entries, NOW))).not.toContain(
      `"${first!.id}"`,
    );
  });
  it('says why there is nothing yet', async () => {
    empty = true;
    show(await room([]), <ExperiencePart />);
    await userEvent.click(screen.getByRole('button', { name: 'Show what would go out' }));
    expect(await screen.findByText(/^Nothing yet/)).toBeInTheDocument();
    empty = false;
  });
});
