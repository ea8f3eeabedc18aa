'use client';

import { memo, useId, useState } from 'react';
import type { Flat, Plate, Wearer } from '@/core/plates';
import type { Cast, Place } from '@/core/scene';
import { type Drawn, useFlat, usePlate } from '../plates/usePicture';

interface Props {
  readonly cast: Cast;
  /** How far the group has grown from its first length to its last, 0 to 1. */
  readonly grown: number;
  readonly lengthCm: number;
  readonly grownCm: number;
  readonly profile: Drawn;
  readonly wearer: Wearer | null;
  /** A colour draws flat shapes in it; null lets the fish wear their dress. */
  readonly colour: string | null;
  /** Pixels a cm: small fish are drawn with less in them. */
  readonly pxPerCm: number;
  readonly tankCm: readonly [length: number, height: number];
}

const lerp = (a: number, b: number, t: number): number => a + (b - a) * t;
const short = (v: number): number => Math.round(v * 100) / 100;

/** Where a fish is on its way from its first place to its last. */
function along(from: Place, to: Place, t: number): Place {
  return {
    ...(t > 0.5 ? to : from),
    x: lerp(from.x, to.x, t),
    y: lerp(from.y, to.y, t),
    tilt: lerp(from.tilt, to.tilt, t),
    size: lerp(from.size, to.size, t),
  };
}

/** Smaller than this a fish is its outline and main colours. */
const MARK_PX = 40;

/** All animals of one group: drawn once, used as often as there are, moved by their transforms. */
export const FishGroup = memo(function FishGroup(props: Props) {
  return props.colour === null ? <Dressed {...props} /> : <Flatly {...props} colour={props.colour} />;
});

function Dressed(props: Props) {
  // By its grown length, so that it is not drawn anew while it grows.
  const isTiny = props.grownCm * props.pxPerCm < MARK_PX;
  const plate = usePlate(props.profile, props.wearer, isTiny ? 'mark' : 'glass');
  // A fish that changes its dress while it grows keeps the old one until the new one is drawn.
  const [last, setLast] = useState(plate);
  if (plate && plate !== last) setLast(plate);
  const shown = plate ?? last;
  return shown ? <Placed {...props} picture={shown} /> : null;
}

function Flatly(props: Props & { readonly colour: string }) {
  const flat = useFlat(props.profile, props.wearer);
  return flat ? <Placed {...props} picture={flat} /> : null;
}

/** The lowest edge of a picture in its own units, without its margin. */
const lowest = (picture: Plate | Flat): number =>
  'd' in picture ? picture.box[3] : picture.viewBox[1] + picture.viewBox[3] - 5;

function Placed({
  cast,
  grown,
  lengthCm,
  colour,
  picture,
  tankCm,
}: Props & { readonly picture: Plate | Flat }) {
  const id = useId();
  const scale = lengthCm / picture.length;
  const half = picture.length / 2;
  const sink = lowest(picture) * scale;
  const places = cast.from.map((from, i) => along(from, cast.to[i] ?? from, grown)).sort((a, b) => a.z - b.z);
  return (
    <>
      <defs>
        {'d' in picture ? (
          <path id={id} d={picture.d} transform={`translate(${-half} 0)`} fill={colour ?? undefined} />
        ) : (
          <g
            id={id}
            transform={`translate(${-half} 0)`}
            dangerouslySetInnerHTML={{ __html: picture.inner }}
          />
        )}
      </defs>
      {places.map(({ x, y, tilt, facing, size, isResting, hidden }, i) => {
        const k = scale * size;
        const at = `translate(${short(x)} ${short(isResting ? y - sink * size : y)})rotate(${short(tilt)})scale(${facing === 'left' ? k : -k} ${k})`;
        // The group moves, not the copy in it: a copy that changes is copied anew.
        if (!hidden)
          return (
            <g key={i} transform={at}>
              <use href={`#${id}`} />
            </g>
          );
        const clip = `${id}c${i}`;
        const [length, height] = tankCm;
        return (
          <g key={i} clipPath={`url(#${clip})`}>
            <clipPath id={clip}>
              <rect
                x={hidden.side === 'left' ? hidden.x : 0}
                y={0}
                width={hidden.side === 'left' ? Math.max(0, length - hidden.x) : Math.max(0, hidden.x)}
                height={height}
              />
            </clipPath>
            <g transform={at}>
              <use href={`#${id}`} />
            </g>
          </g>
        );
      })}
    </>
  );
}
