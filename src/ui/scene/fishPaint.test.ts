import type { Place } from '@/core/scene';
import { type Actor, groupAt, paintFish, placesAlong } from './fishPaint';

const place = (x: number, y: number, more: Partial<Place> = {}): Place => ({
  x,
  y,
  tilt: 0,
  z: 0.5,
  facing: 'left',
  size: 1,
  isResting: false,
  hidden: null,
  ...more,
});

/** A picture of 100 by 40 units, its middle on the axis. */
const picture = { image: {} as CanvasImageSource, box: [0, -20, 100, 40], length: 100, foot: 20 } as const;

const actor = (key: string, places: readonly Place[], lengthCm = 10): Actor => ({
  key,
  picture,
  lengthCm,
  opacity: 1,
  places,
});

/** A canvas that keeps what is put on it, in px. */
function paper() {
  let now = { a: 1, d: 1, e: 0, f: 0 };
  const kept: (typeof now)[] = [];
  const images: { readonly left: number; readonly right: number; readonly foot: number }[] = [];
  const rects: (readonly number[])[] = [];
  const canvas = {
    canvas: { width: 200, height: 100 },
    setTransform: (a: number, _b: number, _c: number, d: number, e: number, f: number) =>
      (now = { a, d, e, f }),
    save: () => kept.push({ ...now }),
    restore: () => (now = kept.pop() ?? now),
    translate: (x: number, y: number) => (now = { ...now, e: now.e + x * now.a, f: now.f + y * now.d }),
    rotate: () => undefined,
    scale: (x: number, y: number) => (now = { ...now, a: now.a * x, d: now.d * y }),
    clearRect: () => undefined,
    beginPath: () => undefined,
    clip: () => undefined,
    rect: (...side: number[]) => rects.push(side),
    drawImage: (_: unknown, x: number, y: number, width: number, height: number) =>
      images.push({
        left: now.e + x * now.a,
        right: now.e + (x + width) * now.a,
        foot: now.f + (y + height) * now.d,
      }),
  };
  return { canvas: canvas as unknown as CanvasRenderingContext2D, images, rects };
}

const VIEW = { left: 6, top: 4, scale: 2 };
const TANK = [80, 40] as const;

describe('fish on the canvas', () => {
  it('are as long as they are, about their middle, on the scale of the drawing below', () => {
    const { canvas, images } = paper();
    paintFish(canvas, [actor('a', [place(30, 20)])], VIEW, TANK);
    // 10 cm at 2 px a cm about 6 + 30 * 2 px.
    expect(images).toEqual([{ left: 56, right: 76, foot: 4 + 20 * 2 + 4 }]);
  });

  it('turn by their mirror image', () => {
    const { canvas, images } = paper();
    paintFish(canvas, [actor('a', [place(30, 20, { facing: 'right' })])], VIEW, TANK);
    expect(images[0]).toMatchObject({ left: 76, right: 56 });
  });

  it('stand on the ground where they rest, large and small', () => {
    const { canvas, images } = paper();
    const onGround = [1, 0.5].map((size) => place(30, 35, { isResting: true, size }));
    paintFish(canvas, [actor('a', onGround)], VIEW, TANK);
    images.forEach(({ foot }) => expect(foot).toBeCloseTo(4 + 35 * 2, 6));
  });

  it('are cut at the mouth of their cave', () => {
    const { canvas, rects } = paper();
    paintFish(
      canvas,
      [
        actor('a', [place(30, 20, { hidden: { side: 'left', x: 28 } })]),
        actor('b', [place(60, 20, { hidden: { side: 'right', x: 61 } })]),
      ],
      VIEW,
      TANK,
    );
    expect(rects).toEqual([
      [0, 0, 80, 40],
      [28, 0, 80, 40],
      [0, 0, 61, 40],
    ]);
  });
});

describe('the way from first to last length', () => {
  it('moves in a straight line, and paints those at the front last', () => {
    const from = [place(10, 10, { z: 0.9 }), place(20, 20, { z: 0.1 })];
    const to = [place(30, 10, { z: 0.9 }), place(20, 30, { z: 0.1 })];
    expect(placesAlong(from, to, 0.25).map(({ x, y }) => [x, y])).toEqual([
      [20, 22.5],
      [15, 10],
    ]);
  });
});

describe('the group under the pointer', () => {
  const actors = [actor('below', [place(30, 20)]), actor('above', [place(34, 20)])];

  it('is the one that lies on top', () => {
    expect(groupAt(actors, 32, 20, 1)).toBe('above');
    expect(groupAt(actors, 26, 20, 1)).toBe('below');
  });

  it('is the nearest within reach of a finger, and none beyond it', () => {
    expect(groupAt(actors, 30, 23, 2)).toBe('below');
    expect(groupAt(actors, 60, 20, 2)).toBeNull();
  });
});
