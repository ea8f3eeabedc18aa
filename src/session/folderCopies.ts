import { createStore, type StoreApi } from 'zustand/vanilla';
import { keepCopy } from '@/store/copies/copyFolder';
import {
  canChooseFolder,
  chooseFolder,
  diskFolder,
  folderOf,
  leaveToWrite,
  rememberFolder,
} from '@/store/copies/diskFolder';
import { startRoom } from '@/workers/startRoom';
import { workerLine } from '@/workers/workerLine';
import { rememberChosen } from './copiesChosen';
import { rememberSave } from './lastSave';
import { todayIso } from './today';
import { withDeadline } from './withDeadline';
import type { Session } from './types';

/** How the copies of a room in a folder stand. */
export type CopiesState =
  | { readonly kind: 'none' }
  /** The browser asks the keeper again before it writes there. */
  | { readonly kind: 'waits'; readonly folder: string }
  | {
      readonly kind: 'on';
      readonly folder: string;
      readonly isWriting: boolean;
      /** When the last one was written, as an ISO moment; null where none was since the room was opened. */
      readonly last: string | null;
      readonly copies: number | null;
      /** Why the last one could not be written; the next is tried with the next change. */
      readonly fault: string | null;
    };

export interface FolderCopies {
  /** Whether this browser can write into a folder at all. */
  readonly isPossible: boolean;
  readonly state: StoreApi<CopiesState>;
  /** Asks for a folder and writes the first copy. */
  readonly begin: () => Promise<void>;
  /** Asks the browser for leave to go on in the folder that was chosen. */
  readonly goOn: () => Promise<void>;
  readonly copyNow: () => Promise<void>;
  /** No more copies; those that were written stay. */
  readonly end: () => Promise<void>;
}

/** A room is copied when nothing was written for so long, or so long after the first change, ms. */
const REST_MS = 60_000;
const AT_LATEST_MS = 600_000;
/** A long room takes a while to be written. */
const PATIENCE_MS = 180_000;

const faultOf = (error: unknown): string => {
  const name = error instanceof DOMException ? error.name : '';
  if (name === 'NotFoundError') return 'The folder is no longer there.';
  if (name === 'QuotaExceededError') return 'The disk is full.';
  if (name === 'TimeoutError') return 'The folder does not answer.';
  if (name === 'NotAllowedError') return 'The browser does not let Lomvik write there.';
  return 'The copy could not be written.';
};

const KEPT = new WeakMap<Session, FolderCopies>();

/** The copies of an open room: the same for all who ask. */
export function folderCopies(session: Session, room: string): FolderCopies {
  const copies = KEPT.get(session) ?? keepCopies(session, room);
  KEPT.set(session, copies);
  return copies;
}

/** Keeps copies of a room in a folder of the keeper's disk up to date by themselves, one a day, older ones thinned. */
function keepCopies(session: Session, room: string): FolderCopies {
  const state = createStore<CopiesState>(() => ({ kind: 'none' }));
  const line = workerLine(startRoom);
  let handle: FileSystemDirectoryHandle | null = null;
  let rest: ReturnType<typeof setTimeout> | undefined;
  let latest: ReturnType<typeof setTimeout> | undefined;

  const calm = (): void => {
    clearTimeout(rest);
    clearTimeout(latest);
    latest = undefined;
  };
  const turnOn = (folder: FileSystemDirectoryHandle): void => {
    handle = folder;
    state.setState(
      { kind: 'on', folder: folder.name, isWriting: false, last: null, copies: null, fault: null },
      true,
    );
  };
  const write = async (): Promise<void> => {
    calm();
    const now = state.getState();
    if (now.kind !== 'on' || !handle) return;
    if ((await leaveToWrite(handle)) !== 'granted')
      return state.setState({ kind: 'waits', folder: now.folder }, true);
    state.setState({ isWriting: true });
    const saved = await line.ask((remote) => remote.save(room), PATIENCE_MS);
    try {
      if (!saved.ok) throw new Error(saved.why);
      const copies = await withDeadline(
        keepCopy(diskFolder(handle), room, todayIso(), saved.value),
        PATIENCE_MS,
        () => new DOMException('', 'TimeoutError'),
      );
      rememberSave(room, { on: todayIso(), entries: saved.value.entries });
      state.setState({ isWriting: false, last: new Date().toISOString(), copies, fault: null });
    } catch (error) {
      state.setState({ isWriting: false, fault: faultOf(error) });
    } finally {
      line.stop();
    }
  };
  /** One tab at a time: a second would write the same. */
  const copyNow = async (): Promise<void> => {
    await navigator.locks.request(`lomvik-copies-${room}`, { ifAvailable: true }, (lock) =>
      lock ? write() : undefined,
    );
  };
  const due = (): void => void copyNow();
  // What was written last is copied when the page is left for another.
  const leaving = (): void => {
    if (document.visibilityState === 'hidden' && latest !== undefined) due();
  };
  document.addEventListener('visibilitychange', leaving);
  session.state.subscribe((now, before) => {
    if (now.documents !== before.documents || now.room !== before.room) changed();
  });

  const resume = async (): Promise<void> => {
    const folder = await folderOf(room);
    if (!folder) return;
    const leave = await leaveToWrite(folder);
    if (leave !== 'granted') {
      handle = folder;
      state.setState({ kind: 'waits', folder: folder.name }, true);
      return;
    }
    turnOn(folder);
    changed();
  };
  const changed = (): void => {
    if (state.getState().kind !== 'on') return;
    clearTimeout(rest);
    rest = setTimeout(due, REST_MS);
    latest ??= setTimeout(due, AT_LATEST_MS);
  };
  void resume();

  return {
    isPossible: canChooseFolder(),
    state,
    begin: async () => {
      const folder = await chooseFolder();
      if (!folder) return;
      await rememberFolder(room, folder);
      rememberChosen(room, true);
      turnOn(folder);
      await copyNow();
    },
    goOn: async () => {
      if (!handle || (await leaveToWrite(handle, true)) !== 'granted') return;
      turnOn(handle);
      await copyNow();
    },
    copyNow,
    end: async () => {
      calm();
      handle = null;
      rememberChosen(room, false);
      state.setState({ kind: 'none' }, true);
      await rememberFolder(room, null);
    },
  };
}
