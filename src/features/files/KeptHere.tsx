'use client';

import { useEffect, useState } from 'react';
import { askToKeep, isKept } from '@/session/persistence';
import { Button } from '@/ui/Button';

/** Whether the browser has promised to keep the room, and what that means. */
export function KeptHere() {
  const [kept, setKept] = useState<boolean | null>(null);
  useEffect(() => {
    void isKept().then(setKept);
  }, []);
  if (kept === null) return null;
  return (
    <p className="max-w-[84ch] text-[0.8125rem] text-slate">
      {kept
        ? 'This browser has promised to keep your room. A saved file is safer still.'
        : 'This browser may clear your room when space runs short. Save it as a file now and then.'}{' '}
      {!kept && (
        <Button
          tone="quiet"
          onClick={async () => {
            await askToKeep({ again: true });
            setKept(await isKept());
          }}
        >
          Ask the browser to keep it
        </Button>
      )}
    </p>
  );
}
