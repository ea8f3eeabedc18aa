'use client';

import { useEffect, useState } from 'react';
import { Button } from '@/ui/Button';

const KEY = 'lomvik.rounds';
const TICK_MS = 1000;
const ROUND_MS = 5 * 60_000;

/** Rounds of mixing with a clock; when they began is kept in this browser, so that a reload loses nothing. */
export function RoundTimer({ rounds, add }: { readonly rounds: number; readonly add: string }) {
  const [began, setBegan] = useState<number | null>(() => {
    const kept = Number(window.localStorage.getItem(KEY));
    return Number.isFinite(kept) && kept > 0 ? kept : null;
  });
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (began === null) return undefined;
    const timer = setInterval(() => setNow(Date.now()), TICK_MS);
    return () => clearInterval(timer);
  }, [began]);
  const start = (at: number | null): void => {
    if (at === null) window.localStorage.removeItem(KEY);
    else window.localStorage.setItem(KEY, String(at));
    setBegan(at);
    setNow(Date.now());
  };
  if (began === null)
    return (
      <Button large onClick={() => start(Date.now())}>
        Start rounds
      </Button>
    );
  const passed = Math.max(0, now - began);
  const round = Math.floor(passed / ROUND_MS) + 1;
  const left = Math.ceil((round * ROUND_MS - passed) / 1000);
  return (
    <div className="flex flex-wrap items-center gap-3" role="timer" aria-label="Rounds of mixing">
      {round > rounds ? (
        <strong>All rounds done: release the fish.</strong>
      ) : (
        <span>
          Round <span className="fig">{round}</span> of {rounds}: {add} now. Next in{' '}
          <span className="fig text-[1.25rem]">
            {Math.floor(left / 60)}:{String(left % 60).padStart(2, '0')}
          </span>
        </span>
      )}
      <Button onClick={() => start(null)}>{round > rounds ? 'Done' : 'Cancel'}</Button>
    </div>
  );
}
