import type { Change } from '../gate';
import type { DocumentId } from '../kernel';
import type { ShopItem } from '../model';
import { putChange } from './documentChanges';

export const SHOPS = 'shops' as DocumentId;

/** Shop stock out of a file takes the place of the made-up shops; null brings them back. */
export const takeShopStock = (items: readonly ShopItem[] | null, today: string): Change =>
  putChange('shops', SHOPS, items && { readOn: today, items: [...items] });
