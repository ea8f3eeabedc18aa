'use client';

import { useEffect, useRef, useState } from 'react';
import { FishPlate } from './FishPlate';
import type { Drawn } from './usePicture';

const shown = new WeakMap<Element, () => void>();
let watcher: IntersectionObserver | null = null;

/** One observer for all rows of a long list; each is told once, when it comes near. */
function watch(box: Element, tell: () => void): () => void {
  if (typeof IntersectionObserver === 'undefined') return () => undefined;
  watcher ??= new IntersectionObserver(
    (entries) => {
      for (const { isIntersecting, target } of entries) {
        if (!isIntersecting) continue;
        shown.get(target)?.();
        watcher?.unobserve(target);
      }
    },
    { rootMargin: '200px' },
  );
  shown.set(box, tell);
  watcher.observe(box);
  return () => watcher?.unobserve(box);
}

/** The picture of a species in a row of a long list: drawn when the row comes near. */
export function PlateInSight({
  profile,
  className,
}: {
  readonly profile: Drawn;
  readonly className: string;
}) {
  const box = useRef<HTMLSpanElement>(null);
  const [isNear, setIsNear] = useState(false);
  useEffect(() => (box.current ? watch(box.current, () => setIsNear(true)) : undefined), []);
  return (
    <span ref={box} className={`block ${className}`} aria-hidden="true">
      {isNear && <FishPlate profile={profile} className="size-full" />}
    </span>
  );
}
