import fc from 'fast-check';
import { catalogue } from '@/testing/plans';
import { coverShops, purchaseOf, type ToBuy } from './coverShops';
import { readShopCsv } from './shopStock';
import { type ShopItem } from '../model/shopItem';
import { simulatedShops } from './simulatedShops';

const kind = (species: string, count: number, more: Partial<ToBuy> = {}): ToBuy => ({
  key: species,
  profile: catalogue.byId.get(species)!,
  count,
  males: null,
  females: null,
  ...more,
});
const item = (shop: string, species: string, more: Partial<ShopItem> = {}): ShopItem => ({
  shop,
  species,
  price: 2,
  stock: 30,
  lengthCm: 3,
  soldAs: 'single',
  days: 10,
  ...more,
});
const neon = 'paracheirodon-innesi';
const cory = 'corydoras-aeneus';
const ram = 'mikrogeophagus-ramirezi';

describe('shops that cover a list', () => {
  const list = [kind(neon, 10), kind(cory, 6), kind(ram, 2)];
  it('takes the fewest shops for the most of the list, then tells what one shop fewer costs', () => {
    const plans = coverShops(list, [
      item('A', neon),
      item('A', cory),
      item('B', ram, { price: 9 }),
      item('B', neon, { price: 1 }),
      item('C', ram, { price: 20 }),
    ]);
    expect(plans.map((plan) => [plan.shops, plan.missing])).toEqual([
      [['A', 'B'], []],
      [['B'], [cory]],
    ]);
    expect(plans[0]!.cost).toBe(10 * 1 + 6 * 2 + 2 * 9);
  });
  it('takes a species whole from one shop, or not at all', () => {
    expect(
      coverShops([kind(neon, 10)], [item('A', neon, { stock: 6 }), item('B', neon, { stock: 6 })]),
    ).toEqual([]);
  });
  it('says what pairs mean for another ratio', () => {
    const wanted = kind('labidochromis-caeruleus', 4, { males: 1, females: 3 });
    const bought = purchaseOf(wanted, item('A', 'labidochromis-caeruleus', { soldAs: 'pair', price: 15 }))!;
    expect(bought).toMatchObject({ animals: 6, cost: 45, pairs: 3, over: 2 });
  });
  it.each([
    ['single fish, all that there are', kind(neon, 30), {}, { animals: 30, cost: 60, over: 0, pairs: null }],
    ['single fish, one more than there are', kind(neon, 31), {}, null],
    ['nobody', kind(neon, 0), {}, null],
    ['an odd number in pairs', kind(neon, 5), { soldAs: 'pair' }, { animals: 6, cost: 6, over: 1, pairs: 3 }],
    [
      'males only, in pairs',
      kind(neon, 3, { males: 3, females: 0 }),
      { soldAs: 'pair' },
      { animals: 6, over: 3, pairs: 3 },
    ],
    [
      'females only, in pairs',
      kind(neon, 4, { males: 0, females: 4 }),
      { soldAs: 'pair' },
      { animals: 8, over: 4, pairs: 4 },
    ],
    [
      'males alone told, in pairs',
      kind(neon, 4, { males: 4 }),
      { soldAs: 'pair' },
      { animals: 4, over: 0, pairs: 2 },
    ],
    ['more pairs than there are', kind(neon, 4), { soldAs: 'pair', stock: 1 }, null],
  ] as [string, ToBuy, Partial<ShopItem>, object | null][])('buys %s', (_, wanted, offer, expected) => {
    const bought = purchaseOf(wanted, item('A', neon, offer));
    if (expected === null) expect(bought).toBeNull();
    else expect(bought).toMatchObject(expected);
  });
  it('of two that ask the same takes the first by name, whoever offers first; and counts only shops that it buys from', () => {
    const offers = [
      item('B', neon),
      item('A', neon),
      item('C', neon, { price: 9 }),
      item('D', 'danio-rerio'),
    ];
    for (const items of [offers, [...offers].reverse()]) {
      const plans = coverShops([kind(neon, 4)], items);
      expect(plans.map(({ shops, cost, missing }) => [shops, cost, missing])).toEqual([[['A'], 8, []]]);
    }
  });
  it('says of fresh stock that it is fresh', () => {
    expect(purchaseOf(kind(neon, 10), item('A', neon, { days: 3 }))!.fresh).toBe(false);
    expect(purchaseOf(kind(neon, 10), item('A', neon, { days: 1 }))!.fresh).toBe(true);
    expect(purchaseOf(kind(neon, 10), item('A', neon, { days: 9 }))!.fresh).toBe(false);
  });
  it('is no worse than any choice of shops tried by brute force', () => {
    const shops = ['A', 'B', 'C', 'D'];
    const kinds = [neon, cory, ram, 'danio-rerio'];
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            shop: fc.constantFrom(...shops),
            species: fc.constantFrom(...kinds),
            price: fc.integer({ min: 1, max: 9 }),
          }),
          { maxLength: 12 },
        ),
        (offers) => {
          const items = offers.map(({ shop, species, price }) => item(shop, species, { price }));
          const wanted = kinds.map((one) => kind(one, 4));
          const [best] = coverShops(wanted, items);
          const had = kinds.filter((one) => items.some((offer) => offer.species === one)).length;
          if (!best) return expect(had).toBe(0);
          expect(best.missing.length).toBe(kinds.length - had);
          for (let mask = 0; mask < 16; mask += 1) {
            const some = shops.filter((_, i) => (mask >> i) & 1);
            const covers = kinds.filter((one) =>
              items.some((offer) => offer.species === one && some.includes(offer.shop)),
            ).length;
            if (covers === had) expect(some.length).toBeGreaterThanOrEqual(best.shops.length);
          }
        },
      ),
    );
  });
});

describe('simulated shops', () => {
  it('are the same in a week, change from week to week, and name species of the catalogue', () => {
    const monday = simulatedShops(catalogue, '2026-11-23');
    expect(simulatedShops(catalogue, '2026-11-23')).toEqual(monday);
    const later = simulatedShops(catalogue, '2026-12-21');
    const keys = (items: readonly ShopItem[]) => new Set(items.map((one) => `${one.shop}|${one.species}`));
    const shared = [...keys(later)].filter((key) => keys(monday).has(key)).length;
    expect(shared).toBeLessThan(keys(later).size);
    for (const one of monday) {
      expect(catalogue.byId.has(one.species)).toBe(true);
      expect(one.stock).toBeGreaterThan(0);
      expect(one.days).toBeGreaterThanOrEqual(0);
    }
    expect(new Set(monday.map((one) => one.shop)).size).toBe(4);
  });
});

describe('shop stock by CSV', () => {
  it('offers the good rows and names the others', () => {
    const { items, faults } = readShopCsv(
      'shop,species,price,stock,length,soldAs,days\nPier,neon tetra,1.50,40,1 in,,9\nPier,neon tetre,1,4,,,\nPier,guppy,x,-2,9 m,dozen,soon\n,oscar,1,1,,,\n',
      catalogue,
    );
    expect(items).toEqual([
      expect.objectContaining({
        shop: 'Pier',
        species: neon,
        price: 1.5,
        stock: 40,
        lengthCm: 2.54,
        days: 9,
      }),
    ]);
    expect(faults.map(({ line, path }) => `${line} ${path}`)).toEqual([
      '3 species',
      '4 price',
      '4 stock',
      '4 length',
      '4 soldAs',
      '4 days',
      '5 shop',
    ]);
    expect(faults[0]!.expected).toEqual({
      is: 'known',
      what: 'species',
      nearest: 'neon tetra (paracheirodon-innesi)',
    });
  });
  it('wants its columns', () => expect(readShopCsv('a,b\n1,2', catalogue).faults).toHaveLength(4));
});
