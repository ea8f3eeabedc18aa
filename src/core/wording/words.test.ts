import { catalogue } from '@/testing/plans';
import { countOf, figure, list, plural, span } from './words';

describe('words', () => {
  it.each([
    ['neon tetra', 'neon tetras'],
    ['angelfish', 'angelfish'],
    ['sterbai cory', 'sterbai corys'],
    ['guppy', 'guppies'],
    ['molly', 'mollies'],
    ['cherry shrimp', 'cherry shrimp'],
    ['discus', 'discus'],
    ['leleupi', 'leleupi'],
    ['bala shark', 'bala sharks'],
    ['pictus catfish', 'pictus catfish'],
  ])('more than one %s are %s', (one, many) => expect(plural(one)).toBe(many));

  it('counts one as one', () => {
    const neon = catalogue.byId.get('paracheirodon-innesi')!;
    expect([countOf(1, neon), countOf(2, neon)]).toEqual(['1 neon tetra', '2 neon tetras']);
  });

  it('reads figures, spans and lists', () => {
    expect([figure(3), figure(3.04), figure(12.36)]).toEqual(['3', '3', '12.4']);
    expect([span([24, 28], '°C'), span([6, 7.45], '')]).toEqual(['24 to 28 °C', '6 to 7.5']);
    expect([list([]), list(['a']), list(['a', 'b']), list(['a', 'b', 'c'])]).toEqual([
      '',
      'a',
      'a and b',
      'a, b and c',
    ]);
  });
});
