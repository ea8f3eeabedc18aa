import { SHARED } from '@/offline/keep';

/** The file that another app shared last, once: it waits no longer afterwards. Null where there is none. */
export async function takeSharedFile(): Promise<File | null> {
  if (!('caches' in window)) return null;
  const cache = await caches.open(SHARED.cache);
  const kept = await cache.match(SHARED.key);
  if (!kept) return null;
  await cache.delete(SHARED.key);
  const name = decodeURIComponent(kept.headers.get(SHARED.nameHeader) ?? 'shared');
  return new File([await kept.blob()], name, { type: kept.headers.get('content-type') ?? '' });
}
