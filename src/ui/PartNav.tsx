'use client';

import Link from 'next/link';
import { useEffect, useRef } from 'react';
import { classes } from './classes';

/** Parts of one screen, each with an address of its own. */
export function PartNav({
  label,
  parts,
  current,
  href,
}: {
  readonly label: string;
  readonly parts: readonly (readonly [string, string])[];
  readonly current: string;
  readonly href: (part: string) => string;
}) {
  const here = useRef<HTMLAnchorElement>(null);
  // On a phone the row is longer than the screen: the part that is open must be seen in it.
  useEffect(() => {
    here.current?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }, [current]);
  return (
    <nav aria-label={label} className="no-print -mt-2 flex gap-x-4 overflow-x-auto border-b border-line">
      {parts.map(([id, words]) => (
        <Link
          key={id}
          ref={id === current ? here : undefined}
          href={href(id)}
          scroll={false}
          aria-current={id === current ? 'page' : undefined}
          className={classes(
            'inline-flex min-h-8 items-center border-b-2 whitespace-nowrap',
            id === current ? 'border-deep font-semibold' : 'border-transparent text-slate hover:text-ink',
          )}
        >
          {words}
        </Link>
      ))}
    </nav>
  );
}
