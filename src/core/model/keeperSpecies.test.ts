import { catalogue } from '@/testing/plans';
import { withKeeperSpecies } from './keeperSpecies';
import type { SpeciesProfile } from './species';

const neon = catalogue.byId.get('paracheirodon-innesi')!;

describe('a species of the keeper’s own', () => {
  it('stays when a new shipped entry has its identifier', () => {
    const mine = { ...neon, notes: 'Mine.' };
    const room = withKeeperSpecies(catalogue, [{ profile: mine, changed: [] }]);
    expect(room.byId.get(neon.id)?.notes).toBe('Mine.');
    expect(room.all).toHaveLength(catalogue.all.length);
  });
  it('keeps its name when a new shipped entry has that name too', () => {
    const mine = { ...neon, id: 'my-neon', scientificName: 'My neon', formerNames: [] };
    const room = withKeeperSpecies(catalogue, [{ profile: mine, changed: [] }]);
    expect(room.names.get('neon tetra')).toBe('my-neon');
    expect(room.byId.get(neon.id)).toBe(neon);
  });
  it('that was written before forms came is a species', () => {
    const { formOf: _formOf, form: _form, ...old } = { ...neon, id: 'old-one', commonNames: ['old one'] };
    const room = withKeeperSpecies(catalogue, [{ profile: old as SpeciesProfile, changed: [] }]);
    expect(room.byId.get('old-one')).toMatchObject({ formOf: null, form: null });
  });
});
