import fc from 'fast-check';
import { areaOf } from '../sightlines/visiblePolygon';
import type { Piece } from '../sightlines';
import { type Claim, settle } from './settle';

const floor = { lengthCm: 120, widthCm: 40 };
const claim = (species: string, holders: number, cm2: number, home: Claim['home'] = 'floor'): Claim => ({
  species,
  holders,
  cm2,
  home,
});
const piece = (kind: Piece['kind'], x: number, y: number, lengthCm = 14, widthCm = 12): Piece => ({
  kind,
  x,
  y,
  lengthCm,
  widthCm,
  turned: 0,
});
const finding = (claims: readonly Claim[], pieces: readonly Piece[] = [], breaks = 1) =>
  settle(claims, floor, pieces, breaks).filter(({ findsGround }) => findsGround).length;

describe('where holders settle', () => {
  it('gives each its ground while the floor has it, and none to those it has no ground for', () => {
    // 4800 cm² of floor.
    expect(finding([claim('a', 4, 900)])).toBe(4);
    expect(finding([claim('a', 8, 900)])).toBeLessThanOrEqual(6);
    expect(finding([claim('a', 1, 9000)])).toBe(0);
  });

  it('lets the largest settle first', () => {
    const settled = settle([claim('small', 2, 600), claim('large', 1, 3900)], floor, []);
    expect(settled[0]).toMatchObject({ species: 'large', findsGround: true });
    expect(settled.filter(({ findsGround }) => findsGround)).toHaveLength(2);
  });

  it('finds room for more where sight breaks let them share', () => {
    expect(finding([claim('a', 8, 900)], [], 1.25)).toBeGreaterThan(finding([claim('a', 8, 900)]));
  });

  it('puts each at its home, and says who has none', () => {
    const settled = settle([claim('cave', 3, 400, 'cave')], floor, [
      piece('cave', 20, 20, 8, 8),
      piece('pot', 100, 20, 8, 8),
      piece('wood', 60, 20),
    ]);
    expect(
      settled
        .slice(0, 2)
        .map(({ at }) => at[0])
        .sort((a, b) => a - b),
    ).toEqual([20, 100]);
    expect(settled.map(({ findsHome }) => findsHome)).toEqual([true, true, false]);
  });

  it('leaves the homes of others to them where it can', () => {
    const settled = settle([claim('large', 1, 1500, 'cave'), claim('shell', 1, 200, 'shell')], floor, [
      piece('cave', 55, 20, 8, 8),
      piece('cave', 100, 20, 8, 8),
      piece('shells', 50, 20, 20, 16),
    ]);
    expect(settled.map(({ at }) => Math.round(at[0] / 10) * 10)[0]).toBe(100);
    expect(settled[1]).toMatchObject({ findsHome: true, findsGround: true });
  });

  it('lets many live in one field of shells', () => {
    const settled = settle([claim('shell', 4, 150, 'shell')], floor, [piece('shells', 60, 20, 30, 20)]);
    expect(settled.every(({ findsHome, findsGround }) => findsHome && findsGround)).toBe(true);
  });

  it('keeps its own kind apart on a bare floor', () => {
    const [one, two] = settle([claim('a', 2, 400)], floor, []);
    expect(Math.hypot(one!.at[0] - two!.at[0], one!.at[1] - two!.at[1])).toBeGreaterThan(60);
  });

  it('leaves out homes of a map that is larger than the tank', () => {
    const [one] = settle([claim('cave', 1, 400, 'cave')], floor, [piece('cave', 400, 20)]);
    expect(one).toMatchObject({ findsHome: false, findsGround: true });
  });

  it('never gives away more floor than there is, nor more than is claimed', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            species: fc.constantFrom('a', 'b', 'c'),
            holders: fc.integer({ min: 1, max: 5 }),
            cm2: fc.integer({ min: 50, max: 4000 }),
            home: fc.constantFrom<Claim['home']>('floor', 'cave', 'corner', 'shell'),
          }),
          { maxLength: 4 },
        ),
        fc.integer({ min: 30, max: 200 }),
        fc.integer({ min: 20, max: 80 }),
        (claims, lengthCm, widthCm) => {
          const settled = settle(claims, { lengthCm, widthCm }, [piece('cave', 15, 10)]);
          const given = settled
            .flatMap(({ rings }) => rings)
            .reduce((sum, ring) => sum + Math.abs(areaOf(ring)), 0);
          // Rings cut the corners of their cells, and cells are rounded to the floor.
          expect(given).toBeLessThanOrEqual((lengthCm + 4) * (widthCm + 4));
          expect(settled.length).toBe(claims.reduce((sum, { holders }) => sum + holders, 0));
          settled.forEach(({ share, rings, findsGround }) => {
            expect(share).toBeGreaterThanOrEqual(0);
            expect(share).toBeLessThanOrEqual(1);
            expect(rings.length > 0).toBe(findsGround);
          });
        },
      ),
      { numRuns: 60 },
    );
  });
});
