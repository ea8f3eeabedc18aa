import { wrap } from 'comlink';
import type { JoinsWork } from './candidates.worker';
import type { Helper } from './workerLine';

/** Starts a worker that works out what species would bring to a list. */
export function startCandidates(): Helper<JoinsWork> {
  const thread = new Worker(new URL('./candidates.worker.ts', import.meta.url), { type: 'module' });
  return { thread, remote: wrap<JoinsWork>(thread) };
}
