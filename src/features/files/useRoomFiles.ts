'use client';

import { proxy } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import { useRooms } from '@/session/react/RoomProvider';
import type { Look, RoomWork } from '@/workers/roomWork';
import { startRoom } from '@/workers/startRoom';
import { workerLine, type WorkerAnswer, type WorkerFailure, type WorkerLine } from '@/workers/workerLine';

/** What is being done with a file, in words. */
export const FILE_WORK = {
  reading: 'Reading the file',
  replacing: 'Replacing the room',
  merging: 'Merging the rooms',
  saving: 'Writing the file',
  gathering: 'Going through the record',
} as const;

/** What is being done with a file, and how far it has come. */
export type FileWork =
  | { readonly kind: 'idle' }
  | {
      readonly kind: 'busy';
      readonly what: keyof typeof FILE_WORK;
      readonly share: number;
    }
  | { readonly kind: 'looked'; readonly file: File; readonly look: Look; readonly changedSince: boolean }
  | { readonly kind: 'failed'; readonly why: WorkerFailure; readonly again: () => void };

const IDLE: FileWork = { kind: 'idle' };

/** A room of hundreds of thousands of entries takes minutes on a slow machine; silence for so long is a failure. */
const PATIENCE_MS = 180_000;

/** Reads, compares, replaces and writes whole rooms beside the screen, with progress; `cancel` stops it and nothing is touched. */
export function useRoomFiles() {
  const { name: room } = useRooms();
  const line = useRef<WorkerLine<RoomWork> | null>(null);
  const [work, setWork] = useState<FileWork>(IDLE);
  useEffect(() => () => line.current?.stop(), []);

  const ask = useCallback(
    async <T>(
      what: keyof typeof FILE_WORK,
      how: (remote: RoomWorkRemote, onProgress: (share: number) => void) => Promise<T>,
      again: () => void,
    ): Promise<WorkerAnswer<T>> => {
      line.current ??= workerLine(startRoom);
      setWork({ kind: 'busy', what, share: 0 });
      const answer = await line.current.ask(
        (remote, alive) =>
          how(
            remote,
            proxy((share: number) => {
              alive();
              setWork({ kind: 'busy', what, share });
            }),
          ),
        PATIENCE_MS,
      );
      setWork(answer.ok || answer.why === 'cancelled' ? IDLE : { kind: 'failed', why: answer.why, again });
      return answer;
    },
    [],
  );

  const lookAgain = useRef<(file: File, changedSince: boolean) => Promise<void>>(null);
  const look = useCallback(
    async (file: File, changedSince = false): Promise<void> => {
      const answer = await ask<Look>(
        'reading',
        (remote, onProgress) => remote.look(file, room, onProgress),
        () => void lookAgain.current?.(file, changedSince),
      );
      if (answer.ok) setWork({ kind: 'looked', file, look: answer.value, changedSince });
    },
    [ask, room],
  );
  useEffect(() => {
    lookAgain.current = look;
  }, [look]);
  /** Opens what was looked at, one way or the other; when this room was changed since the look, it is looked at again. */
  const open = useCallback(
    async (how: 'replace' | 'merge', file: File): Promise<boolean> => {
      const answer = await ask(
        how === 'merge' ? 'merging' : 'replacing',
        (remote) => remote[how](room, file.name),
        () => void look(file),
      );
      if (answer.ok && !answer.value) await look(file, true);
      return answer.ok && answer.value;
    },
    [ask, look, room],
  );
  /** Puts the room of the file in the place of this one. */
  const replace = useCallback((file: File) => open('replace', file), [open]);
  /** Makes one room of this and the file. */
  const merge = useCallback((file: File) => open('merge', file), [open]);
  const putBack = useCallback(
    async (again: () => void): Promise<boolean> => {
      const answer = await ask('replacing', (remote) => remote.putBack(room), again);
      return answer.ok && answer.value;
    },
    [ask, room],
  );
  const save = useCallback(
    (again: () => void) => ask('saving', (remote, onProgress) => remote.save(room, onProgress), again),
    [ask, room],
  );
  const experience = useCallback(
    (again: () => void) => ask('gathering', (remote) => remote.experience(room), again),
    [ask, room],
  );
  const leave = useCallback(() => setWork(IDLE), []);
  const cancel = useCallback(() => line.current?.stop(), []);
  return { work, look, replace, merge, putBack, save, experience, leave, cancel };
}
type RoomWorkRemote = Parameters<Parameters<WorkerLine<RoomWork>['ask']>[0]>[0];
export type RoomFiles = ReturnType<typeof useRoomFiles>;
