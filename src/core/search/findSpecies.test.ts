import { catalogue } from '@/testing/plans';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { isNamed, resolveSpecies } from '../model';
import { findSpecies, searchSpecies } from './findSpecies';
import { nearestSpecies } from './sureSpecies';

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
    // The genus of now, of a name with a short end.
    ['Hoplisoma julii', 'corydoras-julii'],
    ['Ancistrus sp.', 'ancistrus-cirrhosus'],
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
  it.each([
    ['rope fish', 'erpetoichthys-calabaricus'],
    ['Platies', 'xiphophorus-maculatus'],
    ['L-046', 'hypancistrus-zebra'],
    ['fire mouths', 'thorichthys-meeki'],
  ])('%s is %s, however it is spelt', (typed, id) => {
    const found = resolveSpecies(catalogue, typed);
    expect(found.ok && found.profile.id).toBe(id);
  });
  it('still refuses what is no name, and names the nearest', () => {
    expect(resolveSpecies(catalogue, 'neon tetre')).toEqual({
      ok: false,
      nearest: 'neon tetra (paracheirodon-innesi)',
    });
  });
});

const rows = (file: string): readonly (readonly string[])[] =>
  readFileSync(join(process.cwd(), 'src', 'testing', 'fixtures', file), 'utf8')
    .trim()
    .split('\n')
    .slice(1)
    .map((line) => line.split(','));

/** Names on the list of species that came into the catalogue after it was written. */
const SINCE_ADDED: Readonly<Record<string, string>> = {
  'gold barb': 'barbodes-semifasciolatus',
  'pearl danio': 'danio-albolineatus',
  'Brachydanio albolineatus': 'danio-albolineatus',
  'Glyptoperichthys gibbiceps': 'pterygoplichthys-gibbiceps',
  MTS: 'melanoides-tuberculata',
  'Poecilia latipinna': 'poecilia-latipinna',
  'sailfin molly': 'poecilia-latipinna',
  'Pseudotropheus zebra': 'maylandia-zebra',
  'blind cave fish': 'astyanax-mexicanus-cave',
  'silver tip tetra': 'hasemania-nana',
};

// One reader's list of names as keepers type them; `-` is a species that is not here, `group` any of a group.
describe('names as keepers type them', () => {
  const typed = rows('names-typed.csv');
  it.each(typed)('%s (%s) is found first', (name, _class, expected = '') => {
    const [best] = searchSpecies(catalogue, name);
    const now = SINCE_ADDED[name];
    if (now !== undefined) return expect(best?.profile.id).toBe(now);
    if (expected === '-') return expect(best === undefined || best.match !== 'exact').toBe(true);
    expect(expected.split(' ').some((id) => best !== undefined && isNamed(id, best.profile))).toBe(true);
  });
  it.each(rows('names-frozen.csv').filter(([, expected]) => expected !== 'group'))(
    '%s means %s',
    (name, expected = '') => {
      const [best] = findSpecies(catalogue, name);
      if (expected === '-') return expect(best).toBeUndefined();
      expect(expected.split(' ').some((id) => best !== undefined && isNamed(id, best))).toBe(true);
    },
  );
  it.each([
    ['mbuna', 'mbuna'],
    ['haps', 'hap'],
    ['rainbowfish', 'melanotaenia'],
    ['stingrays', 'potamotrygon'],
  ])('%s lists its group', (name, kin) => {
    const found = findSpecies(catalogue, name);
    expect(found.length).toBeGreaterThan(3);
    expect(found.some((profile) => profile.kin === kin)).toBe(true);
  });
});

describe('nothing found', () => {
  it.each([
    ['ticto barb', /barb/],
    ['Poecilia caucana', /poecilia/],
  ])('"%s" offers what is near', (typed, near) => {
    expect(findSpecies(catalogue, typed)).toEqual([]);
    const nearest = nearestSpecies(catalogue, typed);
    expect(nearest.length).toBeGreaterThan(0);
    for (const { id, commonNames } of nearest) expect(`${id} ${commonNames.join(' ')}`).toMatch(near);
  });
  it.each(['qwertzuiop', '12345', '???'])('"%s" offers nothing rather than nonsense', (typed) =>
    expect(nearestSpecies(catalogue, typed)).toEqual([]),
  );
});
