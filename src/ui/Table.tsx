'use client';

import type { ReactNode } from 'react';
import { classes } from './classes';
import { Sideways } from './Sideways';

interface Head {
  readonly name: string;
  /** Figures stand at the right. */
  readonly figures?: boolean;
  /** Not on a phone. */
  readonly wide?: boolean;
  /** Read aloud only. */
  readonly hidden?: boolean;
}

/** The cells of a row on a phone, three beside each other. */
export const STACKED = 'max-sm:grid max-sm:grid-cols-[1fr_auto_auto] max-sm:items-center max-sm:py-1';

/** A table under hairlines; rows are the caller's, made of `Row` and `Cell`. */
export function Table({
  caption,
  stacked = false,
  heads,
  children,
}: {
  readonly caption?: string;
  /** On a phone each row is a block of its own: give the rows `STACKED`, and their cells words of their own. */
  readonly stacked?: boolean;
  readonly heads: readonly (string | Head)[];
  readonly children: ReactNode;
}) {
  return (
    <Sideways name={caption ?? 'Table'}>
      <table className={classes('w-full text-left', stacked && 'max-sm:block')}>
        {caption && <caption className="sr-only">{caption}</caption>}
        <thead className={classes('text-[0.75rem] text-slate', stacked && 'max-sm:sr-only')}>
          <tr className="border-b border-line">
            {heads.map((head) => {
              const { name, figures, wide, hidden } =
                typeof head === 'string' ? ({ name: head } as Head) : head;
              return (
                <th
                  key={name}
                  className={classes(
                    'py-1 pr-3 font-medium last:pr-0',
                    figures && 'text-right',
                    wide && 'max-sm:hidden',
                  )}
                >
                  {hidden ? <span className="sr-only">{name}</span> : name}
                </th>
              );
            })}
          </tr>
        </thead>
        <tbody className={stacked ? 'max-sm:block' : undefined}>{children}</tbody>
      </table>
    </Sideways>
  );
}

export function Row({ children, className }: { readonly children: ReactNode; readonly className?: string }) {
  return <tr className={classes('border-b border-line align-baseline', className)}>{children}</tr>;
}

export function Cell({
  figures = false,
  wide = false,
  children,
}: {
  readonly figures?: boolean;
  readonly wide?: boolean;
  readonly children?: ReactNode;
}) {
  return (
    <td
      className={classes(
        'py-1 pr-3 last:pr-0',
        figures && 'fig text-right whitespace-nowrap',
        wide && 'max-sm:hidden',
      )}
    >
      {children}
    </td>
  );
}
