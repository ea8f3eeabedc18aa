import { listed, type Made, madeUp } from '@/testing/madeUp';
import type { SpeciesProfile } from '../model';
import type { PlannedGroup } from './context';
import { predation } from './predation';

/** Each decision about who eats whom, tried with animals that are made up: all of them grown, so that nothing changes by growth. */

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

const NOW = { month: '2026-11', pond: false };
const found = (...[a, b]: readonly [ReturnType<typeof eater>, ReturnType<typeof prey>]) => {
  const said = predation.toAnother!(listed(a, { count: 2 }), listed(b, { count: 7 }), NOW);
  return said === null ? [] : [said];
};
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

/** By how deep the prey is against the mouth, and how long against the eater of 20 cm: a mouth of 2 cm. */
const MOUTH_CM = 2;
const mouthed = (mouth: Made['mouth'], more: Made = {}) =>
  eater({ gapeRatio: MOUTH_CM / 20, ...mouth }, more);
const sized = (depth: number, share: number, more: Made = {}) =>
  prey(share * 20, { ...more, size: { depthRatio: (depth * MOUTH_CM) / (share * 20), ...more.size } });
const judged = (
  a: SpeciesProfile,
  b: SpeciesProfile,
  of: readonly [Partial<PlannedGroup>, Partial<PlannedGroup>] = [{}, {}],
) => predation.toAnother!(listed(a, of[0]), listed(b, of[1]), NOW);
const severity = (...asked: Parameters<typeof judged>) => judged(...asked)?.severity ?? null;

describe('how deep and how long the prey is', () => {
  it.each<[Made['mouth'], number, number, Made, string | null]>([
    [{ eatsFish: 'any' }, 0.8, 0.3, {}, 'stop'],
    [{ eatsFish: 'any' }, 1, 0.3, {}, 'stop'],
    [{ eatsFish: 'any' }, 1.2, 0.3, {}, 'caution'],
    [{ eatsFish: 'any' }, 1.21, 0.3, {}, null],
    [{ eatsFish: 'any' }, 0.8, 0.79, {}, 'stop'],
    [{ eatsFish: 'any' }, 0.8, 0.81, {}, 'caution'],
    [{ eatsFish: 'small' }, 0.8, 0.3, {}, 'stop'],
    [{ eatsFish: 'small' }, 1, 0.3, {}, 'caution'],
    [{ eatsFish: 'small' }, 1.2, 0.3, {}, 'note'],
    [{ eatsFish: 'small' }, 1.21, 0.3, {}, null],
    [{ eatsFish: 'small' }, 0.8, 0.49, {}, 'stop'],
    [{ eatsFish: 'small' }, 0.8, 0.5, {}, 'note'],
    [{ eatsFish: 'small' }, 1, 0.5, {}, 'note'],
    [{ eatsFish: 'fry' }, 1.2, 0.06, {}, 'caution'],
    [{ eatsFish: 'fry' }, 1.21, 0.06, {}, null],
    [{ eatsShrimp: 'yes' }, 0.9, 0.3, { life: 'shrimp' }, 'caution'],
    [{ eatsShrimp: 'young' }, 1, 0.06, { life: 'shrimp' }, 'caution'],
    [{ eatsShrimp: 'no' }, 0.5, 0.06, { life: 'shrimp' }, null],
    [{ eatsSnails: 'no' }, 0.5, 0.06, { life: 'snail' }, null],
    [{ eatsSnails: 'yes' }, 9, 0.9, { life: 'snail' }, 'stop'],
  ])('%j, %d mouths deep and %d of its length long, %j: %s', (mouth, depth, share, more, expected) =>
    expect(severity(mouthed(mouth), sized(depth, share, more))).toBe(expected),
  );
});

describe('prey that outswims a moderate mouth', () => {
  const takes = (more: Made = {}) => mouthed({ eatsFish: 'small' }, more);
  const quick = (more: Made = {}): Made => ({
    ...more,
    habits: { activity: 3, ...more.habits },
    company: { mode: 'shoal', longFins: false, ...more.company },
  });
  const shoal: Made = { company: { mode: 'shoal' } };
  it.each<[string, Made, Made, number, number, string]>([
    ['is quick', {}, quick(), 0.9, 0.3, 'note'],
    ['a quarter of its length', {}, quick(), 0.9, 0.25, 'note'],
    ['not when far smaller', {}, quick(), 0.9, 0.24, 'caution'],
    ['not when it is sure to fit', {}, quick(), 0.8, 0.3, 'stop'],
    ['not of a mere group', {}, quick({ company: { mode: 'group' } }), 0.9, 0.3, 'caution'],
    ['not with long fins', {}, quick({ company: { longFins: true } }), 0.9, 0.3, 'caution'],
    ['not of the bottom', {}, quick({ layers: { top: 0, middle: 0.6, bottom: 0.4 } }), 0.9, 0.3, 'caution'],
    ['hardly of the bottom', {}, quick({ layers: { top: 0, middle: 0.61, bottom: 0.39 } }), 0.9, 0.3, 'note'],
    ['not so quick', {}, quick({ habits: { activity: 2 } }), 0.9, 0.3, 'caution'],
    ['not so quick, of one slow at meals', { habits: { mealSpeed: 1 } }, shoal, 0.9, 0.3, 'note'],
    ['not so quick, of a slow swimmer', { habits: { activity: 1 } }, shoal, 0.9, 0.3, 'note'],
    [
      'as slow, of a slow one',
      { habits: { activity: 1 } },
      { ...shoal, habits: { activity: 1 } },
      0.9,
      0.3,
      'caution',
    ],
    ['no shoal, of a slow one', { habits: { activity: 1 } }, {}, 0.9, 0.3, 'caution'],
  ])('%s', (_, eats, fish, depth, share, expected) =>
    expect(severity(takes(eats), sized(depth, share, fish))).toBe(expected),
  );
  it('does not outswim a hunter', () =>
    expect(severity(mouthed({ eatsFish: 'any' }), sized(0.9, 0.3, quick()))).toBe('stop'));
});

describe('what protects and what does not', () => {
  const spiny: Made = { handling: { spines: true } };
  const plated: Made = { size: { shape: 'armoured' } };
  it.each<[string, Made, string | null]>([
    ['plates and spines', { ...plated, ...spiny }, null],
    ['spines alone', spiny, 'stop'],
    ['plates alone', plated, 'stop'],
    ['plates and spines of a frog', { ...plated, ...spiny, life: 'frog' }, 'stop'],
  ])('%s', (_, more, expected) =>
    expect(severity(mouthed({ eatsFish: 'small' }), sized(0.5, 0.3, more))).toBe(expected),
  );
  const surface = (top: number): Made => ({ layers: { top, middle: 1 - top, bottom: 0 } });
  const floor = (bottom: number): Made => ({ layers: { top: 0, middle: 1 - bottom, bottom } });
  it.each<[number, number, string | null]>([
    [0.6, 0.75, null],
    [0.59, 0.75, 'stop'],
    [0.6, 0.74, 'stop'],
  ])('the floor from a hunter of the surface: %d at the top, %d on the floor', (top, bottom, expected) =>
    expect(severity(mouthed({ eatsFish: 'any' }, surface(top)), sized(0.5, 0.3, floor(bottom)))).toBe(
      expected,
    ),
  );
  it('is no floor from what cracks shells or has claws', () => {
    const snail = sized(0.5, 0.3, { ...floor(0.9), life: 'snail' });
    expect(severity(mouthed({ eatsSnails: 'yes' }, surface(0.9)), snail)).toBe('stop');
    const claws = mouthed({ eatsFish: 'small', picksApart: true }, { ...surface(0.9), life: 'crayfish' });
    expect(severity(claws, sized(0.5, 0.3, floor(0.9)))).toBe('caution');
  });
  it('are claws of crayfish only, of those that hunt as well, and not for shrimp', () => {
    const caught = (life: SpeciesProfile['life'], mouth: Made['mouth'], of: Made = floor(0.5)) =>
      severity(mouthed({ picksApart: true, ...mouth }, { life }), sized(1.5, 0.9, of));
    expect(caught('crayfish', { eatsFish: 'small' })).toBe('stop');
    expect(caught('crayfish', { eatsFish: 'any' })).toBe('stop');
    expect(caught('fish', { eatsFish: 'small' })).toBeNull();
    expect(
      caught('crayfish', { eatsFish: 'small', eatsShrimp: 'no' }, { ...floor(0.5), life: 'shrimp' }),
    ).toBeNull();
  });
  it('is no length from a beak up to half as long again as its owner', () => {
    const beak = (share: number, mouth: Made['mouth'] = {}) =>
      severity(
        mouthed({ eatsShrimp: 'yes', eatsSnails: 'yes', picksApart: true, ...mouth }),
        sized(9, share, { life: 'shrimp' }),
      );
    expect([beak(1.5), beak(1.51)]).toEqual(['stop', 'caution']);
    expect(beak(0.5, { eatsSnails: 'some' })).toBe('caution');
    expect(beak(0.5, { picksApart: false })).toBeNull();
  });
});

describe('in time', () => {
  const hunter = mouthed({ eatsFish: 'any' });
  const small = sized(0.8, 0.3);
  it('is told from the first month in which it is as bad as it gets', () => {
    const later = judged(hunter, small, [{ lengthCm: 4 }, {}]);
    expect(later).toMatchObject({
      severity: 'stop',
      fact: { later: true },
      from: expect.stringMatching(/^20/),
    });
    const because = later!.because as { depthOverGape: number; ratioToday: number; eaterCm: number };
    expect(because.depthOverGape).toBeLessThanOrEqual(1);
    expect(because.ratioToday).toBeCloseTo(0.8 * 5, 1);
    const sooner = judged(hunter, small, [{ lengthCm: 8 }, {}]);
    expect(sooner!.from! < later!.from!).toBe(true);
    // A month before, it was milder.
    expect(because.eaterCm).toBeLessThan(20);
  });
  it('is asked anew for other lengths, and for those that part before', () => {
    expect(severity(hunter, small)).toBe('stop');
    expect(judged(hunter, small, [{ lengthCm: 4, leavesInMonths: 0 }, {}])).toBeNull();
    expect(severity(hunter, small)).toBe('stop');
    expect(judged(hunter, small, [{ lengthCm: 4 }, { leavesInMonths: 0 }])).toBeNull();
    expect(judged(hunter, small, [{ lengthCm: 4 }, {}])).not.toBeNull();
    const deep = sized(1.2, 0.3);
    expect(severity(hunter, deep)).toBe('caution');
    expect(severity(hunter, deep, [{}, { lengthCm: 3 }])).toBe('stop');
    expect(severity(hunter, deep)).toBe('caution');
  });
  it('counts the longest eater and the shortest prey', () => {
    const two = (profile: SpeciesProfile, shortest: number, longest: number) => ({
      ...listed(profile),
      smallestCm: shortest,
      largestCm: longest,
    });
    const told = predation.toAnother!(two(hunter, 4, 20), two(sized(1.2, 0.3), 3, 6), NOW);
    expect(told).toMatchObject({ severity: 'stop', because: { eaterCm: 20, preyCm: 3 } });
  });
});

describe('what keepers disagree about', () => {
  const disputed = (mouth: Made['mouth']) =>
    mouthed(mouth, {
      contested: [{ species: 'prey', why: 'they differ' }] as unknown as SpeciesProfile['contested'],
    });
  it.each<[Made['mouth'], number, string | null]>([
    [{ eatsFish: 'any' }, 0.8, 'stop'],
    [{ eatsFish: 'any' }, 1.2, null],
    [{ eatsFish: 'small' }, 0.8, null],
  ])('is told by that, unless a hunter is sure of it: %j, %d', (mouth, depth, expected) =>
    expect(severity(disputed(mouth), sized(depth, 0.3))).toBe(expected),
  );
});

describe('fry that grows up', () => {
  const beside = (eaterCm: number) =>
    predation.toAnother!(
      listed(eater({ eatsFish: 'fry' }), { lengthCm: eaterCm, judgedCm: eaterCm }),
      listed(prey(4), { count: 7, lengthCm: 1, judgedCm: 1 }),
      NOW,
    );
  it('is eaten while it is small by those that eat fry, and by them no more when it is larger', () =>
    expect(beside(20)).toMatchObject({ severity: 'caution', from: null, because: { preyCm: 1 } }));
  it('is out of reach of a mouth that is small today, and no fry when that has grown', () =>
    expect(beside(0.9)).toBeNull());
});

describe('an eater that grows up', () => {
  it('takes nothing while nothing fits its mouth, and from the month in which something may', () => {
    const said = (eaterCm: number) =>
      predation.toAnother!(
        listed(eater({ eatsFish: 'small' }), { lengthCm: eaterCm, judgedCm: eaterCm }),
        listed(prey(10)),
        NOW,
      );
    expect(said(20)).toMatchObject({ severity: 'note', from: null });
    expect(said(5)).toMatchObject({ severity: 'note', from: expect.stringMatching(/^20/) as string });
  });
});
