'use client';

import type { ReactNode } from 'react';
import { commonName, type SpeciesProfile } from '@/core/model';
import type { Wearer } from '@/core/plates';
import { FishPlate } from './FishPlate';

interface Props {
  /** Undefined where this catalogue does not know the species: then the name stands alone. */
  readonly profile: SpeciesProfile | undefined;
  readonly wearer?: Wearer | null;
  /** What is written; the common name where nothing is. */
  readonly children?: ReactNode;
}

/** A name in a list with its picture before it. */
export function FishName({ profile, wearer = null, children }: Props) {
  return (
    <span className="inline-flex items-center gap-2">
      {profile && <FishPlate profile={profile} wearer={wearer} className="h-5 w-9 print:h-4" />}
      <span className="min-w-0">{children ?? (profile && commonName(profile))}</span>
    </span>
  );
}
