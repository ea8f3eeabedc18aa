'use client';

import dynamic from 'next/dynamic';
import { Link } from '@/ui/Link';
import { useState } from 'react';
import { isFolderChosen } from '@/session/copiesChosen';
import { isSaveDue, lastSaveOf } from '@/session/lastSave';
import { useRooms, useRoomState } from '@/session/react/RoomProvider';
import { dayOf, todayIso } from '@/session/today';
import { countOf, dayName } from '@/words/en';

const CopiesStopped = dynamic(() => import('./CopiesStopped').then((file) => file.CopiesStopped), {
  ssr: false,
});

/** When the room was last saved as a file, and what has come since; copies in a folder that have stopped. */
export function LastSave() {
  const { name } = useRooms();
  if (name !== 'own') return null;
  return (
    <>
      {isFolderChosen(name) && <CopiesStopped />}
      <SinceLastSave room={name} />
    </>
  );
}

/** Loud once a save is due; nothing before the first entry. */
function SinceLastSave({ room }: { readonly room: string }) {
  const entries = useRoomState((state) => state.entries);
  const [last] = useState(() => lastSaveOf(room));
  if (entries === null || entries.length === 0) return null;
  const since = Math.max(0, entries.length - (last?.entries ?? 0));
  const isDue = isSaveDue(last, {
    today: todayIso(),
    entries: entries.length,
    begunOn: dayOf(entries[0]!.recorded),
  });
  return (
    <p className={isDue ? 'mt-3 border-l-2 border-lamp pl-3' : 'mt-3 text-[0.8125rem] text-slate'}>
      {last === null
        ? `Not saved as a file yet; ${countOf(since, 'entry', 'entries')} so far.`
        : `Last saved as a file ${dayName(last.on)}; ${countOf(since, 'entry', 'entries')} since.`}{' '}
      <Link href="/files" className="text-deep underline">
        Save room
      </Link>
    </p>
  );
}
