import type { Resident } from '../events';

/** The steps of a move from tank to tank, in their order (common practice); the words layer says them. */
export const MOVING_STEPS = [
  'ready',
  'off',
  'drain',
  'rocks',
  'catch',
  'acclimate',
  'release',
  'search',
  'on',
  'lid',
] as const;
export type MovingStep = (typeof MOVING_STEPS)[number];

const VITAL: readonly MovingStep[] = ['ready', 'off', 'search', 'on', 'lid'];
/** Fish die when it is forgotten. */
export const isVitalMove = (step: MovingStep): boolean => VITAL.includes(step);

/** One resident's heads in a move: on record, gone into buckets, come out of them, lost between, still there. */
export interface Reconciled {
  readonly resident: string;
  readonly onRecord: number;
  readonly out: number;
  readonly in: number;
  /** Went into a bucket and did not come out of it alive. */
  readonly lost: number;
  /** Never went into a bucket. */
  readonly left: number;
}

/** Counts out and in against the record, for everybody who lives there. A bucket that is on its way counts as not lost. */
export function reconcile(
  loads: readonly { readonly resident: string; readonly out: number; readonly in: number | null }[],
  residents: readonly Pick<Resident, 'id' | 'count'>[],
): readonly Reconciled[] {
  return residents.map(({ id, count }) => {
    const own = loads.filter((load) => load.resident === id);
    const out = own.reduce((sum, load) => sum + load.out, 0);
    // Two tabs may have put the same fish into two buckets: it came over once.
    const arrived = Math.min(
      count,
      own.reduce((sum, load) => sum + (load.in ?? 0), 0),
    );
    const lost = own.reduce((sum, load) => sum + (load.in === null ? 0 : load.out - load.in), 0);
    return { resident: id, onRecord: count, out, in: arrived, lost, left: Math.max(0, count - out) };
  });
}
