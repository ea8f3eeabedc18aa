import { nanoid } from 'nanoid';
import type { Stamp } from '@/core/gate/change';
import type { EntryId } from '@/core/kernel/schema/ids';

/** Identifiers and the moment from the browser. */
export const browserStamp: Stamp = {
  id: () => nanoid(12) as EntryId,
  now: () => new Date().toISOString(),
};

/** An identifier for anything new. */
export const newId = <T extends string>(): T => nanoid(12) as unknown as T;
