import { useSyncExternalStore } from 'react';
import type { SpeciesProfile } from '@/core/model';
import type { Wearer, Detail, Flat, Plate } from '@/core/plates';
import { BOOK } from '@/plates/book';

/** What of a profile a picture needs. */
export type Drawn = Pick<SpeciesProfile, 'id' | 'size' | 'look'>;

/** The words in which a picture of a species is asked for. */
export const pictureAsked = ({ id, size, look }: Drawn, wearer: Wearer | null, detail: Detail) => ({
  id,
  lines: look.dress ?? [],
  shape: look.silhouette,
  colours: look.colours,
  depthRatio: size.depthRatio,
  wearer,
  detail,
});

const none = (): null => null;

/** The picture of a species, or null until it is drawn. */
export const usePlate = (profile: Drawn, wearer: Wearer | null, detail: Detail): Plate | null =>
  useSyncExternalStore(BOOK.listen, () => BOOK.plate(pictureAsked(profile, wearer, detail)), none);

/** The flat shape of a species, or null until it is drawn. */
export const useFlat = (profile: Drawn, wearer: Wearer | null): Flat | null =>
  useSyncExternalStore(BOOK.listen, () => BOOK.flat(pictureAsked(profile, wearer, 'mark')), none);
