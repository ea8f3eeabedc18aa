/** A storage that has said nothing for so long does not answer. */
export const SILENT_MS = 20_000;

/** What a promise gives, or a failure when it has not settled in time. */
export function withDeadline<T>(work: Promise<T>, ms: number, late: () => Error): Promise<T> {
  return new Promise<T>((resolve, reject) => {
    const timer = setTimeout(() => reject(late()), ms);
    work.then(
      (value) => {
        clearTimeout(timer);
        resolve(value);
      },
      (error: unknown) => {
        clearTimeout(timer);
        reject(error instanceof Error ? error : new Error(String(error)));
      },
    );
  });
}
