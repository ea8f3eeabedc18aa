import type { Catalogue, ShopItem, SpeciesProfile } from '../model';
import { seededChance } from '../stats';
import { daysBetween } from '../kernel';

/** A made-up shop: what it leans to, how dear it is, how many of a hundred species it has in a week. */
interface Shop {
  readonly name: string;
  readonly likes: (profile: SpeciesProfile) => boolean;
  readonly dear: number;
  readonly ofHundred: number;
}

const SHOPS: readonly Shop[] = [
  {
    name: 'Harbour Aquatics',
    likes: (profile) => profile.trade.met === 'shop',
    dear: 1,
    ofHundred: 55,
  },
  { name: 'Tarn & Tide', likes: (profile) => profile.company.temper.mature <= 1, dear: 1.25, ofHundred: 45 },
  {
    name: 'Slipway Cichlids',
    likes: (profile) => profile.company.temper.mature >= 1 && profile.company.holds !== 'nothing',
    dear: 1.1,
    ofHundred: 60,
  },
  { name: 'The Club Table', likes: (profile) => profile.trade.met === 'club', dear: 0.6, ofHundred: 40 },
];
/** What a shop does not lean to it has this much less often. */
const OTHERWISE = 0.3;
const EPOCH = '2024-01-01';
const WEEK = 7;
/** A price by the length as sold: about one for a centimetre, and more for the large. Made up. */
const priceOf = (profile: SpeciesProfile): number => 1 + profile.size.soldCm ** 1.2;

/**
 * What four made-up shops have in the week of a day: a stand-in for shop stock, the same for the same week. Stock and days
 * in the shop run on from week to week.
 */
export function simulatedShops(catalogue: Catalogue, today: string): readonly ShopItem[] {
  const week = Math.floor(daysBetween(EPOCH, today) / WEEK);
  return SHOPS.flatMap((shop, index) =>
    catalogue.all.flatMap((profile, place): ShopItem[] => {
      const has = (at: number): boolean =>
        seededChance(at * 7919 + index * 104_729 + place * 31)() * 100 <
        shop.ofHundred * (shop.likes(profile) ? 1 : OTHERWISE);
      // A delivery stays for two weeks, so that each week shares half its stock with the week before.
      const since = [week, week - 1].filter(has);
      const came = since.at(-1);
      if (came === undefined) return [];
      const chance = seededChance(came * 65_537 + index * 257 + place);
      const pairs = profile.trade.soldInPairs && chance() < 0.6;
      const shoal = profile.company.smallestGroup > 3;
      return [
        {
          shop: shop.name,
          species: profile.id,
          price: Math.round(priceOf(profile) * shop.dear * (0.85 + 0.3 * chance()) * (pairs ? 2 : 1) * 2) / 2,
          stock: pairs
            ? 1 + Math.floor(chance() * 2)
            : shoal
              ? 8 + Math.floor(chance() * 30)
              : 1 + Math.floor(chance() * 5),
          lengthCm: profile.size.soldCm,
          soldAs: pairs ? 'pair' : 'single',
          days: daysBetween(EPOCH, today) - came * WEEK,
        },
      ];
    }),
  );
}
