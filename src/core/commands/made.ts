import type { Stamp } from '../gate';

/** A fresh identifier for anything new. */
export const freshId = <T extends string>(stamp: Pick<Stamp, 'id'>): T => stamp.id() as unknown as T;
