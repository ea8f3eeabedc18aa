'use client';

import { useSearchParams } from 'next/navigation';

/**
 * The part of a screen that the address names; the first where it names none. `former` leads addresses from before to
 * where the part is now.
 */
export function usePart<const Part extends string>(
  parts: readonly (readonly [Part, string])[],
  former: Readonly<Record<string, Part>> = {},
): Part {
  const wanted = useSearchParams().get('part') ?? '';
  const named = Object.hasOwn(former, wanted) ? former[wanted] : wanted;
  const [first] = parts;
  return (parts.find(([id]) => id === named) ?? first!)[0];
}
