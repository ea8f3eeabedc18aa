import { gzipSync } from 'node:zlib';
import { SHIPPED_SPECIES } from '@/catalogue';
import { DRESSES } from '@/catalogue/dresses';
import { type Dress, dressOf } from './dress';
import { animalOf, drawnLength } from './dressed';
import { EDGE_FINS } from './fins/edge';
import { TAIL_FINS } from './fins/tail';
import { FIN_MARKS } from './finMarks';
import { MARKS } from './marks';
import { outlineOf } from './outline';
import { flatOf, plateOf, plateSvg } from './plate';
import { PLANS } from './plans';

const median = (list: readonly number[]): number =>
  [...list].sort((a, b) => a - b)[list.length >> 1] as number;
const stationsX = (flat: readonly number[]): readonly number[] => flat.filter((_, i) => i % 2 === 0);

describe.each(Object.entries(PLANS))('the body plan %s', (_, plan) => {
  it('has its stations in order, from the snout to the tail root', () => {
    for (const list of plan.eye ? [plan.top, plan.bottom] : [plan.bottom])
      expect(stationsX(list)).toEqual([...stationsX(list)].sort((a, b) => a - b));
    // A shell begins behind the head.
    if (plan.eye) expect(plan.snout[0]).toBeLessThan(stationsX(plan.top)[0] as number);
  });
  it('has its eye within the head and its back above its belly', () => {
    const outline = outlineOf(plan);
    if (plan.eye) {
      const [x, y] = plan.eye;
      expect(y).toBeLessThan(outline.top(x) + 1);
      expect(y).toBeGreaterThan(outline.bottom(x));
      expect(x).toBeLessThan(34);
    }
    for (let x = plan.eye ? 10 : 22; x <= 72; x += 2)
      expect(outline.top(x)).toBeGreaterThan(outline.bottom(x));
  });
  it('has its pectoral fin before the end of its anal fin, and either a tail or a length', () => {
    const order = [plan.pectoral?.x, plan.anal?.to].filter((x) => x !== undefined);
    expect(order).toEqual([...order].sort((a, b) => a - b));
    expect(plan.tail === undefined).toBe(plan.total !== undefined);
  });
});

const base = { plan: 'convict', tone: 'slate silver bone' } as const;
const inner = (dress: Dress, detail: 'mark' | 'glass' | 'plate' = 'plate'): string =>
  plateOf(animalOf(dress), detail, 200, 'x').inner;

describe.each(Object.keys(MARKS))('the marking %s', (name) => {
  // Lines and stripes of their own need places.
  const text = name === 'line' ? 'line red 10 0 40 .4' : `${name} red`;
  it('is drawn, and changes the picture', () => {
    const drawn = inner({ ...base, marks: [text] });
    expect(drawn).not.toBe(inner(base));
    expect(drawn).not.toMatch(/NaN|undefined|Infinity/);
  });
});

describe.each(Object.keys(FIN_MARKS))('the marking %s of a fin', (name) => {
  it('is drawn, and changes the picture', () => {
    const drawn = inner({ ...base, tail: `bone ${name} red`, dorsal: `bone ${name} red` });
    expect(drawn).not.toBe(inner({ ...base, tail: 'bone', dorsal: 'bone' }));
    expect(drawn).not.toMatch(/NaN|undefined|Infinity/);
  });
});

describe('the fins', () => {
  it.each(Object.keys(EDGE_FINS))('%s stands on the back and under the belly', (type) => {
    const drawn = inner({ ...base, dorsal: `${type} 30 80 14`, anal: `${type} 55 85 14` });
    expect(drawn).not.toMatch(/NaN|undefined|Infinity/);
  });
  it.each(Object.keys(TAIL_FINS))('%s is a tail', (type) => {
    const { build } = animalOf({ ...base, tail: `${type} 40 20` });
    expect(drawnLength(build)).toBe(139);
    expect(inner({ ...base, tail: `${type} 40 20` })).not.toMatch(/NaN|undefined|Infinity/);
  });
  it('that nobody knows is named', () => {
    expect(() => inner({ ...base, dorsal: 'forked 30 80 14' })).toThrow('No fin is called "forked".');
  });
});

describe('a picture', () => {
  const neon = animalOf(dressOf(DRESSES['paracheirodon-innesi']!, null), 0.23);
  it('is the same each time', () => {
    expect(plateSvg(neon, 'plate', 200, 'neon')).toBe(plateSvg(neon, 'plate', 200, 'neon'));
  });
  it('shares no identifier with another', () => {
    const ids = (text: string): readonly string[] =>
      [...text.matchAll(/ id="([^"]+)"/g)].map(([, id]) => id!);
    // Every sixth species stands for all.
    const pictures = SHIPPED_SPECIES.filter((_, i) => i % 6 === 0).map(({ id }) =>
      ids(plateOf(animalOf(DRESSES[id]!), 'glass', 72, id).inner),
    );
    const all = pictures.flat();
    expect(all.length).toBeGreaterThan(100);
    expect(new Set(all).size).toBe(all.length);
  });
  it('is as long as it was asked for, whatever its detail', () => {
    for (const detail of ['mark', 'glass', 'plate'] as const) {
      const { length, viewBox } = plateOf(neon, detail, 200, 'neon');
      expect(length).toBe(drawnLength(neon.build) * 4);
      expect(viewBox[2]).toBeGreaterThan(length * 0.97);
      expect(viewBox[2]).toBeLessThan(length * 1.1);
    }
  });
  it('says less at less detail', () => {
    const sizes = (['mark', 'glass', 'plate'] as const).map(
      (detail) => plateOf(neon, detail, 72, 'n').inner.length,
    );
    expect(sizes).toEqual([...sizes].sort((a, b) => a - b));
  });
});

describe('the dresses of the catalogue', () => {
  it('fit their budgets: the median plate under 2 kB gzipped, the median mark under 1', () => {
    const sizes = (detail: 'mark' | 'plate'): number =>
      median(
        // Every fourth stands for all: a median is the same.
        SHIPPED_SPECIES.filter((_, i) => i % 4 === 0).map(
          ({ id, size }) =>
            gzipSync(
              plateSvg(animalOf(DRESSES[id]!, size.depthRatio), detail, detail === 'mark' ? 24 : 300, id),
            ).length,
        ),
      );
    expect(sizes('plate')).toBeLessThan(2048);
    expect(sizes('mark')).toBeLessThan(1024);
  });
  it('draw species by their own outlines: an angelfish is no betta', () => {
    const flat = (id: string): string => flatOf(animalOf(DRESSES[id]!)).d;
    const outlines = new Set(SHIPPED_SPECIES.map(({ id }) => flat(id)));
    expect(outlines.size).toBeGreaterThan(300);
    const [, , angelWide, angelHigh] = plateOf(
      animalOf(DRESSES['pterophyllum-scalare']!),
      'glass',
      72,
      'a',
    ).viewBox;
    expect(angelHigh).toBeGreaterThan(angelWide);
    const [, , bettaWide, bettaHigh] = plateOf(
      animalOf(DRESSES['betta-splendens']!),
      'glass',
      72,
      'b',
    ).viewBox;
    expect(bettaWide).toBeGreaterThan(bettaHigh);
  });
});
