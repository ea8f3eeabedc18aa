import { clubFiles } from '@/demo/club';
import { CONVICT, CORY, file, stay } from '@/testing/stays';
import { readExperience } from './experienceFile';
import type { Stay } from './stay';

const faults = (value: unknown): readonly string[] => {
  const read = readExperience(JSON.parse(JSON.stringify(value)));
  return read.ok ? [] : read.faults.map(({ path, expected }) => `${path} ${expected.is}`);
};

describe('an experience file', () => {
  it('is read as it was written', () => {
    const written = file('r', [stay(), stay({ until: null, water: { ph: [6.5, 7.5] } })]);
    expect(readExperience(JSON.parse(JSON.stringify(written)))).toEqual({ ok: true, value: written });
  });
  it.each<[string, unknown, readonly string[]]>([
    ['of nothing', null, [' object']],
    ['of another kind', { ...file('r', []), format: 'x' }, ['format format']],
    ['of a newer version', { ...file('r', []), version: 2 }, ['version version']],
    ['without its month', { ...file('r', []), made: undefined }, ['made month']],
    ['with a stay of 400 years', file('r', [stay({ from: '1625-03' })]), ['stays[0].until whole']],
    [
      'with a stay that ends before it begins',
      file('r', [stay({ from: '2026-06' })]),
      ['stays[0].until ordered'],
    ],
    [
      'with a stay that ends after the file',
      file('r', [stay({ until: '2027-06' })]),
      ['stays[0].until ordered'],
    ],
    [
      'with a stay without an end',
      file('r', [{ ...stay(), until: undefined } as unknown as Stay]),
      ['stays[0].until month'],
    ],
    [
      'with rates below nothing',
      file('r', [stay({ contests: [{ by: CONVICT, to: CORY, level: 'chase', count: -3 }] })]),
      ['stays[0].contests[0].count whole'],
    ],
    [
      'with minutes below nothing',
      file('r', [stay({ minutesWatched: -1 })]),
      ['stays[0].minutesWatched whole'],
    ],
    [
      'with more minutes than the months have',
      file('r', [stay({ minutesWatched: 16 * 31 * 1440 })]),
      ['stays[0].minutesWatched at most'],
    ],
    [
      'with contests of fish that were not there',
      file('r', [stay({ contests: [{ by: 'danio-rerio', to: CORY, level: 'bite', count: 1 }] })]),
      ['stays[0].contests[0].by known'],
    ],
    [
      'with more lost than there were',
      file('r', [
        stay({
          losses: [
            { species: CORY, cause: 'illness', count: 4 },
            { species: CORY, cause: 'age', count: 3 },
          ],
        }),
      ]),
      ['stays[0].losses[1].count at most'],
    ],
    [
      'with a species twice, and more sexes than fish',
      file('r', [
        stay({
          fish: [
            { species: CORY, count: 2, males: 2, females: 1, lengthCm: 3 },
            { species: CORY, count: 2, lengthCm: 3 },
          ],
        }),
      ]),
      ['stays[0].fish[0].males sexes', 'stays[0].fish[1].species unique'],
    ],
  ])('%s is refused, and says where', (_, value, expected) => expect(faults(value)).toEqual(expected));
  it('is bounded to the month, the minute and the head', () => {
    expect(faults(file('r', [stay({ from: '1976-05', until: '2026-05' })]))).toEqual([]);
    expect(faults(file('r', [stay({ from: '1976-04', until: '2026-05' })]))).toEqual([
      'stays[0].until whole',
    ]);
    expect(faults(file('r', [stay({ from: '2026-05', until: '2026-05' })]))).toEqual([]);
    const minutes = 15 * 31 * 1440;
    expect(faults(file('r', [stay({ minutesWatched: minutes })]))).toEqual([]);
    expect(faults(file('r', [stay({ minutesWatched: minutes + 1 })]))).toHaveLength(1);
    const six = (males: number, females: number, lost: number) =>
      stay({
        fish: [{ species: CORY, count: 6, males, females, lengthCm: 3 }],
        losses: [{ species: CORY, cause: 'age', count: lost }],
      });
    expect(faults(file('r', [six(2, 4, 6)]))).toEqual([]);
    expect(faults(file('r', [six(3, 4, 7)]))).toHaveLength(2);
  });
  it('names the place of every fish that was not there', () => {
    const other = 'danio-rerio';
    expect(
      faults(
        file('r', [
          stay({
            contests: [{ by: CORY, to: other, level: 'bite', count: 1 }],
            signs: [{ species: other, what: 'torn' }],
            losses: [{ species: other, cause: 'age', count: 1 }],
          }),
        ]),
      ),
    ).toEqual([
      'stays[0].contests[0].to known',
      'stays[0].signs[0].species known',
      'stays[0].losses[0].species known',
    ]);
  });
  it('says which two months stand in the wrong order, and that a newer program wrote it', () => {
    const expected = (value: unknown) => {
      const read = readExperience(JSON.parse(JSON.stringify(value)));
      return read.ok ? null : read.faults[0]?.expected;
    };
    expect(expected(file('r', [stay({ from: '2026-06' })]))).toEqual({
      is: 'ordered',
      parts: ['from', 'until'],
    });
    expect(expected(file('r', [stay({ until: '2027-06' })]))).toEqual({
      is: 'ordered',
      parts: ['until', 'made'],
    });
    expect(expected({ ...file('r', []), version: 2 })).toEqual({ is: 'version', to: 1, newer: true });
    expect(expected({ ...file('r', []), version: 0 })).toMatchObject({ is: 'version', newer: false });
  });
  it('does not tell of one stay twice', () => {
    const one = stay();
    expect(faults(file('r', [one, one]))).toEqual(['stays[1].id unique']);
  });
  it('may tell of species that this catalogue lacks', () =>
    expect(faults(file('r', [stay({ fish: [{ species: 'genus-nova', count: 1, lengthCm: 3 }] })]))).toEqual(
      [],
    ));
});

describe('the made-up club', () => {
  it('is thirty valid files, the same for the same seed', () => {
    const files = clubFiles();
    expect(files).toHaveLength(30);
    for (const one of files) expect(faults(one)).toEqual([]);
    expect(clubFiles()).toEqual(files);
  });
});
