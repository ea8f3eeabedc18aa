import { wrap } from 'comlink';
import type { OrderWork } from './hierarchyWork';
import type { Helper } from './workerLine';

/** Starts a worker that measures an order. */
export function startHierarchy(): Helper<OrderWork> {
  const thread = new Worker(new URL('./hierarchy.worker.ts', import.meta.url), { type: 'module' });
  return { thread, remote: wrap<OrderWork>(thread) };
}
