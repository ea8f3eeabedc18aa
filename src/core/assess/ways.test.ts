import { catalogue, judge, plan, TODAY } from '@/testing/plans';
import {
  adultLengthCm,
  buildCatalogue,
  type PlanFile,
  type PlanGroup,
  speciesOf,
  type SpeciesProfile,
} from '../model';
import type { Finding, PlanEdit, Severity } from '../rules';
import { assess } from './assess';
import { type CauseGroup, groupByCause } from './causes';
import { speciesLike, waysFor } from './ways';

const NEON = 'paracheirodon-innesi';
const of = (id: string) => catalogue.byId.get(id)!;
const SIZES = [60, 80, 100, 120, 150, 180, 200].map((lengthCm) => ({
  name: `${lengthCm}`,
  lengthCm,
  widthCm: 40,
  heightCm: 50,
}));

const found = (says: string, species: readonly string[], more: Record<string, unknown> = {}): Finding =>
  ({
    rule: says,
    severity: 'caution',
    species,
    from: null,
    fixes: [],
    ...more,
    fact: { says, ...(more['fact'] as object | undefined) },
  }) as unknown as Finding;
const groupOf = (...findings: readonly Finding[]): CauseGroup => groupByCause(findings, () => 0)[0]!;
const list = (groups: readonly PlanGroup[], tank: Partial<PlanFile['tank']> = {}): PlanFile =>
  plan({ lengthCm: 100, widthCm: 40, heightCm: 50, ...tank }, groups);
const waysOf = (group: CauseGroup, file: PlanFile, species = catalogue): readonly PlanEdit[] =>
  waysFor(group, file, assess(file, species, TODAY), species, SIZES);
const kinds = (edits: readonly PlanEdit[]) => [...new Set(edits.map(({ kind }) => kind))];
const only = <K extends PlanEdit['kind']>(edits: readonly PlanEdit[], kind: K) =>
  edits.filter((edit): edit is Extract<PlanEdit, { kind: K }> => edit.kind === kind);

describe('ways that belong to the tank', () => {
  const file = list([]);
  it('are larger tanks that are sold, the next four, no smaller in any measure', () => {
    const tanks = only(waysOf(groupOf(found('nitrate/makes', [])), file), 'set-tank');
    expect(tanks.map(({ lengthCm }) => lengthCm)).toEqual([120, 150, 180, 200]);
    const lower = waysFor(
      groupOf(found('nitrate/makes', [])),
      list([], { heightCm: 51 }),
      judge(file),
      catalogue,
      SIZES,
    );
    expect(only(lower, 'set-tank')).toEqual([]);
    const wider = waysFor(
      groupOf(found('nitrate/makes', [])),
      list([], { widthCm: 41 }),
      judge(file),
      catalogue,
      SIZES,
    );
    expect(only(wider, 'set-tank')).toEqual([]);
    const turned = waysFor(
      groupOf(found('nitrate/makes', [])),
      file,
      judge(file),
      catalogue,
      [...SIZES].reverse(),
    );
    expect(only(turned, 'set-tank').map(({ lengthCm }) => lengthCm)).toEqual([120, 150, 180, 200]);
  });
  it.each([
    ['nitrate/makes', ['set-routine', 'set-tank']],
    ['floor/claimed', ['set-breaks', 'set-tank']],
    ['size/needs', ['set-tank']],
    ['home/no lid', ['set-lid']],
    ['home/long light', []],
  ])('of %s are %j', (says, expected) => {
    const fact =
      says === 'size/needs'
        ? { measure: 'lengthCm', have: 90, need: { middle: 90 }, approach: 'middle' }
        : { share: 1 };
    expect(kinds(waysOf(groupOf(found(says, [], { fact })), file))).toEqual(expected);
  });
  it('are half the water once or twice a week', () =>
    expect(only(waysOf(groupOf(found('nitrate/makes', [])), file), 'set-routine')).toEqual([
      { kind: 'set-routine', changeFraction: 0.5, everyDays: 7 },
      { kind: 'set-routine', changeFraction: 0.5, everyDays: 4 },
    ]));
  it('are two more sight breaks than there are', () => {
    const breaks = (sightBreaks?: number) =>
      only(
        waysOf(
          groupOf(found('floor/claimed', [], { fact: { share: 1 } })),
          list([], sightBreaks === undefined ? {} : { sightBreaks }),
        ),
        'set-breaks',
      );
    expect(breaks()).toEqual([{ kind: 'set-breaks', sightBreaks: 2 }]);
    expect(breaks(3)).toEqual([{ kind: 'set-breaks', sightBreaks: 5 }]);
  });
  it('of two that harm each other are breaks, plants and a larger tank', () => {
    const file2 = list([
      { species: NEON, count: 8 },
      { species: 'danio-rerio', count: 8 },
    ]);
    const edits = waysOf(groupOf(found('pair/nips', ['danio-rerio', NEON])), file2);
    expect(edits.slice(0, 2)).toEqual([
      { kind: 'set-breaks', sightBreaks: 2 },
      { kind: 'set-plants', plants: 'dense' },
    ]);
    expect(kinds(edits)).toEqual(expect.arrayContaining(['set-tank', 'set-count', 'leave-out']));
  });
});

describe('a wall that is moved', () => {
  const walls = (fact: object, tank: Partial<PlanFile['tank']> = {}, says = 'size/needs') =>
    only(waysOf(groupOf(found(says, [NEON], { fact })), list([], tank)), 'set-wall').map(({ wall, cm }) => [
      wall,
      cm,
    ]);
  const needs = (measure: string, have: number, middle: number | undefined) => ({
    measure,
    have,
    need: { middle },
    approach: 'middle',
  });
  it.each<[string, object, (string | number)[][]]>([
    ['to what is needed, by fives', needs('lengthCm', 96, 108), [['lengthCm', 115]]],
    ['to a round figure just reached', needs('widthCm', 36, 41), [['widthCm', 45]]],
    ['for litres along its length', needs('litres', 150, 180), [['lengthCm', 120]]],
    ['not where nothing is asked', needs('lengthCm', 96, undefined), []],
    ['not to more than 1.6 times', needs('lengthCm', 96, 157), []],
    ['to 1.6 times', needs('lengthCm', 96, 156), [['lengthCm', 160]]],
  ])('%s', (_what, fact, moved) => expect(walls(fact)).toEqual(moved));
  it('by the share of the floor that is claimed', () => {
    expect(walls({ share: 1.2 }, {}, 'floor/claimed')).toEqual([['widthCm', 50]]);
    expect(walls({ share: 0.9 }, {}, 'floor/claimed')).toEqual([]);
  });
  it('only of a box', () => {
    expect(walls(needs('lengthCm', 96, 108), { shape: 'box' } as never)).toEqual([['lengthCm', 115]]);
    expect(walls(needs('lengthCm', 96, 108), { shape: 'bow' } as never)).toEqual([]);
  });
});

describe('ways that belong to a species', () => {
  const speciesWith = (more: { readonly company?: object; readonly trade?: object }): SpeciesProfile => ({
    ...of(NEON),
    company: { ...of(NEON).company, ...more.company },
    trade: { ...of(NEON).trade, ...more.trade },
  });
  const ways = (
    profile: SpeciesProfile,
    count: number,
    group: Partial<PlanGroup> = {},
    says = 'group/size',
    more: Record<string, unknown> = {},
  ) => {
    const alone = buildCatalogue([profile]);
    return waysOf(
      groupOf(found(says, [profile.id], more)),
      list([{ species: profile.id, count, ...group }]),
      alone,
    );
  };
  const countsOf = (company: object, count: number) =>
    only(ways(speciesWith({ company }), count), 'set-count').map(({ count: to }) => to);
  it('are the numbers that it is kept in, each once, without those to avoid and the one there is', () => {
    expect(countsOf({ smallestGroup: 6, comfortableGroup: 12, spreadFrom: 20 }, 3)).toEqual([1, 6, 12, 20]);
    expect(countsOf({ smallestGroup: 6, comfortableGroup: 6, spreadFrom: undefined }, 3)).toEqual([1, 6]);
    expect(countsOf({ smallestGroup: 6, comfortableGroup: 12, badNumbers: [1, 2] }, 6)).toEqual([12]);
  });
  it.each([
    ['always', 3, [{ kind: 'set-sexes', species: NEON, males: 1, females: 3 }]],
    ['adult', 2.5, [{ kind: 'set-sexes', species: NEON, males: 1, females: 3 }]],
    ['hardly', 3, []],
    ['no', 3, []],
    ['always', null, []],
    ['always', 0.4, []],
  ])(
    'is a male with his females, where they can be told (%s, %j to one)',
    (sexesTold, femalesPerMale, expected) =>
      expect(only(ways(speciesWith({ company: { sexesTold, femalesPerMale } }), 9), 'set-sexes')).toEqual(
        expected,
      ),
  );
  it('is to leave it out, last of all', () =>
    expect(ways(speciesWith({}), 9).at(-1)).toEqual({ kind: 'leave-out', species: NEON, count: 9 }));
  it('is another origin, for water alone, of fish that are not here yet and are bred', () => {
    const origins = (supply: string, group: Partial<PlanGroup>, says = 'water/needs') =>
      only(
        ways(speciesWith({ trade: { supply } }), 9, group, says, { fact: { measure: 'ph' } }),
        'set-origin',
      );
    const bred = [{ kind: 'set-origin', species: NEON, origin: 'tank-bred' }];
    expect(origins('both', { origin: 'wild' })).toEqual(bred);
    expect(origins('wild', { origin: 'wild' })).toEqual([]);
    expect(origins('both', { origin: 'tank-bred' })).toEqual([]);
    expect(origins('both', { origin: 'wild', since: '2026-01' })).toEqual([]);
    expect(
      only(ways(speciesWith({ trade: { supply: 'both' } }), 9, { origin: 'wild' }), 'set-origin'),
    ).toEqual([]);
  });
  it('is a form without trailing fins, where fins are nipped', () => {
    const long = {
      ...speciesWith({ company: { longFins: true } }),
      id: 'neon-long',
      formOf: NEON,
      form: 'fins',
      scientificName: 'Neon long',
      commonNames: ['long neon'],
    } as SpeciesProfile;
    const both = buildCatalogue([of(NEON), long]);
    const swaps = (rule: string) =>
      only(
        waysOf(
          groupOf(found('pair/nips', [long.id], { rule })),
          list([{ species: long.id, count: 7 }]),
          both,
        ),
        'swap',
      );
    expect(swaps('fin-nipping')).toEqual([{ kind: 'swap', species: long.id, to: NEON, count: 7 }]);
    expect(swaps('temper')).toEqual([]);
    const plain = waysOf(
      groupOf(found('pair/nips', [NEON], { rule: 'fin-nipping' })),
      list([{ species: NEON, count: 7 }]),
      both,
    );
    expect(only(plain, 'swap')).toEqual([]);
  });
  it('are of a note only what its rule proposes, and of nothing milder than the worst', () => {
    const lid = { kind: 'set-lid', lid: true } as const;
    const fixed = (severity: Severity) => found('group/size', [NEON], { severity, fixes: [{ edit: lid }] });
    expect(waysOf(groupOf(fixed('note')), list([{ species: NEON, count: 9 }]))).toEqual([lid]);
    const both = groupOf(found('group/size', [NEON], { severity: 'stop' }), fixed('caution'));
    expect(only(waysOf(both, list([{ species: NEON, count: 9 }])), 'set-lid')).toEqual([]);
    const twice = groupOf(
      fixed('stop'),
      found('group/size', [NEON], { severity: 'stop', fixes: [{ edit: lid }, { advice: 'x' }] }),
    );
    expect(only(waysOf(twice, list([{ species: NEON, count: 9 }])), 'set-lid')).toEqual([lid]);
  });
});

describe('species that look and live alike', () => {
  const some = catalogue.all.filter((_, at) => at % 23 === 0);
  it('are three at most, others than it and than those that are there, no rougher, and as easy to get', () => {
    const easy = ['shop', 'specialist', 'club'];
    const there = new Set(['paracheirodon-axelrodi']);
    for (const profile of [of(NEON), ...some]) {
      const alike = speciesLike(profile, catalogue, there);
      expect(alike.length).toBeLessThanOrEqual(3);
      for (const one of alike) {
        expect(speciesOf(one)).not.toBe(speciesOf(profile));
        expect(there.has(speciesOf(one))).toBe(false);
        expect(one.company.temper.mature).toBeLessThanOrEqual(profile.company.temper.mature);
        expect(easy.indexOf(one.trade.met)).toBeLessThanOrEqual(easy.indexOf(profile.trade.met));
        expect(one.life).toBe(profile.life);
        const [a, b] = [adultLengthCm(one), adultLengthCm(profile)];
        expect(Math.abs(a - b) / Math.max(a, b)).toBeLessThanOrEqual(0.5);
      }
    }
  });
  // Facts of the trade: these stand for one another in shops (common practice).
  it('of a neon is the cardinal', () =>
    expect(speciesLike(of(NEON), catalogue, new Set()).map(({ id }) => id)).toContain(
      'paracheirodon-axelrodi',
    ));

  /** A made-up copy of the neon under another name, otherwise alike but for what is said. */
  const copy = (id: string, more: Partial<SpeciesProfile> = {}): SpeciesProfile => ({
    ...of(NEON),
    id,
    scientificName: id,
    commonNames: [id],
    formerNames: [],
    ...more,
  });
  const order = (...copies: readonly SpeciesProfile[]) =>
    speciesLike(of(NEON), buildCatalogue([of(NEON), ...copies]), new Set()).map(({ id }) => id);
  it('stand in the order of shape, kin, family, colours and size, and of their names', () => {
    const { look, size } = of(NEON);
    const bigger = { ...size, maleCm: size.maleCm * 1.2, femaleCm: size.femaleCm * 1.2 };
    expect(order(copy('b'), copy('a'))).toEqual(['a', 'b']);
    expect(order(copy('a', { kin: 'danio' }), copy('b'))).toEqual(['b', 'a']);
    expect(order(copy('a', { family: 'Danionidae' }), copy('b'))).toEqual(['b', 'a']);
    expect(order(copy('a', { size: bigger }), copy('b'))).toEqual(['b', 'a']);
    expect(order(copy('a', { look: { ...look, colours: [] } }), copy('b'))).toEqual(['b', 'a']);
    expect(order(copy('a', { look: { ...look, silhouette: 'discus' } as never }), copy('b'))).toEqual([
      'b',
      'a',
    ]);
    expect(order(copy('a', { layers: { top: 1, middle: 0, bottom: 0 } }), copy('b'))[0]).toBe('b');
  });
  it('are none that live elsewhere and look otherwise', () => {
    const { look } = of(NEON);
    const other = copy('a', {
      kin: 'pleco',
      family: 'Loricariidae',
      layers: { top: 0, middle: 0, bottom: 1 },
      look: { ...look, silhouette: 'pleco', colours: [] } as never,
    });
    expect(order(other)).toEqual([]);
    expect(order(copy('a', { life: 'shrimp' as never }))).toEqual([]);
    const { size } = of(NEON);
    expect(
      order(copy('a', { size: { ...size, maleCm: size.maleCm * 2.1, femaleCm: size.femaleCm * 2.1 } })),
    ).toEqual([]);
    expect(
      order(copy('a', { size: { ...size, maleCm: size.maleCm * 1.9, femaleCm: size.femaleCm * 1.9 } })),
    ).toEqual(['a']);
  });
});
