import { wrap } from 'comlink';
import type { LineUpsWork } from './lineUpsWork';
import type { Helper } from './workerLine';

/** Starts a worker that searches line-ups. */
export function startLineUps(): Helper<LineUpsWork> {
  const thread = new Worker(new URL('./lineups.worker.ts', import.meta.url), { type: 'module' });
  return { thread, remote: wrap<LineUpsWork>(thread) };
}
