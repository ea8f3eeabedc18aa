import { catalogue } from '@/testing/plans';
import type { PartThatDiffers } from '@/core/merge';
import { sayPartThatDiffers } from './merge';
import { METRIC, US } from './quantities';
import { wordsFor } from './words';

describe('a part that two rooms say differently', () => {
  const part = (more: Partial<PartThatDiffers>): PartThatDiffers => ({
    kind: 'tank',
    name: 'Fen',
    tank: '',
    species: '',
    path: 'tank.lengthCm',
    mine: 100,
    theirs: 122,
    stands: 'theirs',
    ...more,
  });
  const said = (more: Partial<PartThatDiffers>, units = METRIC) =>
    sayPartThatDiffers(part(more), wordsFor(catalogue, units));
  it('of a tank is said in the keeper’s units', () => {
    expect(said({})).toBe('Tank Fen, length: 100 cm here, 122 cm in the file; the file was later.');
    expect(said({ mine: 101.6, theirs: 121.92, stands: 'mine' }, US)).toBe(
      'Tank Fen, length: 40 in here, 48 in in the file; this room was later.',
    );
  });
  it('of a tank that was removed has no name to say', () =>
    expect(said({ name: '', path: '', mine: {}, theirs: null })).toBe(
      'Tank: an entry here, nothing in the file; the file was later.',
    ));
  it('of a stock list names the tank and the species', () =>
    expect(
      said({
        kind: 'draft',
        name: 'Stock list',
        tank: 'Fen',
        species: 'paracheirodon-innesi',
        path: 'groups[k].group.count',
        mine: 11,
        theirs: 10,
      }),
    ).toBe('Stock list of Fen, neon tetra, number: 11 here, 10 in the file; the file was later.'));
  it('that is one fish of the list says whether it is listed, and shows no key', () => {
    const group = { kind: 'draft', name: 'Stock list', tank: 'Fen', path: 'groups[k-1]' } as const;
    expect(said({ ...group, species: 'paracheirodon-innesi', mine: {}, theirs: undefined })).toBe(
      'Stock list of Fen, neon tetra: listed here, not listed in the file; the file was later.',
    );
    expect(said({ ...group, mine: undefined, theirs: {} })).toBe(
      'Stock list of Fen, groups: not listed here, listed in the file; the file was later.',
    );
  });
  it('of a document without a name calls it by its sort, and a part that nobody named by its place', () => {
    expect(said({ kind: 'watching', name: '', tank: 'Fen', path: 'odd', mine: undefined, theirs: 'x' })).toBe(
      'Running watch of Fen, odd: nothing here, “x” in the file; the file was later.',
    );
    expect(said({ kind: 'settings', name: '', path: '', mine: null, theirs: { keeper: 'Ida' } })).toBe(
      'The settings: nothing here, an entry in the file; the file was later.',
    );
  });
});
