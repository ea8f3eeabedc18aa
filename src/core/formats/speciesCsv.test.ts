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
    expect(readSpeciesCsv('\n\nid,colour\nx,blue\n', catalogue).faults[0]).toMatchObject({
      line: 3,
      path: 'colour',
      expected: { is: 'known column' },
    });
    expect(readSpeciesCsv('', catalogue).faults).toHaveLength(1);
  });
});

describe('rows of species', () => {
  const read = (...lines: string[]) => readSpeciesCsv(lines.join('\n'), catalogue);
  const [ID, HEAD] = ['pterophyllum-scalare', 'id,size.maleCm,notes'];
  it('are told by the name they have: scientific, else the identifier, else their line', () => {
    expect(read('id,scientificName', `${ID},Pterophyllum mine`).rows[0]?.name).toBe('Pterophyllum mine');
    expect(read('id,scientificName', `${ID},`).rows[0]?.name).toBe(ID);
    expect(read('id,notes', ',x').rows[0]).toMatchObject({ name: 'line 2', species: null, overrides: false });
  });
  it('stand on their own line, below blank ones and notes of many lines', () => {
    const { rows } = read(HEAD, '', `${ID},14.5,"two`, 'lines"', 'danio-rerio,4,');
    expect(rows.map(({ line, name }) => [line, name])).toEqual([
      [3, 'pterophyllum-scalare'],
      [5, 'danio-rerio'],
    ]);
  });
  it.each([',', ';', '\t'])('may be parted by %j, whatever stands in their lists', (mark) => {
    const { rows, faults } = readSpeciesCsv(
      `id${mark}commonNames${mark}size.maleCm\n${ID}${mark}"angel; angelfish; scalare"${mark}14.5\n`,
      catalogue,
    );
    expect(faults).toEqual([]);
    expect(rows[0]?.species?.profile).toMatchObject({
      commonNames: ['angel', 'angelfish', 'scalare'],
      size: { maleCm: 14.5 },
    });
  });
  it('may be short: what is missing at the end is not said; too long a row is told and not taken', () => {
    const { rows, faults } = read(HEAD, `${ID},14.5`, 'danio-rerio,4,mine,more', 'danio-rerio,4');
    expect(rows.map(({ line, species }) => [line, species?.changed])).toEqual([
      [2, ['size.maleCm']],
      [4, ['size.maleCm']],
    ]);
    expect(faults).toEqual([
      { path: '', line: 3, expected: { is: 'cells', count: 3 }, received: { is: 'list', length: 4 } },
    ]);
  });
  it('keep what the entry says where a cell is empty, and say nothing of another where they are like it', () => {
    const other = catalogue.all.find(
      ({ contested, formerNames }) => contested.length > 0 && formerNames.length > 0,
    )!;
    const own = read('id,like,scientificName,commonNames', `own-one,${other.id},Own one,own one`).rows[0]
      ?.species;
    expect(own).toMatchObject({
      changed: [],
      profile: {
        formerNames: [],
        contested: [],
        contestedNumbers: [],
        notes: '',
        basis: 'memory',
        confidence: 1,
        family: other.family,
        size: other.size,
      },
    });
    // Like itself it is what it was.
    const same = read('id,like,notes', `${other.id},${other.id},mine`).rows[0]?.species;
    expect(same?.changed).toEqual(['notes']);
    expect(same?.profile).toEqual({ ...other, notes: 'mine' });
  });
  it('are like a species by any of its names, with blanks around it; one that nobody knows is named', () => {
    expect(
      read('id,like,scientificName,commonNames', 'own-one, neon tetra ,Own one,own one').rows[0]?.species,
    ).not.toBeNull();
    expect(read('id,like,scientificName', 'own-one,neon tetre,Own one').rows[0]).toEqual({
      line: 2,
      name: 'Own one',
      species: null,
      overrides: false,
      faults: [
        {
          path: 'like',
          expected: { is: 'known', what: 'species', nearest: expect.stringContaining('neon') },
          received: { is: 'value', text: '"neon tetre"' },
        },
      ],
    });
  });
  it('of one identifier count once', () => {
    const { rows } = read(HEAD, `${ID},14.5,a`, `${ID},13,b`);
    expect(rows.map(({ species, faults }) => [species !== null, faults])).toEqual([
      [true, []],
      [false, [{ path: 'id', expected: { is: 'unique' }, received: { is: 'value', text: `"${ID}"` } }]],
    ]);
  });
  it('may have a heading with a mark of its encoding, blanks and empty columns', () => {
    const { rows, faults } = read('\uFEFF id , notes ,,', `${ID},mine,,`);
    expect(faults).toEqual([]);
    expect(rows[0]?.species?.changed).toEqual(['notes']);
  });
  it('are written under all columns, and none where there is no species', () => {
    expect(writeSpeciesCsv([])).toBe('');
    const [head = '', row = ''] = writeSpeciesCsv([of(ID)]).split('\n');
    expect(head.split(',')).toEqual(expect.arrayContaining(['id', 'size.maleCm', 'look.dress']));
    expect(row.startsWith(`${ID},`)).toBe(true);
    expect(row).not.toContain('undefined');
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
