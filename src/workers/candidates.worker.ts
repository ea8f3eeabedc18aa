import { expose } from 'comlink';
import { SHIPPED_SPECIES } from '@/catalogue';
import { type Candidate, candidatesFor } from '@/core/assess';
import {
  buildCatalogue,
  distinctSpecies,
  type KeeperSpecies,
  type PlanFile,
  withKeeperSpecies,
} from '@/core/model';

const shipped = buildCatalogue(SHIPPED_SPECIES);

const work = {
  /**
   * What a share of all species would bring to this plan: every `of`th species from `part` on, so that several workers share the
   * catalogue. Each tells the worst alone: the whole is asked for when a species is looked at. `today` is an ISO date.
   */
  joins: (
    plan: PlanFile,
    own: readonly KeeperSpecies[],
    today: string,
    part: number,
    of: number,
  ): readonly Candidate[] => {
    const catalogue = withKeeperSpecies(shipped, own);
    const mine = distinctSpecies(catalogue).filter((_, index) => index % of === part);
    return candidatesFor(plan, catalogue, today, mine, 'the worst');
  },
};
export type JoinsWork = typeof work;

expose(work);
