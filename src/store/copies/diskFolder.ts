import { openDB } from 'idb';
import type { CopyFolder } from './copyFolder';

/** What browsers have of late, and the types of this compiler's library do not name. */
type WithLeave = FileSystemDirectoryHandle & {
  readonly keys: () => AsyncIterable<string>;
  readonly queryPermission?: (asked: { mode: 'readwrite' }) => Promise<PermissionState>;
  readonly requestPermission?: (asked: { mode: 'readwrite' }) => Promise<PermissionState>;
};
type WithPicker = Window & {
  readonly showDirectoryPicker?: (asked: {
    readonly id: string;
    readonly mode: 'readwrite';
  }) => Promise<FileSystemDirectoryHandle>;
};

const MODE = { mode: 'readwrite' } as const;

/** Whether this browser can write into a folder that the keeper chooses. */
export const canChooseFolder = (): boolean =>
  typeof window !== 'undefined' && (window as WithPicker).showDirectoryPicker !== undefined;

/** Asks the keeper for a folder; null when he turns away. */
export async function chooseFolder(): Promise<FileSystemDirectoryHandle | null> {
  try {
    return (await (window as WithPicker).showDirectoryPicker?.({ id: 'lomvik', ...MODE })) ?? null;
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') return null;
    throw error;
  }
}

/** Whether the browser lets us write there: by itself, after a press of the keeper (`ask`), or not. */
export async function leaveToWrite(handle: FileSystemDirectoryHandle, ask = false): Promise<PermissionState> {
  const folder = handle as WithLeave;
  const leave = (await folder.queryPermission?.(MODE)) ?? 'granted';
  return leave === 'prompt' && ask ? ((await folder.requestPermission?.(MODE)) ?? leave) : leave;
}

/** A folder of the disk as one for copies. */
export const diskFolder = (handle: FileSystemDirectoryHandle): CopyFolder => ({
  names: async () => {
    const names: string[] = [];
    for await (const name of (handle as WithLeave).keys()) names.push(name);
    return names;
  },
  write: async (name, blob) => {
    // What is written takes the place of the file when it is closed, whole.
    const stream = await (await handle.getFileHandle(name, { create: true })).createWritable();
    try {
      await stream.write(blob);
    } catch (error) {
      await stream.abort().catch(() => undefined);
      throw error;
    }
    await stream.close();
  },
  remove: (name) => handle.removeEntry(name),
});

/** The folder of a room is remembered beside the rooms: it belongs to this browser, not to the room. */
const folders = () =>
  openDB('lomvik-folders', 1, {
    upgrade: (db) => void db.createObjectStore('folders'),
  });

export async function rememberFolder(room: string, handle: FileSystemDirectoryHandle | null): Promise<void> {
  const db = await folders();
  if (handle) await db.put('folders', handle, room);
  else await db.delete('folders', room);
  db.close();
}

/** The folder that was chosen for a room; null where none was, or the browser forgot. */
export async function folderOf(room: string): Promise<FileSystemDirectoryHandle | null> {
  try {
    const db = await folders();
    const handle = (await db.get('folders', room)) as FileSystemDirectoryHandle | undefined;
    db.close();
    return handle ?? null;
  } catch {
    return null;
  }
}
