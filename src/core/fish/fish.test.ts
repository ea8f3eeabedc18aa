import { catalogue } from '@/testing/plans';
import { bodyMass } from './bodyMass';
import { mouthFit, mouthRatio } from './mouthFit';
import { feedPerDay, nitrateMade } from './nitrateMade';

const of = (id: string) => catalogue.byId.get(id)!;

describe('bodyMass', () => {
  // Orders of magnitude that any kitchen scale confirms (common practice).
  it.each([
    ['neon tetra', 'fusiform', 3.5, 0.3, 0.9],
    ['ten-centimetre cichlid', 'fusiform', 10, 8, 20],
    ['grown discus', 'deep', 18, 80, 250],
    ['kuhli loach', 'eel', 9, 0.5, 2],
    ['foot-long oscar', 'deep', 30, 350, 900],
  ] as const)('%s weighs what it should', (_who, shape, length, least, most) => {
    const mass = bodyMass(shape, length);
    expect(mass).toBeGreaterThan(least);
    expect(mass).toBeLessThan(most);
  });
});

describe('nitrateMade', () => {
  it('follows nitrogen through the feed', () => {
    const feed = feedPerDay(of('paracheirodon-innesi'), 3.5, 25);
    expect(nitrateMade(of('paracheirodon-innesi'), 3.5, 25)).toBeCloseTo(
      feed * 0.45 * 0.092 * 4.427 * 1000,
      9,
    );
  });
  it('feeds a ten-gram fish the share of its activity at 25 °C, and a smaller one more for its mass', () => {
    const neon = of('paracheirodon-innesi');
    const lively = (activity: 1 | 2 | 3) => ({ ...neon, habits: { ...neon.habits, activity } });
    // The length at which a body of this shape weighs 10 g.
    const tenGrams = (10 / bodyMass('fusiform', 1)) ** (1 / 3.04);
    expect(bodyMass('fusiform', tenGrams)).toBeCloseTo(10, 9);
    const shares = ([1, 2, 3] as const).map((activity) => feedPerDay(lively(activity), tenGrams, 25) / 10);
    expect(shares[0]).toBeCloseTo(0.008, 9);
    expect(shares[1]).toBeCloseTo(0.01, 9);
    expect(shares[2]).toBeCloseTo(0.013, 9);
  });
  it('doubles for ten degrees and grows slower than mass', () => {
    const neon = of('paracheirodon-innesi');
    expect(feedPerDay(neon, 3.5, 30) / feedPerDay(neon, 3.5, 20)).toBeCloseTo(2, 9);
    const [small, large] = [
      feedPerDay(neon, 2, 25) / bodyMass('fusiform', 2),
      feedPerDay(neon, 4, 25) / bodyMass('fusiform', 4),
    ];
    expect(small).toBeGreaterThan(large);
  });
});

describe('mouthFit', () => {
  it.each([
    [0.8, 'certain'],
    [1, 'likely'],
    [1.2, 'possible'],
    [1.21, 'no'],
    [Infinity, 'no'],
  ] as const)('a depth of %d gapes is %s', (ratio, fit) => expect(mouthFit(ratio)).toBe(fit));

  it.each([
    [0.5, 0.79, 'certain'],
    [0.5, 0.8, 'possible'],
    [1.2, 0.8, 'possible'],
    [1.21, 0.8, 'no'],
    [0.1, 0.99, 'possible'],
    [0.1, 1, 'no'],
  ] as const)('%d gapes deep and %d of its own length long: %s', (ratio, share, fit) =>
    expect(mouthFit(ratio, share)).toBe(fit),
  );

  it('takes nothing without a gape', () => {
    const angel = of('pterophyllum-scalare');
    const closed = { ...angel, mouth: { ...angel.mouth, gapeRatio: 0 } };
    expect(mouthRatio(closed, 15, of('paracheirodon-innesi'), 3.5)).toBe(Infinity);
    expect(mouthRatio(angel, 10, angel, 10)).toBeCloseTo(angel.size.depthRatio / angel.mouth.gapeRatio, 12);
  });

  it('F60, common practice: a grown angelfish takes a neon and not a deep-bodied tetra', () => {
    const angel = of('pterophyllum-scalare');
    expect(mouthFit(mouthRatio(angel, 15, of('paracheirodon-innesi'), 3.5))).toBe('certain');
    expect(mouthFit(mouthRatio(angel, 15, of('gymnocorymbus-ternetzi'), 5))).toBe('no');
  });
});
