import { catalogue } from '@/testing/plans';
import { checkFile } from './checkFile';
import { newLifeFile, readLifeFile } from './lifeFile';

const life = newLifeFile({
  name: 'Torch',
  species: 'labidochromis-caeruleus',
  count: 1,
  sex: 'male',
  lengthCm: 9,
  origin: 'tank-bred',
  bornAbout: '2024',
  keeper: 'Maren',
  story: [{ on: '2026-01-02T10:00:00.000Z', text: 'Came from a club table.' }],
  lengths: [{ on: '2026-01-02T10:00:00.000Z', lengthCm: 6 }],
});

describe('the file of a life', () => {
  it('reads back what was written', () => {
    const plain = JSON.parse(JSON.stringify(life)) as unknown;
    expect(readLifeFile(plain, catalogue)).toEqual({ ok: true, value: life });
    expect(checkFile(plain, catalogue)).toEqual({ ok: true, value: 'lomvik-life' });
  });
  it('takes any name of the species', () => {
    const read = readLifeFile({ ...life, species: 'yellow lab' }, catalogue);
    expect(read.ok && read.value.species).toBe('labidochromis-caeruleus');
  });
  it('names what is wrong, by path', () => {
    const paths = (value: unknown) => {
      const read = readLifeFile(value, catalogue);
      return read.ok ? [] : read.faults.map((fault) => fault.path);
    };
    expect(paths({ ...life, lengthCm: -1, sex: 'both' }).sort()).toEqual(['lengthCm', 'sex']);
    expect(paths({ ...life, story: [{ on: 'soon', text: 'x' }] })).toEqual(['story[0].on']);
    expect(paths({ ...life, species: 'nothing such' })).toEqual(['species']);
    expect(paths({ ...life, version: 9 })).toEqual(['version']);
    expect(paths(null)).toEqual(['version']);
  });
  it.each([
    [2, true],
    [0, false],
    ['9', false],
    [undefined, false],
  ])('of version %j: another one, newer or not', (version, newer) =>
    expect(readLifeFile({ ...life, version }, catalogue)).toEqual({
      ok: false,
      faults: [
        {
          path: 'version',
          expected: { is: 'version', to: 1, newer },
          received:
            version === undefined ? { is: 'nothing' } : { is: 'value', text: JSON.stringify(version) },
        },
      ],
    }),
  );
  it('asks for the species that is near', () =>
    expect(readLifeFile({ ...life, species: 'yellow lap' }, catalogue)).toEqual({
      ok: false,
      faults: [
        {
          path: 'species',
          expected: { is: 'known', what: 'species', nearest: expect.stringContaining('yellow lab') },
          received: { is: 'value', text: '"yellow lap"' },
        },
      ],
    }));
});
