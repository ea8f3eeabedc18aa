'use client';

import { failureWords } from '@/workers/workerLine';
import { Button } from '@/ui/Button';
import { Failed } from '@/ui/Failed';
import { FILE_WORK, type RoomFiles } from './useRoomFiles';

/** How far a long work with a file has come, a way to stop it, and why it failed. */
export function WorkLine({ files }: { readonly files: RoomFiles }) {
  const { work, cancel } = files;
  if (work.kind === 'failed') return <Failed why={failureWords(work.why) ?? ''} onAgain={work.again} />;
  if (work.kind !== 'busy') return null;
  // One piece of work for the storage: nobody can say how far it is, nor stop it.
  const isOnePiece = work.what !== 'reading' && work.what !== 'saving';
  return (
    <div className="flex items-center gap-3" role="status">
      <label className="flex flex-1 items-center gap-2">
        {FILE_WORK[work.what]}
        <progress
          className="h-2 flex-1 accent-(--deep)"
          max={1}
          value={isOnePiece ? undefined : work.share}
        />
      </label>
      {!isOnePiece && <Button onClick={cancel}>Stop</Button>}
    </div>
  );
}
