import type { ReactNode } from 'react';
import { classes } from './classes';

interface Head {
  readonly name: string;
  /** Figures stand at the right. */
  readonly figures?: boolean;
  /** Not on a phone. */
  readonly wide?: boolean;
  /** Read aloud only. */
  readonly hidden?: boolean;
}

/** A table under hairlines; rows are the caller's, made of `Row` and `Cell`. */
export function Table({
  caption,
  heads,
  children,
}: {
  readonly caption?: string;
  readonly heads: readonly (string | Head)[];
  readonly children: ReactNode;
}) {
  return (
    <div className="relative max-w-full overflow-x-auto">
      <table className="w-full text-left">
        {caption && <caption className="sr-only">{caption}</caption>}
        <thead className="text-[12px] text-slate">
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
        <tbody>{children}</tbody>
      </table>
    </div>
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
