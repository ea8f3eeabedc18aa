import { type ShopItem, type SpeciesProfile } from '../model';

/** A species that is to be bought, whole: males and females where the list says so. */
export interface ToBuy {
  readonly key: string;
  readonly profile: SpeciesProfile;
  readonly count: number;
  readonly males: number | null;
  readonly females: number | null;
}

/** Where a species is bought, for how much. */
export interface Purchase {
  readonly key: string;
  readonly item: ShopItem;
  /** Animals bought: more than wanted where only pairs are sold. */
  readonly animals: number;
  readonly cost: number;
  /** Animals beyond what was wanted, where only pairs are sold. */
  readonly over: number;
  /** Pairs that are bought; null where single fish are sold. */
  readonly pairs: number | null;
  /** In the shop so short a time that it has not shown what it carries. */
  readonly fresh: boolean;
}

/** A way to buy: each shop is one more quarantine. */
export interface ShopPlan {
  readonly shops: readonly string[];
  readonly purchases: readonly Purchase[];
  readonly missing: readonly string[];
  readonly cost: number;
}

/** So many shops are tried in all combinations; beyond that the first ones by what they have. */
const MOST_SHOPS = 14;
/** Stock of a day or two has not yet shown what it carries (common practice). */
const FRESH_DAYS = 3;

/** Pairs that hold so many males and females. */
const pairsFor = ({ count, males, females }: ToBuy): number =>
  males === null || females === null
    ? Math.ceil(count / 2)
    : Math.max(males, females, Math.ceil((males + females) / 2));

/** What buying a species there means; null when there are not enough. */
export function purchaseOf(wanted: ToBuy, item: ShopItem): Purchase | null {
  const { count } = wanted;
  const units = item.soldAs === 'pair' ? pairsFor(wanted) : count;
  if (units > item.stock || units === 0) return null;
  const animals = item.soldAs === 'pair' ? units * 2 : units;
  const over = animals - count;
  return {
    key: wanted.key,
    item,
    animals,
    cost: units * item.price,
    over: Math.max(0, over),
    pairs: item.soldAs === 'pair' ? units : null,
    fresh: item.days < FRESH_DAYS,
  };
}

function planWith(list: readonly ToBuy[], items: readonly ShopItem[], shops: readonly string[]): ShopPlan {
  const purchases = list.flatMap((wanted): Purchase[] => {
    const found = items
      .filter((item) => item.species === wanted.profile.id && shops.includes(item.shop))
      .flatMap((item) => purchaseOf(wanted, item) ?? [])
      .sort((a, b) => a.cost - b.cost || (a.item.shop < b.item.shop ? -1 : 1));
    return found.slice(0, 1);
  });
  const got = new Set(purchases.map((one) => one.key));
  return {
    shops: shops.filter((shop) => purchases.some((one) => one.item.shop === shop)),
    purchases,
    missing: list.flatMap((wanted) => (got.has(wanted.key) ? [] : [wanted.key])),
    cost: purchases.reduce((sum, one) => sum + one.cost, 0),
  };
}

/** All ways to choose so many of these. */
function* choices<T>(from: readonly T[], size: number, start = 0): Generator<readonly T[]> {
  if (size === 0) yield [];
  else
    for (let i = start; i <= from.length - size; i += 1)
      for (const rest of choices(from, size - 1, i + 1)) yield [from[i] as T, ...rest];
}

/**
 * The fewest shops that together hold the most of the list, each species whole from one shop; among equals the cheapest.
 * Then the same with one shop fewer, for as long as something is bought: fewer quarantines against what is missed.
 * Exact. Complexity: 2^shops x list.
 */
export function coverShops(list: readonly ToBuy[], items: readonly ShopItem[]): readonly ShopPlan[] {
  const wanted = new Set(list.map((one) => one.profile.id));
  const weight = new Map<string, number>();
  for (const item of items)
    if (wanted.has(item.species)) weight.set(item.shop, (weight.get(item.shop) ?? 0) + 1);
  const shops = [...weight.keys()]
    .sort((a, b) => weight.get(b)! - weight.get(a)! || (a < b ? -1 : 1))
    .slice(0, MOST_SHOPS);
  const best: ShopPlan[] = [];
  for (let size = 1; size <= shops.length; size += 1) {
    let found: ShopPlan | null = null;
    for (const some of choices(shops, size)) {
      const plan = planWith(list, items, some);
      if (plan.shops.length !== size) continue;
      if (
        !found ||
        plan.missing.length < found.missing.length ||
        (plan.missing.length === found.missing.length && plan.cost < found.cost)
      )
        found = plan;
    }
    if (!found || found.missing.length >= (best.at(-1)?.missing.length ?? list.length)) continue;
    best.push(found);
  }
  return best.reverse();
}
