import { wrap, type Remote } from 'comlink';
import type { LineUpsWork } from './lineUpsWork';

export interface Helper {
  readonly thread: Pick<Worker, 'terminate'>;
  readonly remote: Remote<LineUpsWork>;
}

/** Starts a worker that searches line-ups. */
export function startLineUps(): Helper {
  const thread = new Worker(new URL('./lineups.worker.ts', import.meta.url), { type: 'module' });
  return { thread, remote: wrap<LineUpsWork>(thread) };
}
