'use client';

import { useState } from 'react';
import type { Lost } from '@/store/mirror/mirror';
import { Button } from '@/ui/Button';
import { Failed } from '@/ui/Failed';
import { countOf, dayOfYear, listed } from '@/words/en';
import { startRoom } from '@/workers/startRoom';
import { failureWords, workerLine, type WorkerFailure } from '@/workers/workerLine';

const PATIENCE_MS = 180_000;

/** What becomes of entries whose tanks the second copy has lost as well. */
const WITHOUT_TANKS =
  ' Its tanks are lost there too: the entries are set aside, and come in when you merge a saved room.';

/** A room that the browser lost, or a part of it: offered back from the second copy. */
export function LostRoom({
  lost,
  room,
  onBack,
  onLeave,
}: {
  readonly lost: Lost;
  readonly room: string;
  readonly onBack: () => void;
  readonly onLeave: () => void;
}) {
  const [state, setState] = useState<'asked' | 'busy' | WorkerFailure>('asked');
  const giveBack = async (): Promise<void> => {
    setState('busy');
    const line = workerLine(startRoom);
    const answer = await line.ask((remote) => remote.giveBack(room), PATIENCE_MS);
    line.stop();
    if (answer.ok && answer.value) onBack();
    else setState(answer.ok ? 'failed' : answer.why);
  };
  const what = listed([
    ...(lost.entries > 0 ? [countOf(lost.entries, 'entry', 'entries')] : []),
    ...(lost.documents > 0 ? [countOf(lost.documents, 'tank, list or plan', 'tanks, lists and plans')] : []),
  ]);
  const until = lost.lastOn === '' ? '' : `, the last of ${dayOfYear(lost.lastOn)}`;
  return (
    <div
      role="alert"
      className={
        lost.isWhole
          ? 'mx-auto grid min-h-dvh max-w-prose content-center gap-3 p-6'
          : 'flex flex-wrap items-center gap-3 border-b border-buoy bg-panel px-4 py-3'
      }
    >
      {lost.isWhole && <h1 className="text-[1.25rem] font-semibold">Your room is gone from this browser</h1>}
      <p className="max-w-prose">
        {lost.isWhole
          ? `Its second copy is still here: ${what}${until}.${lost.documents === 0 ? WITHOUT_TANKS : ''}`
          : `This room lacks ${what}${until}. The second copy in this browser has them.`}
      </p>
      {state !== 'asked' && state !== 'busy' && (
        <Failed why={failureWords(state) ?? ''} onAgain={() => void giveBack()} />
      )}
      <div className="flex flex-wrap gap-2">
        <Button tone="main" waiting={state === 'busy'} onClick={() => void giveBack()}>
          Put it back
        </Button>
        <Button onClick={onLeave}>{lost.isWhole ? 'Begin with an empty room' : 'Go on without it'}</Button>
      </div>
    </div>
  );
}
