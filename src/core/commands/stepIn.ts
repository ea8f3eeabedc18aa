import { appendOf, type Change, type Stamp } from '../gate';
import { ASIDE_STEPS, type Dated, type Step } from '../events';
import type { ResidentId, TankId } from '../kernel';
import { freshId } from './made';

export interface SteppingIn {
  readonly tank: TankId;
  /** The name of the tank, to which a fish that is put aside comes back. */
  readonly tankName: string;
  readonly steps: readonly Step[];
  readonly on: string;
  readonly note: string;
  /** Who is put aside, where, and until when; empty where that is not so. */
  readonly who: ResidentId | '';
  readonly into: TankId | '';
  readonly until: string;
}

/** The keeper steps in: one step, or several in the same hour as one bundle; a fish that is put aside moves with its day of return. */
export function stepIn(
  { tank, tankName, steps, on, note, who, into, until }: SteppingIn,
  stamp: Stamp,
): readonly Change[] {
  const bundle = steps.length > 1 ? freshId<string>(stamp) : '';
  const taken = steps.map((step): Dated => ({
    type: 'stepped-in',
    on,
    tank,
    step,
    note,
    bundle,
    ...(ASIDE_STEPS.includes(step) && who ? { who } : {}),
    ...(ASIDE_STEPS.includes(step) && until ? { until } : {}),
  }));
  const moved: readonly Dated[] =
    who && into && steps.some((step) => ASIDE_STEPS.includes(step))
      ? [
          {
            type: 'moved',
            on,
            resident: who,
            tank: into,
            note: 'Set aside.',
            ...(until ? { until, nextTank: tankName } : {}),
          },
        ]
      : [];
  return [...taken, ...moved].map((event) => appendOf(event, stamp));
}
