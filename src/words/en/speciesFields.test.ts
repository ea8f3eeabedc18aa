import { profileCells } from '@/core/formats';
import { catalogue } from '@/testing/plans';
import { SPECIES_FIELDS, SPECIES_GROUPS, speciesField, speciesGroup } from './speciesFields';

const paths = Object.keys(profileCells(catalogue.all[0]!));

describe('fields of a species', () => {
  it('have a name each, and no name is left over', () =>
    expect(Object.keys(SPECIES_FIELDS).sort()).toEqual([...paths].sort()));
  it('have names that no other field of their group has', () => {
    const names = paths.map((path) => `${speciesGroup(path)} ${speciesField(path)}`);
    expect(new Set(names).size).toBe(names.length);
  });
  it('stand in groups with a name', () =>
    expect([...new Set(paths.map(speciesGroup))].filter((group) => !(group in SPECIES_GROUPS))).toEqual([]));
  it('lend their name to the items of their list', () =>
    expect(speciesField('commonNames[2]')).toBe('Common names'));
});
