'use client';

import { type ComponentProps, useId, useMemo } from 'react';
import { tradersOf } from '@/core/departures';
import { TextField } from '@/ui/Field';
import { useHappenings } from './useNames';

const MOST = 40;

/** A shop or a keeper: typed, or chosen of those that the record knows. */
export function TraderField(props: ComponentProps<typeof TextField>) {
  const id = useId();
  const happenings = useHappenings();
  const names = useMemo(() => tradersOf(happenings ?? []).slice(0, MOST), [happenings]);
  return (
    <>
      <TextField list={id} autoComplete="off" {...props} />
      <datalist id={id}>
        {names.map((name) => (
          <option key={name} value={name} />
        ))}
      </datalist>
    </>
  );
}
