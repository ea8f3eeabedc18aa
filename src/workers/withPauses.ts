/** Work goes on for so long before others get their turn, ms. */
const TURN_MS = 5;

/** Lets others have their turn. A message comes at once; a timer waits four milliseconds more after the first few. */
const pause = (): Promise<void> =>
  new Promise((resolve) => {
    if (typeof MessageChannel === 'undefined') return void setTimeout(resolve, 0);
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(null);
  });

/** What a work says that nobody waits for any more. */
export const NOT_WANTED = new Error('nobody waits for this any more');

/**
 * Takes the steps of a long work, with a pause for others (the screen, a newer question) every few milliseconds. Rejects with
 * `NOT_WANTED` at the first pause after `isWanted` says so.
 */
export async function withPauses<T>(
  steps: Generator<undefined, T>,
  isWanted: () => boolean = () => true,
): Promise<T> {
  let turn = performance.now();
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    if (performance.now() - turn < TURN_MS) continue;
    await pause();
    if (!isWanted()) throw NOT_WANTED;
    turn = performance.now();
  }
}
