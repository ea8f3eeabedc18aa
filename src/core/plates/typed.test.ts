import { keptPictures } from '@/testing/keptPictures';
import { type DressWords } from './dress';
import { animalOf, drawnLength } from './dressed';
import { EDGE_FINS } from './fins/edge';
import { TAIL_FINS } from './fins/tail';
import { FIN_MARKS } from './finMarks';
import { MARKS } from './marks';
import { flatOf, plateOf, plateSvg } from './plate';
import { PLANS } from './plans';

const built = (words: DressWords) => animalOf(words).build;

describe('a fin that is typed', () => {
  const edge = { type: 'fan', from: 40, to: 70, height: 14, sweep: 1 };
  const { dorsal2, tail, pelvic } = { ...PLANS.bass!, ...PLANS.tetra!, dorsal2: PLANS.bass!.dorsal2 };
  it.each([
    ['of a kind alone, where the plan has none', 'tetra', { dorsal2: 'fan' }, { dorsal2: edge }],
    ['by its place alone', 'tetra', { dorsal2: '50' }, { dorsal2: { ...edge, from: 50 } }],
    ['of another kind', 'bass', { dorsal2: 'spiny' }, { dorsal2: { ...dorsal2, type: 'spiny' } }],
    ['by its end', 'bass', { dorsal2: '60 80' }, { dorsal2: { ...dorsal2, from: 60, to: 80 } }],
    [
      'by all numbers',
      'bass',
      { dorsal2: 'fan 1 2 3 4' },
      { dorsal2: { type: 'fan', from: 1, to: 2, height: 3, sweep: 4 } },
    ],
    [
      'a tail where there is none',
      'crab',
      { tail: '30' },
      { tail: { type: 'round', length: 30, spread: 15, lower: 1 } },
    ],
    [
      'a tail by its kind',
      'crab',
      { tail: 'fan' },
      { tail: { type: 'fan', length: 26, spread: 15, lower: 1 } },
    ],
    ['another tail', 'tetra', { tail: 'fan' }, { tail: { ...tail, type: 'fan', lower: 1 } }],
    ['a tail by all', 'tetra', { tail: '20 9 .5' }, { tail: { ...tail, length: 20, spread: 9, lower: 0.5 } }],
    ['painted alone', 'tetra', { pelvic: 'red' }, { pelvic }],
    [
      'threads',
      'tetra',
      { pelvic: 'threads' },
      { pelvic: undefined, threads: { x: 30, length: 60, drop: 0.5, width: 0.9 } },
    ],
    [
      'threads by numbers',
      'tetra',
      { pelvic: 'threads 20 50 .4 2' },
      { threads: { x: 20, length: 50, drop: 0.4, width: 2 } },
    ],
    ['no threads', 'gourami', { pelvic: 'none' }, { threads: undefined }],
    ['no back fin', 'gourami', { dorsal: 'none' }, { threads: PLANS.gourami!.threads }],
    [
      'a fin for threads',
      'gourami',
      { pelvic: '40 20 -50 -30' },
      { pelvic: { x: 40, length: 20, angles: [-50, -30] }, threads: undefined },
    ],
    [
      'a fin of the plan’s place',
      'tetra',
      { pelvic: 'fan' },
      { pelvic: { x: pelvic!.x, length: 16, angles: [-62, -22] } },
    ],
    [
      'a fin of no plan’s place',
      'gourami',
      { pelvic: 'fan' },
      { pelvic: { x: 38, length: 16, angles: [-62, -22] } },
    ],
    [
      'a breast fin',
      'tetra',
      { pectoral: 'fan' },
      { pectoral: { x: 28, level: -0.3, length: 16, angles: [20, -36] } },
    ],
    [
      'a breast fin by numbers',
      'tetra',
      { pectoral: '30 .2 9 10 -9' },
      { pectoral: { x: 30, level: 0.2, length: 9, angles: [10, -9] } },
    ],
    ['an adipose fin', 'barb', { adipose: 'fan' }, { adipose: [82, 7, 5] }],
    ['an adipose fin by its place', 'barb', { adipose: '80' }, { adipose: [80, 7, 5] }],
    ['an adipose fin by numbers', 'barb', { adipose: '80 6 4' }, { adipose: [80, 6, 4] }],
    ['a hood', 'tetra', { shape: 'hood 1' }, { front: ['hood'] }],
    ['bubbles', 'tetra', { shape: 'bubbles 1' }, { front: ['bubbles'] }],
    ['stalks', 'tetra', { shape: 'telescope 1' }, { front: ['telescope'] }],
    ['bristles', 'tetra', { shape: 'bristles 1' }, { front: ['bristles'] }],
    ['long arms', 'tetra', { shape: 'longarms 1' }, { behind: ['longArms'] }],
  ] as const)('%s', (_, plan, words, expected) => {
    expect(built({ plan, ...words })).toMatchObject(expected);
  });
  it('changes nothing else', () => {
    expect(built({ plan: 'tetra' })).toEqual(PLANS.tetra);
    expect(built({ plan: 'tetra', dorsal: '' })).toEqual(PLANS.tetra);
    expect(built({ plan: 'gourami', dorsal: 'none' })).not.toHaveProperty('dorsal');
    expect(drawnLength(built({ plan: 'tetra', tail: 'none' }))).toBe(99);
  });
});

describe('paint that is typed', () => {
  const fins = (words: DressWords) => animalOf({ plan: 'tetra', ...words }).fins;
  const marks = (...names: string[]) => names.map((name) => expect.objectContaining({ name }));
  it.each([
    ['nothing', {}, { all: { colours: ['clear'], opacity: 0.5, marks: [] } }],
    [
      'a mark on all',
      { fins: 'a .3 edge red' },
      { all: { colours: ['clear'], opacity: 0.3, marks: marks('edge') } },
    ],
    ['a colour of all', { fins: 'sky' }, { all: { colours: ['sky'], opacity: 0.8, marks: [] } }],
    [
      'a mark of one beside that of all',
      { fins: 'sky band ink', dorsal: 'edge red' },
      { dorsal: { colours: ['sky'], opacity: 0.8, marks: marks('band', 'edge') } },
    ],
    [
      'a colour of one instead of that of all',
      { fins: 'sky band ink', dorsal: 'red edge red' },
      { dorsal: { colours: ['red'], opacity: 0.8, marks: marks('edge') } },
    ],
  ] as const)('%s', (_, words, expected) => expect(fins(words)).toMatchObject(expected));
  it.each([
    ['red', ['red', 'red', 'red']],
    ['red sky', ['red', 'sky', 'sky']],
    ['red sky bone', ['red', 'sky', 'bone']],
  ])('a tone of "%s"', (tone, expected) => expect(animalOf({ tone }).tone).toEqual(expected));
  it.each([
    [{ tone: ' ' }, 'A tone needs a colour.'],
    [{ eye: 'mauve' }, 'No pigment is called "mauve".'],
  ])('that is none is named', (words, fault) => expect(() => animalOf(words)).toThrow(fault));
  it('is that of a minnow of steel where nothing is typed', () => {
    expect(animalOf({})).toEqual(animalOf({ plan: 'minnow', tone: 'steel silver pearl', eye: 'silver' }));
  });
  it('the depth that is typed goes before the measure of the species, among other words', () => {
    const words = { plan: 'tetra', shape: 'hump 4 12 8 deep .9' };
    expect(animalOf(words, 0.6)).toEqual(animalOf(words));
    expect(built(words)).not.toEqual(built({ ...words, shape: 'deep .9 hump 4 12 8' }));
  });
});

const BODY = { plan: 'convict', tone: 'slate silver bone' } as const;
const mark = (...marks: string[]): DressWords => ({ ...BODY, marks });

/** Dresses as keepers type them: what no animal of the catalogue wears, or only a few. */
const TYPED: Readonly<Record<string, DressWords>> = {
  nothing: {},
  ...Object.fromEntries(Object.keys(MARKS).map((name) => [`mark ${name}`, mark(`${name} red`)])),
  ...Object.fromEntries(
    Object.keys(FIN_MARKS).map((name) => [
      `mark ${name} of fins`,
      { ...BODY, tail: `bone ${name} red`, dorsal: `bone ${name} red`, pectoral: `bone ${name} red` },
    ]),
  ),
  ...Object.fromEntries(
    Object.keys(EDGE_FINS).map((type) => [
      `fin ${type}`,
      { ...BODY, dorsal: `${type} 30 80 14 red part ink u .2 .5`, anal: `${type} 55 85 14 red>sky` },
    ]),
  ),
  ...Object.fromEntries(
    Object.keys(TAIL_FINS).map((type) => [
      `tail ${type}`,
      { ...BODY, tail: `${type} 40 20 .8 red>sky>bone` },
    ]),
  ),
  'one bar': mark('bars red n 1'),
  'bars from a place on': mark('bars red x 20 n 4 v -.5'),
  'a blotch of three places': mark('blotch red 10 0 20 .4 30 0'),
  'a quarter of a turn more': mark('coil red n 2.25'),
  'a blotch that is turned': mark('blotch red w 24 h 8 turn 30'),
  'spots in one row on a fin': { ...BODY, dorsal: 'bone dots red rows 1' },
  'parts of marks on fins': {
    ...BODY,
    dorsal: 'bone base red u .2 .6',
    anal: 'bone edge red u .2 .6',
    tail: 'bone lobes red f .3 .8',
  },
  'a line of one place': mark('line red 10 0'),
  'a line of half a place': mark('line red 10 0 40 .4 50'),
  'a line just wide enough for a small picture': mark('line red 10 0 40 .4 w 1.5'),
  'two nets and two sheets of pearls': mark('net red', 'net sky 6', 'pearls red', 'pearls sky 5'),
  'spots just large enough for a small picture': mark('spots red size 3'),
  'spots about a clear place': mark('spots red clear 50 0 20'),
  'spots of two sizes': mark('spots red vary .3'),
  'a stripe of one place': mark('stripe red 50 0 4'),
  'a stripe that dips': mark('stripe red dip .3'),
  'one wave': mark('waves red 1'),
  threads: { plan: 'tetra', pelvic: 'threads 25 70 .6 2 red' },
  'threads of a gourami': { plan: 'gourami', pelvic: 'a .5' },
  'an adipose fin with a mark': { plan: 'tetra', adipose: '80 9 7 red part ink u .2 .6' },
  'two marks on a fin': { ...BODY, dorsal: 'red edge ink band sky', tail: 'red part ink u .2 .4' },
  'an eel in waves': { plan: 'eel', tone: 'ink silver bone', marks: ['stripe red'] },
  'an eel laid straight': { plan: 'eel', shape: 'bend 0 80 6' },
  'a tetra in waves': { plan: 'tetra', shape: 'bend 6 80 6', fins: 'red>sky' },
  'no hint of scales': { plan: 'barb', shape: 'scales 0' },
  'a strong hint of scales': { plan: 'barb', shape: 'scales .5' },
  'eyes on stalks': { plan: 'fancy', shape: 'telescope 1 bubbles 1 hood 1' },
  'stalks without an eye': { plan: 'snail', shape: 'telescope 1' },
};

const drawn = (words: DressWords): string => {
  const animal = animalOf(words);
  return JSON.stringify([
    flatOf(animal),
    ...(['mark', 'glass', 'plate'] as const).map((detail) => plateOf(animal, detail, 200, 'typed')),
  ]);
};

describe('a dress that is typed is drawn as it was when somebody looked at it', () => {
  const { isAsItWas, names } = keptPictures('typed.json');
  it.each(Object.entries(TYPED))('%s', (name, words) => {
    const picture = drawn(words);
    expect(picture).not.toMatch(/NaN|undefined|Infinity/);
    expect(isAsItWas(name, picture)).toBe(true);
  });
  it('and none is kept that is gone', () => expect(names()).toEqual(Object.keys(TYPED).sort()));
});

it('a whole picture has the size that was asked for', () => {
  const animal = animalOf(BODY);
  const { inner, viewBox, length } = plateOf(animal, 'glass', 120, 'x');
  const [, view, width, height, rest] =
    /^<svg xmlns="http:\/\/www.w3.org\/2000\/svg" viewBox="(.+?)" width="(.+?)" height="(.+?)">(.*)<\/svg>$/s.exec(
      plateSvg(animal, 'glass', 120, 'x'),
    )!;
  expect(view!.split(' ').map(Number)).toEqual(viewBox);
  expect(Number(width)).toBeCloseTo((viewBox[2] * 120) / length, 0);
  expect(Number(height)).toBeCloseTo((viewBox[3] * 120) / length, 0);
  expect(rest).toBe(inner);
});
