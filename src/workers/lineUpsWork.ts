import { tanksSold } from '@/catalogue/standardTanks';
import {
  candidatesOf,
  type Change,
  favouriteLineUps,
  type LeftOut,
  type LineUp,
  lineUps,
  type Mover,
  type NamedSize,
  smallestTank,
  whatItTakes,
  whoMoves,
  type WhoMoves,
  type WishesFile,
} from '@/core/lineups';
import type { UnitChoice } from '@/core/kernel';
import type { KeeperSpecies, PlanGroup } from '@/core/model';
import { ownCatalogue } from './ownCatalogue';

/** A line-up as it crosses to the screen, which judges it again itself: assessments hold more than can be sent. */
export interface Found {
  readonly value: number;
  readonly groups: readonly PlanGroup[];
  readonly favourites: readonly string[] | null;
  readonly leftOut: readonly LeftOut[];
}
export interface SearchAnswer {
  readonly best: readonly Found[];
  readonly proven: boolean;
  readonly bound: number;
  readonly searched: number;
  readonly refused: number;
  readonly tookMs: number;
}

/** The search gives up proving after so long, and says how far it came. */
const PATIENCE_MS = 20_000;

const bare = ({ value, groups }: Pick<LineUp, 'value' | 'groups'>) => ({ value, groups });

/** What the line-ups worker does; plain functions, so that a test can call them without a worker. */
export const work = {
  /** The best line-ups; `onBetter` is told of the best so far. */
  search: (
    file: WishesFile,
    own: readonly KeeperSpecies[],
    today: string,
    onBetter: (best: readonly { readonly value: number; readonly groups: readonly PlanGroup[] }[]) => void,
  ): SearchAnswer => {
    const started = performance.now();
    const answer = lineUps(file, ownCatalogue(own), today, {
      stop: () => performance.now() - started > PATIENCE_MS,
      onBetter,
      bySpecies: true,
    });
    return {
      best: answer.lineUps.map((one, index) => ({
        ...bare(one),
        favourites: null,
        leftOut: answer.leftOut(index),
      })),
      proven: answer.proven,
      bound: answer.bound,
      searched: answer.searched,
      refused: answer.refused,
      tookMs: performance.now() - started,
    };
  },
  /** The best line-up around each set of favourites. */
  favourites: (file: WishesFile, own: readonly KeeperSpecies[], today: string): readonly Found[] =>
    favouriteLineUps(file, ownCatalogue(own), today).map(({ value, groups, favourites, leftOut }) => ({
      value,
      groups,
      favourites,
      leftOut,
    })),
  /** What it would take to keep a wish beside a line-up, in tanks that are sold where the keeper measures in these units. */
  takes: (
    file: WishesFile,
    own: readonly KeeperSpecies[],
    today: string,
    groups: readonly PlanGroup[],
    wished: PlanGroup,
    units: UnitChoice,
  ): readonly Change[] => whatItTakes(file, ownCatalogue(own), today, groups, wished, tanksSold(units)),
  /** Those of these species that are no stop by themselves in the tank of the wishes. */
  fitting: (
    file: WishesFile,
    own: readonly KeeperSpecies[],
    today: string,
    species: readonly string[],
  ): readonly string[] => {
    const wishes = species.map((name) => ({ species: name }));
    const { candidates } = candidatesOf({ ...file, wishes }, ownCatalogue(own), today);
    return [...new Set(candidates.map((candidate) => candidate.profile.id))];
  },
  /** The smallest of the sizes for a share of the wishes; `onSize` is told of each that is tried. */
  smallest: (
    file: WishesFile,
    own: readonly KeeperSpecies[],
    today: string,
    sizes: readonly NamedSize[],
    share: number,
    onSize: (size: string) => void,
  ) => {
    const answer = smallestTank(file, ownCatalogue(own), today, sizes, share, ({ name }) => onSize(name));
    return { ...answer, lineUp: answer.lineUp && bare(answer.lineUp) };
  },
  /** Who of those that live somewhere can move to the tank of the wishes. */
  moves: (
    file: WishesFile,
    own: readonly KeeperSpecies[],
    today: string,
    movers: readonly Mover[],
  ): Omit<WhoMoves, 'lineUp'> & { readonly groups: readonly PlanGroup[] | null } => {
    const { lineUp, ...rest } = whoMoves(file, movers, ownCatalogue(own), today);
    return { ...rest, groups: lineUp?.groups ?? null };
  },
};
export type LineUpsWork = typeof work;
