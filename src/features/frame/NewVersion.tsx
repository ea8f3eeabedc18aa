'use client';

import { useEffect, useState } from 'react';
import { Button } from '@/ui/Button';

/** The version that waits to be taken; null while this page is the newest. */
function useWaiting(): ServiceWorker | null {
  const [waiting, setWaiting] = useState<ServiceWorker | null>(null);
  useEffect(() => {
    if (!('serviceWorker' in navigator)) return;
    let left = false;
    // The first one of all replaces nothing.
    const look = (registration: ServiceWorkerRegistration): void => {
      if (!left && registration.active) setWaiting(registration.waiting);
    };
    void navigator.serviceWorker.ready.then((registration) => {
      look(registration);
      registration.addEventListener('updatefound', () => {
        registration.installing?.addEventListener('statechange', () => look(registration));
      });
    });
    return () => {
      left = true;
    };
  }, []);
  return waiting;
}

/** A newer Lomvik is here: said once, installed at a press, never under the keeper's hands. */
export function NewVersion() {
  const waiting = useWaiting();
  if (!waiting) return null;
  const take = (): void => {
    navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), {
      once: true,
    });
    waiting.postMessage('take over');
  };
  return (
    <div
      role="status"
      className="no-print flex flex-wrap items-center gap-3 border-b border-line bg-panel px-4 py-1.5 desk:px-6"
    >
      <p>A newer version of Lomvik is ready. What you have typed stays.</p>
      <Button onClick={take}>Update now</Button>
    </div>
  );
}
