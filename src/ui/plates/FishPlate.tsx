'use client';

import { memo, useState } from 'react';
import type { Wearer, Detail } from '@/core/plates';
import { ownSource } from '@/plates/svgSource';
import { classes } from '../classes';
import { useInks } from './useInks';
import { type Drawn, usePlate } from './usePicture';

interface Props {
  readonly profile: Drawn;
  /** Whose dress; null draws what the species is known by. */
  readonly wearer?: Wearer | null;
  readonly detail?: Detail;
  /** What it is called for those who cannot see it; without one it is an ornament beside its name. */
  readonly label?: string;
  /** Whether the last picture stands until the next one is drawn, as where its dress is being changed. */
  readonly keeps?: boolean;
  readonly className?: string;
}

/** Nothing, as wide as high: what an image shows before its picture is drawn. */
const NOTHING = 'data:image/gif;base64,R0lGODlhAQABAAAAACH5BAEKAAEALAAAAAABAAEAAAICTAEAOw==';

/**
 * The picture of a species beside its name, fitted into its box, which keeps its place while the picture is drawn. An image, not
 * a part of the page: hundreds of them cost a page no more than their boxes.
 */
export const FishPlate = memo(function FishPlate({
  profile,
  wearer = null,
  detail = 'glass',
  label,
  keeps = false,
  className,
}: Props) {
  const drawn = usePlate(profile, wearer, detail);
  const [last, setLast] = useState(drawn);
  if (keeps && drawn && drawn !== last) setLast(drawn);
  const plate = drawn ?? (keeps ? last : null);
  const inks = useInks();
  return (
    // eslint-disable-next-line @next/next/no-img-element -- our own drawing: there is nothing for a loader to fetch
    <img
      src={plate ? ownSource(plate, inks) : NOTHING}
      alt={label ?? ''}
      draggable={false}
      className={classes('plate shrink-0 object-contain', className)}
    />
  );
});
