import { expose } from 'comlink';
import { SHIPPED_SPECIES } from '@/catalogue';
import { joinEffects, type JoinEffect } from '@/core/assess/joinEffects';
import { buildCatalogue } from '@/core/model/catalogue';
import { withKeeperSpecies, type KeeperSpecies } from '@/core/model/keeperSpecies';
import type { PlanFile } from '@/core/model/plan';

const shipped = buildCatalogue(SHIPPED_SPECIES);

const work = {
  /** What every kind would bring to this plan, best company first. `today` is an ISO date. */
  joins: (plan: PlanFile, own: readonly KeeperSpecies[], today: string): readonly JoinEffect[] =>
    joinEffects(plan, withKeeperSpecies(shipped, own), today),
};
export type JoinsWork = typeof work;

expose(work);
