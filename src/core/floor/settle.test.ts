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

  it('sends corner fish to the corners, each to one of its own', () => {
    const settled = settle([claim('a', 4, 400, 'corner')], floor, []);
    expect(settled.map(({ at }) => at.join(' ')).sort()).toEqual(['10 10', '10 30', '110 10', '110 30']);
    expect(settled.every(({ findsHome, findsGround }) => findsHome && findsGround)).toBe(true);
    expect(
      settle([claim('a', 5, 300, 'corner')], floor, []).filter(({ findsHome }) => findsHome),
    ).toHaveLength(4);
  });
  it('sends fish of caves to the caves within the tank, and elsewhere where there is none', () => {
    const [one] = settle([claim('a', 1, 400, 'cave')], floor, [piece('cave', 100, 30)]);
    expect(one).toMatchObject({ findsHome: true });
    expect(Math.hypot(one!.at[0] - 100, one!.at[1] - 30)).toBeLessThan(12);
    const beyond = [
      piece('cave', 140, 30),
      piece('cave', 60, 90),
      piece('cave', -20, 10),
      piece('cave', 10, -20),
    ];
    expect(settle([claim('a', 1, 400, 'cave')], floor, beyond)[0]).toMatchObject({ findsHome: false });
    expect(settle([claim('a', 1, 400, 'cave')], floor, [])[0]).toMatchObject({
      findsHome: false,
      findsGround: true,
    });
  });
  it('takes as much ground as is claimed, in one piece about its place', () => {
    const [one] = settle([claim('a', 1, 900)], floor, []);
    const area = one!.rings.reduce((sum, ring) => sum + areaOf(ring), 0);
    expect(area / 900).toBeCloseTo(1, 0);
    expect(one!.share).toBeCloseTo(1, 1);
  });
  it('keeps its own kind as far apart as the floor lets it', () => {
    const [first, second] = settle([claim('a', 2, 400)], floor, []);
    expect(Math.hypot(first!.at[0] - second!.at[0], first!.at[1] - second!.at[1])).toBeGreaterThan(80);
  });
  it('leaves the homes of others to them where it can', () => {
    const pieces = [piece('cave', 15, 20, 20, 20)];
    const settled = settle([claim('open', 1, 500), claim('cave fish', 1, 300, 'cave')], floor, pieces);
    const open = settled.find(({ species }) => species === 'open')!;
    expect(open.at[0]).toBeGreaterThan(30);
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
