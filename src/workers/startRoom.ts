import { wrap } from 'comlink';
import type { RoomWork } from './roomWork';
import type { Helper } from './workerLine';

/** Starts a worker that reads and writes whole rooms. */
export function startRoom(): Helper<RoomWork> {
  const thread = new Worker(new URL('./room.worker.ts', import.meta.url), { type: 'module' });
  return { thread, remote: wrap<RoomWork>(thread) };
}
