import fixture from '@/testing/fixtures/visibility.json';
import { bestBreak, freeArea, isInSight, mapChange, shapeOf, sightFrom, type Piece } from './sightlines';
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

describe('shapes, by hand', () => {
  const round = (polygon: Polygon): Polygon =>
    polygon.map(([x, y]): Point => [Math.round(x * 1000) / 1000, Math.round(y * 1000) / 1000]);
  const piece = (more: Partial<Piece>): Piece => ({
    kind: 'wood',
    x: 50,
    y: 20,
    lengthCm: 20,
    widthCm: 10,
    turned: 0,
    ...more,
  });
  it('wood and filters are oblong by both measures, a slate is one cm deep', () => {
    expect(shapeOf(piece({}))).toEqual([
      [40, 15],
      [60, 15],
      [60, 25],
      [40, 25],
    ]);
    expect(shapeOf(piece({ kind: 'filter' }))).toEqual(shapeOf(piece({})));
    expect(shapeOf(piece({ kind: 'slate' }))).toEqual([
      [40, 19.5],
      [60, 19.5],
      [60, 20.5],
      [40, 20.5],
    ]);
  });
  it('are turned counter-clockwise about their middle', () => {
    expect(round(shapeOf(piece({ turned: 90 })))).toEqual([
      [55, 10],
      [55, 30],
      [45, 30],
      [45, 10],
    ]);
    expect(round(shapeOf(piece({ turned: 30 })))[1]).toEqual([61.16, 20.67]);
    expect(round(shapeOf(piece({ kind: 'rock' }))).slice(0, 4)).toEqual([
      [60, 20],
      [58.66, 22.5],
      [55, 24.33],
      [50, 25],
    ]);
  });
  it('hide what is behind them, but for shells', () => {
    expect([
      isInSight({ kind: 'shells' }),
      isInSight({ kind: 'rock' }),
      isInSight({ kind: 'plant' }),
    ]).toEqual([false, true, true]);
  });
  it('have their area whichever way round, and points within them', () => {
    const square: Polygon = [
      [0, 0],
      [4, 0],
      [4, 3],
      [0, 3],
    ];
    expect([areaOf(square), areaOf(square.toReversed()), areaOf([])]).toEqual([12, 12, 0]);
    const slanted: Polygon = [
      [0, 0],
      [10, 0],
      [15, 10],
      [5, 10],
    ];
    expect([
      isWithin([3, 5], slanted),
      isWithin([2, 5], slanted),
      isWithin([12, 5], slanted),
      isWithin([13, 5], slanted),
    ]).toEqual([true, false, true, false]);
  });
});

describe('a floor, by hand', () => {
  const bare: Floor = { lengthCm: 40, widthCm: 20, obstacles: [] };
  const wall: Floor = {
    ...bare,
    obstacles: [
      [
        [19, 0],
        [21, 0],
        [21, 20],
        [19, 20],
      ],
    ],
  };
  it('has a place every five cm, none of them under a piece', () => {
    expect(sightFrom([10, 10], bare)).toMatchObject({ share: 1, hidden: 0, places: 32 });
    expect(
      sightFrom([10, 10], {
        ...bare,
        obstacles: [
          [
            [20, 0],
            [40, 0],
            [40, 20],
            [20, 20],
          ],
        ],
      }),
    ).toMatchObject({ places: 16, hidden: 0 });
    expect(
      sightFrom([10, 10], {
        ...bare,
        obstacles: [
          [
            [0, 0],
            [41, 0],
            [41, 21],
            [0, 21],
          ],
        ],
      }),
    ).toMatchObject({ places: 0, share: 0 });
  });
  it('is seen up to a wall across it, from either side', () => {
    expect(sightFrom([10, 10], wall)).toMatchObject({ share: 0.5, hidden: 16, places: 32 });
    expect(sightFrom([30, 10], wall).share).toBe(0.5);
    expect(areaOf(visiblePolygon([10, 10], wall))).toBeCloseTo(380, 3);
    expect(freeArea(wall)).toBe(760);
  });
  it('is seen from its walls and corners, and from nowhere beyond', () => {
    for (const from of [
      [0, 10],
      [40, 10],
      [10, 0],
      [10, 20],
      [0, 0],
      [40, 20],
    ] as const)
      expect(areaOf(visiblePolygon(from, bare))).toBeCloseTo(800, 3);
    for (const from of [
      [-1, 10],
      [41, 10],
      [10, -1],
      [10, 21],
      [-1, 30],
    ] as const)
      expect(visiblePolygon(from, bare)).toEqual([]);
  });
  it('changes by the places that one sees and the other does not', () => {
    expect(mapChange([10, 10], bare, wall)).toBe(0.5);
    expect(mapChange([10, 10], wall, bare)).toBe(0.5);
    expect(mapChange([10, 10], { lengthCm: 2, widthCm: 2, obstacles: [] }, bare)).toBe(0);
  });
  it('takes a break at places ten cm apart, within the walls, off the mouth of the holder', () => {
    const found = bestBreak([10, 10], bare, 20)!;
    expect(found.piece).toMatchObject({ kind: 'slate', lengthCm: 20, widthCm: 1 });
    expect([found.piece.x % 10, found.piece.y % 10]).toEqual([0, 0]);
    // Twenty cm stand across a tank of twenty only upright in its middle, and hide all behind them.
    expect(found.piece).toMatchObject({ x: 20, y: 10, turned: 90 });
    expect(found.share).toBeCloseTo(19.5 / 40, 2);
    expect(bestBreak([10, 10], bare, 21)?.piece.turned).not.toBe(90);
    expect(bestBreak([10, 10], bare, 60)).toBeNull();
    expect(bestBreak([10, 10], { ...bare, lengthCm: 10 }, 4)).toBeNull();
    const near = bestBreak([12, 10], { lengthCm: 21, widthCm: 20, obstacles: [] }, 6)!;
    expect(near.piece.x).toBe(20);
    expect(bestBreak([12, 10], { lengthCm: 20, widthCm: 20, obstacles: [] }, 6)).toBeNull();
    expect(bestBreak([18, 10], { lengthCm: 20, widthCm: 20, obstacles: [] }, 6)?.piece.x).toBe(10);
  });
});
