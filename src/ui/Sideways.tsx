'use client';

import { type ReactNode, useEffect, useRef, useState } from 'react';

/** What may be wider than its place: it is pushed sideways by thumb, and by keys where it is wider. `name` is read aloud then. */
export function Sideways({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  const box = useRef<HTMLDivElement>(null);
  const [isWide, setIsWide] = useState(false);
  useEffect(() => {
    const node = box.current;
    if (!node) return undefined;
    const look = (): void => setIsWide(node.scrollWidth > node.clientWidth);
    look();
    const watch = new ResizeObserver(look);
    watch.observe(node);
    return () => watch.disconnect();
  }, []);
  return (
    <div
      ref={box}
      className="relative max-w-full overflow-x-auto"
      {...(isWide && { tabIndex: 0, role: 'region', 'aria-label': name })}
    >
      {children}
    </div>
  );
}
