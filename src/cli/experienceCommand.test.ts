import { CLUB_TRUTH, clubFiles } from '@/demo/club';
import { catalogue } from '@/testing/plans';
import { runCommand } from './runCommand';

const files: Readonly<Record<string, string>> = {
  ...Object.fromEntries(clubFiles().map((file, i) => [`${i}.json`, JSON.stringify(file)])),
  'broken.json': JSON.stringify({ ...clubFiles()[0], made: 'May' }),
  'cut.json': '{"format":',
};
const run = (...args: string[]) =>
  runCommand(['experience', ...args], {
    readInput: (path) => {
      const text = files[path];
      if (text === undefined) throw new Error('no such file');
      return text;
    },
    catalogue,
    today: '2027-05-01',
  });

describe('experience on the command line', () => {
  const club = clubFiles().map((_, i) => `${i}.json`);
  it('says of each file whether it is valid, and where it is not', () => {
    const { output, errors } = run('check', '0.json', 'broken.json', 'cut.json', '1.json', 'none.json');
    expect(output.trim().split('\n')).toEqual([
      expect.stringMatching(/^0\.json: a valid experience file, \d+ stays$/),
      expect.stringMatching(/^1\.json: a valid/),
    ]);
    expect(errors).toEqual([
      expect.stringMatching(/^broken\.json: made/),
      expect.stringMatching(/^cut\.json/),
      expect.stringMatching(/^none\.json: could not be read/),
    ]);
  });
  it('sums a club for two species, by any of their names', () => {
    const { output, errors } = run(
      'sum',
      ...club,
      '--species',
      'convict cichlid',
      '--with',
      'Corydoras aeneus',
    );
    expect(errors).toEqual([]);
    expect(JSON.parse(output)).toMatchObject({
      species: 'amatitlania-nigrofasciata',
      with: 'corydoras-aeneus',
      files: 30,
      joinedRooms: 0,
      keepers: new Set(
        clubFiles()
          .filter(({ stays }) => stays.some(({ fish }) => fish[0]?.species === CLUB_TRUTH.pair[0]))
          .map(({ room }) => room),
      ).size,
    });
  });
  it.each([
    [['weigh'], /needs check or sum\. Found "weigh"/],
    [['check'], /needs a file/],
    [['sum', '0.json'], /needs --species/],
    [['sum', '0.json', '--species', 'convikt'], /--species: needs a known species/],
    [['sum', '0.json', 'broken.json', '--species', 'convict cichlid'], /broken\.json: made/],
  ])('says what is wrong: %j', (args, fault) => {
    const { output, errors } = run(...args);
    expect([output, errors.join('\n')]).toEqual(['', expect.stringMatching(fault)]);
  });
});
