/** A page that is not shown paints nothing: then it is done after so long, ms. */
const AT_LATEST_MS = 50;

/** Does it once what was just changed is painted. */
export function afterPaint(work: () => void): void {
  let isDone = false;
  const once = (): void => {
    if (isDone) return;
    isDone = true;
    clearTimeout(latest);
    work();
  };
  const latest = setTimeout(once, AT_LATEST_MS);
  requestAnimationFrame(() => setTimeout(once));
}
