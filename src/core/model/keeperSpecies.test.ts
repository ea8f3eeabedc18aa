import { catalogue } from '@/testing/plans';
import { distinctSpecies } from './forms';
import {
  changedPaths,
  isOfTheKeepersOwn,
  keeperSpeciesOf,
  overlay,
  withKeeperSpecies,
} from './keeperSpecies';
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

describe('what a keeper says otherwise', () => {
  it('is told by its paths, down to single values; ranges count as one', () => {
    const other = {
      ...neon,
      notes: 'Mine.',
      size: { ...neon.size, maleCm: 9 },
      water: { ...neon.water, wild: { ...neon.water.wild, ph: [4, 5] as const } },
    };
    expect([...changedPaths(neon, other)].sort()).toEqual(['notes', 'size.maleCm', 'water.wild.ph']);
    expect(changedPaths(neon, neon)).toEqual([]);
    expect(changedPaths({ a: null }, { a: { b: 1 } })).toEqual(['a']);
    expect(changedPaths({ a: [1] }, { a: { b: 1 } })).toEqual(['a']);
    expect(changedPaths(1, 2)).toEqual(['']);
  });
  it('lies over the shipped entry, and an update of the rest comes through', () => {
    const mine = { ...neon, notes: 'Old.', size: { ...neon.size, maleCm: 9, femaleCm: 1 } };
    const updated = { ...neon, notes: 'New.' };
    const seen = overlay(updated, { profile: mine, changed: ['size.maleCm'] });
    expect(seen).toEqual({ ...updated, size: { ...neon.size, maleCm: 9 } });
    expect(overlay(updated, { profile: mine, changed: ['notes'] })).toEqual({ ...updated, notes: 'Old.' });
    const bare = overlay({ ...updated, size: null } as unknown as SpeciesProfile, {
      profile: mine,
      changed: ['size.maleCm'],
    });
    expect(bare.size).toEqual({ maleCm: 9 });
    expect(neon.size.maleCm).not.toBe(9);
  });
  it('stands in the species documents of a room, those that were removed left out', () => {
    const own = { profile: neon, changed: [] };
    const documents = [
      { kind: 'species', body: own },
      { kind: 'species', body: null },
      { kind: 'tank', body: own },
    ];
    expect(keeperSpeciesOf(documents)).toEqual([own]);
    expect(isOfTheKeepersOwn(own)).toBe(true);
    expect(isOfTheKeepersOwn({ ...own, changed: ['notes'] })).toBe(false);
  });
  it('of a shipped species that is gone stays as a whole, and comes first', () => {
    const gone = { ...neon, id: 'gone', commonNames: ['gone one'] };
    const room = withKeeperSpecies(catalogue, [{ profile: gone, changed: ['notes'] }]);
    expect(room.all[0]).toMatchObject({ id: 'gone' });
    expect(room.all).toHaveLength(catalogue.all.length + 1);
    expect(
      withKeeperSpecies(catalogue, [{ profile: { ...neon, notes: 'Mine.' }, changed: ['notes'] }]).byId.get(
        neon.id,
      )?.notes,
    ).toBe('Mine.');
    expect(withKeeperSpecies(catalogue, [])).toBe(catalogue);
  });
  it('of before fields that every entry has now has them too', () => {
    const { contestedNumbers: _c, ...rest } = neon;
    const { youngPpt: _y, ...water } = neon.water;
    const old = { ...rest, id: 'old', water } as unknown as SpeciesProfile;
    const [first] = withKeeperSpecies(catalogue, [{ profile: old, changed: [] }]).all;
    expect(first).toMatchObject({ contestedNumbers: [], water: { youngPpt: null, wild: neon.water.wild } });
    const kept = {
      ...neon,
      id: 'kept',
      formOf: 'x',
      form: 'red',
      contestedNumbers: [{ size: 1 }],
      water: { ...neon.water, youngPpt: [1, 2] },
    };
    const [same] = withKeeperSpecies(catalogue, [
      { profile: kept as unknown as SpeciesProfile, changed: [] },
    ]).all;
    expect(same).toEqual(kept);
  });
});

describe('species that are kept otherwise', () => {
  const form = (more: object): SpeciesProfile => ({
    ...neon,
    id: 'neon-form',
    formOf: neon.id,
    form: 'colour',
    ...more,
  });
  const offered = (one: SpeciesProfile) =>
    distinctSpecies(withKeeperSpecies(catalogue, [{ profile: one, changed: [] }])).some(
      ({ id }) => id === 'neon-form',
    );
  it('leave out forms that differ for the eye and the shop only', () => {
    expect(offered(form({}))).toBe(false);
    expect(
      offered(
        form({
          commonNames: ['gold neon'],
          look: {},
          notes: 'x',
          trade: {},
          scientificName: 'x',
          formerNames: [],
          confidence: 'low',
          basis: [],
        }),
      ),
    ).toBe(false);
  });
  it('keep forms that are kept otherwise, and those of a species that is not there', () => {
    expect(offered(form({ size: { ...neon.size, maleCm: 9 } }))).toBe(true);
    expect(offered(form({ formOf: 'nobody' }))).toBe(true);
    expect(offered(form({ formOf: null }))).toBe(true);
  });
  it('are worked out once for a catalogue', () =>
    expect(distinctSpecies(catalogue)).toBe(distinctSpecies(catalogue)));
});
