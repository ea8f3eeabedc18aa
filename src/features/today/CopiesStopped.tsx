'use client';

import { useState } from 'react';
import { useStore } from 'zustand';
import { folderCopies } from '@/session/folderCopies';
import { useRooms } from '@/session/react/RoomProvider';
import { Button } from '@/ui/Button';

/** That the copies in a folder have stopped, and the press that goes on with them; nothing while they go on. */
export function CopiesStopped() {
  const { session, name } = useRooms();
  const [copies] = useState(() => folderCopies(session, name));
  const state = useStore(copies.state);
  const fault = state.kind === 'on' ? state.fault : null;
  if (state.kind === 'none' || (state.kind === 'on' && fault === null)) return null;
  return (
    <p role="alert" className="mt-3 border-l-2 border-lamp pl-3">
      Copies in the folder “{state.folder}” have stopped
      {fault === null ? ': the browser asks again before Lomvik may write there.' : `. ${fault}`}{' '}
      <Button onClick={() => void (fault === null ? copies.goOn() : copies.copyNow())}>
        {fault === null ? 'Go on' : 'Try again'}
      </Button>
    </p>
  );
}
