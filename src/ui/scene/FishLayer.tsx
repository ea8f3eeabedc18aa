'use client';

import { useEffect, useLayoutEffect, useRef, useState, useSyncExternalStore } from 'react';
import { commonName } from '@/core/model';
import type { Flat } from '@/core/plates';
import type { Cast } from '@/core/scene';
import { BOOK } from '@/plates/book';
import { SPRITES } from '@/plates/sprites';
import type { PageInks } from '@/plates/svgSource';
import { classes } from '../classes';
import { pictureAsked } from '../plates/usePicture';
import { useInks } from '../plates/useInks';
import { wearerOf } from '../plates/wearerOf';
import { type Actor, groupAt, paintFish, type Picture, placesAlong, type View } from './fishPaint';
import type { GlassGroup } from './group';

interface Props {
  readonly groups: readonly GlassGroup[];
  readonly casts: readonly Cast[];
  readonly mode: 'dress' | 'list';
  readonly lit: string | null;
  readonly onLight?: ((key: string | null) => void) | undefined;
  readonly tankCm: readonly [length: number, height: number];
  /** The part of the plane that the drawing below shows: left, top, width, height; cm. */
  readonly frame: readonly [number, number, number, number];
}

/** Smaller than this on the screen a fish is its outline and main colours, px. */
const MARK_PX = 24;
/** A finger may miss a fish by so much, px. */
const REACH_PX = 8;

const grownShare = ({ lengthCm, fromCm = lengthCm, toCm = lengthCm }: GlassGroup): number =>
  toCm === fromCm ? 0 : Math.min(1, Math.max(0, (lengthCm - fromCm) / (toCm - fromCm)));

/** How the frame lies in a box of the page: fitted and centred, as the drawing below is. */
function viewIn([left, top, width, height]: Props['frame'], [wide, high]: readonly [number, number]): View {
  const scale = Math.min(wide / width, high / height);
  return {
    left: (wide - width * scale) / 2 - left * scale,
    top: (high - height * scale) / 2 - top * scale,
    scale,
  };
}

/** The margin about a plate, in its own units. */
const PLATE_MARGIN = 5;

const shapes = new WeakMap<Flat, Path2D>();

function shapeOf(flat: Flat): Path2D {
  const had = shapes.get(flat);
  if (had) return had;
  const made = new Path2D(flat.d);
  shapes.set(flat, made);
  return made;
}

function pictureOf(group: GlassGroup, mode: Props['mode'], pxPerCm: number, inks: PageInks): Picture | null {
  const wearer = wearerOf(group.profile, group.lengthCm, group.sex ?? null);
  // By its grown length, so that it is not drawn anew while it grows.
  const lengthPx = (group.toCm ?? group.lengthCm) * pxPerCm;
  if (mode === 'list') {
    const flat = BOOK.flat(pictureAsked(group.profile, wearer, 'mark'));
    return flat && { shape: shapeOf(flat), colour: group.colour, length: flat.length, foot: flat.box[3] };
  }
  const plate = BOOK.plate(pictureAsked(group.profile, wearer, lengthPx < MARK_PX ? 'mark' : 'glass'));
  const image = plate && SPRITES.get(plate, lengthPx, inks);
  return image
    ? {
        image,
        box: plate.viewBox,
        length: plate.length,
        foot: plate.viewBox[1] + plate.viewBox[3] - PLATE_MARGIN,
      }
    : null;
}

const listen = (tell: () => void): (() => void) => {
  const ends = [BOOK.listen(tell), SPRITES.listen(tell)];
  return () => ends.forEach((end) => end());
};

/** Size of an element in CSS px, and how many px of the screen one of them has. */
function useBox(): readonly [React.RefObject<HTMLCanvasElement | null>, readonly [number, number], number] {
  const ref = useRef<HTMLCanvasElement>(null);
  const [box, setBox] = useState<readonly [number, number]>([0, 0]);
  useEffect(() => {
    const canvas = ref.current;
    if (!canvas) return undefined;
    const watch = new ResizeObserver(
      ([entry]) => entry && setBox([entry.contentRect.width, entry.contentRect.height]),
    );
    watch.observe(canvas);
    return () => watch.disconnect();
  }, []);
  return [ref, box, typeof window === 'undefined' ? 1 : Math.min(3, window.devicePixelRatio)];
}

/** The fish of a tank on a canvas over its drawing: the tank is not drawn again while they move, grow or are lit. */
export function FishLayer({ groups, casts, mode, lit, onLight, tankCm, frame }: Props) {
  const [ref, box, density] = useBox();
  const inks = useInks();
  const view = viewIn(frame, box);
  const px = view.scale * density;
  const pictures = (): readonly (Picture | null)[] =>
    box[0] > 0 ? groups.map((group) => pictureOf(group, mode, px, inks)) : [];
  useSyncExternalStore(
    listen,
    () =>
      pictures()
        .map((picture) => (picture ? 1 : 0))
        .join(''),
    () => '',
  );
  const last = useRef(new Map<string, Picture>());
  const painted = useRef<readonly Actor[]>([]);
  useLayoutEffect(() => {
    const canvas = ref.current;
    const context = canvas?.getContext('2d');
    if (!canvas || !context || box[0] === 0) return;
    const [width, height] = box.map((side) => Math.round(side * density)) as [number, number];
    if (canvas.width !== width) canvas.width = width;
    if (canvas.height !== height) canvas.height = height;
    const drawn = pictures();
    const byKey = new Map(groups.map((group, i) => [group.key, [group, drawn[i] ?? null] as const]));
    painted.current = casts.flatMap((cast) => {
      const [group, now] = byKey.get(cast.key) ?? [];
      // A fish that changes its dress keeps the old one until the new one is drawn.
      const picture = now ?? last.current.get(cast.key);
      if (!group || !picture) return [];
      last.current.set(cast.key, picture);
      const stepsBack = lit !== null && lit !== cast.key;
      return [
        {
          key: cast.key,
          picture,
          lengthCm: group.lengthCm,
          opacity: stepsBack ? 0.18 : group.planned ? 0.62 : 1,
          places: placesAlong(cast.from, cast.to, grownShare(group)),
        },
      ];
    });
    // How many are painted: for those who look from outside, as tests do.
    canvas.dataset.fish = String(painted.current.reduce((sum, { places }) => sum + places.length, 0));
    paintFish(
      context,
      painted.current,
      { left: view.left * density, top: view.top * density, scale: px },
      tankCm,
    );
  });
  const keyUnder = (event: React.MouseEvent<HTMLElement>): string | null => {
    const edge = event.currentTarget.getBoundingClientRect();
    return groupAt(
      painted.current,
      (event.clientX - edge.left - view.left) / view.scale,
      (event.clientY - edge.top - view.top) / view.scale,
      REACH_PX / view.scale,
    );
  };
  const light = (key: string | null): void => {
    if (key !== lit) onLight?.(key);
  };
  const shown = groups.find(({ key }) => key === lit);
  return (
    <canvas
      ref={ref}
      aria-hidden="true"
      className={classes('plate absolute inset-0 size-full', !onLight && 'pointer-events-none')}
      title={shown && `${shown.count} ${commonName(shown.profile)}`}
      onPointerMove={(event) => event.pointerType === 'mouse' && light(keyUnder(event))}
      onPointerLeave={(event) => event.pointerType === 'mouse' && light(null)}
      onClick={(event) => light(keyUnder(event))}
    />
  );
}
