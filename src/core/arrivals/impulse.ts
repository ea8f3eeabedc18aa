import { daysBetween } from '../kernel';
import { planWaves, type Lane, type ToCome, type WaveRules } from './waves';

/** What an unplanned purchase does to the waves. */
export interface Impulse {
  /** When it could come and be released. */
  readonly arrives: string;
  readonly releases: string;
  readonly lane: string | null;
  /** Species of the list that come later for it, by so many days. */
  readonly later: readonly { readonly key: string; readonly days: number }[];
}

/** Drops a species into a plan and says who has to wait longer for it. Both plans are made anew by the same rules. */
export function impulse(
  bought: ToCome,
  list: readonly ToCome[],
  lanes: readonly Lane[],
  rules: WaveRules,
): Impulse {
  const releaseOf = (waves: ReturnType<typeof planWaves>) =>
    new Map(waves.flatMap((wave) => wave.keys.map((key) => [key, wave] as const)));
  const before = releaseOf(planWaves(list, lanes, rules));
  const after = releaseOf(planWaves([...list, bought], lanes, rules));
  const own = after.get(bought.key);
  if (!own) throw new Error(`${bought.key} is in no wave`);
  return {
    arrives: own.arrives,
    releases: own.releases,
    lane: own.lane,
    later: list.flatMap(({ key }) => {
      const [was, is] = [before.get(key), after.get(key)];
      const days = was && is ? daysBetween(was.releases, is.releases) : 0;
      return days > 0 ? [{ key, days }] : [];
    }),
  };
}
