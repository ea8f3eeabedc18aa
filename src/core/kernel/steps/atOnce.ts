/** Takes all steps of a long work in one go. */
export function atOnce<T>(steps: Generator<undefined, T>): T {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
