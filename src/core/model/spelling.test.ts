import { foldName, nameKey, nameWords } from './spelling';

describe('names however they are spelt', () => {
  it.each([
    ['Rummy-nose Tetras', 'rummy nose tetras'],
    ['  Café   d’Or ', 'cafe dor'],
    ["Agassiz's (dwarf) cichlid", 'agassizs dwarf cichlid'],
    ['L-046', 'l 046'],
    ['—', ''],
  ])('"%s" folds to "%s"', (name, folded) => expect(foldName(name)).toBe(folded));
  it.each([
    ['Rummy-nose Tetras', ['rummi', 'nose', 'tetra']],
    ['platies', ['plati']],
    ['platys', ['plati']],
    ['platy', ['plati']],
    ['zombie fish', ['zombi']],
    ['L-046', ['l46']],
    ['LDA 025', ['lda25']],
    ['l46a', ['l46']],
    ['finches', ['finch']],
    ['foxes and bosses', ['fox', 'and', 'boss']],
    ['glass', ['glass']],
    ['gas', ['gas']],
    ['Rainbowfish', ['rainbow']],
    ['catfish', ['cat']],
    ['elfish', ['elfish']],
    ['fishers', ['fisher']],
    ['Ancistrus sp.', ['ancistru']],
    ['Apistogramma cf. agassizii', ['apistogramma', 'agassizii']],
    ['the plec', ['pleco']],
    ['Plecostomus', ['pleco']],
    ['fish', ['fish']],
    ['a fish of the sp', ['a', 'fish', 'of', 'the', 'sp']],
  ])('"%s" is compared as %j', (name, words) => expect(nameWords(name)).toEqual(words));
  it.each([
    ['rope fish', 'Ropefish'],
    ['rummynose', 'Rummy nose'],
    ['L 46', 'l046'],
    ['cherry barbs', 'Cherry-Barb'],
  ])('"%s" and "%s" are one name', (one, other) => expect(nameKey(one)).toBe(nameKey(other)));
  it('two names are two', () => expect(nameKey('neon tetra')).not.toBe(nameKey('green neon tetra')));
});
