import { expose } from 'comlink';
import { type Candidate, candidatesFor, offeredGroup } from '@/core/assess';
import { distinctSpecies, type KeeperSpecies, type PlanFile } from '@/core/model';
import { ownCatalogue } from './ownCatalogue';
import { rehearsal } from './rehearsal';

/** Code is quick after so many times (by trial), species looked at in one part. */
const { after } = rehearsal(3);
const IN_A_PART = 60;

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
    const catalogue = ownCatalogue(own);
    const mine = distinctSpecies(catalogue).filter((_, index) => index % of === part);
    const found = candidatesFor(plan, catalogue, today, mine, 'the worst');
    // What is likely asked next: the same with the one that fits best.
    const best = catalogue.byId.get(found[0]?.species ?? '');
    if (best) {
      const next = { ...plan, groups: [...plan.groups, offeredGroup(best)] };
      after((at) => {
        candidatesFor(next, catalogue, today, mine.slice(at * IN_A_PART, (at + 1) * IN_A_PART), 'the worst');
        return (at + 1) * IN_A_PART < mine.length;
      });
    }
    return found;
  },
};
export type JoinsWork = typeof work;

expose(work);
