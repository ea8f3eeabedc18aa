import { oneSpecies } from '../assess';
import type { PlanFile } from '../model';
import type { Finding, PlannedGroup, PlannedSpecies } from '../rules';

/** What was found for groups of one stage, alone and in pairs. */
interface Stage {
  readonly alone: WeakMap<PlannedSpecies, unknown>;
  readonly pairs: WeakMap<PlannedSpecies, WeakMap<PlannedSpecies, readonly Finding[]>>;
}

/** Tanks, waters and routines that were asked about of late, the latest last. */
const STAGES = new Map<string, Stage>();
const KEPT = 4;

function stageOf(key: string): Stage {
  const stage = STAGES.get(key) ?? { alone: new WeakMap(), pairs: new WeakMap() };
  STAGES.delete(key);
  STAGES.set(key, stage);
  const [oldest] = STAGES.keys();
  if (STAGES.size > KEPT && oldest !== undefined) STAGES.delete(oldest);
  return stage;
}

/**
 * What was judged before in a tank, from search to search: a wish more or another weight asks only about what is new. `bare` is
 * the plan without its groups; `today` an ISO date. Groups that are told alike are one, whoever asks.
 */
export function judgedBefore(bare: PlanFile, today: string) {
  const stage = stageOf(JSON.stringify([bare, today]));
  return {
    /** What a group comes to alone. */
    alone: <T>(planned: PlannedGroup, judge: () => T): T => {
      const key = oneSpecies([planned]);
      const before = stage.alone.get(key) as T | undefined;
      if (before !== undefined) return before;
      const made = judge();
      stage.alone.set(key, made);
      return made;
    },
    /** What is found between two groups, the second beside the first. */
    pair: (a: PlannedGroup, b: PlannedGroup, judge: () => readonly Finding[]): readonly Finding[] => {
      if (a.profile === b.profile) return judge();
      const [first, second] = [oneSpecies([a]), oneSpecies([b])];
      let beside = stage.pairs.get(first);
      if (beside === undefined) stage.pairs.set(first, (beside = new WeakMap()));
      const before = beside.get(second);
      if (before !== undefined) return before;
      const made = judge();
      beside.set(second, made);
      return made;
    },
  };
}
