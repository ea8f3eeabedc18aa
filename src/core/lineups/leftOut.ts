import { lineUpReason, type Reason } from '../rules';
import { pairKey, type Against, type BuiltProblem } from './buildProblem';
import { HAIR } from './podium';
import { LAYER_NAMES, type LayerName, type ProblemItem } from './problem';
import type { WishesFile } from './wishes';

/** A wish that a line-up does without, and why. */
export interface LeftOut {
  readonly species: string;
  readonly why: Reason;
  /** What keeps it out: the finding of a rule, or one of the limits; null when the list could have it. */
  readonly by: Against | 'nitrate' | 'room' | null;
}

type Why = Omit<LeftOut, 'species'>;

/** What keeps a wish out of these items at each of its numbers. */
class Reasons {
  private readonly left: number;
  private readonly roomLeft: Readonly<Record<LayerName, number>>;

  constructor(
    private readonly built: BuiltProblem,
    private readonly chosen: readonly number[],
    private readonly stopOn: (items: readonly number[]) => Against | null,
  ) {
    const { limits } = built.problem;
    const sum = (of: (item: ProblemItem) => number): number =>
      chosen.reduce((total, index) => total + of(this.item(index)), 0);
    this.left = limits.nitrateMgLWeek - sum((item) => item.nitrateMgLWeek);
    const room = (layer: LayerName): number => limits.room[layer] - sum((item) => item.room[layer]);
    this.roomLeft = { top: room('top'), middle: room('middle'), bottom: room('bottom') };
  }

  private item(index: number): ProblemItem {
    return this.built.problem.items[index] as ProblemItem;
  }

  /** What is said of a number that fits; failing that, of one that nothing keeps out; failing that, of the smallest. */
  of(wish: number, species: string): Why {
    const { candidates, dropped } = this.built;
    const mine = candidates
      .flatMap((candidate, index) => (candidate.wish === wish ? [index] : []))
      .sort((a, b) => this.item(a).count - this.item(b).count);
    const kept = mine.map((index) => this.against(index, species));
    const said = kept.find(({ fits }) => fits) ?? kept.find(({ by }) => by === null) ?? kept[0];
    if (said) return { why: said.why, by: said.by };
    const alone = dropped.find((one) => one.wish === wish)?.against;
    return alone === undefined
      ? { why: lineUpReason(species, { says: 'line-up/no number' }), by: null }
      : { why: alone, by: alone };
  }

  /** A species of the list, a limit, or what the whole list comes to with it. */
  private against(index: number, species: string): Why & { readonly fits?: boolean } {
    const { why } = this.built;
    const other = this.chosen.find((one) => why.has(pairKey(index, one)));
    const pair = other === undefined ? null : (why.get(pairKey(index, other)) as Against);
    if (pair) return { why: pair, by: pair };
    const { nitrateMgLWeek, room } = this.item(index);
    if (nitrateMgLWeek > this.left + HAIR) {
      const leftMgL = Math.max(0, this.left);
      return { why: lineUpReason(species, { says: 'line-up/nitrate', leftMgL }), by: 'nitrate' };
    }
    const tight = LAYER_NAMES.find((layer) => room[layer] > this.roomLeft[layer] + HAIR);
    if (tight !== undefined)
      return { why: lineUpReason(species, { says: 'line-up/layer', layer: tight }), by: 'room' };
    const stop = this.stopOn([...this.chosen, index].sort((a, b) => a - b));
    if (stop) return { why: stop, by: stop };
    const fits = this.gain(index) >= 0;
    return {
      why: lineUpReason(species, { says: fits ? 'line-up/fits too' : 'line-up/worth less' }),
      by: null,
      fits,
    };
  }

  /** What the list would be worth more with it. */
  private gain(index: number): number {
    const { problem, loss } = this.built;
    const covered = new Set(this.chosen.flatMap((one) => this.item(one).covers));
    const more = this.item(index).covers.filter((layer) => !covered.has(layer)).length;
    const lost = loss ? loss([...this.chosen, index]) - loss(this.chosen) : 0;
    return this.item(index).value + problem.layerBonus * more - lost;
  }
}

/**
 * The wishes that these items leave out, each with what keeps its smallest number out; or, where nothing keeps some number out,
 * with what the list would be worth with that.
 *
 * @param stopOn the stop that the whole assessment of a list has; null where it has none
 */
export function leftOutOf(
  file: WishesFile,
  built: BuiltProblem,
  chosen: readonly number[],
  stopOn: (items: readonly number[]) => Against | null,
): readonly LeftOut[] {
  const present = new Set(chosen.map((index) => built.candidates[index]?.wish));
  const reasons = new Reasons(built, chosen, stopOn);
  return file.wishes.flatMap((_, wish) => {
    const species = built.speciesOf[wish];
    return present.has(wish) || species === undefined ? [] : [{ species, ...reasons.of(wish, species) }];
  });
}
