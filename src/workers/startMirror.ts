import { wrap } from 'comlink';
import type { MirrorWork } from './mirrorWork';
import type { Helper } from './workerLine';

/** Starts a worker that keeps the second copy of a room. */
export function startMirror(): Helper<MirrorWork> {
  const thread = new Worker(new URL('./mirror.worker.ts', import.meta.url), { type: 'module' });
  return { thread, remote: wrap<MirrorWork>(thread) };
}
