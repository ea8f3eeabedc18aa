import { catalogue, judge, plan, TANKS, TODAY } from '@/testing/plans';
import type { PlanFile, PlanGroup } from '../model/plan';
import { atOnce } from '../kernel/steps/atOnce';
import type { Assessment } from './assess';
import { fishIn, groupByCause } from './causes';
import { byWhatItSettles, byWhatItSolves, choices, namedMost, troubleInSteps, type Trouble } from './trouble';
import { isBad } from './whatItAdds';

const trouble = (
  file: PlanFile,
  removable: readonly string[] = file.groups.map((group) => group.species),
): Trouble => atOnce(troubleInSteps({ plan: file, before: judge(file), catalogue, today: TODAY, removable }));
const ask = (file: PlanFile, removable?: readonly string[]) => trouble(file, removable).most;
const kind = (species: string, count: number): PlanGroup => ({ species, count, origin: 'tank-bred' });

describe('the main causes of trouble in a list', () => {
  const community = [
    kind('paracheirodon-innesi', 12),
    kind('corydoras-panda', 8),
    kind('trichogaster-chuna', 3),
  ];
  it('finds the one that does not belong, and what the rest would then say', () => {
    const file = plan(TANKS.us75, [...community, kind('astronotus-ocellatus', 1)], {
      water: { temperatureC: 25, ph: 6.8, ghDh: 6 },
    });
    const [first, ...others] = ask(file);
    expect(first?.species).toBe('astronotus-ocellatus');
    const without = judge({ ...file, groups: community });
    expect(first?.verdict).toBe(without.verdict);
    expect(first?.verdict).not.toBe('stop');
    const had = judge(file).findings.filter(isBad);
    expect(first!.settles - first!.brings).toBe(had.length - without.findings.filter(isBad).length);
    for (const other of others) expect(other.stops).toBeLessThanOrEqual(first!.stops);
  });
  it('names only those that can be left out, and nobody on a calm list', () => {
    const file = plan(TANKS.us75, [...community, kind('astronotus-ocellatus', 1)]);
    expect(ask(file, ['paracheirodon-innesi']).map((one) => one.species)).not.toContain(
      'astronotus-ocellatus',
    );
    expect(ask(plan(TANKS.us75, community))).toEqual([]);
  });
  it('counts what is new without it: a shoal that loses its company is no way to settle anything', () => {
    const tried = ask(plan(TANKS.us20long, [kind('puntigrus-tetrazona', 6), kind('betta-splendens', 1)]));
    expect(tried.map((one) => one.species)).toContain('betta-splendens');
    for (const one of tried) expect(one.settles).toBeGreaterThan(one.brings);
  });
  it('counts problems as the list does, by cause: never more than it has', () => {
    const file = plan({ ...TANKS.us75, lid: false }, [...community, kind('astronotus-ocellatus', 1)]);
    const causes = (answer: Assessment) =>
      groupByCause(answer.findings.filter(isBad), fishIn(answer.context.planned)).length;
    const had = causes(judge(file));
    const { most, changes } = trouble(file);
    expect(most.length + changes.length).toBeGreaterThan(1);
    for (const { species, problems } of most) {
      const without = judge({ ...file, groups: file.groups.filter((group) => group.species !== species) });
      expect(problems.solved).toBeLessThanOrEqual(had);
      expect(problems.solved - problems.added).toBe(had - causes(without));
    }
    const lid = changes.find(({ edit }) => edit.kind === 'set-lid');
    expect(lid?.problems).toMatchObject({ solved: 1, added: 0 });
    expect(lid?.settles).toBeGreaterThan(1);
  });
});

describe('the fewest that have to go', () => {
  const least = (file: PlanFile, removable?: readonly string[]) => trouble(file, removable).least;
  const calm = [kind('corydoras-aeneus', 8), kind('trigonostigma-heteromorpha', 12)];
  const water = { temperatureC: 25, ph: 6.8, ghDh: 6 };
  it('is one when one will do, and two when two must', () => {
    const one = plan(TANKS.us75, [...calm, kind('astronotus-ocellatus', 1)], { water });
    expect(least(one)?.species).toEqual(['astronotus-ocellatus']);
    const two = plan(TANKS.us75, [...calm, kind('astronotus-ocellatus', 1), kind('carassius-auratus', 2)], {
      water,
    });
    expect([...least(two)!.species].sort()).toEqual(['astronotus-ocellatus', 'carassius-auratus']);
    expect(least(two)?.verdict).not.toBe('stop');
  });
  it('agrees with trying every choice of up to three', () => {
    const rough = [
      kind('puntigrus-tetrazona', 6),
      kind('betta-splendens', 1),
      kind('pimelodus-pictus', 4),
      kind('paracheirodon-innesi', 10),
      kind('trichopodus-leerii', 3),
    ];
    const file = plan(TANKS.us75, rough, { water });
    const found = least(file)!;
    const verdictWithout = (gone: readonly string[]) =>
      judge({ ...file, groups: rough.filter((group) => !gone.includes(group.species)) }).verdict;
    expect(verdictWithout(found.species)).not.toBe('stop');
    const ids = rough.map((group) => group.species);
    const fewer = ids.flatMap((a) => [[a], ...ids.filter((b) => b > a).map((b) => [a, b])]);
    for (const gone of fewer)
      if (gone.length < found.species.length) expect(verdictWithout(gone)).toBe('stop');
  });
  it('is nobody on a calm list, and nobody where who lives there is to blame', () => {
    expect(least(plan(TANKS.us75, calm, { water }))).toBeNull();
    const alone = plan(TANKS.us10, [kind('astronotus-ocellatus', 1), kind('paracheirodon-innesi', 8)]);
    expect(least(alone, ['paracheirodon-innesi'])).toBeNull();
  });
});

describe('the order of what settles trouble', () => {
  const settling = (species: string, stops: number, settles: number, brings = 0) => ({
    species,
    stops,
    settles,
    brings,
  });
  it.each([
    ['more stops first', settling('b', 2, 2), settling('a', 1, 9)],
    ['then what settles more', settling('b', 1, 3), settling('a', 1, 2)],
    ['net of what it brings', settling('b', 1, 3, 0), settling('a', 1, 5, 3)],
    ['then by name', settling('a', 1, 3, 1), settling('b', 1, 2, 0)],
  ])('of species is %s', (_name, first, second) => {
    expect(byWhatItSettles(first, second)).toBeLessThan(0);
    expect(byWhatItSettles(second, first)).toBeGreaterThan(0);
  });
  it('of changes is more stops first, then more problems', () => {
    const all = [settling('a', 0, 9), settling('b', 1, 2), settling('c', 1, 3), settling('d', 0, 9)];
    expect(
      [...all]
        .sort(byWhatItSolves)
        .map(({ species }) => species)
        .join(''),
    ).toBe('cbad');
  });
  it('tries those that are named most, of those that may go; a stop weighs as much as six cautions', () => {
    const named = (severity: 'stop' | 'caution' | 'note' | 'good', ...species: string[]) => ({
      severity,
      species,
    });
    const findings = [
      ...Array.from({ length: 5 }, () => named('caution', 'often')),
      named('stop', 'blamed', 'kept'),
      named('caution', 'b', 'a'),
      named('note', 'noted'),
      named('good', 'fine'),
    ];
    const all = ['noted', 'b', 'often', 'a', 'fine', 'blamed', 'unnamed'];
    expect(namedMost(findings, all)).toEqual(['blamed', 'often', 'a', 'b']);
    expect(namedMost([...findings, named('caution', 'often'), named('caution', 'often')], all)[0]).toBe(
      'often',
    );
    const many = ['a', 'b', 'c', 'd', 'e', 'f', 'g'];
    expect(namedMost([named('stop', ...many)], [...many].reverse())).toEqual(many.slice(0, 6));
  });
  it('chooses so many in every way, each once', () => {
    expect(choices(['a', 'b', 'c'], 2)).toEqual([
      ['a', 'b'],
      ['a', 'c'],
      ['b', 'c'],
    ]);
    expect(choices(['a', 'b'], 1)).toEqual([['a'], ['b']]);
    expect(choices(['a', 'b'], 3)).toEqual([]);
    expect(choices([], 0)).toEqual([[]]);
  });
  it('counts stops apart from cautions, among findings and among problems', () => {
    const file = plan(TANKS.us20long, [kind('astronotus-ocellatus', 1), kind('paracheirodon-innesi', 10)]);
    const before = judge(file);
    const after = judge({ ...file, groups: [kind('paracheirodon-innesi', 10)] });
    const [first] = ask(file, ['astronotus-ocellatus']);
    const stops = before.findings.filter(({ severity }) => severity === 'stop');
    expect(after.findings.filter(isBad)).toEqual([]);
    expect(first).toMatchObject({
      settles: before.findings.filter(isBad).length,
      stops: stops.length,
      brings: 0,
      problems: {
        solved: groupByCause(before.findings.filter(isBad), fishIn(before.context.planned)).length,
        stops: groupByCause(stops, fishIn(before.context.planned)).length,
        added: 0,
      },
    });
    expect(stops.length).toBeLessThan(before.findings.filter(isBad).length);
  });
});
