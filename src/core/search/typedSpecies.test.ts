import { catalogue } from '@/testing/plans';
import { resolveSpecies } from '../model';
import { nearestSpecies } from './sureSpecies';
import { byIdentifier, resolveTyped } from './typedSpecies';

const of = (typed: string) => {
  const found = resolveTyped(catalogue, typed);
  return found.ok ? found.profile.id : found.nearest;
};

describe('a name in a file', () => {
  it.each([
    ['red tail shark', 'epalzeorhynchos-bicolor'],
    ['geophagus tapajos', 'geophagus-pyrocephalus'],
    ['paracheirodon-innesi', 'paracheirodon-innesi'],
  ])('"%s" is one species by its words', (typed, id) => expect(of(typed)).toBe(id));

  it.each([
    ['arowana', 'silver arowana (osteoglossum-bicirrhosum) or Australian arowana (scleropages-jardinii)'],
    ['neon tetraa', 'neon tetra (paracheirodon-innesi)'],
  ])('"%s" is asked about', (typed, nearest) => expect(of(typed)).toBe(nearest));

  it.each(['neon tetr', 'nion tetra', '<b>__proto__', ''])(
    '"%s" is no name: nothing in a file is guessed',
    (typed) => expect(resolveTyped(catalogue, typed).ok).toBe(false),
  );

  it('becomes an identifier, and stays as it is where it is none', () => {
    expect(byIdentifier(catalogue, { species: 'neon tetra', count: 6 })).toEqual({
      species: 'paracheirodon-innesi',
      count: 6,
    });
    expect(byIdentifier(catalogue, { species: 'arowana' })).toEqual({ species: 'arowana' });
  });
});

describe('a text that is no name', () => {
  // Found by a broken file: comparing twenty thousand letters with every name took seconds.
  it('of any length is answered without comparing it letter by letter', () => {
    const long = 'x'.repeat(1_000_000);
    expect(resolveSpecies(catalogue, long)).toEqual({ ok: false, nearest: '' });
    expect(nearestSpecies(catalogue, long)).toEqual([]);
  });
});
