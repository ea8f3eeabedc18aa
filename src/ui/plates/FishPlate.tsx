'use client';

import { memo } from 'react';
import type { Wearer, Detail } from '@/core/plates';
import { classes } from '../classes';
import { type Drawn, usePlate } from './usePicture';

interface Props {
  readonly profile: Drawn;
  /** Whose dress; null draws what the species is known by. */
  readonly wearer?: Wearer | null;
  readonly detail?: Detail;
  /** What it is called for those who cannot see it; without one it is an ornament beside its name. */
  readonly label?: string;
  readonly className?: string;
}

/** The picture of a species beside its name, fitted into its box. The box keeps its place while the picture is drawn. */
export const FishPlate = memo(function FishPlate({
  profile,
  wearer = null,
  detail = 'glass',
  label,
  className,
}: Props) {
  const plate = usePlate(profile, wearer, detail);
  return (
    <svg
      {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
      className={classes('plate shrink-0', className)}
      viewBox={plate ? plate.viewBox.join(' ') : '0 0 2 1'}
      // Our own drawing: text that the core wrote.
      dangerouslySetInnerHTML={{ __html: plate?.inner ?? '' }}
    />
  );
});
