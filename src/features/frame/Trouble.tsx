'use client';

import { useRooms, useRoomState } from '@/session/react/RoomProvider';
import { todayIso } from '@/session/today';
import { savePage } from '@/session/savePage';
import { Button } from '@/ui/Button';

/** What has happened to the storage under the open page, and the way to save what the page still holds. */
export function Trouble() {
  const { session, name } = useRooms();
  const trouble = useRoomState((state) => state.trouble);
  if (trouble === null) return null;
  return (
    <div role="alert" className="flex flex-wrap items-center gap-3 border-b border-buoy bg-panel px-4 py-2">
      <p className="font-semibold text-buoy">{trouble}</p>
      <Button tone="main" onClick={() => savePage(session, `lomvik-${name}-${todayIso()}`)}>
        Save this room now
      </Button>
    </div>
  );
}
