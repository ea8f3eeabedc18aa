import Papa from 'papaparse';
import { faultLine } from '@/words/en';
import { catalogue } from '@/testing/plans';
import { changedPaths, overlay, withKeeperSpecies } from '../model/keeperSpecies';
import { unsoundBeside, unsoundIn } from './soundProfile';
import { readSpeciesCsv, writeSpeciesCsv } from './speciesCsv';

const of = (id: string) => catalogue.byId.get(id)!;
const faultsOf = (text: string) =>
  readSpeciesCsv(text, catalogue).rows.map((row) =>
    row.faults.map((fault) => `${row.line} ${faultLine(fault)}`),
  );

describe('species by CSV', () => {
  it('brings every shipped species back unchanged', () => {
    const { rows, faults } = readSpeciesCsv(writeSpeciesCsv(catalogue.all), catalogue);
    expect(faults).toEqual([]);
    expect(rows.filter((row) => row.faults.length > 0).map((row) => [row.name, row.faults])).toEqual([]);
    expect(
      rows.filter((row) => row.species!.changed.length > 0).map((row) => [row.name, row.species!.changed]),
    ).toEqual([]);
    expect(rows).toHaveLength(catalogue.all.length);
  });

  it('takes a new species like a known one, with units in the cells', () => {
    const text = Papa.unparse([
      {
        id: 'hyphessobrycon-own',
        like: 'ember tetra',
        scientificName: 'Hyphessobrycon own',
        commonNames: 'porch tetra; lamp tetra',
        'size.maleCm': '1 in',
        'water.tankBred.temperatureC': '73 - 84 F',
      },
    ]);
    const [row] = readSpeciesCsv(text, catalogue).rows;
    expect(row?.faults).toEqual([]);
    expect(row?.species?.profile.size.maleCm).toBeCloseTo(2.54, 2);
    expect(row?.species?.profile.commonNames).toEqual(['porch tetra', 'lamp tetra']);
    expect(row?.species?.profile.water.tankBred.temperatureC[1]).toBeCloseTo(28.889, 3);
    expect(row?.species?.profile.confidence).toBe(1);
    expect(row?.overrides).toBe(false);
  });

  it('changes a shipped entry only where the row says so', () => {
    const [row] = readSpeciesCsv('id,size.maleCm\npterophyllum-scalare,14.5\n', catalogue).rows;
    expect(row).toMatchObject({ overrides: true, species: { changed: ['size.maleCm'] } });
  });

  it('names row and field of what cannot be, and offers the good rows', () => {
    const text = [
      'id,like,scientificName,commonNames,size.maleCm,water.tankBred.temperatureC',
      'tetra-one,neon tetra,Tetra one,first tetra,3,20 - 26',
      'tetra-two,neon tetra,Tetra two,second tetra,200,20 - 26',
      'tetra-three,neon tetra,Tetra three,third tetra,3,28 - 22',
      'tetra-four,neon tetra,Tetra four,fourth tetra,3,68 - 79',
      'tetra-five,neon tetre,Tetra five,fifth tetra,3,20 - 26',
      'tetra-six,neon tetra,Tetra six,cardinal tetra,3,20 - 26',
      'tetra-one,neon tetra,Tetra one,another tetra,3,20 - 26',
    ].join('\n');
    const { rows } = readSpeciesCsv(text, catalogue);
    expect(rows.map((row) => row.species !== null)).toEqual([true, false, false, false, false, false, false]);
    expect(faultsOf(text).flat().join('\n')).toMatch(
      /3 size\.maleCm: needs at most .* cm: the largest of its family here is/,
    );
    expect(faultsOf(text)[2]?.[0]).toContain('in order');
    expect(faultsOf(text)[3]?.[0]).toContain('for °F write the unit');
    expect(faultsOf(text)[4]?.[0]).toContain('Did you mean');
    expect(faultsOf(text)[5]?.[0]).toContain('paracheirodon-axelrodi does not have already');
    expect(faultsOf(text)[6]?.[0]).toContain('no other has');
  });

  it('refuses a name that is another species’ former name', () =>
    expect(
      faultsOf(
        'id,like,scientificName,commonNames\nown-one,ram cichlid,Papiliochromis ramirezi,own ram\n',
      )[0]?.[0] ??
        faultsOf(
          'id,like,scientificName,commonNames\nown-one,mikrogeophagus-ramirezi,Papiliochromis ramirezi,own ram\n',
        )[0]?.[0],
    ).toMatch(/mikrogeophagus-ramirezi does not have already|Did you mean/));

  it('says what is wrong with a file as a whole', () => {
    expect(readSpeciesCsv('name,size\nneon,3\n', catalogue).faults[0]).toMatchObject({
      line: 1,
      expected: { is: 'column', name: 'id' },
    });
    expect(readSpeciesCsv('id,colour\nx,blue\n', catalogue).faults[0]).toMatchObject({
      line: 1,
      path: 'colour',
      expected: { is: 'known column' },
    });
    expect(readSpeciesCsv('', catalogue).faults).toHaveLength(1);
  });
});

describe("a keeper's species", () => {
  const mine = { ...of('pterophyllum-scalare'), size: { ...of('pterophyllum-scalare').size, maleCm: 13 } };
  const changed = changedPaths(of('pterophyllum-scalare'), mine);
  it('lies over the shipped entry and leaves it as it is', () => {
    const room = withKeeperSpecies(catalogue, [{ profile: mine, changed }]);
    expect(room.byId.get('pterophyllum-scalare')!.size.maleCm).toBe(13);
    expect(catalogue.byId.get('pterophyllum-scalare')!.size.maleCm).toBe(15);
  });
  it('survives an update of the shipped entry, which comes through elsewhere', () => {
    const updated = {
      ...of('pterophyllum-scalare'),
      notes: 'Updated.',
      size: { ...mine.size, maleCm: 16, femaleCm: 12 },
    };
    expect(overlay(updated, { profile: mine, changed })).toMatchObject({
      notes: 'Updated.',
      size: { maleCm: 13, femaleCm: 12 },
    });
  });
  it('adds what was not there', () => {
    const own = {
      ...mine,
      id: 'own-angel',
      scientificName: 'Own angel',
      commonNames: ['own angel'],
      formerNames: [],
    };
    expect(withKeeperSpecies(catalogue, [{ profile: own, changed: [] }]).names.get('own angel')).toBe(
      'own-angel',
    );
  });
});

describe('the shipped entries', () => {
  it('are sound by the checks that a keeper’s own pass', () =>
    expect(
      catalogue.all.flatMap((profile) =>
        [...unsoundIn(profile), ...unsoundBeside(profile, catalogue)].map(
          (fault) => `${profile.id} ${faultLine(fault)}`,
        ),
      ),
    ).toEqual([]));
});
