import type { Change } from '../gate';
import type { TankId } from '../kernel';
import type { DocumentBodies, KeptWish } from '../records';
import { editOf, ofTank, type Documents } from './ofTank';

type Wishes = DocumentBodies['wishes'];

/** The wish list of a tank for which nothing was wished yet: pairs in doubt are left out. */
export const noWishes = (tank: TankId): Wishes => ({
  tank,
  wishes: [],
  calm: true,
  nitrateBudget: undefined,
  trouble: undefined,
});

/** How the wish list of a tank is looked at: calm, or within a budget. */
export const changeWishList = (
  documents: Documents,
  tank: TankId,
  how: Partial<Pick<Wishes, 'calm' | 'nitrateBudget' | 'trouble'>>,
): readonly Change[] =>
  editOf(documents, 'wishes', ofTank('wishes', tank), noWishes(tank), (list) => ({ ...list, ...how }));

/** The wishes of a tank made anew from what they are. */
export const changeWishes = (
  documents: Documents,
  tank: TankId,
  remake: (wishes: readonly KeptWish[]) => readonly KeptWish[],
): readonly Change[] =>
  editOf(documents, 'wishes', ofTank('wishes', tank), noWishes(tank), (list) => ({
    ...list,
    wishes: [...remake(list.wishes)],
  }));
