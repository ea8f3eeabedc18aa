/** The helper is left in peace for so long after an answer, ms: what is asked meanwhile comes first. */
const REST_MS = 150;

export interface Rehearsal {
  /** Goes through what is likely asked next, part by part, once nothing is asked for a while; a new question ends it. */
  readonly after: (part: (at: number) => boolean) => void;
}

/**
 * Works ahead in the time in which nobody waits: code that has run a few times runs quicker, and what was judged is remembered.
 * Each part is short, so that a question waits for one part at most. `times` says how often in all.
 */
export function rehearsal(times: number): Rehearsal {
  let left = times;
  let waiting: ReturnType<typeof setTimeout> | undefined;
  return {
    after: (part) => {
      clearTimeout(waiting);
      if (left === 0) return;
      const from = (at: number): void => {
        if (part(at)) waiting = setTimeout(from, 0, at + 1);
        else left -= 1;
      };
      waiting = setTimeout(from, REST_MS, 0);
    },
  };
}
