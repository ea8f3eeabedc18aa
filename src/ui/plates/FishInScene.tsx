'use client';

import type { Wearer, Detail } from '@/core/plates';
import { type Drawn, useFlat, usePlate } from './usePicture';

interface Props {
  readonly profile: Drawn;
  readonly lengthCm: number;
  /** A colour draws the flat shape in it; without one the fish wears its dress. */
  readonly colour?: string | null;
  readonly wearer?: Wearer | null;
  readonly detail?: Detail;
  /** Middle of the fish, in the drawing's units (cm). */
  readonly x?: number;
  readonly y?: number;
  readonly facing?: 'left' | 'right';
}

/** One animal at true size inside a drawing whose unit is the centimetre; its length is that with the tail. */
export function FishInScene({ colour = null, ...props }: Props) {
  return colour === null ? <Dressed {...props} /> : <Flat {...props} colour={colour} />;
}

const placed = (length: number, { lengthCm, x = 0, y = 0, facing = 'right' }: Props): string => {
  const scale = lengthCm / length;
  // Animals are drawn with the snout to the left.
  const turn = facing === 'left' ? 1 : -1;
  return `translate(${x - (turn * lengthCm) / 2} ${y}) scale(${turn * scale} ${scale})`;
};

function Dressed(props: Props) {
  const plate = usePlate(props.profile, props.wearer ?? null, props.detail ?? 'glass');
  return plate ? (
    <g
      className="plate"
      transform={placed(plate.length, props)}
      dangerouslySetInnerHTML={{ __html: plate.inner }}
    />
  ) : null;
}

function Flat(props: Props & { readonly colour: string }) {
  const flat = useFlat(props.profile, props.wearer ?? null);
  return flat ? <path d={flat.d} fill={props.colour} transform={placed(flat.length, props)} /> : null;
}
