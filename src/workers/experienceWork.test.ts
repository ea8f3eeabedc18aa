import 'fake-indexeddb/auto';
import { readExperience, type ExperienceFile } from '@/core/evidence';
import { clubFiles, CLUB_TRUTH } from '@/demo/club';
import { demoRoom } from '@/demo/demoRoom';
import { experienceStore } from '@/store/experience/experienceStore';
import { file, stay } from '@/testing/stays';
import { faultLine } from '@/words/en';
import { experienceOfRoom } from './experienceOfRoom';
import { experienceWork } from './experienceWork';

const NOW = '2027-06-02T12:00:00.000Z';
const demo = demoRoom('2027-06-01');
let rooms = 0;
const [rough, gentle] = CLUB_TRUTH.pair;

/** A worker on a room of its own, with the demo's record. */
function working() {
  const room = `test-${(rooms += 1)}`;
  let record = { documents: demo.documents, entries: async () => demo.entries, mark: '1' };
  const work = experienceWork(
    experienceStore,
    async () => record,
    () => NOW,
  );
  return {
    room,
    work,
    take: (...files: readonly unknown[]) =>
      work.takeIn(room, files.length, async (from, to) =>
        files
          .slice(from, to)
          .map((one, i) =>
            one instanceof File ? one : new File([JSON.stringify(one)], `${from + i}.lomvik-experience.json`),
          ),
      ),
    empty: () => (record = { documents: [], entries: async () => [], mark: '2' }),
  };
}

describe('taking files in', () => {
  it('takes a club’s folder, and of each room the file that tells it last', async () => {
    const { work, room, take } = working();
    expect(await take(...clubFiles())).toMatchObject({ fresh: 26, newer: 0, known: 4, refused: [] });
    const held = await work.held(room);
    expect(held).toMatchObject({ keepers: 26 });
    expect(held.files).toHaveLength(26);
    expect(held.stays).toBe(
      clubFiles()
        .slice(0, 26)
        .flatMap(({ stays }) => stays).length,
    );
    expect(held.species[0]!.tanks).toBeGreaterThan(20);
  });
  it('brings a room up to date by a newer file, and leaves an older one and the same out', async () => {
    const { take } = working();
    const [one, two] = [stay(), stay()];
    expect(await take(file('r', [one], '2027-02'))).toMatchObject({ fresh: 1 });
    expect(await take(file('r', [one], '2027-02'))).toMatchObject({ fresh: 0, newer: 0, known: 1 });
    expect(await take(file('r', [one], '2027-01'))).toMatchObject({ known: 1 });
    expect(await take(file('r', [one, two], '2027-03'))).toMatchObject({ newer: 1, known: 0 });
  });
  it('leaves the keeper’s own room out', async () => {
    const { take, work, room } = working();
    const own = experienceOfRoom(demo.documents, demo.entries, NOW);
    expect(await take(own, file('r', [stay()]))).toMatchObject({ fresh: 1, own: 1 });
    expect((await work.held(room)).files).toHaveLength(1);
  });
  it('refuses a file that is wrong anywhere with its name and place, and takes the others', async () => {
    const { take } = working();
    const long = file('r', [stay({ from: '1600-01', until: null })]);
    const taken = await take(
      long,
      new File(['{"format":'], 'cut.json'),
      new File(['hello'], 'letter.txt'),
      file('s', [stay()]),
    );
    expect(taken).toMatchObject({ fresh: 1, moreRefused: 0 });
    expect(taken.refused.map(({ name }) => name)).toEqual([
      '0.lomvik-experience.json',
      'cut.json',
      'letter.txt',
    ]);
    expect(faultLine(taken.refused[0]!.faults[0]!)).toMatch(/^stays\[0\]/);
  });
  it('tells a few of very many that are refused', async () => {
    const { take } = working();
    const taken = await take(...Array.from({ length: 25 }, (_, i) => new File(['x'], `${i}.json`)));
    expect([taken.refused.length, taken.moreRefused]).toEqual([20, 5]);
  });
  it('asks for thousands piece by piece, each file once, in their order', async () => {
    const { work, room } = working();
    const files = Array.from({ length: 40 }, (_, i) => clubFiles(i + 1)).flat();
    const asked: number[] = [];
    const taken = await work.takeIn(room, files.length, async (from, to) => {
      const piece = files.slice(from, to).map((one, i) => new File([JSON.stringify(one)], `${from + i}`));
      asked.push(...piece.map(({ name }) => Number(name)));
      return piece;
    });
    expect(asked).toEqual(files.map((_, i) => i));
    expect(taken).toMatchObject({ fresh: 40 * 26, known: 40 * 4 });
  });
});

describe('asking', () => {
  it('sums who kept this with that, and tells the stays, the longest first', async () => {
    const { work, room, take } = working();
    await take(...clubFiles());
    const { sum, cases, beside } = await work.ask(room, { species: rough, with: gentle }, {});
    expect(sum.keepers).toBeGreaterThan(8);
    expect(cases).toHaveLength(sum.tanks);
    expect(cases.map(({ months }) => months)).toEqual(
      cases.map(({ months }) => months).sort((a, b) => b - a),
    );
    expect(beside).toEqual([]);
    const alone = await work.ask(room, { species: gentle }, {});
    expect(alone.beside.map(({ species }) => species)).toContain(rough);
    const long = await work.ask(room, { species: rough, with: gentle }, { leastMonths: 30 });
    expect(long.sum.tanks).toBeLessThan(sum.tanks);
  });
  it('notices what another tab took in or removed', async () => {
    const { work, room, take } = working();
    const other = experienceWork(
      experienceStore,
      async () => ({ documents: [], entries: async () => [], mark: '' }),
      () => NOW,
    );
    await take(file('r', [stay()]), file('s', [stay()]));
    expect((await other.held(room)).files).toHaveLength(2);
    await work.remove(room, ['r']);
    expect((await other.held(room)).files.map((one) => one.room)).toEqual(['s']);
    await work.remove(room, 'all');
    expect(await other.held(room)).toMatchObject({ files: [], keepers: 0, tanks: 0, stays: 0, species: [] });
  });
  it('says of a question what others and what this room lived through', async () => {
    const { work, room, take, empty } = working();
    await take(...clubFiles());
    const own = experienceOfRoom(demo.documents, demo.entries, NOW);
    const species = own.stays[0]!.fish[0]!.species;
    const [first, second] = await work.about(room, [
      { species, outcome: 'trouble' },
      { species: rough, outcome: 'trouble' },
    ]);
    expect(first!.own.tanks).toBeGreaterThan(0);
    expect(second!.others.tanks).toBeGreaterThan(0);
    empty();
    expect((await work.about(room, [{ species, outcome: 'trouble' }]))[0]!.own.tanks).toBe(0);
  });
});

it('what is held is a file as it came', async () => {
  const { room, take } = working();
  const one: ExperienceFile = file('r', [stay()]);
  await take(one);
  const [held] = await experienceStore(room).all();
  expect(readExperience(held!.file)).toMatchObject({ ok: true, value: one });
});
