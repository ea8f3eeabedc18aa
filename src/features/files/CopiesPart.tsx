'use client';

import { useState } from 'react';
import { useStore } from 'zustand';
import { type CopiesState, folderCopies } from '@/session/folderCopies';
import { useRooms } from '@/session/react/RoomProvider';
import { Button } from '@/ui/Button';
import { countOf, momentName } from '@/words/en';

function standing({ isWriting, last, copies }: Extract<CopiesState, { kind: 'on' }>): string {
  if (isWriting) return 'Writing…';
  if (last === null) return 'The next change is copied within ten minutes.';
  return `Last copy ${momentName(last)}; ${countOf(copies ?? 1, 'day', 'days')} kept.`;
}

/** Copies of the room in a folder of the keeper's disk, kept up to date by themselves. */
export function CopiesPart() {
  const { session, name } = useRooms();
  const [copies] = useState(() => folderCopies(session, name));
  const state = useStore(copies.state);
  if (!copies.isPossible)
    return (
      <p className="max-w-[84ch] text-[0.8125rem] text-slate">
        This browser cannot write into a folder by itself. Today says when the room should be saved again.
      </p>
    );
  return (
    <section aria-label="Copies by themselves" className="max-w-[84ch] border-l-2 border-line pl-3">
      {state.kind === 'none' && (
        <>
          <p className="mb-1 text-[0.8125rem] text-slate">
            Choose a folder, and Lomvik keeps a copy of the room there by itself: one for each of the last
            seven days, then one a week, then one a month for a year. A folder that another disk or machine
            copies is safest.
          </p>
          <Button onClick={() => void copies.begin()}>Keep copies in a folder</Button>
        </>
      )}
      {state.kind === 'waits' && (
        <p role="alert">
          No copies at present: the browser asks again before Lomvik may write into “{state.folder}”.{' '}
          <Button onClick={() => void copies.goOn()}>Go on</Button>{' '}
          <Button tone="quiet" onClick={() => void copies.end()}>
            No more copies
          </Button>
        </p>
      )}
      {state.kind === 'on' && (
        <>
          <p aria-live="polite">
            Copies in the folder “{state.folder}”. {state.fault === null && standing(state)}
          </p>
          {state.fault !== null && (
            <p role="alert" className="text-buoy">
              {state.fault} The copies from before are untouched.
            </p>
          )}
          <p className="mt-1 flex flex-wrap gap-2">
            <Button disabled={state.isWriting} onClick={() => void copies.copyNow()}>
              Copy now
            </Button>
            <Button tone="quiet" onClick={() => void copies.begin()}>
              Another folder
            </Button>
            <Button tone="quiet" onClick={() => void copies.end()}>
              No more copies
            </Button>
          </p>
        </>
      )}
    </section>
  );
}
