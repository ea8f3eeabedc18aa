import { findingsAmong, listed, madeUp } from '@/testing/madeUp';
import type { PlanFile, PlanGroup } from '../model';
import { allMale } from './allMale';
import type { PlannedSpecies, RuleContext } from './context';

/** A grown mbuna, of which both sexes are coloured or only males, and a peacock. */
const rock = (id: string, bothSexesColoured: boolean, lookalike: readonly string[] = []) =>
  madeUp('labidochromis-caeruleus', id, { look: { bothSexesColoured }, lookalike: [...lookalike] });
const peacock = (id: string, lookalike: readonly string[] = []) =>
  madeUp('aulonocara-baenschi', id, { lookalike: [...lookalike] });

type Males = NonNullable<NonNullable<PlanFile['practice']>['males']>;
const males = (species: string, count: number, females = 0): PlanGroup => ({
  species,
  count: count + females,
  males: count,
  females,
});

function found(
  species: Parameters<typeof findingsAmong>[1],
  groups: Parameters<typeof findingsAmong>[2],
  practice?: Males,
  lengthCm = 150,
) {
  const tank = { lengthCm, widthCm: 60, heightCm: 60 };
  return findingsAmong('all-male', species, groups, tank, practice ? { practice: { males: practice } } : {});
}

describe('males of rock dwellers without females', () => {
  const [plain, bright, other] = [rock('plain', false), rock('bright', true), rock('other', true)];
  it('provoke each other: said whole', () =>
    expect(found([plain, bright], [males('plain', 1), males('bright', 2)])).toEqual([
      {
        rule: 'all-male',
        severity: 'stop',
        species: ['bright', 'plain'],
        part: null,
        fact: { says: 'males/rock dwellers', colouredBoth: false },
        because: { males: 3, species: 2 },
        contested: false,
        approach: 'all-male',
        from: null,
        fixes: [{ advice: { does: 'harems instead' } }],
        source: 'common practice',
      },
    ]));
  it('are a caution where both sexes of each are coloured', () =>
    expect(found([bright, other], [males('bright', 1), males('other', 1)])).toMatchObject([
      { severity: 'caution', fact: { colouredBoth: true } },
    ]));
  it('are none of one, and none with females', () => {
    expect(found([plain], [males('plain', 1)])).toEqual([]);
    expect(found([plain], [males('plain', 1, 2)])).toEqual([]);
    expect(found([plain], [{ species: 'plain', count: 6 }])).toEqual([]);
  });
  it('begin when the first of them matures, and never where they leave before', () => {
    const young = { ...males('plain', 3), lengthCm: 3 };
    const [finding] = found([plain, bright], [young, { ...males('bright', 1), lengthCm: 4 }]);
    const [alone] = found([bright, other], [{ ...males('bright', 2), lengthCm: 4 }]);
    expect(finding?.from).not.toBeNull();
    expect(finding?.from).toBe(alone?.from);
    expect(found([plain], [{ ...young, until: '2026-11' }])).toEqual([]);
  });
});

it('a tank without females is nothing to one that is asked about and lives in no harem', () => {
  const three = listed(rock('rock', false), { count: 3, males: 3, females: 0 });
  const tetra = listed(madeUp('paracheirodon-innesi', 'tetra'), { count: 6 });
  const told = (focus: PlannedSpecies | null) =>
    allMale.judge!({
      planned: [three, tetra],
      focus,
      males: 'harem',
      month: '2026-11',
    } as unknown as RuleContext);
  expect(told(null)).toHaveLength(1);
  expect(told(tetra)).toEqual([]);
});

describe('a show tank of peacocks', () => {
  const [red, blue] = [peacock('red'), peacock('blue')];
  const both = [males('red', 1), males('blue', 1)];
  it('works from six feet on: said whole', () => {
    expect(found([red, blue], both, undefined, 180)).toEqual([
      expect.objectContaining({
        severity: 'good',
        species: ['blue', 'red'],
        fact: { says: 'males/show tank', males: 2, bestFromCm: 180, lengthCm: 180 },
        because: { males: 2, lengthCm: 180, bestFromCm: 180 },
        approach: 'all-male',
      }),
    ]);
    expect(found([red, blue], both, undefined, 177)).toMatchObject([{ severity: 'good' }]);
    expect(found([red, blue], both, undefined, 176)).toMatchObject([{ severity: 'caution' }]);
  });
  it('is not troubled by females of fish that live otherwise', () => {
    const tetra = madeUp('paracheirodon-innesi', 'tetra');
    const among = found([red, tetra], [males('red', 3), males('tetra', 3, 3)], 'all-male');
    expect(among.map(({ fact }) => fact.says)).toEqual(['males/show tank']);
  });
  it('is none of one', () => expect(found([red], [males('red', 1)])).toEqual([]));
  it('has no females where it was chosen', () => {
    expect(found([red], [males('red', 1, 3)], 'all-male')).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['red'],
        fact: { says: 'males/females among', females: 3 },
        because: { females: 3 },
        approach: 'all-male',
        fixes: [{ advice: { does: 'leave out females', species: 'red' } }],
      }),
    ]);
    expect(found([red], [males('red', 1, 3)], 'harem')).toEqual([]);
    // Nobody said how many are females.
    expect(found([red], [{ species: 'red', count: 1 }], 'all-male')).toEqual([]);
  });
  it('has one of each where that was chosen', () => {
    const [more, ...none] = found([red], [males('red', 2)], 'one-each').filter(
      ({ fact }) => fact.says === 'males/more than one',
    );
    expect(none).toEqual([]);
    expect(more).toMatchObject({
      severity: 'caution',
      species: ['red'],
      fact: { count: 2 },
      because: { males: 2 },
      approach: 'one-each',
      fixes: [{ edit: { kind: 'set-count', species: 'red', count: 1 } }],
    });
    const said = (groups: readonly PlanGroup[], practice: Males) =>
      found([red, blue], groups, practice).map(({ fact }) => fact.says);
    expect(said(both, 'one-each')).toEqual(['males/show tank']);
    expect(said([males('red', 2)], 'all-male')).toEqual(['males/show tank']);
    // Not sexed, in a tank of males: they count as males.
    expect(said([{ species: 'red', count: 2 }], 'one-each')).toContain('males/more than one');
    expect(said([{ species: 'red', count: 2 }], 'harem')).toEqual([]);
  });
});

describe('two males of look-alikes in a tank of harems', () => {
  const [red, blue, grey] = [peacock('red', ['x']), peacock('blue', ['x']), peacock('grey', ['y'])];
  const rivals = (groups: readonly PlanGroup[], practice: Males = 'harem') =>
    found([red, blue, grey], groups, practice).filter(({ fact }) => fact.says === 'males/rival species');
  it('watch only each other: said whole', () =>
    expect(rivals([males('red', 1, 3), males('blue', 1, 3)])).toEqual([
      expect.objectContaining({
        severity: 'note',
        species: ['blue', 'red'],
        fact: { says: 'males/rival species' },
        because: { males: 2, species: 2 },
        approach: 'harem',
        fixes: [{ advice: { does: 'one species or three males' } }],
      }),
    ]));
  it.each<[string, readonly PlanGroup[], Males]>([
    ['three males', [males('red', 2, 3), males('blue', 1, 3)], 'harem'],
    ['one male', [males('red', 1, 3), males('blue', 0, 3)], 'harem'],
    ['two of one species', [males('red', 2, 6)], 'harem'],
    ['two that do not look alike', [males('red', 1, 3), males('grey', 1, 3)], 'harem'],
    ['some that nobody sexed', [males('red', 2, 3), { species: 'blue', count: 4 }], 'harem'],
    ['another practice', [males('red', 1, 3), males('blue', 1, 3)], 'all-male'],
  ])('are none among %s', (_what, groups, practice) => expect(rivals(groups, practice)).toEqual([]));
});
