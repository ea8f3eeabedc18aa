'use client';

import NextLink from 'next/link';
import { type ComponentProps, useState } from 'react';

/**
 * A link whose page is fetched when the reader is about to go there: at the pointer or the focus, not when it comes into view. A frame
 * with twenty links would fetch twenty pages, and the first press on a screen would wait for that. `prefetch={false}` fetches nothing
 * before the press.
 */
export function Link({ prefetch, onPointerEnter, onFocus, ...rest }: ComponentProps<typeof NextLink>) {
  const [isMeant, setMeant] = useState(false);
  return (
    <NextLink
      {...rest}
      prefetch={isMeant && prefetch !== false ? null : false}
      onPointerEnter={(event) => {
        setMeant(true);
        onPointerEnter?.(event);
      }}
      onFocus={(event) => {
        setMeant(true);
        onFocus?.(event);
      }}
    />
  );
}
