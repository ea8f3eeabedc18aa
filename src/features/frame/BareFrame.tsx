import type { ReactNode } from 'react';

/** The frame when the real one fails: the screen, and the way to the files. Plain links, so that a page load makes all anew. */
export function BareFrame({ children }: { readonly children: ReactNode }) {
  return (
    <div className="min-h-dvh">
      <header className="flex flex-wrap gap-4 border-b border-line px-4 py-2">
        <strong>Lomvik</strong>
        <p role="alert">The menu could not be shown. What you recorded is safe.</p>
        <a href="/files" className="text-deep underline">
          Files
        </a>
      </header>
      <main id="work">{children}</main>
    </div>
  );
}
