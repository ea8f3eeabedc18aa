'use client';

import { Link } from '@/ui/Link';
import type { ReactNode } from 'react';
import { commonName, type SpeciesProfile } from '@/core/model';
import type { Wearer } from '@/core/plates';
import { FishPlate } from './FishPlate';

interface Props {
  /** Undefined where this catalogue does not know the species: then the name stands alone. */
  readonly profile: SpeciesProfile | undefined;
  readonly wearer?: Wearer | null;
  /** Where the name leads, as a link that a middle click opens beside; left out where it stands in another control. */
  readonly href?: string | undefined;
  /** What is written; the common name where nothing is. */
  readonly children?: ReactNode;
}

/** A name in a list with its picture before it. */
export function FishName({ profile, wearer = null, href, children }: Props) {
  const name = children ?? (profile && commonName(profile));
  return (
    <span className="inline-flex items-baseline gap-2">
      {profile && <FishPlate profile={profile} wearer={wearer} className="h-5 w-9 self-center print:h-4" />}
      {href ? (
        <Link href={href} prefetch={false} className="min-w-0 hover:underline">
          {name}
        </Link>
      ) : (
        <span className="min-w-0">{name}</span>
      )}
    </span>
  );
}
