import { cellFault, type Expected, type Fault, parseQuantity, readCsvTable } from '../kernel';
import { type Catalogue, type ShopItem, SOLD_AS } from '../model';
import { resolveTyped } from '../search';

export interface ShopCsv {
  readonly items: readonly ShopItem[];
  readonly faults: readonly Fault[];
}

const LONGEST_CM = 400;
const LONGEST_DAYS = 3650;

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
    const say = (column: string, expected: Expected, found: string): void =>
      void faults.push(cellFault(line, column, expected, found));
    if (shop === '') say('shop', { is: 'filled' }, shop);
    const found = resolveTyped(catalogue, species);
    if (!found.ok) say('species', { is: 'known', what: 'species', nearest: found.nearest }, species);
    const cost = price === '' ? NaN : Number(price.replace(',', '.'));
    if (!(cost >= 0 && cost <= 1e6)) say('price', { is: 'number', from: 0, to: 1e6 }, price);
    const there = /^\d{1,6}$/.test(stock) ? Number(stock) : NaN;
    if (Number.isNaN(there) || there > 100_000) say('stock', { is: 'whole', from: 0, to: 100_000 }, stock);
    const parsed = length === '' ? null : parseQuantity('length', length, 'cm');
    const long = parsed === null ? null : parsed.ok ? parsed.quantity.core : NaN;
    if (long !== null && !(long >= 0.1 && long <= LONGEST_CM))
      say('length', { is: 'quantity', kind: 'length' }, length);
    const sold = SOLD_AS.find((one) => one === (soldAs || 'single'));
    if (!sold) say('soldAs', { is: 'choice', of: SOLD_AS }, soldAs);
    const waited = days === '' ? 0 : /^\d{1,4}$/.test(days) ? Number(days) : NaN;
    if (!(waited <= LONGEST_DAYS)) say('days', { is: 'whole', from: 0, to: LONGEST_DAYS }, days);
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
