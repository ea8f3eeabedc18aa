'use client';

import { useMemo } from 'react';
import { useCourse } from '@/session/react/useCourse';
import { useHappenings, useNames } from '@/session/react/useNames';
import { useOrder } from '@/session/react/useOrder';
import { useResidents, type TankView } from '@/session/react/useTanks';
import { sayPairsToWatch } from '@/words/en';

/** The pairs whose order a watch would teach most; nothing while that is not known. */
export function WatchNext({ tank }: { readonly tank: TankView }) {
  const residents = useResidents(tank.id);
  const happenings = useHappenings();
  const names = useNames();
  const asked = useMemo(
    () => ({ tank: tank.id, together: new Set<string>(residents.map((one) => one.id)) }),
    [tank.id, residents],
  );
  const course = useCourse(happenings, asked);
  const { answer } = useOrder(course, residents);
  return answer && answer.toWatch.length > 0 ? (
    <p className="text-[0.8125rem] text-slate">{sayPairsToWatch(answer.toWatch, names.resident)}</p>
  ) : null;
}
