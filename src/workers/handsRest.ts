/** Hands that did nothing for so long are at rest, ms: the answer to the last press is on the screen by then. */
const REST_MS = 200;

let lastPress = -Infinity;
if (typeof window !== 'undefined')
  for (const press of ['keydown', 'pointerdown'] as const)
    window.addEventListener(press, () => (lastPress = performance.now()), { capture: true, passive: true });

/**
 * Settles once no key was pressed and nothing touched for `ms`: at once where hands rest. What can wait so leaves the moment after a
 * press to its answer.
 */
export async function handsRest(ms = REST_MS): Promise<void> {
  const left = lastPress + ms - performance.now();
  if (left <= 0) return;
  await new Promise((resolve) => setTimeout(resolve, left));
  return handsRest(ms);
}
