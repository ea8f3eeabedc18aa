import { catalogue } from '@/testing/plans';
import { describedBy, FACETS, facetsOf, hasFacets, looksAs, type FacetName } from './facets';

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
  ])('"%s" is %s: %s', (text, id, meets) => {
    expect(looks(text, id)).toBe(meets);
  });
  it.each(['neon', 'small neon', ''])('is none where a word tells nothing of looks: "%s"', (text) => {
    expect(describedBy(text)).toBeNull();
  });
});
