import type { Resident } from '../events';

export interface MovingStep {
  readonly id: string;
  readonly text: string;
  readonly vital: boolean;
}

/** The steps of a move from tank to tank, in their order (common practice). */
export function movingSteps(): readonly MovingStep[] {
  const step = (id: string, text: string, vital = false): MovingStep => ({ id, text, vital });
  return [
    step(
      'ready',
      'The new tank is filled, warm, dechlorinated, and its filter proven or moved along wet.',
      true,
    ),
    step('off', 'Heater, filter and light of the old tank are unplugged.', true),
    step('drain', 'Drain half; keep the water for the buckets.'),
    step('rocks', 'Take rocks and wood out: nobody is caught between them.'),
    step('catch', 'Catch into a bucket with an air stone and a lid; count as they go in.'),
    step('acclimate', 'Acclimate by the difference between the two waters.'),
    step('release', 'Release low, lights off; count again as they go in.'),
    step('search', 'Search what was taken out: hollow decor, back wall, filter, roots.', true),
    step('on', 'Heater and filter of the new tank run; those of the old are off or run again.', true),
    step('lid', 'The lid is closed.', true),
  ];
}

/** One resident's heads in a move: in the book, gone into buckets, come out of them, lost between, still there. */
export interface Reconciled {
  readonly resident: string;
  readonly book: number;
  readonly out: number;
  readonly in: number;
  /** Went into a bucket and did not come out of it alive. */
  readonly lost: number;
  /** Never went into a bucket. */
  readonly left: number;
}

/** Counts out and in against the book, for everybody who lives there. A bucket that is on its way counts as not lost. */
export function reconcile(
  loads: readonly { readonly resident: string; readonly out: number; readonly in: number | null }[],
  residents: readonly Pick<Resident, 'id' | 'count'>[],
): readonly Reconciled[] {
  return residents.map(({ id, count }) => {
    const own = loads.filter((load) => load.resident === id);
    const out = own.reduce((sum, load) => sum + load.out, 0);
    const arrived = own.reduce((sum, load) => sum + (load.in ?? 0), 0);
    const lost = own.reduce((sum, load) => sum + (load.in === null ? 0 : load.out - load.in), 0);
    return { resident: id, book: count, out, in: arrived, lost, left: Math.max(0, count - out) };
  });
}
