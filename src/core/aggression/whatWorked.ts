import type { Step } from '../events';
import type { StepEffect } from './stepEffect';

/** How a step fared in this room. */
export interface StepRecord {
  readonly step: Step;
  readonly tried: number;
  readonly helped: number;
  readonly worse: number;
  readonly open: number;
  /** Taken only together with others. */
  readonly alwaysInBundle: boolean;
}

/** Which steps have worked in the room so far, over all its tanks; those that helped most first. */
export function whatWorked(effects: readonly StepEffect[]): readonly StepRecord[] {
  const records = new Map<Step, StepEffect[]>();
  for (const effect of effects)
    for (const step of new Set(effect.bundle.steps))
      records.set(step, [...(records.get(step) ?? []), effect]);
  return [...records]
    .map(([step, list]): StepRecord => {
      const of = (verdict: StepEffect['verdict']): number =>
        list.filter((one) => one.verdict === verdict).length;
      return {
        step,
        tried: list.length,
        helped: of('helped'),
        worse: of('worse'),
        open: of('open') + of('nothing to go by') + of('lasts'),
        alwaysInBundle: list.every((one) => one.bundle.steps.length > 1),
      };
    })
    .sort((a, b) => b.helped - a.helped || a.worse - b.worse || (a.step < b.step ? -1 : 1));
}
