import { cellFault, type Fault, parseQuantity, readCsvTable } from '../kernel';
import { type Catalogue, resolveSpecies, type ShopItem, SOLD_AS } from '../model';

export interface ShopCsv {
  readonly items: readonly ShopItem[];
  readonly faults: readonly Fault[];
}

const LONGEST_CM = 400;

/**
 * Shop stock from CSV: `shop,species,price,stock` and, if wished, `length` (any unit), `soldAs` (single or pair), `days`.
 * The good rows are offered, the others are named by line and column; nothing is taken in by reading.
 */
export function readShopCsv(text: string, catalogue: Catalogue): ShopCsv {
  const { rows, faults: broken } = readCsvTable(text, ['shop', 'species', 'price', 'stock']);
  const faults: Fault[] = [...broken];
  const items = rows.flatMap(({ line, cells }): ShopItem[] => {
    const { shop = '', species = '', price = '', stock = '', length = '', soldAs = '', days = '' } = cells;
    const before = faults.length;
    const say = (column: string, expected: string, found: string): void =>
      void faults.push(cellFault(line, column, expected, found));
    if (shop === '') say('shop', 'the name of a shop', shop);
    const found = resolveSpecies(catalogue, species);
    if (!found.ok) say('species', `a species of the catalogue (nearest: ${found.nearest})`, species);
    const cost = price === '' ? NaN : Number(price.replace(',', '.'));
    if (!(cost >= 0 && cost <= 1e6)) say('price', 'a price from 0', price);
    const there = /^\d{1,6}$/.test(stock) ? Number(stock) : NaN;
    if (Number.isNaN(there) || there > 100_000) say('stock', 'a whole number from 0 to 100000', stock);
    const parsed = length === '' ? null : parseQuantity('length', length, 'cm');
    const long = parsed === null ? null : parsed.ok ? parsed.quantity.core : NaN;
    if (long !== null && !(long >= 0.1 && long <= LONGEST_CM))
      say('length', 'a length, as "4 cm" or "1.5 in"', length);
    const sold = SOLD_AS.find((one) => one === (soldAs || 'single'));
    if (!sold) say('soldAs', 'single or pair', soldAs);
    const waited = days === '' ? 0 : /^\d{1,4}$/.test(days) ? Number(days) : NaN;
    if (Number.isNaN(waited)) say('days', 'a whole number of days', days);
    if (faults.length > before || !found.ok || !sold) return [];
    return [
      {
        shop,
        species: found.profile.id,
        price: cost,
        stock: there,
        lengthCm: long ?? found.profile.size.soldCm,
        soldAs: sold,
        days: waited,
      },
    ];
  });
  return { items, faults };
}
