import type { Finding, Severity } from '../rules';
import { adviceFor, causeOf, fishIn, fixKey, groupByCause } from './causes';

const finding = (
  says: string,
  species: readonly string[],
  severity: Severity = 'caution',
  more: Record<string, unknown> = {},
): Finding =>
  ({
    rule: says,
    severity,
    species,
    from: null,
    fact: { says, ...((more.fact as object | undefined) ?? {}) },
    fixes: more.fixes ?? [],
    ...(more.from === undefined ? {} : { from: more.from }),
  }) as unknown as Finding;
const none = (): number => 0;

describe('what a finding comes from', () => {
  it.each([
    ['size/needs', ['b'], { kind: 'tank size' }],
    ['home/no lid', ['b'], { kind: 'lid' }],
    ['home/sand', ['b'], { kind: 'bottom' }],
    ['home/refuges', [], { kind: 'hides' }],
    ['home/long light', [], { kind: 'light' }],
    ['home/turnover', [], { kind: 'filter' }],
    ['group/dense', ['a'], { kind: 'floor' }],
    ['nitrate/makes', [], { kind: 'bioload' }],
    ['food/meals', [], { kind: 'feeding' }],
    ['care/restricted', ['a'], { kind: 'law' }],
    ['pair/cross', ['b', 'a'], { kind: 'crossing' }],
    // What one does to another is theirs, in one order; alone it is its own.
    ['pair/nips', ['b', 'a'], { kind: 'pair', species: ['a', 'b'] }],
    ['pair/nips', ['a', 'b'], { kind: 'pair', species: ['a', 'b'] }],
    ['pair/nips', ['a', 'a'], { kind: 'pair', species: ['a', 'a'] }],
    ['eating/eats', ['z', 'b', 'c'], { kind: 'pair', species: ['b', 'z'] }],
    ['eating/eats', ['z'], { kind: 'species', species: 'z' }],
    // Of several others it is the species' own; of one it is a pair's.
    ['home/shy company', ['b', 'a'], { kind: 'pair', species: ['a', 'b'] }],
    ['home/shy company', ['b', 'a', 'c'], { kind: 'species', species: 'b' }],
    ['home/shy company', ['b'], { kind: 'species', species: 'b' }],
    ['group/size', ['b', 'a'], { kind: 'species', species: 'b' }],
    ['group/size', [], { kind: 'species', species: '' }],
  ])('%s of %j', (says, species, cause) => expect(causeOf(finding(says, species))).toEqual(cause));
  it('is a measure of water where the fact has one, but for the size of a tank', () => {
    const measured = { fact: { measure: 'ph' } };
    expect(causeOf(finding('water/off', ['a'], 'stop', measured))).toEqual({ kind: 'water', measure: 'ph' });
    expect(causeOf(finding('size/needs', ['a'], 'stop', measured))).toEqual({ kind: 'tank size' });
  });
});

describe('findings by cause', () => {
  it('stand the worst first, then what is true sooner, then of more fish, then by name', () => {
    const fishOf = (id: string): number => ({ a: 2, b: 9, c: 2 })[id] ?? 0;
    const groups = groupByCause(
      [
        finding('group/size', ['c']),
        finding('group/size', ['a']),
        finding('group/size', ['b']),
        finding('group/size', ['d'], 'caution', { from: '2027-01' }),
        finding('group/size', ['e'], 'caution', { from: '2026-12' }),
        finding('group/size', ['f'], 'stop', { from: '2029-01' }),
        finding('group/size', ['g'], 'note'),
      ],
      fishOf,
    );
    expect(groups.map(({ species }) => species.join())).toEqual(['f', 'b', 'a', 'c', 'e', 'd', 'g']);
    expect(groups.map(({ severity }) => severity)).toEqual([
      'stop',
      'caution',
      'caution',
      'caution',
      'caution',
      'caution',
      'note',
    ]);
    expect(groups[0]).toMatchObject({ from: '2029-01', cause: { kind: 'species', species: 'f' } });
  });
  it('join what has one cause: the worst heads it and names its species, the rest is folded under it', () => {
    const [later, first, second, note] = [
      finding('home/no lid', ['a'], 'stop', { from: '2027-05' }),
      finding('home/no lid', ['b', 'c'], 'stop'),
      finding('home/no lid', ['c'], 'caution'),
      finding('home/no lid', ['d'], 'note'),
    ];
    const [group, ...others] = groupByCause([note, second, later, first], none);
    expect(others).toEqual([]);
    expect(group).toMatchObject({ severity: 'stop', from: null, cause: { kind: 'lid' } });
    expect(group!.findings).toEqual([first, later, second, note]);
    expect(group!.species).toEqual(['b', 'c', 'a']);
  });
  it('keep what is good by itself', () => {
    const groups = groupByCause([finding('home/no lid', ['a'], 'good'), finding('home/no lid', ['b'])], none);
    expect(groups.map(({ severity }) => severity)).toEqual(['caution', 'good']);
    expect(new Set(groups.map(({ key }) => key)).size).toBe(2);
  });
  it('are keyed apart where they are notes', () => {
    expect(fixKey({ key: 'k', severity: 'note' })).toBe('note k');
    expect(fixKey({ key: 'k', severity: 'caution' })).toBe('k');
  });
  it('say what only the keeper can do: of the worst, each once, nothing that a press makes', () => {
    const advice = (what: string) => ({ advice: what });
    const [group] = groupByCause(
      [
        finding('home/no lid', ['a'], 'stop', { fixes: [advice('one'), { edit: 'two' }] }),
        finding('home/no lid', ['b'], 'stop', { fixes: [advice('one'), advice('three')] }),
        finding('home/no lid', ['c'], 'caution', { fixes: [advice('four')] }),
      ],
      none,
    );
    expect(adviceFor(group!)).toEqual([advice('one'), advice('three')]);
  });
  it('count fish by species, none of one that is not there', () => {
    const fishOf = fishIn([{ profile: { id: 'a' }, count: 7 }]);
    expect([fishOf('a'), fishOf('b')]).toEqual([7, 0]);
  });
});
