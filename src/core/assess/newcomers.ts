import { pairFindings } from '../rules';
import type { Assessment } from './assess';
import { stockingReport } from './stockingReport';
import { isBad } from './whatItAdds';

/** What a list means for the fish that have yet to come, from one judging of the whole. */
export interface Newcomers {
  /** Nitrate that all of a species will make once grown, after what the plants take, mg/L a week, by species. */
  readonly nitrateMgLWeek: ReadonlyMap<string, number>;
  /** Two species of which one would harm the other in any tank: it eats, nips, harries or starves it. */
  readonly apart: readonly (readonly [string, string])[];
}

/**
 * What each listed species makes, and which two cannot wait in one tank.
 *
 * Domain: an assessment of the listed fish alone, in the tank that they are meant for. What is said of pairs rests on the two, not
 * on that tank's furniture.
 * For example, of an oscar and ten neon tetras `apart` is `[['astronotus-ocellatus', 'paracheirodon-innesi']]`.
 */
export function newcomers(listed: Assessment): Newcomers {
  const { planned } = listed.context;
  const { lines, plantShare } = stockingReport(listed);
  return {
    nitrateMgLWeek: new Map(lines.map((line) => [line.species, line.nitrateMgLWeek * (1 - plantShare)])),
    apart: planned.flatMap((one, i) =>
      planned
        .slice(i + 1)
        .filter((other) => pairFindings(one, other, listed.context).some(isBad))
        .map((other) => [one.profile.id, other.profile.id] as const),
    ),
  };
}
