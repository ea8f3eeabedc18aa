import fc from 'fast-check';
import { catalogue } from '@/testing/plans';
import { SHIPPED_SPECIES } from '@/catalogue';
import { atOnce } from '../kernel';
import { buildCatalogue, type Catalogue, commonName } from '../model';
import { MOST_PASTED, pastedInSteps } from './pasted';

const readPasted = (text: string, among: Catalogue) => atOnce(pastedInSteps(text, among));

const read = (text: string) =>
  readPasted(text, catalogue).items.map(({ count, meaning, name }) =>
    meaning.is === 'sure'
      ? `${count ?? '?'} ${meaning.profile.id}`
      : `${count ?? '?'} ${meaning.is}: ${name}`,
  );

describe('a pasted list', () => {
  it('gives others their turn after each line and each name', () => {
    expect([...pastedInSteps('6 neons, 2 rams\n1 betta', catalogue)]).toHaveLength(2 + 3);
  });

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

  it('takes a length, sexes or a number behind a comma for those of the fish before it', () => {
    const of = (text: string) =>
      readPasted(text, catalogue).items.map(({ count, name, males, lengthCm }) => [
        count,
        name,
        males,
        lengthCm,
      ]);
    expect(of('8 panda corys, 1.5 in, 6 neon tetras')).toEqual([
      [8, 'panda corys', null, 3.81],
      [6, 'neon tetras', null, null],
    ]);
    expect(of('neon tetras, 6, panda corys, x8')).toEqual([
      [6, 'neon tetras', null, null],
      [8, 'panda corys', null, null],
    ]);
    expect(of('guppies, 2m 3f, 3 cm')).toEqual([[5, 'guppies', 2, 3]]);
    // Who has a number keeps it: another one is nobody's.
    expect(of('6 neon tetras, 8, panda corys')).toEqual([
      [6, 'neon tetras', null, null],
      [null, 'panda corys', null, null],
    ]);
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

  it('reads so much of a line that is no list, and of a name that is none', () => {
    const [item] = readPasted('x'.repeat(200_000), catalogue).items;
    expect(item?.text).toBe('x'.repeat(200));
    expect(readPasted('('.repeat(200_000), catalogue).items).toEqual([]);
    expect(readPasted(Array(150).fill('6 neon tetras').join(', '), catalogue).items).toHaveLength(150);
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

describe('one piece of a pasted list', () => {
  /** So few species that a list is read at once. */
  const few = buildCatalogue(
    SHIPPED_SPECIES.filter(({ id }) => ['paracheirodon-innesi', 'betta-splendens'].includes(id)),
  );
  const piece = (text: string) => {
    const [first] = readPasted(text, few).items;
    return first && [first.name, first.count, first.males, first.females, first.lengthCm];
  };
  it.each<[string, string, number | null, number | null, number | null, number | null]>([
    ['10000 neons', 'neons', 10_000, null, null, null],
    ['10001 neons', '10001 neons', null, null, null, null],
    ['0 neons', '0 neons', null, null, null, null],
    ['6 of neons', 'neons', 6, null, null, null],
    ['6xneons', 'neons', 6, null, null, null],
    ['6×neons', 'neons', 6, null, null, null],
    ['6 * neons', 'neons', 6, null, null, null],
    ['neons * 6', 'neons', 6, null, null, null],
    ['neons×6', 'neons', 6, null, null, null],
    ['neons (x6)', 'neons', 6, null, null, null],
    ['neons [6]', 'neons', 6, null, null, null],
    ['neons (6x)', 'neons', 6, null, null, null],
    ['neons = 6', 'neons', 6, null, null, null],
    ['neons 6', 'neons', 6, null, null, null],
    ['neons 6 pcs', 'neons', 6, null, null, null],
    ['neons 6 pieces', 'neons', 6, null, null, null],
    ['neons 6 fish', 'neons', 6, null, null, null],
    ['neons -6', 'neons', 6, null, null, null],
    ['(wild) neons 6', 'wild neons', 6, null, null, null],
    ['neons(wild)', 'neons wild', null, null, null, null],
    // Of two figures, and with room on both sides.
    ['  12xneons', 'neons', 12, null, null, null],
    ['neons  x 12 ', 'neons', 12, null, null, null],
    ['neons ( x 12 x )', 'neons', 12, null, null, null],
    ['neons:  12 ', 'neons', 12, null, null, null],
    ['neons  - 12 pc', 'neons', 12, null, null, null],
    ['neons 12 piece', 'neons', 12, null, null, null],
    ['  - 12 neons', 'neons', 12, null, null, null],
    ['12. 6 neons', 'neons', 6, null, null, null],
    ['== neons --', 'neons', null, null, null, null],
    ['neons x 6 big', 'neons x 6 big', null, null, null, null],
    ['neons: 6 big', 'neons: 6 big', null, null, null, null],
    ['2) neons', 'neons', null, null, null, null],
    ['* 12 neons', 'neons', 12, null, null, null],
    ['– 12 neons', 'neons', 12, null, null, null],
    ['a neon', 'neon', 1, null, null, null],
    ['an oscar', 'oscar', 1, null, null, null],
    ['a pair of bettas', 'bettas', 2, null, null, null],
    ['pair bettas', 'bettas', 2, null, null, null],
    ['a trio of bettas', 'bettas', 3, null, null, null],
    ['a dozen neons', 'neons', 12, null, null, null],
    ['a single betta', 'betta', 1, null, null, null],
    ['TWENTY neons', 'neons', 20, null, null, null],
    ['fifteen neons', 'neons', 15, null, null, null],
    // A number at the end of a name is none of fish.
    ['L46', 'L46', null, null, null, null],
    ['neonsix', 'neonsix', null, null, null, null],
    // Sexes.
    ['bettas 1m 3f', 'bettas', 4, 1, 3, null],
    ['bettas 1m/3f', 'bettas', 4, 1, 3, null],
    ['bettas (1 male, 3 females)', 'bettas', 4, 1, 3, null],
    ['bettas [2 males + 1 female]', 'bettas', 3, 2, 1, null],
    ['bettas 2♂3♀', 'bettas', 5, 2, 3, null],
    ['5 bettas (2m & 3f)', 'bettas', 5, 2, 3, null],
    ['9 bettas (2m, 3f)', 'bettas', 9, 2, 3, null],
    ['bettas 0m 0f', 'bettas', null, 0, 0, null],
    ['1 female betta', 'female betta', 1, null, null, null],
    // Lengths.
    ['6 neons 2.5 cm', 'neons', 6, null, null, 2.5],
    ['6 neons 2,5cm', 'neons', 6, null, null, 2.5],
    ['6 neons 2,54 cm', 'neons', 6, null, null, 2.54],
    ['neons\t3 cm\t6', 'neons', 6, null, null, 3],
    ['neons \t 6 ', 'neons', 6, null, null, null],
    ['L 260\t4', 'L 260', 4, null, null, null],
    ['6 neons (25 mm)', 'neons', 6, null, null, 2.5],
    ['6 neons 2 in', 'neons', 6, null, null, 5.08],
    ['2 inch betta', 'betta', null, null, null, 5.08],
    ['3" betta', 'betta', null, null, null, 7.62],
    ['6 neons 1 1/2 inches', 'neons', 6, null, null, 3.81],
    ['neons in 2 inserts', 'neons in 2 inserts', null, null, null, null],
  ])('"%s"', (text, name, count, males, females, lengthCm) => {
    const found = piece(text);
    expect(found?.slice(0, 4)).toEqual([name, count, males, females]);
    if (lengthCm === null) expect(found?.[4]).toBeNull();
    else expect(found?.[4]).toBeCloseTo(lengthCm, 9);
  });
  it.each<[string, readonly string[]]>([
    ['6 neons, 1 betta', ['neons', 'betta']],
    ['6 neons; 1 betta', ['neons', 'betta']],
    ['6 neons + 1 betta', ['neons', 'betta']],
    ['6 neons & a betta', ['neons', 'betta']],
    ['6 neons and 1 betta', ['neons', 'betta']],
    ['6 neons and a betta', ['neons', 'betta']],
    ['6 neons and an oscar', ['neons', 'oscar']],
    ['6 black and white neons', ['black and white neons']],
    ['6 neons and other fish', ['neons and other fish']],
    ['6 neons & rams', ['neons', 'rams']],
    ['6 neons  and  1 betta  &  2 rams', ['neons', 'betta', 'rams']],
    ['6 neons (red, blue), 1 betta', ['neons red/ blue', 'betta']],
    ['L4\t4', []],
    ['betta 3\t4', ['betta 3']],
    ['6 neons (2m, 4f), 1 betta', ['neons', 'betta']],
    ['6 neons 2,5 cm, 1 betta', ['neons', 'betta']],
    ['12, 34, 6 neons', ['neons']],
    ['neons\tbetta\t6', ['neons']],
    ['6\t2 cm\tneons', ['neons']],
    ['', []],
  ])('"%s" is parted', (text, names) =>
    expect(readPasted(text, few).items.map(({ name }) => name)).toEqual(names),
  );
  it('has the line it stood on, by any end of line, and the text that was read', () => {
    const { items, more } = readPasted('6 neons\r\n\r1 betta,  2 (red) bettas\n- x3 neons', few);
    expect(items.map(({ line, text }) => [line, text])).toEqual([
      [1, '6 neons'],
      [3, '1 betta'],
      [3, '2 red bettas'],
      [4, 'x3 neons'],
    ]);
    expect(more).toBe(0);
  });
  it('means the same by a name in any case, looked up once', () => {
    const [a, b] = readPasted('6 NEONS\n4 neons', few).items;
    expect(a?.meaning).toBe(b?.meaning);
    expect(a?.meaning).toMatchObject({ is: 'sure', profile: { id: 'paracheirodon-innesi' } });
  });
});
