import { catalogue } from '@/testing/plans';
import { resolveSpecies } from './catalogue';
import { findSpecies } from './findSpecies';

const first = (typed: string, limit = 6) => findSpecies(catalogue, typed, limit).map((profile) => profile.id);

describe('findSpecies', () => {
  it.each([
    ['neon', 'paracheirodon-innesi'],
    ['angelf', 'pterophyllum-scalare'],
    ['cardinal', 'paracheirodon-axelrodi'],
    ['yellow lab', 'labidochromis-caeruleus'],
    ['P. innesi', 'paracheirodon-innesi'],
    ['tetra neon', 'paracheirodon-innesi'],
    ['Corydoras sterbai', 'corydoras-sterbai'],
  ])('%s means %s first', (typed, id) => expect(first(typed)[0]).toBe(id));

  it('finds by a former name and by a part of a word, and nothing by nothing', () => {
    expect(first('suttonorum')).toContain('panaque-cochliodon');
    expect(first('heirodon', 40)).toContain('paracheirodon-simulans');
    expect(first('   ')).toEqual([]);
    expect(first('qqqq')).toEqual([]);
  });
  it('names nothing twice and keeps to the limit', () => {
    const all = findSpecies(catalogue, 'cory');
    expect(new Set(all).size).toBe(all.length);
    expect(first('cory', 3)).toHaveLength(3);
  });
});

describe('names as keepers write them', () => {
  it.each([
    ['boesemani rainbowfish', 'melanotaenia-boesemani'],
    ['Dwarf Neon Rainbowfish', 'melanotaenia-praecox'],
    ['neon tetras', 'paracheirodon-innesi'],
    ['Pterophyllum scalare', 'pterophyllum-scalare'],
  ])('%s is %s', (typed, id) => {
    const found = resolveSpecies(catalogue, typed);
    expect(found.ok && found.profile.id).toBe(id);
  });
  it('still refuses what is no name, and names the nearest', () => {
    expect(resolveSpecies(catalogue, 'neon tetre')).toEqual({ ok: false, nearest: 'neon tetra (paracheirodon-innesi)' });
  });
});
