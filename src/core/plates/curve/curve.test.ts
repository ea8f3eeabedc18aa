import { cut, distance, loop, type Point, pointAt, pointsOf, random, refit, type Segment, spline } from '.';

const POINTS: readonly Point[] = [
  [0, 0],
  [10, 6],
  [30, 9],
  [60, 7],
  [100, 1],
];

/** How far the nearest point of a run lies from a point. */
const away = (run: readonly Segment[], p: Point): number =>
  Math.min(...run.flatMap((s) => Array.from({ length: 201 }, (_, i) => distance(pointAt(s, i / 200), p))));

describe('a spline', () => {
  it('goes through its points, with smooth joins', () => {
    const run = spline(POINTS);
    expect(run.map((s) => s[0])).toEqual(POINTS.slice(0, -1));
    run.slice(1).forEach((s, i) => {
      const before = run[i] as Segment;
      const turn =
        Math.atan2(before[3][1] - before[2][1], before[3][0] - before[2][0]) -
        Math.atan2(s[1][1] - s[0][1], s[1][0] - s[0][0]);
      expect(Math.abs(turn)).toBeLessThan(1e-9);
    });
  });
  it('closes to a loop that ends where it begins', () => {
    const run = loop(POINTS);
    expect(run).toHaveLength(POINTS.length);
    expect(distance((run[run.length - 1] as Segment)[3], (run[0] as Segment)[0])).toBeLessThan(1e-9);
  });
  it('is one straight line through two points, and nothing through one', () => {
    expect(spline(POINTS.slice(0, 2))).toHaveLength(1);
    expect(spline(POINTS.slice(0, 1))).toEqual([]);
  });
});

describe('a cut', () => {
  it.each([
    [0, 0.4],
    [0.3, 0.7],
    [0.6, 1],
  ])('from %s to %s runs along the segment', (a, b) => {
    const s = spline(POINTS)[1] as Segment;
    const part = cut(s, a, b);
    expect(distance(part[0], pointAt(s, a))).toBeLessThan(1e-9);
    expect(distance(part[3], pointAt(s, b))).toBeLessThan(1e-9);
    expect(distance(pointAt(part, 0.5), pointAt(s, (a + b) / 2))).toBeLessThan(1e-9);
  });
});

it('a flat list of an odd number ends with the last pair', () => {
  expect(pointsOf([1, 2, 3])).toEqual([[1, 2]]);
  expect(pointsOf([1, 2, 3, 4], -1)).toEqual([
    [1, -2],
    [3, -4],
  ]);
});

describe('refitting', () => {
  const at = (x: number): Segment => [
    [x, 0],
    [x, 0],
    [x + 1, 0],
    [x + 1, 0],
  ];
  const still: Segment = [
    [0, 0],
    [0, 0],
    [0, 0],
    [0, 0],
  ];
  it('goes by the ends where handles lie on them, and forwards where all is one point', () => {
    expect(refit([at(0), at(1)], 0.2)).toHaveLength(1);
    expect(refit([still, at(0)], 0.2)).toHaveLength(1);
    expect(refit([at(-1), still], 0.2)).toHaveLength(1);
  });
  it('takes eight at most into the first', () => {
    const line = Array.from({ length: 12 }, (_, i) => at(i));
    expect(refit(line, 0.2).map(([, , , end]) => end[0])).toEqual([9, 12]);
  });
  it('needs fewer segments and stays within the tolerance', () => {
    const run = spline(POINTS);
    const fewer = refit(run, 0.4);
    expect(fewer.length).toBeLessThan(run.length);
    for (const s of run)
      for (const t of [0, 0.25, 0.5, 0.75, 1]) expect(away(fewer, pointAt(s, t))).toBeLessThan(0.45);
  });
  it('leaves sharp corners', () => {
    const roof = [
      ...spline([
        [0, 0],
        [5, 9],
      ]),
      ...spline([
        [5, 9],
        [10, 0],
      ]),
    ];
    expect(refit(roof, 2)).toHaveLength(2);
  });
});

it('dice fall the same way for the same seed, and evenly', () => {
  const [a, b] = [random(7), random(7)];
  const rolls = Array.from({ length: 1000 }, a);
  expect(rolls).toEqual(Array.from({ length: 1000 }, b));
  const mean = rolls.reduce((sum, v) => sum + v, 0) / rolls.length;
  expect(mean).toBeGreaterThan(0.45);
  expect(mean).toBeLessThan(0.55);
  expect(Math.max(...rolls)).toBeLessThan(1);
});
