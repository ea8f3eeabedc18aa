import { wrap, type Remote } from 'comlink';
import type { OrderWork } from './orderWork';

/** Starts a worker that measures an order. */
export function startOrder(): {
  readonly thread: Pick<Worker, 'terminate'>;
  readonly remote: Remote<OrderWork>;
} {
  const thread = new Worker(new URL('./order.worker.ts', import.meta.url), { type: 'module' });
  return { thread, remote: wrap<OrderWork>(thread) };
}
