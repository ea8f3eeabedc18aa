'use client';

import { useEffect } from 'react';
import { isFolderChosen } from '../copiesChosen';
import type { Session } from '../types';

/** Goes on with the copies of a room where a folder was chosen for them; loads nothing where none was. */
export function useCopying(session: Session | null, room: string | null): void {
  useEffect(() => {
    if (!session || room === null || !isFolderChosen(room)) return;
    void import('../folderCopies').then(({ folderCopies }) => folderCopies(session, room));
  }, [session, room]);
}
