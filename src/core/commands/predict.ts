import type { EventBodies, PredictionEnd } from '../events';
import { appendOf, type Change, type Stamp } from '../gate';
import type { EntryId, TankId } from '../kernel';

/** Warnings on a tank are kept score of from a moment on (ISO). Nothing where there are none. */
export const keepScore = (
  tank: TankId,
  warnings: readonly EventBodies['predicted']['warnings'][number][],
  on: string,
  stamp: Stamp,
): readonly Change[] =>
  warnings.length === 0 ? [] : [appendOf({ type: 'predicted', on, tank, warnings: [...warnings] }, stamp)];

/** A warning that was kept score of, by its entry and what it was about. */
export interface ScoredWarning {
  readonly entry: string;
  readonly tank: string;
  readonly rule: string;
  readonly species: readonly string[];
}

/** The keeper's word on how a warning came out. Said again, the later word counts. */
export const settleWarning = (
  { entry, tank, rule, species }: ScoredWarning,
  outcome: PredictionEnd,
  stamp: Stamp,
): Change =>
  appendOf(
    {
      type: 'settled',
      on: stamp.now(),
      tank: tank as TankId,
      of: entry as EntryId,
      about: { rule, species: [...species] },
      outcome,
      note: '',
    },
    stamp,
  );
