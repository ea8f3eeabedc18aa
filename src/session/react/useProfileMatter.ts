'use client';

import { useEffect, useState } from 'react';
import type { SpeciesProfile } from '@/core/model';
import type { ProfileMatter } from '@/words/en';
import { todayIso } from '../today';
import { useCatalogue } from './RoomProvider';
import { useUnits } from './useUnits';

type Worked = Omit<ProfileMatter, 'catalogue'>;
const NOTHING: Worked = { tanks: [], company: null, reasons: [], judgedBy: null };

/** What the rules say of a species by itself and in company, and the reasons beside its values; nothing while it is worked out. */
export function useProfileMatter(profile: SpeciesProfile): ProfileMatter {
  const catalogue = useCatalogue();
  const units = useUnits();
  const [found, setFound] = useState<{ readonly of: SpeciesProfile; readonly worked: Worked } | null>(null);
  useEffect(() => {
    let wanted = true;
    // The page comes first: the rules and the reasons load after it.
    void Promise.all([
      import('@/core/assess/smallestTanks'),
      import('@/core/assess/companyFor'),
      import('@/core/assess/rangeUsed'),
      import('@/catalogue/standardTanks'),
      import('@/catalogue/reasons'),
    ]).then(([{ smallestTanks }, { companyFor }, { rangeUsed }, { tanksSold }, { reasonsOf }]) => {
      if (!wanted) return;
      const today = todayIso();
      setFound({
        of: profile,
        worked: {
          tanks: smallestTanks(profile, tanksSold(units), today),
          company: companyFor(profile, catalogue, today),
          reasons: reasonsOf(profile.id),
          judgedBy: rangeUsed(profile, 'unknown').source,
        },
      });
    });
    return () => {
      wanted = false;
    };
  }, [profile, catalogue, units]);
  return { catalogue, ...(found?.of === profile ? found.worked : NOTHING) };
}
