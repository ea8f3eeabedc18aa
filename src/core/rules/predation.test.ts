import { findingsAmong, madeUp } from '@/testing/madeUp';

/** Each decision about who eats whom, tried with animals that are made up: all of them grown, so that nothing changes by growth. */
type Made = NonNullable<Parameters<typeof madeUp>[2]>;

const cm = (length: number) => ({
  maleCm: length,
  femaleCm: length,
});
/** Twenty centimetres, of the middle water, quick at meals; it eats what a case says, and nothing else. */
const eater = (mouth: Made['mouth'], more: Made = {}) =>
  madeUp('astronotus-ocellatus', 'eater', {
    ...more,
    layers: { top: 0.2, middle: 0.6, bottom: 0.2, ...more.layers },
    habits: { activity: 2, mealSpeed: 2, ...more.habits },
    size: { ...cm(20), ...more.size },
    mouth: { eatsFish: 'no', eatsShrimp: 'no', eatsSnails: 'no', picksApart: false, ...mouth },
  });
/** A slender fish of the middle water that is neither quick nor slow, without plates or spines. */
const prey = (length: number, more: Made = {}) =>
  madeUp('paracheirodon-innesi', 'prey', {
    ...more,
    layers: { top: 0.2, middle: 0.6, bottom: 0.2, ...more.layers },
    habits: { activity: 2, ...more.habits },
    company: { mode: 'group', longFins: false, ...more.company },
    handling: { spines: false, ...more.handling },
    size: { ...cm(length), shape: 'fusiform', ...more.size },
    mouth: { eatsFish: 'no', eatsShrimp: 'no', eatsSnails: 'no', picksApart: false },
  });

const found = (...pair: readonly [ReturnType<typeof eater>, ReturnType<typeof prey>]) =>
  findingsAmong(
    'predation',
    pair,
    [
      { species: 'eater', count: 2 },
      { species: 'prey', count: 7, lengthCm: pair[1].size.maleCm },
    ],
    { lengthCm: 250, widthCm: 80, heightCm: 70 },
  );
const says = (...pair: Parameters<typeof found>) =>
  found(...pair).map(({ severity, fact }) => `${severity} ${'how' in fact ? fact.how : ''}`);

describe('who eats whom', () => {
  it('is said whole', () =>
    expect(found(eater({ eatsFish: 'any' }), prey(2))).toEqual([
      expect.objectContaining({
        severity: 'stop',
        species: ['eater', 'prey'],
        fact: { says: 'eating/eats', how: 'whole', later: false, counts: [2, 7] },
        because: {
          depthOverGape: expect.any(Number) as number,
          ratioToday: expect.any(Number) as number,
          eaterCm: 20,
          preyCm: 2,
        },
        from: null,
        fixes: [
          { edit: { kind: 'leave-out', species: 'prey', count: 7 } },
          { edit: { kind: 'leave-out', species: 'eater', count: 2 } },
        ],
        source: 'common practice; mouth classes from memory',
      }),
    ]));
  it.each<[string, Made['mouth'], number, Made, readonly string[]]>([
    ['a hunter, small prey', { eatsFish: 'any' }, 2, {}, ['stop whole']],
    ['a hunter, prey as long as itself', { eatsFish: 'any' }, 20, {}, []],
    ['one that takes what fits', { eatsFish: 'small' }, 2, {}, ['stop whole']],
    ['one that takes what fits, prey over half as long', { eatsFish: 'small' }, 14, {}, []],
    ['one that eats fry, fry', { eatsFish: 'fry' }, 1.2, {}, ['caution while small']],
    ['one that eats fry, no fry', { eatsFish: 'fry' }, 1.3, {}, []],
    ['one that eats no fish', {}, 1.2, {}, []],
    ['a hunter, a frog', { eatsFish: 'any' }, 2, { life: 'frog' }, ['stop whole']],
    // Snails: the width of the mouth is no protection.
    ['a snail eater', { eatsSnails: 'yes' }, 8, { life: 'snail' }, ['stop snails']],
    ['one that eats snails now and then', { eatsSnails: 'some' }, 3, { life: 'snail' }, ['stop bit by bit']],
    ['one that eats fish, a snail', { eatsFish: 'any' }, 3, { life: 'snail' }, []],
    // Shrimp.
    ['a shrimp eater', { eatsShrimp: 'yes' }, 2, { life: 'shrimp' }, ['stop whole']],
    [
      'one that picks shrimp apart',
      { eatsShrimp: 'yes', picksApart: true },
      12,
      { life: 'shrimp' },
      ['caution bit by bit'],
    ],
    ['one that eats young shrimp', { eatsShrimp: 'young' }, 1, { life: 'shrimp' }, ['caution while small']],
    ['one that eats young shrimp, a grown one', { eatsShrimp: 'young' }, 2, { life: 'shrimp' }, []],
    ['one that eats fish, a shrimp', { eatsFish: 'any' }, 2, { life: 'shrimp' }, []],
    [
      'a beak, a shrimp of its length',
      { eatsShrimp: 'yes', eatsSnails: 'yes', picksApart: true },
      20,
      { life: 'shrimp' },
      ['stop bit by bit'],
    ],
    [
      'a beak, a shrimp much longer',
      { eatsShrimp: 'yes', eatsSnails: 'yes', picksApart: true },
      31,
      { life: 'shrimp' },
      ['caution bit by bit'],
    ],
    // Crabs and crayfish.
    ['a hunter, a crab', { eatsFish: 'any' }, 2, { life: 'crab' }, ['stop whole']],
    ['a hunter, a crayfish', { eatsFish: 'any' }, 2, { life: 'crayfish' }, ['stop whole']],
    ['one that takes what fits, a crab', { eatsFish: 'small' }, 2, { life: 'crab' }, []],
  ])('%s', (_what, mouth, length, more, expected) =>
    expect(says(eater(mouth), prey(length, more))).toEqual(expected),
  );
  it('a hunter of the surface does not go down to a fish of the floor', () => {
    const surface: Made = { layers: { top: 0.6, middle: 0.3, bottom: 0.1 } };
    const floor = { layers: { top: 0, middle: 0.25, bottom: 0.75 } };
    expect(says(eater({ eatsFish: 'any' }, surface), prey(2, floor))).toEqual([]);
    expect(says(eater({ eatsFish: 'any' }), prey(2, floor))).toEqual(['stop whole']);
    expect(
      says(eater({ eatsFish: 'any' }, surface), prey(2, { layers: { top: 0.1, middle: 0.2, bottom: 0.7 } })),
    ).toEqual(['stop whole']);
  });
});

describe('claws', () => {
  const claws = (mouth: Made['mouth'] = {}) =>
    eater({ eatsFish: 'small', picksApart: true, ...mouth }, { life: 'crayfish', size: cm(10) });
  const floor: Made = { layers: { top: 0, middle: 0.6, bottom: 0.4 } };
  it.each<[string, Made, readonly string[]]>([
    ['a fish that rests on the bottom', floor, ['stop bit by bit']],
    ['a slow fish', { habits: { activity: 1 } }, ['stop bit by bit']],
    ['a fish with trailing fins', { company: { longFins: true } }, ['stop bit by bit']],
    ['a frog of the bottom', { ...floor, life: 'frog' }, ['stop bit by bit']],
    ['a fish of the open water', {}, ['caution bit by bit']],
  ])('catch %s', (_what, more, expected) => expect(says(claws(), prey(10, more))).toEqual(expected));
  it('catch nothing longer than their owner, and only where they are used', () => {
    expect(says(claws(), prey(10.1, floor))).toEqual([]);
    expect(says(claws({ picksApart: false }), prey(9, floor))).toEqual([]);
    expect(says(claws({ eatsFish: 'fry' }), prey(9, floor))).toEqual([]);
  });
});

describe('what keeps a fish out of a moderate mouth', () => {
  it('is its plates with spines, from a quarter of the length on', () => {
    const plated: Made = { size: { shape: 'armoured' }, handling: { spines: true } };
    expect(says(eater({ eatsFish: 'small' }), prey(5, plated))).toEqual([]);
    expect(says(eater({ eatsFish: 'small' }), prey(4.9, plated))).not.toEqual([]);
    expect(says(eater({ eatsFish: 'any' }), prey(5, plated))).not.toEqual([]);
  });
});
