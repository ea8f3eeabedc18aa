import type { ReactNode } from 'react';

/** One strong heading, which is the page's title too, a line on what the screen is for, and actions at the right. */
export function Screen({
  title,
  about,
  actions,
  children,
}: {
  readonly title: string;
  readonly about?: ReactNode;
  readonly actions?: ReactNode;
  readonly children: ReactNode;
}) {
  return (
    <div className="flex flex-col gap-3 px-4 py-2 desk:gap-4 desk:px-6 desk:py-4">
      <title>{`${title} · Lomvik`}</title>
      <header className="flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
        <div>
          <h1 className="line-clamp-3 text-[1.125rem] leading-tight font-semibold [overflow-wrap:anywhere] desk:text-[1.375rem] print:line-clamp-none">
            {title}
          </h1>
          {about && <p className="max-w-[84ch] text-slate">{about}</p>}
        </div>
        {actions && <div className="no-print flex flex-wrap gap-2">{actions}</div>}
      </header>
      {children}
    </div>
  );
}

/** A part of a screen under a hairline, with a small heading. */
export function Section({
  title,
  aside,
  children,
  className = '',
}: {
  readonly title: string;
  readonly aside?: ReactNode;
  readonly children: ReactNode;
  readonly className?: string;
}) {
  return (
    <section className={`min-w-0 border-t border-line pt-2 ${className}`}>
      <div className="mb-2 flex items-baseline justify-between gap-3">
        <h2 className="text-[0.8125rem] font-semibold">{title}</h2>
        {aside && <div className="text-[0.75rem] text-slate">{aside}</div>}
      </div>
      {children}
    </section>
  );
}

/** An empty place says what to do first. */
export function Empty({ children }: { readonly children: ReactNode }) {
  return <div className="max-w-[60ch] border-l-2 border-line py-1 pl-3 text-slate">{children}</div>;
}

/** Names and figures in two columns, hairlines between. */
export function Ledger({ rows }: { readonly rows: readonly (readonly [string, ReactNode])[] }) {
  return (
    <dl className="grid grid-cols-[auto_1fr]">
      {rows.map(([name, value]) => (
        <div key={name} className="col-span-2 grid grid-cols-subgrid border-b border-line py-1">
          <dt className="pr-4 text-slate">{name}</dt>
          <dd className="fig text-right">{value}</dd>
        </div>
      ))}
    </dl>
  );
}

/** A caution where the risk arises, once. */
export function Caution({ children }: { readonly children: ReactNode }) {
  return <p className="border-l-2 border-lamp py-0.5 pl-3 text-[0.8125rem] text-slate">{children}</p>;
}
