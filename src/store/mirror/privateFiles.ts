import type { LogFiles } from './mirror';

/** What browsers have of late, and the types of this compiler's library for workers do not name. */
interface SyncHandle {
  getSize(): number;
  write(data: Uint8Array, options: { readonly at: number }): number;
  flush(): void;
  truncate(size: number): void;
  close(): void;
}
type WithSync = FileSystemFileHandle & { createSyncAccessHandle?: () => Promise<SyncHandle> };

/**
 * Files of a folder in the browser's private file system; null where it has none that a worker can write on. For workers only: pages may
 * read, but cannot write on at the end.
 */
export async function privateFiles(folder: string): Promise<LogFiles | null> {
  if (typeof navigator === 'undefined' || !('storage' in navigator) || !('getDirectory' in navigator.storage))
    return null;
  const root = await navigator.storage.getDirectory();
  const place = await root.getDirectoryHandle(folder, { create: true });
  const open = new Map<string, SyncHandle>();
  const handleOf = async (name: string): Promise<SyncHandle> => {
    const known = open.get(name);
    if (known) return known;
    const file = (await place.getFileHandle(name, { create: true })) as WithSync;
    if (!file.createSyncAccessHandle) throw new Error('no private files that can be written on');
    const handle = await file.createSyncAccessHandle();
    open.set(name, handle);
    return handle;
  };
  return {
    names: async () => {
      const names: string[] = [];
      for await (const name of (place as unknown as { keys(): AsyncIterable<string> }).keys())
        names.push(name);
      return names;
    },
    read: async (name) => (await (await place.getFileHandle(name)).getFile()).text(),
    append: async (name, text) => {
      const handle = await handleOf(name);
      const [bytes, at] = [new TextEncoder().encode(text), handle.getSize()];
      try {
        if (handle.write(bytes, { at }) < bytes.length) throw new Error('The browser wrote only a part.');
        handle.flush();
      } catch (error) {
        // Half a line would spoil the one after it.
        handle.truncate(at);
        throw error;
      }
    },
    remove: async (name) => {
      open.get(name)?.close();
      open.delete(name);
      await place.removeEntry(name);
    },
  };
}
