import { nanoid } from 'nanoid';
import type { Stamp } from '@/core/gate';
import { recall, remember } from './browserMemory';
import type { EntryId } from '@/core/kernel';
import { zoneHere } from './zoneHere';

/** Identifiers and the moment from the browser. */
export const browserStamp: Stamp = {
  id: () => nanoid<EntryId>(12),
  now: () => new Date().toISOString(),
  zone: zoneHere,
};

const TAB = 'lomvik.tab';

/** Which tab this is; the same after a reload. */
export function thisTab(): string {
  const known = recall('sessionStorage', TAB);
  if (known) return known;
  const fresh = nanoid(12);
  remember('sessionStorage', TAB, fresh);
  return fresh;
}

/** An identifier for anything new. */
export const newId = <T extends string>(): T => nanoid(12) as unknown as T;
