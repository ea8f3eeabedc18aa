import { SHIPPED_SPECIES } from '../src/catalogue';
import { buildProblem } from '../src/core/lineups/buildProblem';
import { lineUps } from '../src/core/lineups/lineUps';
import type { ReducedProblem } from '../src/core/lineups/problem';
import { solveProblem } from '../src/core/lineups/solve';
import type { WishesFile } from '../src/core/lineups/wishes';
import { buildCatalogue } from '../src/core/model/catalogue';
import type { Wish } from '../src/core/model/wish';
import { glpkSolver } from '../src/testing/lineups/glpkSolver';
import { highsSolver } from '../src/testing/lineups/highsSolver';
import type { Optimum } from '../src/testing/lineups/program';
import { randomProblem } from '../src/testing/lineups/randomProblem';
import { WISH_LISTS } from '../src/testing/lineups/wishLists';

const TODAY = '2026-11-23';
const RANDOM = 200;
const SEEDS = 9;
/** GLPK takes minutes on some random problems of sixty wishes. */
const GLPK_MOST = 40;

const middle = (numbers: readonly number[]): number =>
  [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)] as number;
const rounded = (value: number): number => Number(value.toPrecision(3));

async function timed(work: () => unknown): Promise<number> {
  const start = performance.now();
  await work();
  return performance.now() - start;
}

const same = (a: number | null, b: number | undefined): boolean =>
  a === null ? b === undefined : b !== undefined && Math.abs(a - b) < 1e-6;

/** How many of these problems have the same optimum by the search and by the other solvers. */
async function agreement(problems: readonly ReducedProblem[], solvers: readonly Optimum[]) {
  let agree = 0;
  for (const problem of problems) {
    const ours = solveProblem(problem, { best: 10 });
    const theirs = await Promise.all(solvers.map((solve) => solve(problem)));
    if (ours.proven && theirs.every((value) => same(value, ours.best[0]?.value))) agree += 1;
  }
  return `${agree} of ${problems.length}`;
}

/** Runs for so long unmeasured, at least once: none is charged for being compiled. */
const WARM_MS = 150;
async function warm(work: () => unknown): Promise<void> {
  const until = performance.now() + WARM_MS;
  do await work();
  while (performance.now() < until);
}

/** In turns, so that a moment in which the machine is slow falls on all alike. */
const TURNS = 7;
const OWN_A_TURN = 5;

/** Our best ten, proven, against one optimum of each general solver; the quicker of them over ours. */
async function against(problem: ReducedProblem, glpk: Optimum | null, highs: Optimum) {
  const own = (): unknown => solveProblem(problem, { best: 10 });
  const theirs = glpk ? [highs, glpk] : [highs];
  await warm(own);
  for (const solve of theirs) await warm(() => solve(problem));
  const took: number[] = [];
  const tookThem: number[][] = theirs.map(() => []);
  for (let turn = 0; turn < TURNS; turn += 1) {
    for (let i = 0; i < OWN_A_TURN; i += 1) took.push(await timed(own));
    for (const [i, solve] of theirs.entries()) tookThem[i]?.push(await timed(() => solve(problem)));
  }
  const ours = middle(took);
  const [highsMs = Infinity, glpkMs = Infinity] = tookThem.map(middle);
  return { ours, highsMs, glpkMs, ratio: Math.min(highsMs, glpkMs) / ours };
}

/** The line-ups: the same optimum as two general solvers, and how much sooner. */
export async function lineUpsBench() {
  const catalogue = buildCatalogue(SHIPPED_SPECIES);
  const [glpk, highs] = [await glpkSolver(), await highsSolver()];
  const lists = Object.entries(WISH_LISTS).map(([name, file]) => ({
    name,
    wishes: file.wishes.length,
    file,
    problem: buildProblem(file, catalogue, TODAY).problem,
  }));
  const small = Array.from({ length: RANDOM }, (_, i) => randomProblem(1000 + i, 6 + (i % 15)));

  /** The same wishes but for one that goes and one weight: what a keeper asks next. */
  const again = (file: WishesFile) => {
    const [, second, ...rest] = file.wishes;
    const next = { ...file, wishes: [{ ...(second as Wish), weight: 2 }, ...rest] };
    let first = 0;
    const start = performance.now();
    lineUps(next, catalogue, TODAY, {
      onBetter: () => {
        if (first === 0) first = performance.now() - start;
      },
    });
    return { wholeMs: Math.round(performance.now() - start), firstAnswerMs: Math.round(first) };
  };
  const realistic: Record<string, unknown> = {};
  for (const { name, file, problem } of lists) {
    const { ours, highsMs, glpkMs, ratio } = await against(problem, glpk, highs);
    let first = 0;
    const start = performance.now();
    lineUps(file, catalogue, TODAY, {
      onBetter: () => {
        if (first === 0) first = performance.now() - start;
      },
    });
    realistic[name] = {
      bestTenMs: rounded(ours),
      glpkMs: rounded(glpkMs),
      highsMs: rounded(highsMs),
      ratio: rounded(ratio),
      wholeMs: Math.round(performance.now() - start),
      firstAnswerMs: Math.round(first),
      again: again(file),
    };
  }
  const random: Record<string, unknown> = {};
  const ourMs: Record<number, number> = {};
  for (const wishes of [20, 40, 60]) {
    const runs = [];
    for (let seed = 1; seed <= SEEDS; seed += 1)
      runs.push(
        await against(randomProblem(seed * 100 + wishes, wishes), wishes <= GLPK_MOST ? glpk : null, highs),
      );
    ourMs[wishes] = middle(runs.map((run) => run.ours));
    random[`${wishes} wishes`] = {
      bestTenMs: rounded(ourMs[wishes]),
      quickerOfTheOthersMs: rounded(middle(runs.map((run) => Math.min(run.glpkMs, run.highsMs)))),
      medianRatio: rounded(middle(runs.map((run) => run.ratio))),
      leastRatio: rounded(Math.min(...runs.map((run) => run.ratio))),
    };
  }
  return {
    sameOptimum: {
      random: await agreement(small, [glpk, highs]),
      realistic: await agreement(
        lists.map((list) => list.problem),
        [glpk, highs],
      ),
    },
    realistic,
    random,
    growth20to60: rounded((ourMs[60] as number) / (ourMs[20] as number)),
    aim: 'best ten at least 5 times as quick as the quicker of the others to one, at 40 and 60 wishes',
  };
}
