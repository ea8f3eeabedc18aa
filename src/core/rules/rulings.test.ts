import { catalogue, judge, plan, TANKS } from '@/testing/plans';
import type { PlanFile, PlanGroup } from '../model';

/** How keepers judge, each ruling both ways. Common practice unless said otherwise. */
const all = (groups: readonly PlanGroup[], tank = TANKS.us125, practice: PlanFile['practice'] = {}) =>
  judge({ ...plan({ ...tank, lid: true }, groups), practice }).findings;
const between = (
  a: PlanGroup,
  b: PlanGroup,
  rule: string,
  tank = TANKS.us125,
  practice: PlanFile['practice'] = {},
) =>
  all([a, b], tank, practice)
    .filter((one) => one.rule === rule && one.species.includes(a.species) && one.species.includes(b.species))
    .map(({ severity }) => severity);
const one = (species: string, count: number, rest: Partial<PlanGroup> = {}): PlanGroup => ({
  species,
  count,
  ...rest,
});

describe('forms of one species', () => {
  it('count as one kind: two male bettas are two', () => {
    const two = all([one('betta-splendens-crowntail', 1), one('betta-splendens-koi', 1)], TANKS.us29);
    expect(two.find(({ rule }) => rule === 'solitary')?.severity).toBe('stop');
    expect(
      all([one('betta-splendens-crowntail', 1)], TANKS.us29).some(({ rule }) => rule === 'solitary'),
    ).toBe(false);
  });
  it('make up a shoal together', () => {
    const few = (groups: readonly PlanGroup[]) =>
      all(groups).filter(({ rule, severity }) => rule === 'group-size' && severity !== 'good');
    expect(few([one('danio-rerio', 3), one('danio-rerio-leopard', 7)])).toEqual([]);
    expect(few([one('danio-rerio', 3)])).not.toEqual([]);
  });
  it('are no rivals and no crosses of one another, but forms of a place are', () => {
    expect(
      between(one('xiphophorus-maculatus', 4), one('xiphophorus-maculatus-wagtail', 4), 'hybridising'),
    ).toEqual([]);
    expect(between(one('pundamilia-nyererei', 4), one('pundamilia-nyererei-ruti', 4), 'hybridising')).toEqual(
      ['note'],
    );
  });
  it('are judged by their own fins', () => {
    const barbs = one('puntigrus-tetrazona', 8);
    expect(between(barbs, one('pethia-conchonius-long-fin', 8), 'fin-nipping')).toEqual(['stop']);
    expect(between(barbs, one('pethia-conchonius', 8), 'fin-nipping')).toEqual([]);
  });
});

describe('the surface and the floor', () => {
  it('do not meet: a hunter of the surface takes no fish of the floor, and takes those of its own water', () => {
    const arowana = one('osteoglossum-bicirrhosum', 1);
    expect(between(arowana, one('corydoras-sterbai', 8), 'predation')).toEqual([]);
    expect(between(arowana, one('gasteropelecus-sternicla', 8), 'predation')).toEqual(['stop']);
  });
});

describe('fins torn in chases', () => {
  it('are told where temper is silent or mild, and not twice', () => {
    const rough = one('heros-efasciatus', 1);
    expect(between(rough, one('pterophyllum-scalare', 6), 'fin-nipping').length).toBeLessThanOrEqual(1);
    const killer = one('amphilophus-citrinellus', 1);
    const told = all([killer, one('pterophyllum-scalare', 6)]).filter(
      ({ rule, severity, species }) =>
        ['temper', 'fin-nipping'].includes(rule) &&
        severity === 'stop' &&
        species.includes('pterophyllum-scalare'),
    );
    expect(told.length).toBeGreaterThan(0);
  });
});

describe('males on show', () => {
  const shown = ['aulonocara-baenschi', 'protomelas-taeniolatus', 'placidochromis-electra'].map((species) =>
    one(species, 1),
  );
  const said = (practice: PlanFile['practice']) =>
    all(shown, TANKS.us125, practice)
      .filter(({ severity }) => severity !== 'good')
      .map(({ rule }) => rule);

  it('are listed one of each, and not told to be a group', () => {
    expect(said({ males: 'all-male' })).not.toContain('group-size');
    expect(said({ males: 'harem' })).toContain('group-size');
  });
  it('are told that the tank suits them', () => {
    const good = all(shown, TANKS.us125, { males: 'all-male' }).find(({ rule }) => rule === 'all-male');
    expect(good?.severity).toBe('good');
  });
});

describe('what keepers disagree about', () => {
  const told = (a: string, b: string, rest: Partial<PlanGroup> = {}) =>
    all([one(a, 6, rest), one(b, 6)], { ...TANKS.us125 }).filter(({ contested }) => contested);
  it.each([
    ['symphysodon-aequifasciatus', 'pterophyllum-scalare', 'caution'],
    ['astronotus-ocellatus', 'andinoacara-rivulatus', 'caution'],
    ['aulonocara-baenschi', 'labidochromis-caeruleus', 'note'],
    ['neolamprologus-brichardi', 'cyprichromis-leptosoma', 'note'],
    ['pterophyllum-scalare', 'pangio-kuhlii', 'note'],
    ['carassius-auratus', 'tanichthys-albonubes', 'caution'],
    ['cyphotilapia-frontosa', 'tropheus-duboisi', 'note'],
    ['tropheus-moorii-ilangi', 'tropheus-moorii-bemba', 'caution'],
  ])('%s with %s is a %s, with both sides', (a, b, severity) => {
    expect(told(a, b).map((finding) => finding.severity)).toContain(severity);
    expect(told(b, a).map((finding) => finding.severity)).toContain(severity);
  });
  it('is a note once an exit is arranged', () => {
    expect(
      told('symphysodon-aequifasciatus', 'pterophyllum-scalare', { wayOut: 'the shop takes them' })[0]
        ?.severity,
    ).toBe('note');
  });
  it('holds for forms as for their species', () => {
    expect(told('symphysodon-aequifasciatus-red', 'pterophyllum-scalare-koi')).not.toEqual([]);
  });
  it('is told once of a pair: no push and no meal beside it', () => {
    const pair = all([one('betta-splendens', 1), one('neocaridina-davidi', 10)], TANKS.us20long).filter(
      ({ species }) => species.length === 2,
    );
    expect(pair.filter(({ severity }) => severity !== 'good').map(({ contested }) => contested)).toEqual([
      true,
    ]);
  });
});

it('names of these plans are in the catalogue', () => {
  expect(catalogue.byId.has('betta-splendens-crowntail')).toBe(true);
});

describe('salt by life stage', () => {
  const said = (lengthCm: number, salinityPpt: number) =>
    judge({
      ...plan(TANKS.us125, [one('scatophagus-argus', 3, { lengthCm })]),
      water: { salinityPpt },
    }).findings.filter(({ rule, severity }) => rule === 'water-salinity' && severity !== 'good');
  it('lets a small scat live in fresh water, and says from when it does not', () => {
    const [small] = said(4, 0);
    expect(small).toMatchObject({ severity: 'stop' });
    expect(small?.from).not.toBeNull();
    expect(said(25, 0)[0]?.from).toBeNull();
    expect(said(25, 15)).toEqual([]);
  });
});

describe('the top of what a fish bears', () => {
  const warm = (temperatureC: number) =>
    judge({
      ...plan(TANKS.us125, [one('puntigrus-tetrazona', 10)]),
      water: { temperatureC },
    }).findings.filter(({ fact }) => fact.says === 'water/warm edge');
  it('is a note, and the middle is none', () => {
    const [, top] = catalogue.byId.get('puntigrus-tetrazona')!.water.tankBred.temperatureC;
    expect(warm(top).map(({ severity }) => severity)).toEqual(['note']);
    expect(warm(top - 2)).toEqual([]);
  });
});

describe('crosses', () => {
  const said = (...groups: readonly PlanGroup[]) =>
    all(groups)
      .filter(({ rule }) => rule === 'hybridising')
      .map(({ severity, species }) => [severity, species.length]);
  const peacock = (species: string, rest: Partial<PlanGroup> = {}) => one(species, 4, rest);
  it('are a caution where both sexes are known, a note where nobody says, and nothing among males', () => {
    const harem = { males: 1, females: 3 };
    expect(said(peacock('aulonocara-baenschi', harem), peacock('aulonocara-stuartgranti', harem))).toEqual([
      ['caution', 2],
    ]);
    expect(said(peacock('aulonocara-baenschi'), peacock('aulonocara-stuartgranti'))).toEqual([['note', 2]]);
    const males = { males: 4, females: 0 };
    expect(said(peacock('aulonocara-baenschi', males), peacock('aulonocara-stuartgranti', males))).toEqual(
      [],
    );
  });
  it('are one finding a tank', () => {
    const three = ['aulonocara-baenschi', 'aulonocara-stuartgranti', 'aulonocara-hansbaenschi'].map(
      (species) => peacock(species),
    );
    expect(said(...three)).toEqual([['note', 3]]);
  });
});

describe('named bad company that a number cures', () => {
  const barbs = (count: number, other: PlanGroup) =>
    all([one('puntigrus-tetrazona', count), other]).filter(
      ({ rule, severity, species }) =>
        species.length === 2 && ['temper', 'fin-nipping'].includes(rule) && severity !== 'note',
    );
  it('is disputed in a large shoal beside a large group, and a stop in a small one', () => {
    expect(
      barbs(25, one('pterophyllum-scalare', 6)).map(({ severity, contested }) => [severity, contested]),
    ).toEqual([['caution', true]]);
    expect(barbs(8, one('pterophyllum-scalare', 6)).map(({ severity }) => severity)).toContain('stop');
  });
  it('stays a stop with a betta', () => {
    expect(barbs(25, one('betta-splendens', 1)).map(({ severity }) => severity)).toContain('stop');
  });
});

describe('numbers about which keepers disagree', () => {
  const NUMBERS = ['contested-number', 'group-number', 'group-size', 'conspecific-aggression', 'solitary'];
  const said = (tank: Partial<PlanFile['tank']>, ...groups: PlanGroup[]) =>
    judge(plan({ ...TANKS.us125, lid: true, ...tank }, groups))
      .findings.filter(
        ({ rule, species, severity }) =>
          NUMBERS.includes(rule) && severity !== 'good' && species[0] === groups[0]?.species,
      )
      .map(({ severity, contested }) => [severity, contested]);
  it('shows both sides of three oscars in six feet, and calls them a stop in four', () => {
    expect(said({}, one('astronotus-ocellatus', 3))).toEqual([['caution', true]]);
    expect(said({}, one('astronotus-ocellatus', 3, { wayOut: 'the shop takes one back' }))).toEqual([
      ['note', true],
    ]);
    expect(said(TANKS.us75, one('astronotus-ocellatus', 3)).map(([severity]) => severity)).toContain('stop');
  });
  it('counts the forms of a species as one', () =>
    expect(said({}, one('astronotus-ocellatus', 2), one('astronotus-ocellatus-red', 1))).toEqual([
      ['caution', true],
    ]));
  it('shows both sides of a single silver dollar, and calls three too few', () => {
    expect(said({}, one('metynnis-argenteus', 1))).toEqual([['caution', true]]);
    expect(said({}, one('metynnis-argenteus', 3)).map(([, contested]) => contested)).not.toContain(true);
  });
  it('notes both sides of a pair of kribs in a community, and has nothing to say of the pair alone', () => {
    expect(said({}, one('pelvicachromis-pulcher', 2), one('paracheirodon-innesi', 10))).toEqual([
      ['note', true],
    ]);
    expect(said({}, one('pelvicachromis-pulcher', 2))).toEqual([]);
  });
  it('tells two Tropheus forms or species once, with both sides', () => {
    for (const other of ['tropheus-duboisi', 'tropheus-moorii-ilangi'])
      expect(
        all([one('tropheus-moorii', 15), one(other, 15)])
          .filter(({ rule, severity }) => ['temper', 'look-alike'].includes(rule) && severity !== 'good')
          .map(({ severity, contested }) => [severity, contested]),
      ).toEqual([['caution', true]]);
  });
});

describe('the water of fish as they are sold', () => {
  const WATER = ['water-ph', 'water-hardness'];
  const said = (species: string, water: PlanFile['water'], origin?: PlanGroup['origin']) =>
    judge(plan(TANKS.us125, [one(species, 8, { origin })], { water }))
      .findings.filter(({ rule, fact }) => WATER.includes(rule) && fact.says === 'water/needs')
      .map(({ severity }) => severity);
  it('is no stop from a hard tap for farmed fish, and stays one for wild-caught specialists', () => {
    const tap = { temperatureC: 27, ph: 7.9, ghDh: 18 };
    for (const species of ['symphysodon-aequifasciatus', 'paracheirodon-innesi', 'mikrogeophagus-ramirezi']) {
      expect(said(species, tap, 'tank-bred')).not.toContain('stop');
      expect(said(species, tap, 'wild')).toContain('stop');
    }
  });
  it('is a stop for farmed fish too in the water of the other end of the world', () => {
    expect(said('maylandia-estherae', { temperatureC: 26, ph: 5.8, ghDh: 3 })).toContain('stop');
    expect(said('symphysodon-aequifasciatus', { temperatureC: 28, ph: 8.6, ghDh: 25 })).toContain('stop');
  });
  it('says where nobody said where they come from, and not where somebody did', () => {
    const sold = (origin?: PlanGroup['origin']) =>
      judge(
        plan(TANKS.us125, [one('paracheirodon-innesi', 10, { origin })], { water: { ph: 8.2, ghDh: 20 } }),
      ).findings.flatMap(({ fact }) => (fact.says === 'water/needs' ? [fact.asSold] : []));
    expect(sold()).toEqual(expect.arrayContaining(['tank-bred']));
    expect(sold('tank-bred')).not.toContain('tank-bred');
  });
});

describe('males by the social system of the fish', () => {
  const said = (species: string, males: number, females: number) =>
    judge(plan(TANKS.us180, [one(species, males + females, { males, females })]))
      .findings.filter(({ rule, severity }) => rule === 'sex-ratio' && severity !== 'good')
      .map(({ severity, fact }) => [severity, fact.says === 'sexes/two males' ? fact.shape : fact.says]);
  it('keeps one male of those that kill each other, whatever the number', () => {
    for (const males of [2, 3, 4])
      expect(said('sciaenochromis-fryeri', males, 9)).toEqual([['stop', 'killers']]);
    expect(said('sciaenochromis-fryeri', 1, 9)).toEqual([]);
  });
  it('keeps one, or three and more, of rock dwellers that spread their chasing', () => {
    expect(said('labidochromis-caeruleus', 2, 4)).toEqual([['stop', 'diluting']]);
    expect(said('labidochromis-caeruleus', 3, 9)).toEqual([]);
  });
  it('cautions of two males that display side by side, and has nothing against three with their females', () => {
    expect(said('ophthalmotilapia-ventralis', 2, 4)).toEqual([['caution', 'lek']]);
    expect(said('aulonocara-stuartgranti', 2, 6)).toEqual([['caution', 'lek']]);
    expect(said('ophthalmotilapia-ventralis', 3, 9)).toEqual([]);
  });
  it('lets two males of livebearers be where each has females enough', () => {
    expect(said('poecilia-reticulata', 2, 6)).toEqual([]);
    expect(said('apistogramma-cacatuoides', 2, 2).map(([, shape]) => shape)).toEqual(['harem']);
  });
  it('does not ask for the sexes of fish that nobody can tell apart', () => {
    const unsexed = (species: string) =>
      judge(plan(TANKS.us180, [one(species, 15)])).findings.filter(
        ({ fact }) => fact.says === 'sexes/unknown',
      );
    expect(unsexed('tropheus-duboisi')).toEqual([]);
    expect(unsexed('maylandia-estherae')).toHaveLength(1);
  });
});

describe('who worries whom', () => {
  const worries = (rough: PlanGroup, other: PlanGroup, tank: PlanFile['tank'] = TANKS.us180) =>
    judge(plan(tank, [rough, other]))
      .findings.filter(
        ({ rule, species, severity }) =>
          rule === 'temper' && species[0] === rough.species && severity !== 'good',
      )
      .map(({ severity }) => severity);
  it.each([
    ['poecilia-sphenops', 'symphysodon-aequifasciatus'],
    ['botia-almorhae', 'heros-efasciatus'],
    ['carinotetraodon-travancoricus', 'symphysodon-aequifasciatus'],
  ])('lets %s push none of %s, which are so much longer', (small, large) =>
    expect(worries(one(small, 6), one(large, 6))).toEqual([]),
  );
  it('still lets rock dwellers hound a slow fish with long fins, whatever its length', () =>
    expect(worries(one('labidochromis-caeruleus', 6), one('pterophyllum-scalare', 6))).toContain('stop'));
  it('stops killers with one another in anything smaller than a pond', () => {
    const two = [one('amphilophus-labiatus', 1), one('parachromis-dovii', 1)] as const;
    expect(worries(two[1], two[0])).toContain('stop');
    expect(worries(two[1], two[0], TANKS.pond)).not.toContain('stop');
  });
  it('takes oscars with a full shoal of silver dollars for the classic, and not with three of them', () => {
    expect(worries(one('astronotus-ocellatus', 1), one('metynnis-argenteus', 6))).toEqual(['note']);
    expect(worries(one('astronotus-ocellatus', 1), one('metynnis-argenteus', 3))).toEqual(['caution']);
  });
  it('takes a full school of sardine cichlids over grazers of the rock for standard, food and all', () => {
    const bad = (count: number) =>
      all([one('tropheus-duboisi', 15), one('cyprichromis-leptosoma', count)], TANKS.us125)
        .filter(({ rule, severity }) => ['temper', 'diet'].includes(rule) && severity !== 'note')
        .map(({ rule }) => rule);
    expect(bad(12)).toEqual([]);
    expect(bad(4)).toContain('temper');
  });
  it('leaves plated fish to their armour, a pleco out of the floor of an oscar, and rasping to those that stand it', () => {
    expect(worries(one('puntigrus-tetrazona', 20), one('panaqolus-maccus', 6))).toEqual([]);
    const rules = all([one('astronotus-ocellatus', 1), one('pterygoplichthys-pardalis', 1)]).map(
      ({ rule }) => rule,
    );
    expect(rules).not.toContain('territory');
    expect(rules).not.toContain('slime-grazing');
    expect(
      all([one('symphysodon-aequifasciatus', 6), one('pterygoplichthys-pardalis', 1)]).map(
        ({ rule }) => rule,
      ),
    ).toContain('slime-grazing');
  });
  it('says that many quick small ones eat before a slow feeder, and leaves grazers alone', () => {
    const eaten = (slow: PlanGroup, fast: PlanGroup) =>
      all([slow, fast]).filter(({ fact }) => fact.says === 'food/out-eaten').length;
    expect(eaten(one('gnathonemus-petersii', 1), one('puntigrus-tetrazona', 8))).toBe(1);
    expect(eaten(one('gnathonemus-petersii', 1), one('puntigrus-tetrazona', 3))).toBe(0);
    expect(eaten(one('otocinclus-vittatus', 6), one('danio-rerio', 8))).toBe(0);
  });
});

describe('what need not be said', () => {
  const facts = (tank: PlanFile['tank'], ...groups: PlanGroup[]) =>
    judge(plan(tank, groups)).findings.map(({ fact }) => fact);
  const says = (tank: PlanFile['tank'], ...groups: PlanGroup[]) =>
    facts(tank, ...groups).map((fact) => fact.says);
  it('gives a pair of dwarf cichlids a corner, and a pair of angelfish in a short tank half of it', () => {
    const claims = (tank: PlanFile['tank'], pair: PlanGroup) =>
      facts(tank, pair, one('corydoras-sterbai', 6)).flatMap((fact) =>
        fact.says === 'floor/may pair' ? [fact.claim] : [],
      );
    for (const dwarf of ['mikrogeophagus-ramirezi', 'apistogramma-cacatuoides'])
      expect(claims(TANKS.us20long, one(dwarf, 2))).toEqual(['corner']);
    expect(claims(TANKS.us29, one('pterophyllum-scalare', 2))).toEqual(['half']);
  });
  it('says nothing of 1 gourami that is no group, and of 2 that 4 are calmer', () => {
    expect(says(TANKS.us55, one('trichopodus-leerii', 1))).not.toContain('group/will do');
    expect(says(TANKS.us55, one('trichopodus-leerii', 2))).toContain('group/will do');
  });
  it('lets frontosas be a group with one that rules, not eight that hold the floor', () =>
    expect(says(TANKS.us180, one('cyphotilapia-frontosa', 8))).not.toContain('own/territories'));
  it('speaks of surplus males only where they can be told', () => {
    const told = (species: string) =>
      facts(TANKS.us180, one(species, 20)).flatMap((fact) => (fact.says === 'own/spread' ? [fact.told] : []));
    expect(told('tropheus-duboisi')).toEqual([false]);
    expect(told('maylandia-estherae')).toEqual([true]);
  });
  it('lets corys eat beside small fish, and not beside many larger quick ones', () => {
    const eaten = (fast: string) => says(TANKS.us55, one('corydoras-paleatus', 8), one(fast, 10));
    expect(eaten('danio-rerio')).not.toContain('food/out-eaten');
    expect(eaten('melanotaenia-boesemani')).toContain('food/out-eaten');
  });
  it('takes nitrate between 20 and 40 mg/L before a change for no matter, but for fragile fish', () => {
    const noted = (species: string, count: number) =>
      says(TANKS.us75, one(species, count)).includes('nitrate/makes');
    expect(noted('melanotaenia-boesemani', 16)).toBe(false);
    expect(noted('symphysodon-aequifasciatus', 6)).toBe(true);
  });
  it('takes a sound list over the old rules of stocking for no matter, and twice as many for one', () => {
    expect(
      says(TANKS.us55, one('puntius-titteya', 10), one('danio-rerio', 10), one('corydoras-paleatus', 8)),
    ).not.toContain('bioload/rules');
    expect(
      says(TANKS.us29, one('puntius-titteya', 20), one('danio-rerio', 20), one('corydoras-paleatus', 16)),
    ).toContain('bioload/rules');
  });
  it('does not speak of plants that nobody said are there, unless they will be eaten', () => {
    expect(says(TANKS.us75, one('labidochromis-caeruleus', 8))).not.toContain('home/plants');
    expect(says({ ...TANKS.us75, plants: 'some' }, one('labidochromis-caeruleus', 8))).toContain(
      'home/plants',
    );
    expect(says(TANKS.us125, one('heros-efasciatus', 5))).toContain('home/plants');
  });
  it('takes a few rock dwellers among more peacocks for no thin rock tank', () => {
    expect(says(TANKS.us125, one('aulonocara-baenschi', 8), one('labidochromis-caeruleus', 4))).not.toContain(
      'group/light',
    );
    expect(says(TANKS.us125, one('labidochromis-caeruleus', 8))).toContain('group/light');
  });
});

describe('groups of female bettas', () => {
  const said = (tank: Partial<PlanFile['tank']>, rest: Partial<PlanGroup> = {}, count = 6) =>
    judge(plan({ ...TANKS.us29, lid: true, ...tank }, [one('betta-splendens-female', count, rest)]))
      .findings.filter(
        ({ rule, severity }) =>
          ['conspecific-aggression', 'group-number'].includes(rule) && severity !== 'good',
      )
      .map(({ severity, contested }) => [severity, contested]);
  it('are disputed behind dense plants, a note with an exit plan, and a stop where it is bare or short', () => {
    expect(said({ plants: 'dense' })).toEqual([['caution', true]]);
    expect(said({ plants: 'dense' }, { wayOut: 'four jars' })).toEqual([['note', true]]);
    expect(said({ plants: 'none' })).toEqual([['stop', true]]);
    expect(said({ ...TANKS.us10, plants: 'dense' })).toEqual([['stop', true]]);
  });
});
