'use client';

import { Link } from '@/ui/Link';
import { useRouter } from 'next/navigation';
import { classes } from './classes';
import { SelectField } from './Field';

/** Parts of one screen, each with an address of its own: a row of links at a desk, a choice on a phone. */
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
  const router = useRouter();
  return (
    <>
      <SelectField
        label={label}
        labelHidden
        wrap="no-print desk:hidden"
        className="min-h-11 w-full border border-edge bg-panel px-3 text-[1rem] font-semibold"
        value={current}
        onChange={({ target }) => router.push(href(target.value), { scroll: false })}
      >
        {parts.map(([id, words]) => (
          <option key={id} value={id}>
            {words}
          </option>
        ))}
      </SelectField>
      <nav
        aria-label={label}
        className="no-print -mt-2 flex flex-wrap gap-x-4 border-b border-line max-desk:hidden"
      >
        {parts.map(([id, words]) => (
          <Link
            key={id}
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
    </>
  );
}
