import { tanksSold } from '@/catalogue/standardTanks';
import type { UnitChoice } from '@/core/kernel';
import { assess, type Trouble, type TriedFixes, triedFixesInSteps, troubleInSteps } from '@/core/assess';
import type { KeeperSpecies, PlanFile } from '@/core/model';
import { ownCatalogue } from './ownCatalogue';
import { NOT_WANTED, withPauses } from './withPauses';

/** A list as it crosses to the worker, and the keeper's units, by which tanks are sold. `today` is an ISO date. */
export interface ListAsked {
  readonly plan: PlanFile;
  readonly own: readonly KeeperSpecies[];
  readonly today: string;
  readonly units: UnitChoice;
}

const judged = ({ plan, own, today }: ListAsked) => {
  const catalogue = ownCatalogue(own);
  return { plan, catalogue, today, before: assess(plan, catalogue, today) };
};

/** Works on the newest question only: an older one is given up at its next pause and answered with null. */
function newestOnly() {
  let newest = 0;
  return async <T>(begin: () => Generator<undefined, T>): Promise<T | null> => {
    newest += 1;
    const mine = newest;
    try {
      return await withPauses(begin(), () => mine === newest);
    } catch (error) {
      if (error === NOT_WANTED) return null;
      throw error;
    }
  };
}

const ofFixes = newestOnly();
const ofTrouble = newestOnly();

/** What the worker of a stock list does; plain functions, so that a page without workers can call them too. */
export const listWork = {
  /** The fixes of a list, each tried; null when a newer list was asked about meanwhile. */
  fixes: (asked: ListAsked): Promise<TriedFixes | null> =>
    ofFixes(() => triedFixesInSteps({ ...judged(asked), sizes: tanksSold(asked.units) })),
  /** The main causes of its trouble, if these species may be left out; null when a newer list was asked about meanwhile. */
  trouble: (asked: ListAsked, removable: readonly string[]): Promise<Trouble | null> =>
    ofTrouble(() => troubleInSteps({ ...judged(asked), removable })),
};
export type ListWork = typeof listWork;
