/** Takes the steps of a long work one by one, with room for the screen in between. */
export async function withPauses<T>(steps: Generator<undefined, T>): Promise<T> {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    await new Promise((resolve) => setTimeout(resolve, 0));
  }
}
