import { wrap } from 'comlink';
import type { PlatesWork } from './platesWork';
import type { Helper } from './workerLine';

/** Starts a worker that draws animals. */
export function startPlates(): Helper<PlatesWork> {
  const thread = new Worker(new URL('./plates.worker.ts', import.meta.url), { type: 'module' });
  return { thread, remote: wrap<PlatesWork>(thread) };
}
