import fixture from '@/testing/fixtures/visibility.json';
import { bestBreak, freeArea, mapChange, shapeOf, sightFrom, type Piece } from './sightlines';
import { areaOf, isWithin, visiblePolygon, type Floor, type Point, type Polygon } from './visiblePolygon';

const floorOf = (room: number[], obstacles: number[][][]): Floor => ({
  lengthCm: room[0]!,
  widthCm: room[1]!,
  obstacles: obstacles as unknown as Polygon[],
});

describe('what can be seen of a floor, against CGAL', () => {
  it.each(fixture.scenes.map((scene) => [scene.name, scene] as const))('%s', (_, scene) => {
    const floor = floorOf(scene.room, scene.obstacles);
    const seen = visiblePolygon(scene.viewpoint as unknown as Point, floor);
    expect(areaOf(seen) / scene.visible_area).toBeCloseTo(1, 4);
    expect(freeArea(floor)).toBeCloseTo(scene.free_area, 6);
  });
  it('is nothing from within a rock or from outside', () => {
    const floor: Floor = {
      lengthCm: 100,
      widthCm: 50,
      obstacles: [
        [
          [40, 20],
          [60, 20],
          [60, 40],
          [40, 40],
        ],
      ],
    };
    expect(visiblePolygon([50, 30], floor)).toEqual([]);
    expect(visiblePolygon([120, 30], floor)).toEqual([]);
  });
});

describe('sight lines of a tank', () => {
  const floor = (pieces: readonly Piece[]): Floor => ({
    lengthCm: 120,
    widthCm: 50,
    obstacles: pieces.map(shapeOf),
  });
  const slate: Piece = { kind: 'slate', x: 60, y: 25, lengthCm: 30, widthCm: 1, turned: 90 };
  it('are whole in an empty tank, and cut by a slate', () => {
    const open = sightFrom([20, 25], floor([]));
    expect(open.share).toBe(1);
    expect(open.hidden).toBe(0);
    const cut = sightFrom([20, 25], floor([slate]));
    expect(cut.share).toBeLessThan(0.75);
    expect(cut.hidden).toBeGreaterThan(20);
  });
  it('puts a break where it hides most: better than the same slate anywhere it was tried', () => {
    const best = bestBreak([20, 25], floor([]), 20)!;
    const share = (piece: Piece) => areaOf(visiblePolygon([20, 25], floor([piece]))) / freeArea(floor([]));
    expect(share(best.piece)).toBeCloseTo(best.share, 6);
    for (const [x, y, turned] of [
      [60, 25, 90],
      [90, 30, 0],
      [40, 10, 45],
    ] as const)
      expect(share({ ...slate, lengthCm: 20, x, y, turned })).toBeGreaterThanOrEqual(best.share - 1e-9);
  });
  it('says how much of the old map a rearrangement changes', () => {
    expect(mapChange([20, 25], floor([slate]), floor([slate]))).toBe(0);
    const moved = mapChange([20, 25], floor([slate]), floor([{ ...slate, x: 100 }]));
    expect(moved).toBeGreaterThan(0.1);
    expect(moved).toBeLessThanOrEqual(1);
  });
  it('turns and rounds its pieces', () => {
    const rock = shapeOf({ kind: 'rock', x: 50, y: 20, lengthCm: 20, widthCm: 10, turned: 0 });
    expect(isWithin([50, 20], rock)).toBe(true);
    expect(isWithin([59, 28], rock)).toBe(false);
    // Twelve corners in an ellipse hold 3/π of it.
    expect(areaOf(rock)).toBeCloseTo(3 * 10 * 5, 6);
    const turned = shapeOf({ ...slate, turned: 0 });
    expect(turned.map(([x]) => x)).toEqual([45, 75, 75, 45]);
  });
});
