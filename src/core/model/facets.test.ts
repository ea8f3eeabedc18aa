import { catalogue } from '@/testing/plans';
import { describedBy, FACETS, type Facets, facetsOf, hasFacets, looksAs, type FacetName } from './facets';
import { canBeShown, makesRoughTank } from './levels';
import type { SpeciesProfile } from './species';

const of = (id: string) => facetsOf(catalogue.byId.get(id)!);

describe('facets', () => {
  it.each([
    [
      'paracheirodon-innesi',
      {
        layer: 'middle',
        size: 'tiny',
        temper: 'gentle',
        water: 'soft',
        region: 'South America',
        colour: 'red',
      },
    ],
    ['carnegiella-strigata', { layer: 'top' }],
    ['ancistrus-cirrhosus', { layer: 'bottom', work: 'algae' }],
    [
      'maylandia-lombardoi',
      { temper: 'deadly', water: 'hard', region: 'Lake Malawi', ease: 'experienced', theme: 'bold' },
    ],
    ['symphysodon-aequifasciatus', { theme: 'warm' }],
    ['tanichthys-albonubes', { theme: 'cool', ease: 'easy' }],
    ['danio-erythromicron', { theme: 'shy' }],
    ['dichotomyctere-nigroviridis', { water: 'brackish', ease: 'experienced' }],
    ['anentome-helena', { work: 'snails' }],
  ] as const)('%s: %j', (id, chosen) => expect(hasFacets(of(id), chosen)).toBe(true));

  it('only knows choices that a filter offers, and gives each species one size, temper and ease', () => {
    for (const profile of catalogue.all) {
      const facets = facetsOf(profile);
      for (const name of ['layer', 'size', 'temper', 'region', 'ease'] as FacetName[]) {
        expect(facets[name].length).toBeGreaterThan(0);
        for (const value of facets[name]) expect(FACETS[name] as readonly string[]).toContain(value);
      }
    }
  });
  it('every choice that is offered is met by some species', () => {
    const all = catalogue.all.map(facetsOf);
    const unmet = (Object.keys(FACETS) as FacetName[]).flatMap((name) =>
      FACETS[name]
        .filter((value) => !all.some((facets) => facets[name].includes(value)))
        .map((value) => `${name}: ${value}`),
    );
    expect(unmet).toEqual([]);
  });
});

describe('facets at their limits', () => {
  const neon = catalogue.byId.get('paracheirodon-innesi')!;
  /** The neon, were it otherwise. */
  const were = (
    part: 'water' | 'company' | 'habits' | 'mouth' | 'handling' | 'size' | 'look',
    more: object,
  ): SpeciesProfile => ({ ...neon, [part]: { ...(neon[part] as object), ...more } });
  const water = (more: object) => facetsOf(were('water', { tankBred: { ...neon.water.tankBred, ...more } }));
  const long = (cm: number) => facetsOf(were('size', { maleCm: cm, femaleCm: cm, total: undefined }));

  it('of size: a limit belongs to the smaller', () => {
    expect([4, 4.1, 8, 8.1, 15, 15.1, 30, 30.1].map((cm) => long(cm).size[0])).toEqual([
      'tiny',
      'small',
      'small',
      'medium',
      'medium',
      'large',
      'large',
      'very large',
    ]);
  });
  it('of ease: what makes a fish hard, and what makes it ask for some care', () => {
    const ease = (facets: Facets) => facets.ease[0];
    expect(ease(facetsOf(were('water', { sensitivity: 1 })))).toBe('easy');
    expect(ease(facetsOf(were('water', { sensitivity: 2 })))).toBe('some care');
    expect(ease(facetsOf(were('water', { sensitivity: 3 })))).toBe('experienced');
    const easy = { sensitivity: 1 };
    const tame = were('water', easy);
    const also = (part: 'company' | 'mouth' | 'handling' | 'size', more: object): Facets =>
      facetsOf({ ...tame, [part]: { ...(tame[part] as object), ...more } });
    expect(ease(also('size', { maleCm: 30, femaleCm: 30 }))).toBe('easy');
    expect(ease(also('size', { maleCm: 31, femaleCm: 30 }))).toBe('experienced');
    expect(ease(also('handling', { sting: true }))).toBe('experienced');
    expect(ease(also('mouth', { diet: 'molluscs' }))).toBe('experienced');
    expect(ease(also('company', { temper: { ...neon.company.temper, mature: 2 } }))).toBe('some care');
    expect(ease(also('company', { temper: { ...neon.company.temper, mature: 3 } }))).toBe('experienced');
    expect(ease(also('company', { ownKind: { male: 2, female: 0 } }))).toBe('some care');
    expect(ease(also('company', { ownKind: { male: 0, female: 2 } }))).toBe('some care');
    expect(ease(also('company', { ownKind: { male: 1, female: 1 } }))).toBe('easy');
    const salty = (ppt: number) =>
      facetsOf({
        ...tame,
        water: { ...tame.water, tankBred: { ...tame.water.tankBred, salinityPpt: [ppt, 9] } },
      });
    expect([ease(salty(1)), ease(salty(1.1))]).toEqual(['easy', 'experienced']);
  });
  it('of water: soft, middling, hard and brackish, each by its own limits', () => {
    const said = (ghDh: readonly number[], ph: readonly number[], salinityPpt: readonly number[] = [0, 1]) =>
      water({ ghDh, ph, salinityPpt }).water;
    expect(said([4, 9], [6.8, 7])).toEqual(['soft']);
    expect(said([4.1, 9], [6.8, 7])).toEqual([]);
    expect(said([4, 9], [6.9, 7])).toEqual([]);
    expect(said([10, 10], [7.4, 7.4])).toEqual(['middling']);
    expect(said([10.1, 12], [7, 7.6])).toEqual([]);
    expect(said([5, 9.9], [7, 7.6])).toEqual([]);
    expect(said([5, 12], [7.5, 7.6])).toEqual([]);
    expect(said([5, 12], [7, 7.1])).toEqual([]);
    expect(said([12, 18], [7.5, 7.8])).toEqual(['hard']);
    expect(said([12, 17.9], [7.5, 7.8])).toEqual([]);
    expect(said([12, 18], [7.5, 7.7])).toEqual([]);
    expect(said([12, 14], [7.5, 7.6], [0, 5])).toEqual(['brackish']);
    expect(said([2, 20], [6, 8], [0, 6])).toEqual(['brackish', 'soft', 'middling', 'hard']);
  });
  it('of themes: shy, bold, cool and warm', () => {
    const habits = (more: object) =>
      facetsOf(were('habits', { shyness: 1, activity: 1, mealSpeed: 1, ...more })).theme;
    expect(habits({})).toEqual([]);
    expect(habits({ shyness: 2 })).toEqual(['shy']);
    expect(habits({ shyness: 0 })).toEqual(['bold']);
    expect(habits({ activity: 3, mealSpeed: 3 })).toEqual(['bold']);
    expect(habits({ activity: 3 })).toEqual([]);
    expect(habits({ mealSpeed: 3 })).toEqual([]);
    const warmth = (temperatureC: readonly number[]) =>
      water({ temperatureC }).theme.filter((one) => one === 'cool' || one === 'warm');
    expect(warmth([19.9, 28])).toEqual(['cool']);
    expect(warmth([20, 28])).toEqual([]);
    expect(warmth([19, 28.1])).toEqual(['warm']);
    expect(warmth([24, 28.1])).toEqual(['warm']);
  });
  it('of layers: those where it is for three tenths of its time or more', () => {
    const layers = (top: number, middle: number, bottom: number) =>
      facetsOf({ ...neon, layers: { top, middle, bottom } }).layer;
    expect(layers(0.3, 0.41, 0.29)).toEqual(['top', 'middle']);
    expect(layers(0, 0.1, 0.9)).toEqual(['bottom']);
  });
  it('of colours: words of one colour are one, and a look without markings has none', () => {
    const { colour, marking } = facetsOf(
      were('look', { colours: ['gold', 'yellow', 'pink', 'teal'], markings: undefined }),
    );
    expect([colour, marking]).toEqual([['yellow', 'red', 'teal'], []]);
  });
  it('are all met, and one that is not chosen asks nothing', () => {
    const facets = facetsOf(neon);
    expect(hasFacets(facets, { size: 'tiny', temper: 'rough' })).toBe(false);
    expect(hasFacets(facets, { size: '', temper: undefined, layer: 'middle' })).toBe(true);
    expect(hasFacets(facets, { size: '', layer: 'top' })).toBe(false);
  });
});

describe('levels in words', () => {
  const neon = catalogue.byId.get('paracheirodon-innesi')!;
  const company = (more: object): SpeciesProfile => ({ ...neon, company: { ...neon.company, ...more } });
  it('a tank is rough with a rough fish, or with two that may kill one another', () => {
    const killer = company({ ownKind: { male: 3, female: 0 } });
    const rough = company({ temper: { ...neon.company.temper, mature: 2 } });
    expect([makesRoughTank(killer, 1), makesRoughTank(killer, 2)]).toEqual([false, true]);
    expect([makesRoughTank(rough, 1), makesRoughTank(neon, 9)]).toEqual([true, false]);
  });
  it('males alone are shown of mouthbrooders of harems and colonies only', () => {
    const shown = (pairs: string, mode: string) => canBeShown(company({ pairs, mode }));
    expect([shown('mouthbroods', 'harem'), shown('mouthbroods', 'colony')]).toEqual([true, true]);
    expect([shown('mouthbroods', 'shoal'), shown('pairs', 'harem'), shown('pairs', 'colony')]).toEqual([
      false,
      false,
      false,
    ]);
  });
});

describe('a description at sight', () => {
  const looks = (text: string, id: string): boolean => {
    const asked = describedBy(text);
    return asked !== null && looksAs(of(id), asked);
  };
  it.each([
    ['small blue striped', 'paracheirodon-innesi', true],
    ['small blue striped', 'astronotus-ocellatus', false],
    ['striped black', 'puntigrus-tetrazona', true],
    ['big spotted', 'synodontis-angelica', true],
    ['plain yellow', 'labidochromis-caeruleus', true],
    ['  Small,  BLUE ', 'paracheirodon-innesi', true],
    ['little', 'astronotus-ocellatus', false],
    ['gold', 'labidochromis-caeruleus', true],
    ['yellow red', 'paracheirodon-innesi', false],
  ])('"%s" is %s: %s', (text, id, meets) => {
    expect(looks(text, id)).toBe(meets);
  });
  it.each(['neon', 'small neon', ''])('is none where a word tells nothing of looks: "%s"', (text) => {
    expect(describedBy(text)).toBeNull();
  });
});
