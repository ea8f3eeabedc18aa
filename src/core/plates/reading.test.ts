import { animalOf, depthFactor, depthRatioOf } from './dressed';
import { dressOf } from './dress';
import { markingsOf } from './markingsOf';
import { plainDress } from './plainDress';
import { hexOf, isColour, PIGMENT_NAMES } from './pigments';
import { PLANS } from './plans';
import { readFin, readMarking, readShape } from './reading';

describe('the words of a marking', () => {
  it('give bare numbers to its main word, and the rest by name', () => {
    expect(readMarking('bars ink 11 37 w 8 6 soft .2')).toEqual({
      name: 'bars',
      colour: 'ink',
      numbers: { at: [11, 37], w: [8, 6], soft: [0.2] },
      colours: {},
    });
    expect(readMarking('ocellus ink 96 -.2 3 ring gold').colours).toEqual({ ring: 'gold' });
    expect(readMarking('  bars  ink ')).toEqual({ name: 'bars', colour: 'ink', numbers: {}, colours: {} });
  });
  it.each([
    ['bands ink 3', 'No marking is called "bands".'],
    ['bars', '"bars" needs a colour; "" is none.'],
    ['bars brownish', '"bars" needs a colour; "brownish" is none.'],
    ['bars ink w', '"w" of "bars" needs a number.'],
    ['bars ink 3 wide 4', '"wide" is no word of "bars".'],
    ['ocellus ink 3 0 2 ring wood', '"ring" of "ocellus" needs a colour.'],
    ['ocellus ink 3 0 2 ring', '"ring" of "ocellus" needs a colour.'],
    ['bars ink x5', '"x5" is no word of "bars".'],
    ['bars ink 5x', '"5x" is no word of "bars".'],
    ['', 'A marking says nothing.'],
  ])('that cannot be drawn are named: %s', (text, fault) => {
    expect(() => readMarking(text)).toThrow(fault);
  });
});

describe('the words of a fin', () => {
  it('say its shape, its paint and its marks', () => {
    const fin = readFin('spiny 28 87 10 navy>sky a .9 edge ice w .1 dots amber n 5 2');
    expect(fin.type).toBe('spiny');
    expect(fin.numbers).toEqual([28, 87, 10]);
    expect(fin.paint?.colours).toEqual(['navy', 'sky']);
    expect(fin.paint?.opacity).toBe(0.9);
    expect(fin.paint?.marks.map(({ name }) => name)).toEqual(['edge', 'dots']);
  });
  it('can say that there is none', () => {
    expect(readFin('none')).toEqual({ isNone: true, type: null, numbers: [], paint: null });
    expect(readFin('spiny 3 4').paint).toBeNull();
    expect(animalOf({ plan: 'tetra', adipose: 'none' }).build.adipose).toBeUndefined();
  });
  it.each([
    ['spiny 3 x', '"x" is no word of a fin.'],
    ['ink a', '"a" needs a number.'],
    ['ink>mauve', '"ink>mauve" is no word of a fin.'],
  ])('that cannot be drawn are named: %s', (text, fault) => {
    expect(() => readFin(text)).toThrow(fault);
  });
});

it('the words of a shape need numbers, and are known', () => {
  expect([...readShape('deep .9 hump 4 12 8')]).toEqual([
    ['deep', [0.9]],
    ['hump', [4, 12, 8]],
  ]);
  expect(() => readShape('deep')).toThrow('"deep" of the shape needs a number.');
  expect(() => animalOf({ plan: 'tetra', shape: 'fat 2' })).toThrow('"fat" is no word of a shape.');
});

it('names of plans and pigments that nobody knows are named', () => {
  expect(() => animalOf({ plan: 'whale' })).toThrow('No body plan is called "whale".');
  expect(() => animalOf({ plan: 'tetra', tone: 'silver mauve' })).toThrow('No pigment is called "mauve".');
  expect(() => hexOf('mauve')).toThrow('No pigment is called "mauve".');
});

it('two pigments mix half and half', () => {
  expect(hexOf('ink~ink')).toBe(hexOf('ink'));
  const [a, b, mixed] = ['white', 'ink', 'white~ink'].map((name) =>
    Number.parseInt(hexOf(name).slice(1, 3), 16),
  );
  expect(Math.abs((mixed as number) - ((a as number) + (b as number)) / 2)).toBeLessThanOrEqual(0.5);
  expect(['white~ink~red', 'white~mauve', 'mauve~white'].some(isColour)).toBe(false);
  expect(PIGMENT_NAMES.every(isColour)).toBe(true);
  const mixes = PIGMENT_NAMES.flatMap((one) => PIGMENT_NAMES.map((other) => hexOf(`${one}~${other}`)));
  expect(mixes.filter((hex) => !/^#[\da-f]{6}$/.test(hex))).toEqual([]);
});

describe('a dress', () => {
  const dress = { plan: 'tetra', tone: 'red', marks: ['bars ink'], female: { marks: ['stripe ink'] } };
  it('is changed by its sex, and otherwise stays', () => {
    expect(dressOf(dress, 'female')).toEqual({ plan: 'tetra', tone: 'red', marks: ['stripe ink'] });
    expect(dressOf(dress, 'male')).toEqual(dressOf(dress, null));
  });
  it('is told by its strong markings', () => {
    expect(markingsOf(dress)).toEqual(['barred']);
    expect(markingsOf({ marks: ['stripe ink', 'net slate a .3', 'spots ink'] })).toEqual([
      'striped',
      'spotted',
    ]);
    expect(markingsOf({})).toEqual(['plain']);
    expect(markingsOf({ marks: ['zone red', 'spots ink a .6', 'bars ink a .59'] })).toEqual(['spotted']);
  });
});

describe('depth', () => {
  it('goes half of the way to the measure of the species, within what a plan bears', () => {
    const plan = PLANS.tetra!;
    const own = depthRatioOf(plan);
    expect(depthFactor(plan, own)).toBeCloseTo(1);
    expect(depthFactor(plan, own * 1.21)).toBeCloseTo(1.1);
    expect(depthFactor(plan, own * 9)).toBe(1.2);
    expect(depthFactor(plan, own / 9)).toBe(0.84);
  });
  it('of the dress goes before that of the species', () => {
    const told = animalOf({ plan: 'tetra', shape: 'deep 1' }, 0.9).build;
    expect(told.top).toEqual(PLANS.tetra!.top);
  });
});

describe('an animal without a dress', () => {
  it.each([
    ['disc', ['blue'], { plan: 'discus', tone: 'azure azure azure~bone', fins: 'azure a 0.5' }],
    ['unheard of', [], { plan: 'minnow', tone: 'steel silver pearl', fins: 'clear a 0.5' }],
  ])('is a plain outline of its shape: %s', (shape, colours, dress) => {
    expect(plainDress(shape, colours)).toEqual(dress);
    expect(() => animalOf(dress)).not.toThrow();
  });
  it('is drawn in the first colours that are pigments', () => {
    expect(plainDress('torpedo', ['many forms', 'yellow', 'black']).tone).toBe('soot lemon lemon~bone');
  });
});
