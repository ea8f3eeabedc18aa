'use client';

import { Timer } from 'lucide-react';
import { Link } from '@/ui/Link';
import { doubtOf, type Watching } from '@/core/commands';
import { clockFace } from '@/ui/clockFace';
import { presenceOf } from '../watchPresence';
import { useRunningWatch, useWatchedSeconds } from './useRunningWatch';
import { useTanks } from './useTanks';

/** What runs, and how long; ticks by itself, so that nothing around it is drawn again. */
function Clock({ watching, name }: { readonly watching: Watching; readonly name: string }) {
  const seconds = useWatchedSeconds(watching);
  const isDoubtful = doubtOf(watching, presenceOf(watching.watch), null, new Date().toISOString()) !== null;
  const state = watching.runningSince === null ? 'Watch paused' : isDoubtful ? 'Still watching?' : 'Watching';
  return (
    <span>
      {state}
      {name} <span className="fig">{clockFace(seconds)}</span>
    </span>
  );
}

/** The watch that runs or is paused, with the way back to it; of one tank where that is said. Nothing where there is none. */
export function RunningWatch({ tank, onGo }: { readonly tank?: string; readonly onGo?: () => void }) {
  const watching = useRunningWatch();
  const watched = useTanks().find((one) => one.id === watching?.tank);
  if (!watching || !watched || (tank !== undefined && tank !== watched.id)) return null;
  return (
    <Link
      href={`/watch?tank=${watched.id}`}
      onClick={onGo}
      className="inline-flex min-h-8 items-center gap-1.5 text-[0.8125rem] font-semibold text-deep"
    >
      <Timer size={14} aria-hidden="true" />
      <Clock watching={watching} name={tank === undefined ? ` ${watched.body.name}` : ''} />
    </Link>
  );
}
