import { STANDARD_TANKS } from '@/catalogue/standardTanks';
import { file } from '@/testing/lineups/asked';
import { catalogue, TANKS, TODAY } from '@/testing/plans';
import { assess } from '../assess/assess';
import { planWith } from './buildProblem';
import type { NamedSize } from './sizes';
import { whatItTakes, type Change } from './whatItTakes';
import type { WishesFile } from './wishes';

type Group = readonly [species: string, count: number];
const grouped = ([species, count]: Group) => ({ species, count });
const takes = (
  asked: WishesFile,
  kept: readonly Group[],
  wished: Group,
  sizes: readonly NamedSize[] = STANDARD_TANKS,
): readonly Change[] => whatItTakes(asked, catalogue, TODAY, kept.map(grouped), grouped(wished), sizes);
/** Without the larger tanks. */
const here = (asked: WishesFile, kept: readonly Group[], wished: Group) => takes(asked, kept, wished, []);
const without = (species: string): Change => ({ kind: 'without', species });

const DANIOS: Group = ['danio-rerio', 8];
const STERBAI: Group = ['corydoras-sterbai', 6];
const SCALARES: Group = ['pterophyllum-scalare', 2];
const NEONS: Group = ['paracheirodon-innesi', 10];

describe('what it takes', () => {
  it('is nothing where all fits as it is', () =>
    expect(takes(file([]), [DANIOS], STERBAI)).toEqual([{ kind: 'nothing' }]));

  it('is a lid for a jumper, and nothing else when that is enough', () => {
    const barbs: Group = ['sahyadria-denisonii', 6];
    expect(takes(file([], { tank: { ...TANKS.us75, lid: false } }), [STERBAI], barbs)).toEqual([
      { kind: 'lid' },
    ]);
  });

  it('is sand for a fish that sifts it, where gravel lies', () => {
    const asked = file([], { tank: { ...TANKS.us75, substrate: 'gravel' } });
    expect(takes(asked, [DANIOS], ['biotodoma-cupido', 5])).toEqual([{ kind: 'sand' }]);
  });

  it.each([
    // Zebra danios 18 to 27 °C, Sterbai's corydoras 23 to 30.
    ['temperatureC', 20, STERBAI, { kind: 'temperature', temperatureC: 25 }],
    // Danios pH 6 to 8.2 and GH 3 to 20, neons pH 4.5 to 7.5 and GH 0 to 12.
    ['ph', 8.6, NEONS, { kind: 'ph', ph: 7 }],
    ['ghDh', 30, NEONS, { kind: 'hardness', ghDh: 7.5 }],
  ] as const)('is water in the middle of what all can stand: %s of %d', (measure, value, wished, change) => {
    const water = { temperatureC: 25, ph: 7, ghDh: 8 };
    expect(here(file([], { water: { ...water, [measure]: value } }), [DANIOS], wished)).toEqual([change]);
    // What was not measured is not asked to change; only what is wrong is.
    expect(here(file([], { water: { [measure]: value } }), [DANIOS], wished)).toEqual([change]);
  });

  it('is no water where the fish have none in common, or two measures are wrong', () => {
    const discus: Group = ['symphysodon-aequifasciatus', 6];
    expect(here(file([], { water: { temperatureC: 20 } }), [['tanichthys-albonubes', 8]], discus)).toEqual(
      [],
    );
    expect(here(file([], { water: { temperatureC: 20, ghDh: 30 } }), [DANIOS], STERBAI)).toEqual([]);
  });

  it('is one species less, when one stands in the way', () => {
    expect(here(file([]), [SCALARES, DANIOS], NEONS)).toEqual([without('pterophyllum-scalare')]);
    const eaters: readonly Group[] = [SCALARES, ['crenicichla-saxatilis', 1]];
    expect(here(file([]), eaters, NEONS)).toEqual([]);
  });

  it('is, for a calm list, one species less where keepers would think twice about the newcomer', () => {
    const barbs: Group = ['pethia-padamya', 8];
    const gouramis: Group = ['trichogaster-chuna', 2];
    expect(here(file([], { calm: true }), [barbs], gouramis)).toEqual([without('pethia-padamya')]);
    expect(here(file([]), [barbs], gouramis)).toEqual([{ kind: 'nothing' }]);
    // Doubts among those that are there already do not keep a third out, nor does what the whole list leads to.
    expect(here(file([], { calm: true }), [barbs, gouramis], STERBAI)).toEqual([{ kind: 'nothing' }]);
  });
});

describe('what more nitrate takes', () => {
  /** Forty black phantom tetras and six corydoras make 4.2 mg/L a week in a US 75. */
  const kept: readonly Group[] = [['hyphessobrycon-megalopterus', 40]];
  const load = assess(planWith(file([]), [...kept, STERBAI].map(grouped)), catalogue, TODAY).context.load
    .nitrateMgLWeek;
  const asked = (nitrateBudget: number, nitrateTapMgL = 39, tank: WishesFile['tank'] = TANKS.us75) =>
    here(file([], { nitrateBudget, tank, water: { nitrateTapMgL } }), kept, STERBAI);
  const fewer = without('hyphessobrycon-megalopterus');

  it('is measured against the budget of the list, up to all of it', () => {
    expect(load).toBeCloseTo(4.23, 2);
    expect(asked(load)).toEqual([{ kind: 'nothing' }]);
    expect(asked(load * 0.999)).not.toEqual([{ kind: 'nothing' }]);
  });
  it('is dense planting, where that is enough and is not there yet', () => {
    expect(asked(3.6)).toEqual([{ kind: 'plants' }, fewer]);
    expect(asked(3)).toEqual([fewer]);
    expect(asked(2.5, 39, { ...TANKS.us75, plants: 'dense' })).toEqual([fewer]);
  });
  it('is the least change of water that carries it: up to 40 mg/L, over what the tap brings', () => {
    const routine = (tap: number) => asked(3, tap).find(({ kind }) => kind === 'routine');
    // Half a week: (40 - 31) x 0.5 = 4.5; (40 - 32) x 0.5 = 4; every four days 7/4 of that; 0.6 of 4.1 then 4.3.
    expect(routine(0)).toEqual({ kind: 'routine', changeFraction: 0.5, everyDays: 7 });
    expect(routine(31)).toEqual({ kind: 'routine', changeFraction: 0.5, everyDays: 7 });
    expect(routine(32)).toEqual({ kind: 'routine', changeFraction: 0.5, everyDays: 4 });
    expect(routine(35.9)).toEqual({ kind: 'routine', changeFraction: 0.6, everyDays: 4 });
    expect(routine(36.1)).toBeUndefined();
  });
});

describe('what a larger tank takes', () => {
  const size = (name: string, lengthCm: number, widthCm: number, heightCm: number): NamedSize => ({
    name,
    lengthCm,
    widthCm,
    heightCm,
  });
  const tank = (changes: readonly Change[]): string | undefined =>
    changes.flatMap((change) => (change.kind === 'tank' ? [change.size.name] : []))[0];
  /** Four angelfish, for which a US 20 long is too small. */
  const scalares: Group = ['pterophyllum-scalare', 4];
  const cramped = file([], { tank: TANKS.us20long });

  it('is the smallest that serves, in whatever order sizes come', () => {
    const sizes = [
      size('huge', 200, 60, 60),
      size('enough', 120, 45, 50),
      size('too small', 80, 30, 31),
      size('more', 150, 60, 50),
    ];
    expect(tank(takes(cramped, [], scalares, sizes))).toBe('enough');
    expect(tank(takes(cramped, [], scalares, sizes.toReversed()))).toBe('enough');
    expect(tank(takes(cramped, [], scalares, sizes.slice(2, 3)))).toBeUndefined();
  });
  it('is one of those that are sold, and the list has no stop in it', () => {
    const groups = [['corydoras-aeneus', 6] as const, scalares];
    const change = takes(cramped, groups.slice(0, 1), scalares).find((one) => one.kind === 'tank');
    const { lengthCm, widthCm, heightCm } = (change as Extract<Change, { kind: 'tank' }>).size;
    const verdict = (asked: WishesFile) =>
      assess(planWith(asked, groups.map(grouped)), catalogue, TODAY).verdict;
    expect(verdict(cramped)).toBe('stop');
    expect(verdict({ ...cramped, tank: { lengthCm, widthCm, heightCm } })).not.toBe('stop');
  });
  it('is one in which no layer is crowded', () => {
    const asked = file([], { tank: TANKS.us29, nitrateBudget: 900 });
    const crowd: Group = ['hyphessobrycon-megalopterus', 60];
    expect(takes(asked, [crowd], STERBAI, [size('enough', 110, 46, 45)])).toEqual([
      { kind: 'tank', size: size('enough', 110, 46, 45) },
      without('hyphessobrycon-megalopterus'),
    ]);
    expect(tank(takes(asked, [crowd], STERBAI, [size('too narrow', 90, 31, 46)]))).toBeUndefined();
  });
  it('may hold less where it is longer, and is none that is smaller in both', () => {
    // Tiger barbs run the length: a metre of a shallow tank serves where a tall cube does not.
    const barbs: Group = ['sahyadria-denisonii', 6];
    const cube = file([], { tank: { lengthCm: 75, widthCm: 75, heightCm: 75 }, nitrateBudget: 900 });
    const long = size('long', 160, 50, 50);
    expect(long.lengthCm * long.widthCm * long.heightCm).toBeLessThan(75 ** 3);
    expect(tank(takes(cube, [], barbs, [long]))).toBe('long');
  });
  it('is none of the same measures or less, though it would serve: then the water stands too low', () => {
    const low = file([], { tank: { ...TANKS.us29, waterLineCm: 8 } });
    const barbs: Group = ['puntius-titteya', 12];
    const { lengthCm, widthCm, heightCm } = TANKS.us29;
    const same = size('same', lengthCm, widthCm, heightCm);
    const shorter = size('shorter', lengthCm - 1, widthCm, heightCm);
    const longer = size('longer', lengthCm + 1, widthCm, heightCm);
    expect(takes(low, [], barbs)).not.toEqual([{ kind: 'nothing' }]);
    expect(tank(takes(low, [], barbs, [same, shorter]))).toBeUndefined();
    expect(tank(takes(low, [], barbs, [same, shorter, longer]))).toBe('longer');
  });
});
