'use client';

import { useSyncExternalStore } from 'react';
import { todayIso } from '@/session/today';
import { wholeDay } from '@/words/en';

const never = () => () => undefined;

/** What stands over a printed sheet: the tank and the day. The day is known to the browser only. */
export function PrintHead({ name }: { readonly name: string | null }) {
  const day = useSyncExternalStore(never, todayIso, () => '');
  return (
    <p className="hidden px-4 text-[0.75rem] print:block">
      {name !== null && `${name}, `}
      {day && wholeDay(day)}, Lomvik
    </p>
  );
}
