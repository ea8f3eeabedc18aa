import type { Remote } from 'comlink';

/** Why a worker gave no answer. */
export type WorkerFailure =
  /** Its script could not be loaded, or the browser allows none. */
  | 'cannot start'
  /** It stopped in the middle. */
  | 'died'
  | 'timed out'
  /** The work itself failed, and said so. */
  | 'failed'
  /** Nobody waits for it any more. */
  | 'cancelled';

/** What asking a worker comes to: always one of these, whatever happens to the worker. */
export type WorkerAnswer<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly why: WorkerFailure; readonly cause?: unknown };

/** A worker that was started. `addEventListener` is missing where a test stands in for it. */
export interface Helper<W> {
  readonly thread: Pick<Worker, 'terminate'> & Partial<Pick<Worker, 'addEventListener'>>;
  readonly remote: Remote<W>;
}

export interface WorkerLine<W> {
  /**
   * Asks the worker, which is started when there is none. Settles always; never throws. Work that takes longer than
   * `patienceMs` without a word is given up; `alive` counts as a word.
   */
  readonly ask: <T>(
    work: (remote: Remote<W>, alive: () => void) => Promise<T>,
    patienceMs?: number,
  ) => Promise<WorkerAnswer<T>>;
  /** Throws the worker away; what it was asked is answered with `cancelled`. The next question starts a new one. */
  readonly stop: () => void;
}

/** A worker that has said nothing for so long is not coming back. */
const PATIENCE_MS = 60_000;

interface Started<W> {
  readonly helper: Helper<W>;
  /** Ends all that is asked of it. */
  readonly end: (why: WorkerFailure, cause?: unknown) => void;
  readonly onEnd: Set<(why: WorkerFailure, cause?: unknown) => void>;
  answered: boolean;
}

/** A line to a worker. Everything that is asked over it settles: with a result, a failure by name, or as cancelled. */
export function workerLine<W>(start: () => Helper<W>): WorkerLine<W> {
  let current: Started<W> | null = null;

  const begin = (): Started<W> => {
    const helper = start();
    const onEnd: Started<W>['onEnd'] = new Set();
    const started: Started<W> = {
      helper,
      onEnd,
      answered: false,
      end: (why, cause) => {
        if (current === started) current = null;
        helper.thread.terminate();
        for (const tell of [...onEnd]) tell(why, cause);
      },
    };
    const broke = (event: Event): void => {
      event.preventDefault?.();
      started.end(started.answered ? 'died' : 'cannot start', event);
    };
    helper.thread.addEventListener?.('error', broke);
    helper.thread.addEventListener?.('messageerror', broke);
    return started;
  };

  return {
    ask: (work, patienceMs = PATIENCE_MS) =>
      new Promise((resolve) => {
        try {
          current ??= begin();
        } catch (cause) {
          resolve({ ok: false, why: 'cannot start', cause });
          return;
        }
        const mine = current;
        let timer: ReturnType<typeof setTimeout> | undefined;
        const settle = (answer: Parameters<typeof resolve>[0]): void => {
          clearTimeout(timer);
          mine.onEnd.delete(ended);
          resolve(answer);
        };
        const ended = (why: WorkerFailure, cause?: unknown): void => settle({ ok: false, why, cause });
        const alive = (): void => {
          mine.answered = true;
          clearTimeout(timer);
          timer = setTimeout(() => mine.end('timed out'), patienceMs);
        };
        timer = setTimeout(() => mine.end('timed out'), patienceMs);
        mine.onEnd.add(ended);
        const asked = (async () => work(mine.helper.remote, alive))();
        asked.then(
          (value) => {
            mine.answered = true;
            settle({ ok: true, value });
          },
          (cause: unknown) => settle({ ok: false, why: 'failed', cause }),
        );
      }),
    stop: () => current?.end('cancelled'),
  };
}

const SAID: Readonly<Record<Exclude<WorkerFailure, 'cancelled'>, string>> = {
  'cannot start': 'The part that works this out could not be started.',
  died: 'The part that works this out stopped in the middle.',
  'timed out': 'This took too long and was given up.',
  failed: 'This could not be worked out.',
};

/** What a failure means for the keeper, in one sentence; null when nobody waits for the answer any more. */
export const failureWords = (why: WorkerFailure): string | null => (why === 'cancelled' ? null : SAID[why]);
