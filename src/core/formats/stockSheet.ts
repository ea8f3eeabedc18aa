import type { Cm } from '../kernel';
import { writeCsvTable } from '../kernel';
import { commonName, type SpeciesProfile } from '../model';

/** One line of a stock list as it is shared and bought. */
export interface SheetLine {
  readonly profile: SpeciesProfile;
  readonly count: number;
  readonly males: number | null;
  readonly females: number | null;
  readonly lengthCm: Cm;
  readonly here: boolean;
  /** Price of one; null when nobody said. */
  readonly price: number | null;
  /** How many are bought; the count when nobody said. */
  readonly buy: number;
  readonly wayOut: string;
  readonly origin: string;
  readonly until: string;
  readonly nextTank: string;
  /** Where it is to be bought; empty when nobody said. */
  readonly shop: string;
}

const CSV_FIELDS = [
  'species',
  'name',
  'count',
  'males',
  'females',
  'lengthCm',
  'state',
  'buy',
  'price',
  'wayOut',
  'origin',
  'until',
  'nextTank',
  'shop',
];

/** A stock list as CSV (RFC 4180), with prices and what to buy. */
export function stockCsv(lines: readonly SheetLine[]): string {
  return writeCsvTable(
    CSV_FIELDS,
    lines.map((line) => [
      line.profile.id,
      commonName(line.profile),
      line.count,
      line.males ?? '',
      line.females ?? '',
      Number(line.lengthCm.toFixed(2)),
      line.here ? 'here' : 'listed',
      line.here ? '' : line.buy,
      line.price ?? '',
      line.wayOut,
      line.origin,
      line.until,
      line.nextTank,
      line.shop,
    ]),
  );
}

/**
 * What there is to buy, shop by shop in the order of their names; what has no shop yet comes last.
 * @example byShop([]) // []
 */
export function byShop<L extends { readonly shop: string }>(
  lines: readonly L[],
): readonly { readonly shop: string; readonly lines: readonly L[] }[] {
  const names = [...new Set(lines.map(({ shop }) => shop))].sort(
    (a, b) => Number(a === '') - Number(b === '') || a.localeCompare(b),
  );
  return names.map((shop) => ({ shop, lines: lines.filter((line) => line.shop === shop) }));
}

/** What there is to buy, and what it costs where prices are known. */
export function shoppingSum(lines: readonly SheetLine[]): {
  readonly total: number;
  readonly unpriced: number;
  readonly surplus: number;
} {
  const buying = lines.filter((line) => !line.here);
  return {
    total: buying.reduce((sum, line) => sum + (line.price ?? 0) * line.buy, 0),
    unpriced: buying.filter((line) => line.price === null).length,
    surplus: buying.reduce((sum, line) => sum + Math.max(0, line.buy - line.count), 0),
  };
}
