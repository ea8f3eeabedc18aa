import fc from 'fast-check';
import { catalogue } from '@/testing/plans';
import { commonName } from '../model';
import { MOST_PASTED, readPasted } from './pasted';

const read = (text: string) =>
  readPasted(text, catalogue).items.map(({ count, meaning, name }) =>
    meaning.is === 'sure'
      ? `${count ?? '?'} ${meaning.profile.id}`
      : `${count ?? '?'} ${meaning.is}: ${name}`,
  );

describe('a pasted list', () => {
  it('is read by commas', () =>
    expect(read('6 neon tetras, 8 cories, 1 betta')).toEqual([
      '6 paracheirodon-innesi',
      '8 doubtful: cories',
      '1 betta-splendens',
    ]));

  it.each([
    '6 neon tetras',
    '6x neon tetra',
    '6 x neon tetras',
    'neon tetra x6',
    'neon tetras (6)',
    'Neon Tetra: 6',
    'neon tetras - 6',
    '- 6 neon tetras',
    '1. 6 neon tetras',
    '• neon tetra x 6',
    'six neon tetras',
  ])('reads the number of "%s"', (line) => expect(read(line)).toEqual(['6 paracheirodon-innesi']));

  it('reads rows of a spreadsheet, whatever the order of the columns', () =>
    expect(read('Species\tNumber\nneon tetra\t6\n8\tpanda cory\t3 cm\n')).toEqual([
      '? unknown: Species',
      '6 paracheirodon-innesi',
      '8 corydoras-panda',
    ]));

  it('reads pairs, sexes and lengths', () => {
    const [rams, guppies, oscar] = readPasted(
      'a pair of Bolivian rams\n5 guppies (2m, 3f)\n1 oscar 2 1/2 in',
      catalogue,
    ).items;
    expect(rams).toMatchObject({ count: 2, meaning: { is: 'sure' } });
    expect(guppies).toMatchObject({ count: 5, males: 2, females: 3, name: 'guppies' });
    expect(oscar?.lengthCm).toBeCloseTo(6.35, 6);
  });

  it('says where a number is missing, and which name means nothing or two', () => {
    const [none, ram, what] = readPasted('neon tetras\n2 corys\n3 qwertzfish', catalogue).items;
    expect(none).toMatchObject({ line: 1, count: null, meaning: { is: 'sure' } });
    expect(ram).toMatchObject({ line: 2, meaning: { is: 'doubtful' } });
    expect(what).toMatchObject({ line: 3, count: 3, meaning: { is: 'unknown' } });
  });

  it('reads at most so many of 10,000 lines, and says how many are left', () => {
    const { items, more } = readPasted('6 neon tetras\n'.repeat(10_000), catalogue);
    expect(items).toHaveLength(MOST_PASTED);
    expect(more).toBe(10_000 - MOST_PASTED);
  });

  it('reads a trade number as a name in a column of a spreadsheet', () => {
    expect(read('L260\t4\nm\t2\t\n')).toEqual(['4 hypancistrus-l260']);
  });

  it('finds every species by its first name, in every way of writing it', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...catalogue.all),
        fc.integer({ min: 1, max: 99 }),
        fc.constantFrom(
          (n: number, name: string) => `${n} ${name}`,
          (n: number, name: string) => `${name} x${n}`,
          (n: number, name: string) => `${name}\t${n}`,
          (n: number, name: string) => `* ${n}x ${name.toUpperCase()}`,
        ),
        (profile, count, write) =>
          expect(read(write(count, commonName(profile)))).toEqual([`${count} ${profile.id}`]),
      ),
    ));

  it('never fails, whatever is pasted', () =>
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 200 }), (text) => {
        for (const { count } of readPasted(text, catalogue).items)
          expect(count === null || (Number.isInteger(count) && count > 0)).toBe(true);
      }),
    ));
});
