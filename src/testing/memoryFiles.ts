import type { LogFiles } from '@/store/mirror/mirror';

/** A folder in memory, on a disk that can be full. */
export function memoryFiles(): LogFiles & {
  readonly all: Map<string, string>;
  readonly disk: { full: boolean };
} {
  const all = new Map<string, string>();
  const disk = { full: false };
  return {
    all,
    disk,
    names: async () => [...all.keys()],
    read: async (name) => all.get(name) ?? '',
    append: async (name, text) => {
      if (disk.full) throw new Error('full');
      all.set(name, (all.get(name) ?? '') + text);
    },
    remove: async (name) => void all.delete(name),
  };
}
