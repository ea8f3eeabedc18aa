import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { latestOf } from '@/core/evidence';
import { clubFiles, CLUB_TRUTH } from '@/demo/club';
import { ExperienceBeside } from '@/session/react/ExperienceLines';
import { heldExperience, hold } from '@/testing/heldExperience';
import { room, show } from '@/testing/inRoom';
import { file, stay } from '@/testing/stays';
import { ExperienceScreen } from './ExperienceScreen';

let address = '';
jest.mock('next/navigation', () => ({
  useSearchParams: () => new URLSearchParams(address),
  useRouter: () => ({ push: (href: string) => void (address = href.split('?')[1] ?? ''), replace: () => {} }),
  usePathname: () => '/experience',
}));
jest.mock('@/workers/startExperience', () => ({
  startExperience: () => ({
    thread: { terminate: () => {} },
    remote: heldExperience(),
  }),
}));
jest.mock('@/ui/chart/ForestPlot', () => ({
  ForestPlot: ({ rows }: { rows: readonly unknown[] }) => <p>{rows.length} shares drawn</p>,
}));
const asFile = (one: unknown, name: string): File => {
  const text = JSON.stringify(one);
  return Object.assign(new File([text], name, { type: 'application/json' }), { text: async () => text });
};
const [rough, gentle] = CLUB_TRUTH.pair;
const hand = (...files: readonly File[]) =>
  userEvent.upload(screen.getByLabelText(/Files that other keepers handed you/), [...files]);

beforeEach(() => {
  address = '';
  // A list that draws only what is in sight draws nothing in a box without a height.
  jest.spyOn(Element.prototype, 'clientHeight', 'get').mockReturnValue(320);
});

describe('experience of other keepers', () => {
  it('says what to do first, takes files in, says what became of each, and lets them be removed', async () => {
    await hold([]);
    show(await room([]), <ExperienceScreen />);
    expect(await screen.findByText(/Nothing is here yet/)).toBeTruthy();
    await hand(
      asFile(file('r', [stay()]), 'skerry.json'),
      asFile(file('s', [stay({ from: '1600-01' })]), 'old.json'),
    );
    expect(await screen.findByText('1 room added.')).toBeTruthy();
    expect(await screen.findByText('old.json was not added.')).toBeTruthy();
    await userEvent.click(await screen.findByText('Show and remove'));
    const list = await screen.findByRole('region', { name: 'Experience files' });
    expect(await within(list).findByText('skerry.json')).toBeTruthy();
    expect(screen.queryByLabelText('Name of a file')).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Remove all' }));
    await userEvent.click(screen.getByRole('button', { name: 'Yes, remove 1 file' }));
    expect(await screen.findByText(/Nothing is here yet/)).toBeTruthy();
  });
  it('finds one of many files by its name, and removes it alone', async () => {
    await hold([]);
    show(await room([]), <ExperienceScreen />);
    await screen.findByText(/Nothing is here yet/);
    const names = Array.from({ length: 12 }, (_, at) => `keeper ${at + 1}.json`);
    await hand(...names.map((name, at) => asFile(file(`r${at}`, [stay()]), name)));
    await userEvent.click(await screen.findByText('Show and remove'));
    await userEvent.type(await screen.findByLabelText('Name of a file'), 'Keeper 1');
    expect(screen.getByText('4 of 12 files')).toBeTruthy();
    await userEvent.click(await screen.findByRole('button', { name: 'Remove keeper 11.json' }));
    expect(await screen.findByText('3 of 11 files')).toBeTruthy();
  });
  it('answers who kept this with that, how it went and how it ended', async () => {
    address = `species=${rough}&with=${gentle}`;
    const session = await room([]);
    await hold(latestOf(clubFiles()));
    show(session, <ExperienceScreen />);
    const table = await screen.findByRole('table', { name: 'Outcomes by tank' });
    const row = within(table).getByText('fins torn').closest('tr')!;
    expect(row.textContent).toMatch(/\d+ of \d+\d+%\d+ to \d+%/);
    expect(screen.getByText('9 shares drawn')).toBeTruthy();
    expect(screen.getByText(/Convict cichlids against bronze corys/).textContent).toMatch(/an hour and pair/);
    const cases = screen.getByRole('list', { name: 'Tank by tank' });
    expect(within(cases).getAllByRole('listitem')).toHaveLength(8);
    expect(screen.getByText(/no average keeper/)).toBeTruthy();
    // Only in tanks like this: nobody has one of two metres.
    await userEvent.click(screen.getByText('Only in tanks like this'));
    await userEvent.type(screen.getByLabelText('Tank at least (length)'), '200 cm{Enter}');
    expect(
      await screen.findByText(
        /Nobody whose file is here kept convict cichlids with bronze corys in such a tank/,
      ),
    ).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Clear filter' }));
    expect(await screen.findByRole('table', { name: 'Outcomes by tank' })).toBeTruthy();
  });
  it('stands beside a finding, with its limits; beside none that no stay can bear out', async () => {
    const session = await room([]);
    await hold(latestOf(clubFiles()));
    const { container, unmount } = show(
      session,
      <ExperienceBeside finding={{ rule: 'fin-nipping', severity: 'caution', species: [rough, gentle] }} />,
    );
    await waitFor(() =>
      expect(container.textContent).toMatch(
        /Experience: \d+ keepers, \d+ tanks, \d+ tank-months, watched \d+ hours: fins torn in \d+ of \d+ tanks \(\d+%, 95% limits \d+ to \d+%\)/,
      ),
    );
    unmount();
    const water = show(
      session,
      <ExperienceBeside finding={{ rule: 'water-ph', severity: 'stop', species: [rough, gentle] }} />,
    );
    expect(water.container.textContent).toBe('');
  });
});
