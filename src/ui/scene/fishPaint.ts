import type { Place } from '@/core/scene';

/** A picture that can be put on a canvas: a bitmap, or a flat shape in one colour. Lengths in the picture's own units. */
export type Picture =
  | {
      readonly image: CanvasImageSource;
      readonly box: readonly [x: number, y: number, width: number, height: number];
      readonly length: number;
      /** The lowest edge of the animal. */
      readonly foot: number;
    }
  | { readonly shape: Path2D; readonly colour: string; readonly length: number; readonly foot: number };

/** A group as it is painted now. */
export interface Actor {
  readonly key: string;
  readonly picture: Picture;
  readonly lengthCm: number;
  readonly opacity: number;
  /** The nearest to the front glass last. */
  readonly places: readonly Place[];
}

/** How cm of the tank lie on the canvas: its left and top edge, and how large a cm is, in px of the canvas. */
export interface View {
  readonly left: number;
  readonly top: number;
  readonly scale: number;
}

const lerp = (a: number, b: number, t: number): number => a + (b - a) * t;

/** Where the animals of a group are on their way from their first places to their last, 0 to 1. */
export const placesAlong = (from: readonly Place[], to: readonly Place[], t: number): readonly Place[] =>
  from
    .map((first, i) => {
      const last = to[i] ?? first;
      return {
        ...(t > 0.5 ? last : first),
        x: lerp(first.x, last.x, t),
        y: lerp(first.y, last.y, t),
        tilt: lerp(first.tilt, last.tilt, t),
        size: lerp(first.size, last.size, t),
      };
    })
    .sort((a, b) => a.z - b.z);

/** The middle of an animal: one that rests stands on its place. */
const middleOf = ({ picture, lengthCm }: Actor, { y, size, isResting }: Place): number =>
  isResting ? y - (picture.foot * size * lengthCm) / picture.length : y;

function put(canvas: CanvasRenderingContext2D, picture: Picture): void {
  const half = picture.length / 2;
  if ('image' in picture) {
    const [x, y, width, height] = picture.box;
    canvas.drawImage(picture.image, x - half, y, width, height);
    return;
  }
  canvas.translate(-half, 0);
  canvas.fillStyle = picture.colour;
  canvas.fill(picture.shape);
}

/** Paints the fish of a tank: each animal is the picture of its group, moved, turned and enlarged. */
export function paintFish(
  canvas: CanvasRenderingContext2D,
  actors: readonly Actor[],
  { left, top, scale }: View,
  [lengthCm, heightCm]: readonly [number, number],
): void {
  canvas.setTransform(1, 0, 0, 1, 0, 0);
  canvas.clearRect(0, 0, canvas.canvas.width, canvas.canvas.height);
  canvas.setTransform(scale, 0, 0, scale, left, top);
  canvas.save();
  canvas.beginPath();
  canvas.rect(0, 0, lengthCm, heightCm);
  canvas.clip();
  for (const actor of actors) {
    canvas.globalAlpha = actor.opacity;
    for (const place of actor.places) {
      const { hidden, facing, size, tilt, x } = place;
      const k = (actor.lengthCm * size) / actor.picture.length;
      canvas.save();
      if (hidden) {
        canvas.beginPath();
        if (hidden.side === 'left') canvas.rect(hidden.x, 0, lengthCm, heightCm);
        else canvas.rect(0, 0, hidden.x, heightCm);
        canvas.clip();
      }
      canvas.translate(x, middleOf(actor, place));
      canvas.rotate((tilt * Math.PI) / 180);
      // Animals are drawn with the snout to the left.
      canvas.scale(facing === 'left' ? k : -k, k);
      put(canvas, actor.picture);
      canvas.restore();
    }
  }
  canvas.restore();
}

/**
 * The group whose animal is at a place of the tank, cm; the nearest within `reach` cm where none is.
 * What is painted last lies on top.
 */
export function groupAt(actors: readonly Actor[], x: number, y: number, reach: number): string | null {
  let found: string | null = null;
  let least = reach;
  for (const actor of actors) {
    const { picture, lengthCm } = actor;
    const tall = 'image' in picture ? picture.box[3] : 2 * picture.foot;
    for (const place of actor.places) {
      const rx = (lengthCm * place.size) / 2;
      const ry = (rx * tall) / picture.length;
      const [dx, dy] = [x - place.x, y - middleOf(actor, place)];
      // How far outside its ellipse, in cm; inside counts as on it.
      const out = Math.max(0, (Math.hypot(dx / rx, dy / ry) - 1) * Math.min(rx, ry));
      if (out <= least) [found, least] = [actor.key, out];
    }
  }
  return found;
}
