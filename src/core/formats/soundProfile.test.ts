import { catalogue } from '@/testing/plans';
import { bodyMass } from '../fish';
import { type Expected, faultOf } from '../kernel';
import { adultLengthCm, buildCatalogue, type SpeciesProfile } from '../model';
import { unsoundBeside, unsoundIn } from './soundProfile';

const danio = catalogue.byId.get('danio-rerio')!;
const adult = adultLengthCm(danio);

/** A sound profile with some of its parts said otherwise. */
type Changes = { readonly [K in keyof SpeciesProfile]?: Partial<SpeciesProfile[K]> };
const changed = (changes: Changes): SpeciesProfile => ({
  ...danio,
  ...Object.fromEntries(
    Object.entries(changes).map(([part, change]) => [
      part,
      typeof change === 'object' ? { ...(danio[part as keyof SpeciesProfile] as object), ...change } : change,
    ]),
  ),
});
const waters = (of: 'wild' | 'tankBred', range: Partial<SpeciesProfile['water']['wild']>): Changes => ({
  water: { [of]: { ...danio.water[of], ...range } },
});
const tank = (approach: 'tried' | 'middle' | 'cautious', figures: object): Changes => ({
  tank: { [approach]: { ...danio.tank[approach], ...figures } },
});
/** A tank of one width for all approaches. */
const wide = (widthCm: number): Changes => ({
  tank: Object.fromEntries(
    (['tried', 'middle', 'cautious'] as const).map((approach) => [
      approach,
      { ...danio.tank[approach], widthCm },
    ]),
  ),
});
const below: Expected = { is: 'below', below: adult, than: 'adult length', unit: 'cm' };

describe('a profile by itself', () => {
  it('is sound as it is shipped', () => expect(catalogue.all.flatMap(unsoundIn)).toEqual([]));

  it.each<[string, Changes, string, Expected, unknown]>([
    [
      'tank-bred fish that bear less cold than wild ones',
      {
        water: {
          wild: { ...danio.water.wild, temperatureC: [18, 24] },
          tankBred: { ...danio.water.tankBred, temperatureC: [19, 26] },
        },
      },
      'water.tankBred.temperatureC',
      { is: 'around', range: [18, 24], of: 'wild', unit: '°C' },
      '19 - 26',
    ],
    [
      'tank-bred fish that bear less heat',
      {
        water: {
          wild: { ...danio.water.wild, temperatureC: [18, 24] },
          tankBred: { ...danio.water.tankBred, temperatureC: [17, 23] },
        },
      },
      'water.tankBred.temperatureC',
      { is: 'around', range: [18, 24], of: 'wild', unit: '°C' },
      '17 - 23',
    ],
    [
      'tank-bred fish of a narrower pH',
      {
        water: {
          wild: { ...danio.water.wild, ph: [6, 8] },
          tankBred: { ...danio.water.tankBred, ph: [6.5, 8] },
        },
      },
      'water.tankBred.ph',
      { is: 'around', range: [6, 8], of: 'wild' },
      '6.5 - 8',
    ],
    [
      'tank-bred fish of a narrower hardness',
      {
        water: {
          wild: { ...danio.water.wild, ghDh: [2, 20] },
          tankBred: { ...danio.water.tankBred, ghDh: [2, 19] },
        },
      },
      'water.tankBred.ghDh',
      { is: 'around', range: [2, 20], of: 'wild', unit: '°dH' },
      '2 - 19',
    ],
    [
      'tank-bred fish that bear less salt',
      {
        water: {
          wild: { ...danio.water.wild, salinityPpt: [0, 2] },
          tankBred: { ...danio.water.tankBred, salinityPpt: [0, 1] },
        },
      },
      'water.tankBred.salinityPpt',
      { is: 'around', range: [0, 2], of: 'wild', unit: 'ppt' },
      '0 - 1',
    ],
    ['fish sold grown', { size: { soldCm: adult } }, 'size.soldCm', below, adult],
    ['fish that mature grown', { size: { matureCm: adult } }, 'size.matureCm', below, adult],
    [
      'fish that die before they are grown',
      { size: { lifeYears: [1, 2], monthsToGrown: 24 } },
      'size.lifeYears',
      { is: 'above', above: 2, than: 'years to grown' },
      '1 - 2',
    ],
    [
      'a tank half as wide as its fish are long',
      wide(adult / 2 - 0.01),
      'tank.cautious.widthCm',
      { is: 'at least', least: adult / 2, than: 'half the adult length', unit: 'cm' },
      adult / 2 - 0.01,
    ],
    [
      'more at ease in fewer than the least',
      { company: { smallestGroup: 8, comfortableGroup: 7 } },
      'company.comfortableGroup',
      { is: 'at least', least: 8, than: 'company.smallestGroup' },
      7,
    ],
    [
      'a hermit in a group',
      { company: { mode: 'solitary', smallestGroup: 2, comfortableGroup: 2 } },
      'company.smallestGroup',
      { is: 'exactly', value: 1, for: 'solitary' },
      2,
    ],
    [
      'a shoal of four',
      { company: { mode: 'shoal', smallestGroup: 4 } },
      'company.smallestGroup',
      { is: 'at least', least: 5, than: 'shoal' },
      4,
    ],
    [
      'at ease in a number that is a bad one',
      { company: { badNumbers: [2, 3, danio.company.comfortableGroup] } },
      'company.badNumbers',
      { is: 'without', value: danio.company.comfortableGroup, of: 'company.comfortableGroup' },
      `2, 3, ${danio.company.comfortableGroup}`,
    ],
    [
      'more time than a day has',
      { layers: { top: 0.5, middle: 0.5, bottom: 0.25 } },
      'layers',
      { is: 'sum', of: 1 },
      1.25,
    ],
    [
      'less time than a day has',
      { layers: { top: 0.25, middle: 0.25, bottom: 0.25 } },
      'layers',
      { is: 'sum', of: 1 },
      0.75,
    ],
    [
      'one that eats any fish with a tiny mouth',
      { mouth: { eatsFish: 'any', gapeRatio: 0.09 } },
      'mouth.gapeRatio',
      { is: 'at least', least: 0.1, than: 'eats any fish' },
      0.09,
    ],
  ])('is told of %s', (_what, changes, path, expected, found) =>
    expect(unsoundIn(changed(changes))).toEqual([faultOf(path, expected, found)]),
  );

  it.each<[string, Changes]>([
    ['ranges that are the same', waters('wild', { ...danio.water.tankBred })],
    ['fish sold a little short of grown', { size: { soldCm: adult - 0.1 } }],
    ['fish that mature a little short of grown', { size: { matureCm: adult - 0.1 } }],
    [
      'fish that live a month longer than they grow',
      { size: { lifeYears: [1, 25 / 12], monthsToGrown: 24 } },
    ],
    ['a tank just half as wide', wide(adult / 2)],
    ['a tank of no said width', tank('cautious', { widthCm: null })],
    ['as many at ease as the least', { company: { smallestGroup: 8, comfortableGroup: 8 } }],
    ['a hermit alone', { company: { mode: 'solitary', smallestGroup: 1 } }],
    ['a shoal of five', { company: { mode: 'shoal', smallestGroup: 5 } }],
    ['four of a species of no shoal', { company: { mode: 'pair', smallestGroup: 4 } }],
    ['a day that is off by a hair', { layers: { top: 0.3, middle: 0.6, bottom: 0.1 + 1e-7 } }],
    ['one that eats any fish with a mouth just large enough', { mouth: { eatsFish: 'any', gapeRatio: 0.1 } }],
    ['a tiny mouth that eats no fish', { mouth: { eatsFish: 'no', gapeRatio: 0.05 } }],
  ])('is told of nothing where there is nothing: %s', (_what, changes) =>
    expect(unsoundIn(changed(changes))).toEqual([]),
  );

  it.each(['lengthCm', 'widthCm', 'heightCm', 'litres'] as const)(
    'names %s that falls from lenient to strict',
    (measure) => {
      const figures = (
        tried: number | null,
        middle: number | null,
        cautious: number | null,
      ): SpeciesProfile => {
        const of = (approach: 'tried' | 'middle' | 'cautious', figure: number | null) => ({
          ...danio.tank[approach],
          [measure]: figure,
        });
        return changed({
          tank: {
            tried: of('tried', tried),
            middle: of('middle', middle),
            cautious: of('cautious', cautious),
          },
        });
      };
      const told = (found: string) => [
        faultOf(`tank.cautious.${measure}`, { is: 'ordered', parts: ['tried', 'middle', 'cautious'] }, found),
      ];
      expect(unsoundIn(figures(60, 90, 80))).toEqual(told('60, 90, 80'));
      expect(unsoundIn(figures(90, null, 80))).toEqual(told('90, , 80'));
      expect(unsoundIn(figures(80, 80, 80))).toEqual([]);
      expect(unsoundIn(figures(80, null, 90))).toEqual([]);
      expect(unsoundIn(figures(null, null, null))).toEqual([]);
    },
  );

  // A ball of water weighs pi/6 of its cube.
  it('is told of a shape that makes a fish heavier than a ball of water, or lighter than a thread', () => {
    const lengthFor = (shape: SpeciesProfile['size']['shape'], perCube: number): number => {
      // Mass goes by a power of the length that is not quite three: some length has this mass to its cube.
      const power = Math.log(bodyMass(shape, 10) / bodyMass(shape, 1)) / Math.log(10);
      return (perCube / bodyMass(shape, 1)) ** (1 / (power - 3));
    };
    const { shape } = danio.size;
    const long = (lengthCm: number) =>
      unsoundIn(
        changed({
          size: { maleCm: lengthCm, femaleCm: lengthCm, soldCm: lengthCm / 4, matureCm: lengthCm / 2 },
          tank: { cautious: { ...danio.tank.cautious, widthCm: null } },
        }),
      ).filter(({ path }) => path === 'size.shape');
    const told = [faultOf('size.shape', { is: 'another', than: 'a shape of that mass' }, shape)];
    const [thread, ball] = [lengthFor(shape, 0.0005), lengthFor(shape, 0.53)];
    const [light, heavy] = thread < ball ? [0.9, 1.1] : [1.1, 0.9];
    expect(long(thread * light)).toEqual(told);
    expect(long(ball * heavy)).toEqual(told);
    expect(long(thread / light)).toEqual([]);
    expect(long(ball / heavy)).toEqual([]);
  });
});

describe('a profile beside the others', () => {
  const own = (changes: Partial<SpeciesProfile>): SpeciesProfile => ({
    ...danio,
    id: 'danio-novus',
    scientificName: 'Danio novus',
    commonNames: ['new danio'],
    formerNames: [],
    ...changes,
  });

  it('is sound as it is shipped', () =>
    expect(catalogue.all.flatMap((profile) => unsoundBeside(profile, catalogue))).toEqual([]));
  it('is sound under names of its own', () => expect(unsoundBeside(own({}), catalogue)).toEqual([]));
  it.each<[string, Partial<SpeciesProfile>]>([
    ['id', { id: 'danio-rerio ' }],
    ['scientificName', { scientificName: danio.scientificName }],
    ['commonNames', { commonNames: ['new danio', danio.commonNames[0] as string] }],
    ['formerNames', { formerNames: ['Danio vetus', danio.scientificName] }],
  ])('is told of %s that another has', (path, changes) =>
    expect(unsoundBeside(own(changes), catalogue)).toContainEqual(
      expect.objectContaining({ path, expected: { is: 'unique', holder: danio.id } }),
    ),
  );

  it('is told of a form of nothing, or of a form', () => {
    const form = catalogue.all.find(({ formOf }) => formOf !== null)!;
    const said = (formOf: string) => unsoundBeside(own({ formOf }), catalogue);
    const told = (formOf: string, nearest: string | null) =>
      faultOf('formOf', { is: 'known', what: 'species', nearest }, formOf);
    expect(said(danio.id)).toEqual([]);
    expect(said(form.id)).toEqual([told(form.id, form.formOf)]);
    expect(said('danio-rerip')).toEqual([told('danio-rerip', 'zebra danio (danio-rerio)')]);
    expect(said('xqzwv-kkjjq')).toEqual([told('xqzwv-kkjjq', null)]);
  });

  it('is told of one over five times as long as the largest of its family, where three are known', () => {
    const kin = (family: string, lengths: readonly number[]): readonly SpeciesProfile[] =>
      lengths.map((cm, at) => ({
        ...danio,
        id: `kin-${family}-${at}`,
        scientificName: `Kin ${family}${at}`,
        commonNames: [`kin ${family} ${at}`],
        formerNames: [],
        family,
        size: { ...danio.size, maleCm: cm, femaleCm: cm },
      }));
    const beside = (lengthCm: number, lengths: readonly number[]) =>
      unsoundBeside(
        own({ family: 'Aidae', size: { ...danio.size, maleCm: lengthCm, femaleCm: lengthCm } }),
        buildCatalogue([...kin('Aidae', lengths), ...kin('Bidae', [100, 100, 100])]),
      );
    const told = [
      faultOf('size.maleCm', { is: 'like its family', most: 50, largest: 'Kin Aidae1', unit: 'cm' }, 50.1),
    ];
    expect(beside(50.1, [4, 10, 6])).toEqual(told);
    expect(beside(50, [4, 10, 6])).toEqual([]);
    expect(beside(50.1, [4, 10])).toEqual([]);
    expect(beside(50.1, [])).toEqual([]);
  });
  it('is held against others than itself', () => {
    const giant = own({ size: { ...danio.size, maleCm: 90, femaleCm: 90 }, family: 'Aidae' });
    const four = buildCatalogue([
      giant,
      ...['a', 'b', 'c'].map((id) => ({
        ...own({ family: 'Aidae' }),
        id,
        scientificName: `Danio ${id}`,
        commonNames: [id],
      })),
    ]);
    expect(unsoundBeside(giant, four).map(({ path }) => path)).toEqual(['size.maleCm']);
  });
});
