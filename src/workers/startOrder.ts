import { wrap } from 'comlink';
import type { OrderWork } from './orderWork';
import type { Helper } from './workerLine';

/** Starts a worker that measures an order. */
export function startOrder(): Helper<OrderWork> {
  const thread = new Worker(new URL('./order.worker.ts', import.meta.url), { type: 'module' });
  return { thread, remote: wrap<OrderWork>(thread) };
}
