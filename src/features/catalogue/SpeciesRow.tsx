'use client';

import { Link } from '@/ui/Link';
import { memo } from 'react';
import { adultLengthCm, commonName, type SpeciesProfile } from '@/core/model';
import { useWords } from '@/session/react/useWords';
import { classes } from '@/ui/classes';
import { PlateInSight } from '@/ui/plates/PlateInSight';

interface Props {
  readonly profile: SpeciesProfile;
  readonly href: string;
  /** Its place in the list. */
  readonly at: number;
  readonly tabIndex: 0 | -1;
  /** Whether it is the one that is read. */
  readonly isRead: boolean;
}

/** A species of the list: drawn again only when something about it changes, as there are hundreds. */
export const SpeciesRow = memo(function SpeciesRow({ profile, href, at, tabIndex, isRead }: Props) {
  const words = useWords();
  return (
    <Link
      href={href}
      scroll={false}
      prefetch={false}
      data-rove={at}
      tabIndex={tabIndex}
      aria-current={isRead ? 'true' : undefined}
      className={classes(
        'grid w-full grid-cols-[3rem_minmax(0,1fr)_4rem] items-center min-[26rem]:grid-cols-[3rem_1fr_4.5rem_5.5rem] gap-2 border-b border-line px-2 py-1 text-left hover:bg-panel',
        isRead && 'bg-panel',
      )}
    >
      <PlateInSight profile={profile} className="h-7 w-12" />
      <span className="[overflow-wrap:anywhere]">
        {commonName(profile)} <i className="text-[0.75rem] text-slate">{profile.scientificName}</i>
      </span>
      <span className="fig text-right">{words.quantity('length', adultLengthCm(profile))}</span>
      <span className="fig text-right text-slate max-[25.99rem]:hidden">
        {words.range('temperature', profile.water.tankBred.temperatureC)}
      </span>
    </Link>
  );
});
