import { wrap } from 'comlink';
import type { ListWork } from './listWork';
import type { Helper } from './workerLine';

/** Starts a worker that tries the fixes of a stock list. */
export function startList(): Helper<ListWork> {
  const thread = new Worker(new URL('./list.worker.ts', import.meta.url), { type: 'module' });
  return { thread, remote: wrap<ListWork>(thread) };
}
